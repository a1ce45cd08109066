import {
  BUILT_IN_HINGES,
  carriedBy,
  cupSetting,
  doorLap,
  reaches,
  type DoorPlan,
  type Hinge,
  type Leaf,
} from '../doors';
import { add, inches, millimetres, nm, ofField, plus, minus, subtract, tally, type Length } from '../length';
import { said } from '../words';
import { thinWall } from './frame-walls';
import { remedy, type Finding, type Remedy } from './finding';
import type { LookedAtCase } from './looked-at-case';

/** Common practice, every figure here. */
const WIDEST_SLAB = { in: inches(24), mm: millimetres(600) } as const;
const HIGHEST_WITHOUT_TONGUE = { in: inches(48), mm: millimetres(1200) } as const;
const BEHIND_CUP = millimetres(2.5);

/** What an experienced builder would say looking over the doors of a case. */
export function lookOverDoors(looked: LookedAtCase): readonly Finding[] {
  return looked.doors.flatMap((plan) => [
    ...impossible(plan),
    ...outOfReach(looked, plan),
    ...tooFew(plan),
    ...tooWide(looked, plan),
    ...tooThin(looked, plan),
    ...sags(looked, plan),
    ...wallThin(looked, plan),
    ...withoutStop(plan),
  ]);
}

const stop = ({ id }: DoorPlan) => ({ severity: 'stop', step: 'case', holds: 'door', door: id }) as const;
const warn = ({ id }: DoorPlan) => ({ severity: 'warn', step: 'case', door: id }) as const;

function impossible(plan: DoorPlan): readonly Finding[] {
  const gone = plan.members.find(({ length, width }) => length.total <= 0 || width.total <= 0);
  if (!gone) return [];
  const size = gone.length.total <= 0 ? gone.length : gone.width;
  const part = said(`part/${gone.role}`, { count: 1 });
  return [{ ...said('DOOR_IMPOSSIBLE', { door: plan.id, part, size: size.total }), ...stop(plan), because: size }];
}

/** A hinge no plate at hand of which gives a tab that can be bored, or that is not made for the overlay. */
function outOfReach(looked: LookedAtCase, plan: DoorPlan): readonly Finding[] {
  const { door, hinge, id } = plan;
  const missed = plan.leaves.filter(({ hinged, cup }) => !reaches(door, hinge, hinged, cup));
  const [first] = missed;
  if (!first) return [];
  const params = { door: id, hinge: hinge.called, overlay: doorLap(door, first.hinged), side: first.hinged };
  const remedies = [...otherHinges(plan), ...lapped(looked, plan, missed)];
  return [{ ...said('HINGE_REACH', params), ...stop(plan), remedies }];
}

/** Built-in hinges that reach on every hinged side, with the plates at hand. */
function otherHinges({ door, leaves, path }: DoorPlan): readonly Remedy[] {
  return BUILT_IN_HINGES.filter(({ kind }) => kind === 'cup').flatMap((hinge) => {
    const fits = leaves.every(({ hinged }) => reaches(door, hinge, hinged, cupSetting(door, hinge, hinged, path)));
    const patch = door.hinge
      ? { path: `${path}.hinge.family`, value: hinge.id }
      : { path: `${path}.hinge`, value: { family: hinge.id } };
    return fits ? [remedy('take-hinge', { hinge: hinge.called }, [patch])] : [];
  });
}

/** The overlay nearest the one wanted that this hinge can be set to, wherever it does not reach. */
function lapped({ exact }: LookedAtCase, { door, hinge, path }: DoorPlan, missed: readonly Leaf[]): readonly Remedy[] {
  const inset = door.mount === 'inset';
  const laps = missed.map(({ hinged, cup }) => {
    const lap = nearestReached(hinge, doorLap(door, hinged), cup?.plate);
    return { hinged, lap: inset ? nm(-lap) : lap };
  });
  const [first] = laps;
  // A gap can't be less than nothing; and one button says one lap.
  if (!first || laps.some(({ lap }) => lap !== first.lap || (inset && lap < 0))) return [];
  const side = laps.length > 1 ? 'both' : first.hinged;
  const patches = laps.map(({ hinged, lap }) => ({ path: `${path}.${hinged}`, value: exact(lap) }));
  return [remedy('lap-door-by', { lap: first.lap, side, inset }, patches)];
}

function nearestReached({ bore, base, least, most }: Hinge, wanted: Length, plate: Length | undefined): Length {
  const [from, to] =
    bore && base !== undefined && plate !== undefined
      ? [base + bore.tabLeast - plate, base + bore.tabMost - plate]
      : [least ?? wanted, most ?? wanted];
  return nm(Math.min(Math.max(wanted, from), to));
}

/** Fewer than its height and its weight want, or heavier than so many carry. */
function tooFew(plan: DoorPlan): readonly Finding[] {
  const { door, hinge, path, id, leaves } = plan;
  const few = leaves.find(
    ({ needed, weight_kg, carries_kg, hinges }) =>
      weight_kg > carries_kg || (hinges.length > 0 && hinges.length < needed),
  );
  if (!few) return [];
  const { needed, weight_kg: weight, carries_kg: carries, hinges, width } = few;
  const mends = carriedBy(needed, hinge, width.total) >= weight && door.hinge?.count !== undefined;
  const remedies = mends
    ? [remedy('so-many-hinges', { count: needed }, [{ path: `${path}.hinge.count`, value: needed }])]
    : [];
  return [
    { ...said('HINGES_TOO_FEW', { door: id, has: hinges.length, needed, weight, carries }), ...warn(plan), remedies },
  ];
}

function tooWide({ job: { unit } }: LookedAtCase, plan: DoorPlan): readonly Finding[] {
  const { door, path, id, leaves } = plan;
  const most = WIDEST_SLAB[unit];
  const wide = leaves.find(({ width }) => width.total > most);
  if (door.frame || !wide) return [];
  const pair =
    door.leaves === 2 || wide.width.total / 2 > most
      ? []
      : [remedy('door-in-two', {}, [{ path: `${path}.leaves`, value: 2 }])];
  return [
    {
      ...said('DOOR_TOO_WIDE', { door: id, over: subtract(wide.width.total, most), most }),
      ...warn(plan),
      because: wide.width,
      remedies: pair,
    },
  ];
}

/** Too little behind the cups. */
function tooThin({ job }: LookedAtCase, plan: DoorPlan): readonly Finding[] {
  const { hinge, thickness, door, id } = plan;
  if (!hinge.bore) return [];
  const needs = add(hinge.bore.depth, BEHIND_CUP);
  if (thickness >= needs) return [];
  const because = tally(
    plus(
      'thickness',
      thickness,
      ofField(`materials[${job.materials.findIndex((each) => each.id === door.material)}].thickness`),
    ),
    minus('wanted', needs),
  );
  const thicker = job.materials
    .filter((material) => material.thickness >= needs && material.thickness <= 2 * needs)
    .map((material) =>
      remedy('door-of', { material: material.name }, [{ path: `${plan.path}.material`, value: material.id }]),
    );
  return [
    {
      ...said('DOOR_THIN', { door: id, needs, short: subtract(needs, thickness) }),
      ...stop(plan),
      because,
      remedies: thicker,
    },
  ];
}

function sags({ job: { unit } }: LookedAtCase, plan: DoorPlan): readonly Finding[] {
  const { door, path, leaves, id } = plan;
  const high = leaves[0]?.height.total ?? nm(0);
  const most = HIGHEST_WITHOUT_TONGUE[unit];
  if (!door.frame || (door.frame.corner ?? 'stub') === 'stub' || high <= most) return [];
  const mends = remedy('tongue-corners', {}, [{ path: `${path}.frame.corner`, value: 'stub' }]);
  return [{ ...said('DOOR_SAGS', { door: id, most }), severity: 'note', step: 'case', door: id, remedies: [mends] }];
}

/** A wall beside the groove under a quarter of the frame. */
function wallThin({ job, exact }: LookedAtCase, plan: DoorPlan): readonly Finding[] {
  const { door, path, thickness: wood, id } = plan;
  const panel = job.materials.find((each) => each.id === door.frame?.panel)?.thickness;
  const found =
    door.frame && panel !== undefined
      ? thinWall({ frame: { ...door.frame, play: plan.play }, path: `${path}.frame`, wood, panel }, exact)
      : undefined;
  if (!found) return [];
  const { wall, least, width, patches } = found;
  const remedies = [remedy('groove-centred', { width }, patches)];
  return [{ ...said('FRAME_WALL_THIN', { door: id, wall, least }), ...warn(plan), remedies }];
}

/** One that is set in is pushed past its front plane where nothing stops it. */
function withoutStop(plan: DoorPlan): readonly Finding[] {
  const { door, path, id } = plan;
  if (door.mount !== 'inset' || door.stop) return [];
  const told = (what: 'rail' | 'bumper') => remedy('door-stop', { what }, [{ path: `${path}.stop`, value: what }]);
  return [{ ...said('NO_STOP', { door: id }), ...warn(plan), remedies: [told('bumper'), told('rail')] }];
}
