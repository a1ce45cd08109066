import { said } from '../words';
import type { Length } from '../length';
import {
  length,
  list,
  named,
  needing,
  number,
  object,
  oneOf,
  optional,
  required,
  text,
  yesNo,
  type Fields,
  type Reader,
} from '../reading';
import type { BandOf, FrameOf, FrontOf, PullOf, RunOf } from './front-types';

type L = Length;

const id = named('id', text(40, 1));
const some = length('positive');
const any = length('zero');

export const run = object<RunOf<L>>({ kerf: required(any), trim: required(any), strip: optional(any) });

export const band = object<BandOf<L>>({
  thickness: required(some),
  edges: required(list(oneOf('top', 'bottom', 'left', 'right'), 1, 4)),
});

/** What every frame has, of a front or a door. */
export const frameFields: Fields<FrameOf<L>> = {
  stile: required(some),
  rail: optional(some),
  groove: required(some),
  grooveWidth: optional(some),
  grooveFrom: optional(any),
  play: required(any),
  panel: required(id),
};

const pullFields = object<PullOf<L>>({
  name: optional(text(200, 1)),
  school: required(oneOf('centre', 'from-top', 'third-when-low')),
  fromTop: optional(some),
  lowUnder: optional(some),
  centres: optional(some),
  height: optional(some),
  purchase: required(any),
  twoOver: optional(some),
  count: optional(oneOf(1, 2)),
  kind: optional(oneOf('bought', 'made', 'grip', 'none')),
  projection: optional(any),
  made: optional(
    object<NonNullable<PullOf<L>['made']>>({
      material: required(id),
      length: required(some),
      height: required(some),
      angle: optional(number(1, 60)),
    }),
  ),
  grip: optional(
    object<NonNullable<PullOf<L>['grip']>>({
      width: required(some),
      height: required(some),
      radius: optional(any),
      fromTop: optional(any),
    }),
  ),
});

/** The school decides which of its figures must be there. */
const pull = needing(pullFields, 'school', { 'from-top': ['fromTop'], 'third-when-low': ['lowUnder'] }, (school) =>
  said('by-school', { school }),
);

const signed = length('signed');
const reveals = object<NonNullable<FrontOf<L>['reveals']>>({
  top: optional(any),
  bottom: optional(any),
  left: optional(any),
  right: optional(any),
});
/** Where there are no fronts there is nothing of them to tell: `completed` fills in what is reckoned with. */
const told = <T>(of: Reader<T>) => optional(of) as unknown as ReturnType<typeof required<T>>;
const frontFields = object<FrontOf<L>>({
  mount: required(oneOf('overlay', 'inset', 'none')),
  dip: optional(any),
  over: optional(any),
  setBehind: optional(any),
  asBox: optional(yesNo),
  reveals: optional(reveals),
  top: told(signed),
  bottom: told(signed),
  left: told(signed),
  right: told(signed),
  gap: told(any),
  material: told(id),
  grain: optional(oneOf('across', 'up')),
  band: optional(band),
  frame: optional(object<FrameOf<L>>(frameFields)),
  run: optional(run),
  pull: optional(pull),
  brackets: optional(
    object<NonNullable<FrontOf<L>['brackets']>>({ up: required(list(some, 1, 20)), in: optional(any) }),
  ),
});
const OF_FRONTS = ['top', 'bottom', 'left', 'right', 'gap', 'material'] as const;
export const front = needing(frontFields, 'mount', { overlay: OF_FRONTS, inset: OF_FRONTS }, (mount) =>
  said('by-mount', { mount }),
);
