import { BUILT_IN_HINGES, carriedBy, cupSetting, doorLap, tongueOf, type DoorPlan, type Leaf } from '../doors';
import { frameWork } from '../fronts';
import { add, inches, millimetres, nm, ofField, plus, minus, share, subtract, tally, type Length } from '../length';
import { said } from '../words';
import { remedy, type Finding, type Remedy } from './finding';
import type { LookedAtCase } from './looked-at-case';

/** Common practice, every figure here. */
const WIDEST_SLAB = { in: inches(24), mm: millimetres(600) } as const;
const HIGHEST_WITHOUT_TONGUE = { in: inches(48), mm: millimetres(1200) } as const;
const BEHIND_CUP = millimetres(2.5);
/** Of a frame's thickness, beside its groove. */
const WALL_PART = 4;

/** What an experienced builder would say looking over the doors of a case. */
export function lookOverDoors(looked: LookedAtCase): readonly Finding[] {
  return looked.doors.flatMap((plan) => [
    ...impossible(plan),
    ...outOfReach(looked, plan),
    ...tooFew(plan),
    ...tooWide(looked, plan),
    ...tooThin(looked, plan),
    ...sags(looked, plan),
    ...thinWall(looked, plan),
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
  const { door, hinge, path, id } = plan;
  const missed = plan.leaves.find((leaf) => !reaches(plan, leaf));
  if (!missed) return [];
  const overlay = doorLap(door, missed.hinged);
  const params = { door: id, hinge: hinge.called, overlay, side: missed.hinged };
  return [
    {
      ...said('HINGE_REACH', params),
      ...stop(plan),
      remedies: [...otherHinges(plan, path), ...lapped(looked, plan, missed)],
    },
  ];
}

function reaches({ door, hinge }: Pick<DoorPlan, 'door' | 'hinge'>, { hinged, cup }: Leaf): boolean {
  const overlay = doorLap(door, hinged);
  const { least, most } = hinge;
  if ((least !== undefined && overlay < least) || (most !== undefined && overlay > most)) return false;
  return cup === undefined || cup.tab !== undefined;
}

/** Built-in hinges that reach on every hinged side, with the plates at hand. */
function otherHinges({ door, leaves }: DoorPlan, path: string): readonly Remedy[] {
  return BUILT_IN_HINGES.filter(({ kind }) => kind === 'cup').flatMap((hinge) => {
    const fits = leaves.every((leaf) => {
      const { cup: _cup, ...rest } = leaf;
      const cup = cupSetting(door, hinge, leaf.hinged, path);
      return reaches({ door, hinge }, { ...rest, ...(cup ? { cup } : {}) });
    });
    const value = door.hinge
      ? { path: `${path}.hinge.family`, value: hinge.id }
      : { path: `${path}.hinge`, value: { family: hinge.id } };
    return fits ? [remedy('take-hinge', { hinge: hinge.called }, [value])] : [];
  });
}

/** The overlay nearest the one wanted that this hinge can be set to. */
function lapped({ exact }: LookedAtCase, { door, hinge, path }: DoorPlan, { hinged, cup }: Leaf): readonly Remedy[] {
  const wanted = doorLap(door, hinged);
  const { bore, base, least, most } = hinge;
  const ends =
    bore && base !== undefined && cup
      ? ([add(base, bore.tabLeast, nm(-cup.plate)), add(base, bore.tabMost, nm(-cup.plate))] as const)
      : ([least ?? wanted, most ?? wanted] as const);
  const lap = nm(Math.min(Math.max(wanted, ends[0]), ends[1]));
  const value = door.mount === 'overlay' ? lap : nm(-lap);
  return lap === wanted
    ? []
    : [
        remedy('lap-door-by', { lap: value, side: hinged, inset: door.mount === 'inset' }, [
          { path: `${path}.${hinged}`, value: exact(value) },
        ]),
      ];
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
function tooThin({ job, path: owner }: LookedAtCase, plan: DoorPlan): readonly Finding[] {
  const { hinge, thickness, door, id } = plan;
  void owner;
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
function thinWall({ job, exact }: LookedAtCase, plan: DoorPlan): readonly Finding[] {
  const {
    door: { frame },
    path,
    thickness,
    id,
  } = plan;
  const panel = job.materials.find((each) => each.id === frame?.panel)?.thickness;
  if (!frame || panel === undefined) return [];
  const { wall } = frameWork({ ...frame, wood: thickness, panel, tongue: tongueOf(frame), path: `${path}.frame` });
  const least = share(thickness, WALL_PART);
  if (wall >= least) return [];
  return [
    {
      ...said('FRAME_WALL_THIN', { door: id, wall, least }),
      ...warn(plan),
      remedies: [
        remedy(
          'groove-centred',
          { width: share(thickness, 2) },
          centred(`${path}.frame`, frame, exact(share(thickness, 2)), thickness),
        ),
      ],
    },
  ];
}

function centred(path: string, frame: NonNullable<DoorPlan['door']['frame']>, half: string, thickness: Length) {
  const patches = [];
  if ((frame.grooveWidth ?? 0) > thickness / 2) patches.push({ path: `${path}.grooveWidth`, value: half });
  if (frame.grooveFrom !== undefined) patches.push({ path: `${path}.grooveFrom`, value: undefined });
  return patches;
}

/** One that is set in is pushed past its front plane where nothing stops it. */
function withoutStop(plan: DoorPlan): readonly Finding[] {
  const { door, path, id } = plan;
  if (door.mount !== 'inset' || door.stop) return [];
  const told = (what: 'rail' | 'bumper') => remedy('door-stop', { what }, [{ path: `${path}.stop`, value: what }]);
  return [{ ...said('NO_STOP', { door: id }), ...warn(plan), remedies: [told('bumper'), told('rail')] }];
}
