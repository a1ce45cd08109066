import type { Length } from '../length';
import { length, list, named, number, object, oneOf, optional, required, text } from '../reading';
import type { BottomFit, LengthListOf, OwnSlideOf, SlideAdjustOf, SlideCutsOf, SlideScrewsOf } from './own-slide';

type L = Length;

const name = named('name', text(200, 1));
const id = named('id', text(40, 1));
const some = length('positive');
const any = length('zero');

export const bottomFit = oneOf('captured', 'slid-in', 'applied', 'rabbeted');

const lengthList = object<LengthListOf<L>>({
  list: optional(list(some, 1, 100)),
  boxShorter: optional(any),
  rear: optional(any),
});

const screws = object<SlideScrewsOf<L>>({
  firstHole: required(any),
  pitch: required(some),
  box: required(some),
  shortOfSide: required(any),
});

const cuts = object<SlideCutsOf<L>>({
  notch: optional(object<{ width: L; height: L }>({ width: required(some), height: required(some) })),
  hook: optional(
    object<NonNullable<SlideCutsOf<L>['hook']>>({
      diameter: required(some),
      depth: required(some),
      fromSide: required(any),
      aboveUnderside: required(any),
    }),
  ),
  batten: optional(object<{ thickness: L; over: L }>({ thickness: required(some), over: required(any) })),
  bearing: optional(some),
});

const adjust = object<SlideAdjustOf<L>>({
  height: optional(any),
  sideways: optional(any),
  depth: optional(any),
  tilt: optional(any),
});

/** A row of the shop's own: every figure it may hold. */
export const ownSlide = object<OwnSlideOf<L>>({
  id: required(id),
  like: required(id),
  name: optional(name),
  basis: optional(oneOf('outside', 'inside')),
  side: optional(any),
  insideDeduction: optional(any),
  narrowBy: optional(any),
  parallel: optional(any),
  square: optional(any),
  maxSide: optional(some),
  top: optional(any),
  bottom: optional(any),
  recess: optional(any),
  profile: optional(some),
  setback: optional(any),
  lengths: optional(
    object<{ in?: LengthListOf<L>; mm?: LengthListOf<L> }>({ in: optional(lengthList), mm: optional(lengthList) }),
  ),
  extension: optional(number(0.1, 2)),
  overTravel: optional(any),
  load_kg: optional(number(0, 10_000)),
  minBox: optional(any),
  minBottom: optional(any),
  maxWidth: optional(some),
  bottoms: optional(list<BottomFit>(bottomFit, 1, 4)),
  screws: optional(screws),
  cuts: optional(cuts),
  adjust: optional(adjust),
  price: optional(number(0, 1_000_000)),
});
