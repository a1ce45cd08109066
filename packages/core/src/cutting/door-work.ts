import type { PartCut } from '../box';
import { MEMBERS, type Body, type Member, type MemberCut, type MemberFace, type MemberRole } from '../casework';
import { tongueOf, type DoorPlan } from '../doors';
import { bandedEdges, frameGroove, frameTongue, frameWork, panelRabbet, type FrameWork } from '../fronts';
import type { Edge, Job } from '../job';
import { add, millimetres, minus, nm, ofField, plus, tally, ZERO, type Length } from '../length';
import type { CasePlan } from '../plan';
import { everyDoor } from '../pullouts';
import type { CutPart } from './cut-part';

/** Whether a part of a case is of one of its doors. */
export function isOfDoor(role: MemberRole): boolean {
  return MEMBERS[role].waits === 'door';
}

/** What stands is drawn from the back, where it is bored; what lies across from the front, its left end at the left. */
export function seenOfDoor(role: MemberRole): MemberFace {
  return role === 'door-rail' || role === 'door-middle-rail' ? 'front' : 'back';
}

/** What is worked into a piece of a door, by its place among all of its name. */
export function doorWork(
  job: Job,
  plan: CasePlan,
  { role, node }: Member,
  place: number,
): Pick<CutPart, 'cuts' | 'machining'> {
  const door = everyDoor(plan.doors, plan.things).find(({ id }) => id === node);
  const piece = door?.pieces.filter(({ member }) => member.role === role)[place];
  if (!door || !piece) return { machining: [] };
  const cuts = piece.cuts.map((cut) => sawnIn(cut, door));
  return { machining: framed(job, door, role), ...(cuts.length > 0 ? { cuts } : {}) };
}

/** A banded edge is sawn so much further in. */
function sawnIn(cut: MemberCut, { door, path }: DoorPlan): MemberCut {
  const off = (edge: Edge) =>
    door.band && bandedEdges(door.band, [edge]) > 0
      ? minus('edge-band', door.band.thickness, ofField(`${path}.band.thickness`))
      : undefined;
  return { ...cut, in: tally(...cut.in.terms, off('left')), along: tally(...cut.along.terms, off('bottom')) };
}

/** Grooves, tongues and the panel's rabbet of a framed door. */
function framed(
  { materials }: Job,
  { door, path, thickness, play }: DoorPlan,
  role: MemberRole,
): readonly PartCut<MemberRole>[] {
  const { frame } = door;
  const panel = materials.find(({ id }) => id === frame?.panel)?.thickness;
  if (!frame || panel === undefined) return [];
  const work = frameWork({ ...frame, play, wood: thickness, panel, tongue: tongueOf(frame), path: `${path}.frame` });
  const ends = frame.corner === 'mitre' && role === 'door-rail' ? [] : frameTongue(work);
  return (WORKED[role]?.(work, ends) ?? []).map((cut) => ({ role, ...cut }));
}

type Worked = Omit<PartCut, 'role'>;
const WORKED: Readonly<Partial<Record<MemberRole, (work: FrameWork, ends: readonly Worked[]) => readonly Worked[]>>> = {
  'door-stile': (work) => [frameGroove(work)],
  'door-rail': (work, ends) => [frameGroove(work), ...ends],
  'door-middle-stile': (work, ends) => [frameGroove(work, true), ...ends],
  'door-middle-rail': (work, ends) => [frameGroove(work, true), ...ends],
  'door-panel': panelRabbet,
};

/** Between the two screws of a plate, and across what is bored for one; common practice. */
const PLATE_SCREWS = millimetres(32);
const PLATE_BORE = millimetres(5);
const PLATE_DEPTH = millimetres(11);

/** The screws of the plates of all hinges on one wall of a case: above and below the middle of each. */
export function plateCuts({ doors }: CasePlan, body: Body): readonly MemberCut[] {
  if (!WALLS.has(body.role)) return [];
  return doors.flatMap(({ hinge, door, opening, leaves, thickness }): readonly MemberCut[] => {
    const { plate } = hinge;
    if (!plate) return [];
    return leaves.flatMap(({ hinged, y, hinges }): readonly MemberCut[] => {
      const face = opening[hinged];
      if ((hinged === 'left' ? body.x.to : body.x.from) !== face) return [];
      const inset = door.mount === 'inset' ? thickness : ZERO;
      return hinges.flatMap(({ total }) =>
        [-PLATE_SCREWS / 2, PLATE_SCREWS / 2].map((off) =>
          plateHole(hinged, nm(y + total + off - body.y.from), add(plate.back, inset)),
        ),
      );
    });
  });
}

const WALLS: ReadonlySet<MemberRole> = new Set<MemberRole>(['case-side-left', 'case-side-right', 'divider']);

function plateHole(hinged: 'left' | 'right', along: Length, back: Length): MemberCut {
  const across = tally(plus('across-bore', PLATE_BORE));
  return {
    ...{ kind: 'plate', face: hinged === 'left' ? 'right' : 'left', length: across, width: across },
    along: tally(plus('plate-above-end', along)),
    in: tally(plus('plate-from-front', back)),
    depth: tally(plus('bore', PLATE_DEPTH)),
  };
}
