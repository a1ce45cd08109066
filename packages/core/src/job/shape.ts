import type { Length } from '../length';
import { join, length, list, number, object, oneOf, optional, required, text, yesNo, type Reader } from './readers';
import type {
  BankOf,
  BottomFit,
  BoxOf,
  CaseOf,
  ContentOf,
  CornerOf,
  DivisionOf,
  DrawerOf,
  FrontOf,
  JobOf,
  LengthListOf,
  MaterialOf,
  MountingOf,
  OpeningOf,
  OwnSlideOf,
  PartOf,
  RiseOf,
  SlideChoiceOf,
} from './types';

type L = Length;

const name = text(200, 1);
const id = text(40, 1);
const some = length('positive');
const any = length('zero');
const money = number(0, 1_000_000);
const readings = list(some, 1, 100);

const material = object<MaterialOf<L>>({
  id: required(id),
  name: required(name),
  kind: required(oneOf('plywood', 'mdf', 'particleboard', 'hardboard', 'solid')),
  thickness: required(some),
  sheet: optional(object<{ length: L; width: L }>({ length: required(some), width: required(some) })),
  grain: optional(yesNo),
  price: optional(money),
  species: optional(name),
  cut: optional(oneOf('flat-sawn', 'quarter-sawn')),
});

const bottomFit = oneOf('captured', 'slid-in', 'applied', 'rabbeted');

const lengthList = object<LengthListOf<L>>({
  list: optional(list(some, 1, 100)),
  boxShorter: optional(any),
  rear: optional(any),
});

const ownSlide = object<OwnSlideOf<L>>({
  id: required(id),
  like: required(id),
  name: optional(name),
  basis: optional(oneOf('outside', 'inside')),
  side: optional(any),
  insideDeduction: optional(any),
  narrowBy: optional(any),
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
  load_kg: optional(number(0, 10_000)),
  minBox: optional(any),
  maxWidth: optional(some),
  bottoms: optional(list<BottomFit>(bottomFit, 1, 4)),
  price: optional(money),
});

const opening = object<OpeningOf<L>>({
  width: required(readings),
  height: required(readings),
  depth: required(readings),
  diagonals: optional(list(some, 2, 2)),
});

const slideFields = {
  family: id,
  length: some,
  lengths: oneOf('in', 'mm'),
};
const slide = object<SlideChoiceOf<L>>({
  family: required(slideFields.family),
  length: optional(slideFields.length),
  lengths: optional(slideFields.lengths),
});

const front = object<FrontOf<L>>({
  mount: required(oneOf('overlay', 'inset')),
  top: required(any),
  bottom: required(any),
  left: required(any),
  right: required(any),
  gap: required(any),
  material: required(id),
});

const byDrawer = object<{ drawer: string }>({ drawer: required(id) });
const makeup: Reader<'bottom' | 'top' | { drawer: string }> = (value, path, report) =>
  typeof value === 'object' && value !== null
    ? byDrawer(value, path, report)
    : oneOf('bottom', 'top')(value, path, report);

const divisionFields = object<DivisionOf<L>>({
  scheme: required(oneOf('equal', 'step', 'ratio', 'manual')),
  step: optional(any),
  ratio: optional(number(0.2, 5)),
  increment: optional(some),
  makeup: optional(makeup),
});

/** The scheme decides which of its figures must be there. */
const division: Reader<DivisionOf<L>> = (value, path, report) => {
  const read = divisionFields(value, path, report);
  if (!read) return undefined;
  const wanted = {
    equal: ['increment'],
    step: ['step', 'increment'],
    ratio: ['ratio', 'increment'],
    manual: [],
  } as const;
  const missing = wanted[read.scheme].filter((field) => read[field] === undefined);
  for (const field of missing) report.add(join(path, field), `this field is missing: scheme "${read.scheme}" needs it`);
  return missing.length === 0 ? read : undefined;
};

const joint = oneOf(
  'butt-sides-run',
  'butt-ends-run',
  'pocket-screw',
  'rabbet',
  'tongue-dado',
  'half-blind',
  'through',
);
const cornerFields = { joint, depth: some };
const backCorner = object<CornerOf<L>>({ joint: required(joint), depth: optional(some) });
const groove = object<{ depth: L; offset: L }>({ depth: required(some), offset: required(any) });

const box = object<BoxOf<L>>({
  sides: required(id),
  ends: required(id),
  back: optional(id),
  bottom: required(id),
  corner: required(
    object<BoxOf<L>['corner']>({
      joint: required(cornerFields.joint),
      depth: optional(cornerFields.depth),
      back: optional(backCorner),
    }),
  ),
  bottomFit: required(bottomFit),
  groove: optional(groove),
  play: optional(any),
  ease: optional(any),
  heightStep: optional(some),
});

const boxOverride = object<PartOf<BoxOf<L>>>({
  sides: optional(id),
  ends: optional(id),
  back: optional(id),
  bottom: optional(id),
  corner: optional(
    object<PartOf<BoxOf<L>['corner']>>({
      joint: optional(cornerFields.joint),
      depth: optional(cornerFields.depth),
      back: optional(object<PartOf<CornerOf<L>>>({ joint: optional(joint), depth: optional(some) })),
    }),
  ),
  bottomFit: optional(bottomFit),
  groove: optional(object<{ depth?: L; offset?: L }>({ depth: optional(some), offset: optional(any) })),
  play: optional(any),
  ease: optional(any),
  heightStep: optional(some),
});

const rise: Reader<RiseOf<L>> = (value, path, report) =>
  value === 'half' || value === 'third' ? value : any(value, path, report);

const mounting = object<MountingOf<L>>({
  rise: optional(rise),
  order: optional(oneOf('top-first', 'bottom-up')),
});

const content = object<ContentOf<L>>({
  name: required(name),
  height: required(some),
  count: optional(number(1, 1_000_000, 'whole')),
  weight_kg: optional(number(0, 10_000)),
  footprint: optional(list(some, 2, 2)),
});

const drawer = object<DrawerOf<L>>({
  id: required(id),
  name: optional(text(200)),
  height: optional(some),
  sameAs: optional(id),
  boxHeight: optional(some),
  contents: optional(list(content, 0, 200)),
  slide: optional(
    object<Partial<SlideChoiceOf<L>>>({
      family: optional(slideFields.family),
      length: optional(slideFields.length),
      lengths: optional(slideFields.lengths),
    }),
  ),
  front: optional(object<{ material?: string }>({ material: optional(id) })),
  box: optional(boxOverride),
});

const bank = object<BankOf<L>>({
  id: required(id),
  basis: required(oneOf('planned', 'as-built')),
  opening: required(opening),
  buildOut: optional(object<{ left: L; right: L }>({ left: required(any), right: required(any) })),
  rail: optional(any),
  slide: required(slide),
  front: required(front),
  division: required(division),
  box: required(box),
  mounting: optional(mounting),
  drawers: required(list(drawer, 1, 60)),
});

const oneCase = object<CaseOf<L>>({
  id: required(id),
  name: required(name),
  style: required(oneOf('face-frame', 'frameless')),
  divider: optional(any),
  banks: required(list(bank, 1, 40)),
});

/** The shape of a version 1 job: every field, what it may hold and whether it may be left out. */
export const jobShape: Reader<JobOf<L>> = object<JobOf<L>>({
  format: required(oneOf('zabble-job')),
  version: required(oneOf(1)),
  name: required(name),
  customer: optional(text(200)),
  notes: optional(text(20_000)),
  unit: required(oneOf('in', 'mm')),
  step: optional(some),
  materials: required(list(material, 1, 200)),
  slides: optional(list(ownSlide, 0, 200)),
  cases: required(list(oneCase, 1, 40)),
});
