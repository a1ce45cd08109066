import type { CaseworkPlan } from '../casework';
import type { DoorPlan, Leaf as DoorLeaf } from '../doors';
import { lap } from '../fronts';
import type { Case, Job, Material } from '../job';
import { inches, largest, millimetres, ZERO, type Length, type Unit } from '../length';
import { doorBefore, leafBefore, standsIn, type Lid, type Thing, type Tray } from '../pullouts';
import {
  frameOf,
  rectangle,
  type Convex,
  type Frame,
  type Heights,
  type Leaf,
  type Mover,
  type Slider,
  type Solid,
} from '../travel';
import { traysOf } from './trays-of';
import type { BankPlan, CasePlan, DrawerPlan } from './types';

/** A tray that stands behind a door: what its leaves leave of its way. */
export interface Behind {
  readonly mover: Slider;
  /** Its case. */
  readonly owner: string;
  readonly door: DoorPlan;
  readonly edges: Tray['edges'];
}

/** What of a case stands still or closed, in the order of the file, and what of it moves. */
export interface CaseMoves {
  readonly solids: readonly Solid[];
  readonly movers: readonly Mover[];
  readonly behind: readonly Behind[];
}

const NOTHING: CaseMoves = { solids: [], movers: [], behind: [] };

/** A case in its room, or alone where it has no place in one; nothing where it is not told how it is made. */
export function movesOf(job: Pick<Job, 'unit' | 'materials'>, owner: Case, plan: CasePlan): CaseMoves {
  const { casework } = plan;
  if (!casework) return NOTHING;
  const placed: Placed = { job, owner, plan, frame: frameOfCase(owner, casework), floor: owner.at?.y ?? ZERO };
  const parts = [caseSolids(placed), ...plan.banks.map((bank) => bankMoves(placed, bank))];
  const doors = plan.doors.map((door) => doorMoves(placed, door));
  const things = plan.things.map((thing) => thingMoves(placed, thing));
  const all = [...parts, ...doors, ...things];
  return {
    solids: all.flatMap(({ solids }) => solids),
    movers: all.flatMap(({ movers }) => movers),
    behind: all.flatMap(({ behind }) => behind),
  };
}

/** The axes of a case's front where it stands in its room; of one without a place, alone. */
export function frameOfCase({ at }: Pick<Case, 'at'>, { outline }: Pick<CaseworkPlan, 'outline'>): Frame {
  const { x = ZERO, z = ZERO, turn = 0 } = at ?? {};
  return frameOf(x, z, outline.width.total, outline.depth, turn);
}

interface Placed {
  readonly job: Pick<Job, 'unit' | 'materials'>;
  readonly owner: Case;
  readonly plan: CasePlan;
  readonly frame: Frame;
  /** Its floor over the room's. */
  readonly floor: Length;
}

/** The whole box with what its frame passes its sides by, and the worktop, which stands in the way of its own fronts too. */
function caseSolids({ job, owner, plan, frame, floor }: Placed): CaseMoves {
  const { casework } = plan;
  if (!casework) return NOTHING;
  const { outline } = casework;
  const [width, depth, over] = [outline.width.total, outline.depth, outline.overSides];
  const top = floor + outline.height;
  const box: Solid = {
    name: plan.id,
    shape: rectangle(frame, -over, width + over, -depth, 0),
    heights: { from: floor, to: top },
  };
  const { worktop } = owner.build ?? {};
  if (!worktop) return { ...NOTHING, solids: [box] };
  const past = { front: ZERO, back: ZERO, left: ZERO, right: ZERO, ...worktop.over };
  const thick = largest([thicknessOf(job.materials, worktop.material), worktop.trim?.width ?? ZERO]);
  const slab: Solid = {
    name: `${plan.id}/worktop`,
    shape: rectangle(frame, -past.left, width + past.right, -depth - past.back, past.front),
    heights: { from: top, to: top + thick },
  };
  return { ...NOTHING, solids: [box, slab] };
}

function thicknessOf(materials: readonly Material[], id: string): Length {
  return materials.find((material) => material.id === id)?.thickness ?? ZERO;
}

/** Drawers with their fronts before the case, or trays that hinder nothing while they are in. */
function bankMoves(placed: Placed, bank: BankPlan): CaseMoves {
  const { plan } = placed;
  const opening = plan.casework?.openings.find(({ compartment: { id } }) => id === bank.bank.compartment)?.compartment;
  if (!opening) return NOTHING;
  const door = plan.casework && doorBefore(plan.doors, plan.casework, bank.bank);
  if (door || bank.bank.front.mount === 'none') return trayMoves(placed, bank, opening, door);
  const made = bank.drawers.map((drawer) => drawerMoves(placed, bank, drawer, opening));
  return {
    ...NOTHING,
    solids: made.flatMap(({ solids }) => solids),
    movers: made.flatMap(({ movers }) => movers),
  };
}

interface Place {
  readonly x: Length;
  readonly y: Length;
}

function drawerMoves(placed: Placed, bank: BankPlan, drawer: DrawerPlan, place: Place): CaseMoves {
  const { plan, frame, floor } = placed;
  const { front } = bank.bank;
  const of = drawer.dimensions;
  const [width, low, high, full] = [of['front.width'], of['front.bottomY'], of['front.height'], of['slide.travel']];
  if (!width || !low || !high) return NOTHING;
  const name = `${plan.id}/${bank.id}/${drawer.id}`;
  const from = place.x - lap(front, 'left');
  const heights = heightsAt(floor + place.y + low.total, high.total);
  const [face, back] = front.mount === 'inset' ? [0, -drawer.frontThickness] : [drawer.frontThickness, 0];
  const pull = pullOut(placed.job.materials, front.pull);
  const to = from + width.total;
  const pulls = pullOn(name, rectangle(frame, from, to, face, face + pull), heights);
  const own = new Set([plan.id, name, pulls.name]);
  const mover: Slider = {
    ...{ kind: 'slider', name, frame, heights, own },
    ...{ from, to, closed: face + pull, pull, full: full?.total ?? 0 },
  };
  return {
    ...NOTHING,
    solids: [{ name, shape: rectangle(frame, from, to, back, face), heights }, ...(pull > 0 ? [pulls] : [])],
    movers: full ? [mover] : [],
  };
}

const heightsAt = (from: number, high: number): Heights => ({ from, to: from + high });

/** How far a drawer's pull stands out: as told, else of one that is made its thickness; a grip not at all. */
function pullOut(materials: readonly Material[], pull: BankPlan['bank']['front']['pull']): Length {
  if (!pull || pull.kind === 'none' || pull.kind === 'grip') return ZERO;
  return pull.projection ?? (pull.made ? thicknessOf(materials, pull.made.material) : ZERO);
}

function trayMoves(
  placed: Placed,
  bank: BankPlan,
  place: Place & { readonly width: { readonly total: Length } },
  door: DoorPlan | undefined,
): CaseMoves {
  const { plan, frame, floor } = placed;
  const trays = traysOf([bank])[0]?.trays ?? [];
  const leaves = (door?.leaves ?? []).map(({ hinged }) => leafName(plan.id, door, hinged));
  const movers = trays.flatMap((tray, index) => {
    const drawer = bank.drawers[index];
    const at = drawer?.dimensions['slide.setback'];
    if (!drawer || !tray.box || !at) return [];
    const mover: Slider = {
      ...{ kind: 'slider', name: `${plan.id}/${bank.id}/${drawer.id}`, frame },
      heights: heightsAt(floor + place.y + tray.box.from, tray.box.to - tray.box.from),
      own: new Set([plan.id, ...leaves, ...leaves.map((leaf) => `${leaf}/pull`)]),
      ...{ from: place.x + tray.edges.left, to: place.x + place.width.total - tray.edges.right },
      ...{ closed: -at.total, pull: 0, full: tray.travel },
    };
    return [{ mover, edges: tray.edges }];
  });
  return {
    ...NOTHING,
    movers: movers.map(({ mover }) => mover),
    behind: door ? movers.map((each) => ({ ...each, owner: plan.id, door })) : [],
  };
}

/** A work board comes straight out of its slot; a tilt-out's door falls out from its lower edge, as far as its angle takes it. */
function thingMoves(placed: Placed, thing: Thing): CaseMoves {
  const { plan, frame, floor } = placed;
  const name = `${plan.id}/${thing.id}`;
  const own = new Set([plan.id, name]);
  if (thing.kind === 'board') {
    const [body] = thing.bodies;
    if (!body) return NOTHING;
    const heights = heightsAt(floor + body.y.from, thing.thickness);
    // Its edging with it.
    const panels = thing.bodies.filter(({ role }) => role !== 'board-guide');
    const [from, to] = [Math.min(...panels.map(({ x }) => x.from)), Math.max(...panels.map(({ x }) => x.to))];
    const ends = { from, to, closed: 0, pull: 0, full: thing.out };
    return { ...NOTHING, movers: [{ kind: 'slider', name, frame, heights, own, ...ends }] };
  }
  if (thing.kind === 'lid') return lidMoves(placed, thing);
  const { door } = thing;
  const [leaf] = door.leaves;
  if (!leaf) return NOTHING;
  const heights = heightsAt(floor + leaf.y, leaf.height.total);
  const [from, to, inset] = [leaf.x, leaf.x + leaf.width.total, door.door.mount === 'inset'];
  const [back, face] = inset ? [-door.thickness, 0] : [0, door.thickness];
  const pull = door.door.pull?.projection ?? 0;
  const turn = (thing.angle * Math.PI) / 180;
  // Its upper outer corner: as far out as the leaf is high, by the sine.
  const full = Math.round(leaf.height.total * Math.sin(turn) + face * (Math.cos(turn) - 1));
  const pulls = pullOn(name, rectangle(frame, from, to, face, face + pull), heights);
  own.add(pulls.name);
  const ways = { from, to, closed: face + pull, pull, full: Math.max(0, full) };
  return {
    ...NOTHING,
    solids: [{ name, shape: rectangle(frame, from, to, back, face), heights }, ...(pull > 0 ? [pulls] : [])],
    movers: [{ kind: 'slider', name, frame, heights, own, ...ways }],
  };
}

/** Shut it lies over its case; how it turns is reckoned from its side. */
function lidMoves({ plan, frame, floor }: Placed, { id, bodies }: Lid): CaseMoves {
  const solids = bodies.map(({ x, y, z }): Solid => ({
    name: `${plan.id}/${id}`,
    shape: rectangle(frame, x.from, x.to, -z.to, -z.from),
    heights: { from: floor + y.from, to: floor + y.to },
  }));
  return { ...NOTHING, solids };
}

export const leafName = (owner: string, door: Pick<DoorPlan, 'id'> | undefined, hinged: string): string =>
  `${owner}/${door?.id ?? ''}/${hinged}`;

/** Common practice: a pull so wide where nobody told. */
const PULL_WIDE: Readonly<Record<Unit, Length>> = { in: inches(1, 2), mm: millimetres(12) };
/** A leaf that nobody told the hinge of opens so far. */
const UNTOLD = 110;

function doorMoves({ job, plan, frame, floor }: Placed, door: DoorPlan): CaseMoves {
  const inset = door.door.mount === 'inset';
  const made = door.leaves.map((leaf): { readonly solids: readonly Solid[]; readonly mover: Leaf } => {
    const name = leafName(plan.id, door, leaf.hinged);
    const heights = heightsAt(floor + leaf.y, leaf.height.total);
    const [from, to] = [leaf.x, leaf.x + leaf.width.total];
    const face = inset ? 0 : door.thickness;
    const pull = leafPull(door, leaf, job.unit);
    const pulls = pull && pullSolid({ frame, leaf, face, pull, name, heights });
    const closed = { name, shape: rectangle(frame, from, to, face - door.thickness, face), heights };
    return {
      solids: [closed, ...(pulls ? [pulls] : [])],
      mover: {
        ...{ kind: 'leaf', name, frame, heights, own: new Set([plan.id, name, `${name}/pull`]) },
        ...{ hinged: leaf.hinged, width: leaf.width.total, thickness: door.thickness },
        edge: { across: leaf.hinged === 'left' ? from : to, before: face },
        ...(pull ? { pull } : {}),
        full: opensTo(door),
      },
    };
  });
  return { ...NOTHING, solids: made.flatMap(({ solids }) => solids), movers: made.map(({ mover }) => mover) };
}

/** The lesser of its hinge's row and its own, in degrees. */
function opensTo({ door, hinge }: DoorPlan): number {
  return Math.min(door.hinge ? hinge.opens : UNTOLD, door.opens ?? Infinity);
}

function leafPull({ door }: DoorPlan, { hinged, width, pull }: DoorLeaf, unit: Unit): Leaf['pull'] {
  const { projection = ZERO, width: wide = PULL_WIDE[unit] } = door.pull ?? {};
  if (projection === 0 || !pull) return undefined;
  const middle = hinged === 'left' ? pull.x.total : width.total - pull.x.total;
  return { from: middle - wide / 2, to: middle + wide / 2, out: projection };
}

const pullOn = (name: string, shape: Convex, heights: Heights): Solid => ({
  ...{ name: `${name}/pull`, shape, heights, pullOf: name },
});

interface OnLeaf {
  readonly frame: Frame;
  readonly leaf: DoorLeaf;
  readonly face: number;
  readonly pull: NonNullable<Leaf['pull']>;
  readonly name: string;
  readonly heights: Heights;
}

function pullSolid({ frame, leaf, face, pull, name, heights }: OnLeaf): Solid {
  const end = leaf.x + leaf.width.total;
  const [from, to] = leaf.hinged === 'left' ? [leaf.x + pull.from, leaf.x + pull.to] : [end - pull.to, end - pull.from];
  return pullOn(name, rectangle(frame, from, to, face, face + pull.out), heights);
}

/** How far a leaf, open so far, stands before its opening: as it was measured, else never less than its hinge does. */
export function leafInWay(door: DoorPlan, leaf: DoorLeaf, degrees: number): Length {
  return leaf.asHung?.leaf?.length ?? largest([leafBefore(door, leaf, degrees), standsIn(leaf)]);
}
