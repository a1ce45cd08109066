import { sharedEdges } from '../layout';
import type { CaseworkPlan } from '../casework';
import type { Bank, Edge, Front, WrittenBank, WrittenCase, WrittenJob } from '../job';
import { add, inches, millimetres, nm, ZERO, type Length } from '../length';

/** A tray's front edge stands so far behind the front, or behind a door that is set in; common practice. */
const SET_BEHIND = { in: inches(1, 8), mm: millimetres(3) } as const;

/** What follows from how a bank is written, before it is planned: its fronts, or the trays it is. */
export function completed(
  job: WrittenJob,
  owner: WrittenCase,
  bank: WrittenBank,
  casework?: CaseworkPlan,
): Pick<Bank, 'front' | 'drawers' | 'behindFront' | 'frameAt'> {
  const { front, drawers } = bank;
  const frameAt = frameOf(job, owner, bank, casework);
  const framed = frameAt ? { frameAt } : {};
  if (front.mount !== 'none') return { front: revealed(bank, casework), drawers, ...framed };
  const { box } = bank;
  const without: Front = {
    ...{ top: ZERO, bottom: ZERO, left: ZERO, right: ZERO, gap: ZERO },
    // Nothing is made of it: a tray's own front is of its box.
    material: box.ends,
    ...(front as Partial<Front>),
    mount: 'none',
  };
  return {
    ...framed,
    front: without,
    // One set by hand begins where it is told, as a line carried across does.
    drawers: drawers.map((drawer) =>
      drawer.y === undefined || drawer.line ? drawer : { ...drawer, line: { y: drawer.y } },
    ),
    behindFront: add(front.setBehind ?? SET_BEHIND[job.unit], insetDoor(job, owner, bank, casework)),
  };
}

/** What stands behind its frame, for wood that slides are fixed to. */
function frameOf(
  { materials }: WrittenJob,
  { build }: WrittenCase,
  { compartment }: WrittenBank,
  casework: CaseworkPlan | undefined,
): Bank['frameAt'] {
  const place = casework?.front.compartments.find(({ id }) => id === compartment);
  const panel = materials.find(({ id }) => id === build?.panel);
  const frame = materials.find(({ id }) => id === build?.frame?.material);
  if (!place || !panel || !frame) return undefined;
  return {
    ...{ floor: place.floor, ceiling: place.ceiling, opening: place.y, frame: frame.thickness },
    panel: { id: panel.id, thickness: panel.thickness },
  };
}

/** The door a bank stands behind: as it is told, else the one over its compartment. */
function doorOf(owner: WrittenCase, bank: WrittenBank, casework: CaseworkPlan | undefined) {
  if (bank.behind !== undefined) return owner.doors?.find(({ id }) => id === bank.behind);
  if (bank.front.mount !== 'none' || bank.compartment === undefined) return undefined;
  const place = casework?.front.compartments.find(({ id }) => id === bank.compartment);
  return owner.doors?.find(({ over }) => (place ? place.within.includes(over) : over === bank.compartment));
}

function insetDoor(job: WrittenJob, owner: WrittenCase, bank: WrittenBank, casework: CaseworkPlan | undefined): Length {
  const door = doorOf(owner, bank, casework);
  if (door?.mount !== 'inset') return ZERO;
  return job.materials.find(({ id }) => id === door.material)?.thickness ?? ZERO;
}

/** An edge told from the outer edge of what it laps: `lap = member − reveal`. Common practice. */
function revealed({ front, compartment }: WrittenBank, casework: CaseworkPlan | undefined): Front {
  const { reveals } = front;
  const place = casework?.front.compartments.find(({ id }) => id === compartment);
  if (!reveals || !casework || !place || front.mount !== 'overlay') return front;
  const { outline } = casework;
  const shared = sharedEdges(casework.front, place);
  const toEnd: Readonly<Record<Edge, number>> = {
    left: place.x + outline.overSides,
    right: outline.width.total + outline.overSides - place.x - place.width.total,
    top: outline.height - place.y - place.height.total,
    bottom: place.y - outline.base,
  };
  const laps = (Object.entries(reveals) as [Edge, Length][]).map(
    ([edge, reveal]) => [edge, nm((shared[edge]?.thick ?? toEnd[edge]) - reveal)] as const,
  );
  return { ...front, ...Object.fromEntries(laps) };
}
