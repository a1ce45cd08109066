import type { Length } from '../length';
import { length, list, named, number, object, oneOf, optional, required, text, yesNo, type Reader } from '../reading';
import type {
  CaseGates,
  CasingOf,
  CutOutOf,
  KeepOutOf,
  LidOf,
  MeasuredPlaceOf,
  OwnHingeOf,
  RoomOf,
  RoomThingOf,
  RoomWallOf,
  StandsAtOf,
  TiltOutOf,
  UprightsOf,
  WorkBoardOf,
} from './case-things';
import { doorFields } from './shape-case';
import { deed } from './shape-cutting';

type L = Length;

const id = named('id', text(40, 1));
const some = length('positive');
const any = length('zero');
const signed = length('signed');
const turn = oneOf(0, 90, 180, 270);

const { id: _id, over: _over, ...ofDoor } = doorFields;
const ofTiltOut = Object.fromEntries(
  Object.entries(ofDoor).map(([name, field]) => [name, optional(field.reader as Reader<never>)]),
) as never;

export const tiltOut = object<TiltOutOf<L>>({
  id: required(id),
  compartment: required(id),
  bin: required(object<TiltOutOf<L>['bin']>({ width: required(some), depth: required(some), height: required(some) })),
  back: optional(any),
  up: optional(any),
  angle: optional(number(1, 90)),
  door: optional(object<NonNullable<TiltOutOf<L>['door']>>(ofTiltOut)),
});

export const workBoard = object<WorkBoardOf<L>>({
  id: required(id),
  compartment: required(id),
  material: required(id),
  length: required(some),
  load_kg: optional(number(0, 1000)),
  edging: optional(
    object<NonNullable<WorkBoardOf<L>['edging']>>({
      material: required(id),
      width: required(some),
      edges: required(list(oneOf('front', 'left', 'right', 'back'), 1, 4)),
      corner: optional(oneOf('butt', 'mitre')),
    }),
  ),
});

export const lid = object<LidOf<L>>({
  id: required(id),
  material: required(id),
  front: optional(any),
  left: optional(any),
  right: optional(any),
  strip: optional(some),
  opens: optional(number(1, 180)),
  stay: optional(yesNo),
});

const readings = optional(list(some, 1, 100));
export const measuredPlace = object<MeasuredPlaceOf<L>>({
  compartment: required(id),
  width: readings,
  height: readings,
  depth: readings,
});

export const keepOut = object<KeepOutOf<L>>({
  compartment: required(id),
  name: required(text(200, 1)),
  x: required(any),
  y: required(any),
  z: required(any),
  width: required(some),
  height: required(some),
  depth: required(some),
  room: optional(any),
});

export const cutOut = object<CutOutOf<L>>({
  member: required(text(200, 1)),
  x: required(any),
  y: required(any),
  width: required(some),
  height: required(some),
  radius: optional(any),
});

export const uprights = object<UprightsOf<L>>({
  compartment: required(id),
  count: required(number(1, 60, 'whole')),
  material: required(id),
  groove: required(any),
});

export const caseGates = object<CaseGates>({
  survey: optional(deed),
  glued: optional(deed),
  standing: optional(deed),
  level: optional(deed),
  hinges: optional(deed),
});

export const standsAt = object<StandsAtOf<L>>({
  x: required(signed),
  y: optional(signed),
  z: required(signed),
  turn: optional(turn),
  fillerLeft: optional(some),
  fillerRight: optional(some),
  post: optional(oneOf('left', 'right')),
});

export const ownHinge = object<OwnHingeOf<L>>({
  id: required(id),
  like: required(id),
  name: optional(text(200, 1)),
  kind: optional(oneOf('cup', 'butt', 'piano', 'knife')),
  opens: optional(number(1, 270)),
  overlay: optional(
    object<NonNullable<OwnHingeOf<L>['overlay']>>({
      base: optional(signed),
      least: optional(signed),
      most: optional(signed),
    }),
  ),
  bore: optional(
    object<NonNullable<OwnHingeOf<L>['bore']>>({
      diameter: optional(some),
      depth: optional(some),
      tabLeast: optional(any),
      tabMost: optional(any),
    }),
  ),
  plate: optional(object<NonNullable<OwnHingeOf<L>['plate']>>({ height: optional(any), back: optional(any) })),
  protrusion: optional(any),
  zone: optional(any),
  load_kg: optional(number(0, 1000)),
  adjust: optional(any),
});

const point = list(signed, 2, 2);
const wall = object<RoomWallOf<L>>({
  id: required(id),
  from: required(point),
  to: required(point),
  casings: optional(
    list(
      object<CasingOf<L>>({
        at: required(any),
        width: required(some),
        out: required(some),
        y: optional(any),
        height: optional(some),
      }),
      0,
      100,
    ),
  ),
});
const thing = object<RoomThingOf<L>>({
  id: required(id),
  x: required(signed),
  z: required(signed),
  width: required(some),
  depth: required(some),
  y: optional(any),
  height: required(some),
  turn: optional(turn),
  handle: optional(any),
  opens: optional(any),
});

export const room = object<RoomOf<L>>({
  height: required(some),
  walls: optional(list(wall, 0, 100)),
  things: optional(list(thing, 0, 200)),
});
