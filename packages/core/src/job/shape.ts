import { said } from '../words';
import type { Length } from '../length';
import { JOINTS } from './joints';
import { logShape } from './log-shape';
import {
  length,
  list,
  named,
  needing,
  number,
  object,
  oneOf,
  oneSetOf,
  optional,
  orObject,
  remembered,
  required,
  text,
  wordOr,
  yesNo,
  type Reader,
} from '../reading';
import { LAID_FIXINGS } from './case-build';
import { build, door, layout, shelves } from './shape-case';
import { front, run } from './shape-front';
import { openingShape } from './shape-opening';
import {
  caseGates,
  cutOut,
  keepOut,
  measuredPlace,
  ownHinge,
  room,
  standsAt,
  tiltOut,
  uprights,
  workBoard,
  lid,
} from './shape-case-things';
import { cutting, gates, saw } from './shape-cutting';
import { bottomFit, ownSlide } from './shape-own-slide';
import { finishGroup, pricing, survey } from './shape-pricing';
import { FILES_KINDS, HANGING_SCHOOLS, HOLDINGS, PRICE_PERS } from './types';
import type {
  Air,
  BankOf,
  BoxOf,
  BuildOutOf,
  CaseOf,
  Climate,
  ContentOf,
  CornerOf,
  DivisionOf,
  DrawerOf,
  InTurn,
  JobOf,
  LineOf,
  MaterialOf,
  MountingOf,
  PartOf,
  SlideChoiceOf,
  StandOf,
} from './types';

type L = Length;

const name = named('name', text(200, 1));
const id = named('id', text(40, 1));
const some = length('positive');
const any = length('zero');
const money = number(0, 1_000_000);

/** A material, wherever it is kept. */
export const materialShape = object<MaterialOf<L>>({
  id: required(id),
  name: required(name),
  kind: required(oneOf('plywood', 'mdf', 'particleboard', 'hardboard', 'solid')),
  thickness: required(some),
  sheet: optional(object<{ length: L; width: L }>({ length: required(some), width: required(some) })),
  grain: optional(yesNo),
  price: optional(money),
  price_per: optional(oneOf(...PRICE_PERS)),
  board: optional(object<{ width: L }>({ width: required(some) })),
  species: optional(name),
  cut: optional(oneOf('flat-sawn', 'quarter-sawn')),
  density_kg_m3: optional(number(50, 3000)),
  stiffness_gpa: optional(number(0.1, 250)),
});

const air = object<Air>({ temperature_c: required(number(-20, 60)), humidity: required(number(0, 99)) });
const climate = object<Climate>({ fitting: required(air), wettest: required(air) });

const slideFields = {
  family: id,
  length: some,
  lengths: oneOf('in', 'mm'),
  cut: some,
};
const slide = object<SlideChoiceOf<L>>({
  family: required(slideFields.family),
  length: optional(slideFields.length),
  lengths: optional(slideFields.lengths),
  cut: optional(some),
});

const byDrawer = object<{ drawer: string }>({ drawer: required(id) });
const makeup = orObject(oneOf('bottom', 'top'), byDrawer);

const divisionFields = object<DivisionOf<L>>({
  scheme: required(oneOf('equal', 'step', 'ratio', 'contents', 'manual')),
  step: optional(any),
  ratio: optional(number(0.2, 5)),
  increment: optional(some),
  makeup: optional(makeup),
});

/** The scheme decides which of its figures must be there. */
const division = needing(
  divisionFields,
  'scheme',
  { equal: ['increment'], step: ['step', 'increment'], ratio: ['ratio', 'increment'], contents: ['increment'] },
  (scheme) => said('by-scheme', { scheme }),
);

const joint = oneOf(...JOINTS);
const cornerFields = { joint, depth: some, short: any };
const backCorner = object<CornerOf<L>>({ joint: required(joint), depth: optional(some), short: optional(any) });
const groove = object<{ depth: L; offset: L }>({ depth: required(some), offset: required(any) });

const ownSizes = {
  length: optional(some),
  heights: optional(list(some, 1, 40)),
  backHeight: optional(some),
  fixing: optional(oneOf(...LAID_FIXINGS)),
};

const box = object<BoxOf<L>>({
  sides: required(id),
  ends: required(id),
  back: optional(id),
  bottom: required(id),
  corner: required(
    object<BoxOf<L>['corner']>({
      joint: required(cornerFields.joint),
      depth: optional(cornerFields.depth),
      short: optional(cornerFields.short),
      back: optional(backCorner),
    }),
  ),
  bottomFit: required(bottomFit),
  groove: optional(groove),
  play: optional(any),
  ease: optional(any),
  heightStep: optional(some),
  ...ownSizes,
  muntin: optional(object<{ material: string; width: L }>({ material: required(id), width: required(some) })),
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
      short: optional(cornerFields.short),
      back: optional(
        object<PartOf<CornerOf<L>>>({ joint: optional(joint), depth: optional(some), short: optional(any) }),
      ),
    }),
  ),
  bottomFit: optional(bottomFit),
  groove: optional(object<{ depth?: L; offset?: L }>({ depth: optional(some), offset: optional(any) })),
  play: optional(any),
  ease: optional(any),
  heightStep: optional(some),
  ...ownSizes,
  muntin: optional(object<{ material?: string; width?: L }>({ material: optional(id), width: optional(some) })),
});

const rise = wordOr(['half', 'third'], any);

const mounting = object<MountingOf<L>>({
  rise: optional(rise),
  order: optional(oneOf('top-first', 'bottom-up')),
  fronts: optional(oneOf('bottom-up', 'top-down')),
  setback: optional(any),
  behind: optional(oneOf('strips', 'blocking')),
  holding: optional(oneOf(...HOLDINGS)),
  hanging: optional(oneOf(...HANGING_SCHOOLS)),
});

const content = object<ContentOf<L>>({
  name: required(name),
  height: required(some),
  count: optional(number(1, 1_000_000, 'whole')),
  weight_kg: optional(number(0, 10_000)),
  files: optional(oneOf(...FILES_KINDS)),
  footprint: optional(list(some, 2, 2)),
});

const lineFields = object<LineOf<L>>({ y: optional(any), bank: optional(id), drawer: optional(id) });

/** A height, or a bank and one of its drawers. */
const line = oneSetOf(lineFields, [['y'], ['bank', 'drawer']], said('line-needs'));

const drawer = object<DrawerOf<L>>({
  id: required(id),
  name: optional(text(200)),
  height: optional(some),
  sameAs: optional(id),
  least: optional(some),
  most: optional(some),
  line: optional(line),
  share: optional(number(0, 1000)),
  y: optional(any),
  boxHeight: optional(some),
  boxSameAs: optional(id),
  contents: optional(list(content, 0, 200)),
  slide: optional(
    object<Partial<SlideChoiceOf<L>>>({
      family: optional(slideFields.family),
      length: optional(slideFields.length),
      lengths: optional(slideFields.lengths),
      cut: optional(slideFields.cut),
    }),
  ),
  front: optional(object<{ material?: string }>({ material: optional(id) })),
  box: optional(boxOverride),
});

const bank = object<BankOf<L>>({
  id: required(id),
  name: optional(text(200)),
  basis: required(oneOf('planned', 'as-built')),
  compartment: optional(id),
  opening: optional(openingShape),
  aside: optional(openingShape),
  buildOut: optional(
    object<BuildOutOf<L>>({
      left: optional(any),
      right: optional(any),
      from: optional(list(id, 1, 40)),
      rest: optional(oneOf('packed', 'planed')),
    }),
  ),
  behind: optional(id),
  pack: optional(object<{ left?: L; right?: L }>({ left: optional(any), right: optional(any) })),
  rail: optional(any),
  divider: optional(any),
  slide: required(slide),
  front: required(front),
  division: required(division),
  box: required(box),
  mounting: optional(mounting),
  gates: optional(gates),
  drawers: required(list(drawer, 1, 60)),
});

const stand = object<StandOf<L>>({
  weight_kg: optional(number(0.1, 10_000)),
  depth: optional(some),
  frontFeet: optional(any),
  interlock: optional(yesNo),
  anchored: optional(yesNo),
});

const oneCase = object<CaseOf<L>>({
  id: required(id),
  name: required(name),
  style: required(oneOf('face-frame', 'frameless')),
  divider: optional(any),
  ends: optional(object<{ left?: L; right?: L }>({ left: optional(any), right: optional(any) })),
  alike: optional(oneOf('fronts', 'openings')),
  overhang: optional(any),
  run: optional(run),
  stand: optional(stand),
  build: optional(build),
  layout: optional(layout),
  doors: optional(list(door, 0, 100)),
  shelves: optional(list(shelves, 0, 100)),
  tiltOuts: optional(list(tiltOut, 0, 100)),
  boards: optional(list(workBoard, 0, 100)),
  lids: optional(list(lid, 0, 10)),
  measured: optional(list(measuredPlace, 0, 100)),
  keepOuts: optional(list(keepOut, 0, 100)),
  cutOuts: optional(list(cutOut, 0, 200)),
  uprights: optional(list(uprights, 0, 100)),
  gates: optional(caseGates),
  at: optional(standsAt),
  banks: required(list(remembered(bank), 0, 40)),
});

/** The shape of a version 1 job: every field, what it may hold and whether it may be left out. */
export const jobShape: Reader<JobOf<L>> = object<JobOf<L>>({
  format: required(oneOf('zabble-job')),
  version: required(oneOf(1)),
  minor: optional(number(0, 1_000_000, 'whole')),
  name: required(name),
  customer: optional(text(200)),
  notes: optional(text(20_000)),
  unit: required(oneOf('in', 'mm')),
  step: optional(some),
  materials: required(list(remembered(materialShape), 1, 200)),
  slides: optional(list(ownSlide, 0, 200)),
  hinges: optional(list(ownHinge, 0, 200)),
  room: optional(room),
  inTurn: optional(list(object<InTurn>({ a: required(text(200, 1)), b: required(text(200, 1)) }), 0, 500)),
  climate: optional(climate),
  saw: optional(saw),
  cutting: optional(cutting),
  survey: optional(survey),
  finish: optional(list(finishGroup, 0, 60)),
  pricing: optional(pricing),
  log: optional(logShape),
  cases: required(list(oneCase, 1, 40)),
});
