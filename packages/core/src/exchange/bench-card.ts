import {
  cutList,
  hasSize,
  materialCalled,
  partsOf,
  sawCuts,
  sawCutSaid,
  sawOf,
  type Crosscut,
  type CutGroup,
  type CutMaterial,
} from '../cutting';
import { isMember } from '../casework';
import { groupFindings, type Severity } from '../findings';
import { boxFixingRows, fixingSaid, hardwareSaid } from '../fixing';
import { OPENING_SIZES, readAt, readingAt, readingLength, type Job } from '../job';
import { smallest, subtract, toPack, ZERO, type Length, type Said, type SizeKind } from '../length';
import { stackSaid } from '../mounting';
import { levelPacking } from '../opening';
import {
  bankHardware,
  boxFixings,
  kindOfDimension,
  type BankPlan,
  type CasePlan,
  type DrawerDimension,
  type DrawerPlan,
  type Plan,
} from '../plan';
import type { SlideFamily } from '../slides';
import { said, type CardColumn, type SaidAs } from '../words';

/** A table of a card: what its columns are called, and what stands in its cells. */
export interface CardTable {
  readonly columns: readonly CardColumnOf[];
  readonly rows: readonly (readonly Said[])[];
}

export interface CardColumnOf {
  readonly title: CardColumn;
  readonly align: 'left' | 'right';
  /** Longer entries are cut to this many characters in plain text. */
  readonly most?: number;
}

/** One fact of a card under its heading. */
export interface CardFact {
  readonly head: Said;
  readonly said: Said;
}

/** What stands on the bench card of a bank, before any language or paper. */
export interface BenchCard {
  readonly job: string;
  readonly owner: string;
  readonly bank: Said;
  readonly basis: Said;
  readonly opening: readonly CardFact[];
  readonly drawers: CardTable;
  /** In the order they are used, and how they follow from one another. */
  readonly spacers: readonly Length[];
  readonly order: 'top-first' | 'bottom-up';
  /** Holes, build-outs, packing, screws. */
  readonly mounting: readonly CardFact[];
  readonly parts: CardTable;
  /** How many parts have no size yet. */
  readonly unsized: number;
  readonly findings: readonly { readonly severity: Severity; readonly said: Said }[];
}

/** A card for every bank of a plan, in their order. */
export function benchCards(job: Job, plan: Plan): readonly BenchCard[] {
  return plan.cases.flatMap((owner) => owner.banks.map((bank) => benchCardOf(job, plan, owner, bank)));
}

/** The card of one bank of a plan. */
function benchCardOf(job: Job, plan: Plan, owner: CasePlan, bank: BankPlan): BenchCard {
  const { casework: _ofCase, ...ofBank } = owner;
  const { groups, unsized } = cutList(withoutExtra(job), { ...plan, cases: [{ ...ofBank, banks: [bank] }] });
  return {
    job: job.name,
    owner: owner.name,
    bank: said('bank', { id: bank.id, ...(bank.bank.name === undefined ? {} : { name: bank.bank.name }) }),
    basis: said('card/basis', { asBuilt: bank.bank.basis === 'as-built' }),
    opening: [openingFact(bank), ...readingFacts(bank), ...slideFacts(bank)],
    drawers: { columns: DRAWER_COLUMNS, rows: bank.drawers.map((drawer) => drawerRow(bank, drawer)) },
    spacers: bank.spacers.map(({ total }) => total),
    order: bank.bank.mounting?.order ?? 'top-first',
    mounting: [
      ...holeFacts(bank),
      ...buildOutFacts(job, bank),
      ...packingFacts(job, bank),
      ...screwFacts(bank),
      ...fixingFacts(job, bank),
      ...bladeFacts(job, { ...plan, cases: [{ ...owner, banks: [bank] }] }),
    ],
    parts: partsTable(groups),
    unsized,
    findings: groupFindings(bank.findings).map((group) => ({ severity: group.finding.severity, said: group.said })),
  };
}

/** Parts that are nobody's are on no bank's card. */
function withoutExtra(job: Job): Job {
  return { ...job, cutting: { ...job.cutting, extra: [] } };
}

function openingFact({ opening: { width, height, depth, taper, rack } }: BankPlan): CardFact {
  const sizes = { width: width.total, height: height.total, depth: depth.total, taper: taper.total };
  return { head: said('card-head/opening'), said: said('card/opening', { ...sizes, rack }) };
}

/** Every reading where it was taken, once one of them says where. */
function readingFacts({ bank: { opening, drawers } }: BankPlan): readonly CardFact[] {
  const sizes = OPENING_SIZES.map((size) => ({
    size,
    readings: opening[size].map((reading) => ({ length: readingLength(reading), at: readAt(reading, drawers) })),
  }));
  const placed = sizes.some(({ readings }) =>
    readings.some(({ at }) => at.level !== undefined || at.places.length > 0),
  );
  return placed ? [{ head: said('card-head/read'), said: said('card/read', { sizes }) }] : [];
}

function slideFacts({ drawers }: BankPlan): readonly CardFact[] {
  const slides = [...new Map(drawers.map(({ family }) => [family.id, family])).values()];
  return slides.map((family) => ({
    head: said('card-head/slide'),
    said: said('card/slide', {
      slide: family.called,
      own: family.origin === 'own',
      narrowBy: family.narrowBy,
      adjust: adjustsBy(family),
    }),
  }));
}

/** What the slide’s own screws still move once it hangs. */
function adjustsBy({ adjust }: SlideFamily) {
  return (['height', 'sideways', 'depth', 'tilt'] as const).flatMap((way) => {
    const by = adjust?.[way];
    return by === undefined ? [] : [{ way, by }];
  });
}

const DRAWER_COLUMNS: readonly CardColumnOf[] = [
  { title: 'card-column/number', align: 'right' },
  { title: 'card-column/drawer', align: 'left', most: 16 },
  { title: 'card-column/front', align: 'right' },
  { title: 'card-column/front-height', align: 'right' },
  { title: 'card-column/box', align: 'left' },
  { title: 'card-column/box-height', align: 'right' },
  { title: 'card-column/box-length', align: 'right' },
  { title: 'card-column/clear', align: 'right' },
  { title: 'card-column/slide', align: 'right' },
  { title: 'card-column/up', align: 'right' },
  { title: 'card-column/back', align: 'right' },
];

const HOLD = said('cell/hold');

function text(words: string): SaidAs<'text'> {
  return said('text', { text: words });
}

function size(length: Length | undefined, kind: SizeKind): Said {
  return length === undefined ? HOLD : said('cell/size', { length, kind });
}

/** Slide: its nominal length; up: its lower edge above the floor; back: its set-back from the case's front edge. */
function drawerRow(bank: BankPlan, drawer: DrawerPlan): readonly Said[] {
  const at = (name: DrawerDimension, none?: 'cell/floor'): Said => {
    const total = drawer.dimensions[name]?.total;
    return total === 0 && none ? said(none) : size(total, kindOfDimension(name));
  };
  return [
    text(String(drawer.place + 1)),
    text(drawer.name ?? ''),
    at('front.width'),
    at('front.height'),
    widthOf(bank, drawer),
    at('box.height'),
    at('box.length'),
    at('inside.clearHeight'),
    size(drawer.nominal, 'reading'),
    at('slide.lowerEdgeY', 'cell/floor'),
    at('slide.setback'),
  ];
}

/** Narrower by what the family allows and the ease has not used. */
function widthOf(bank: BankPlan, drawer: DrawerPlan): Said {
  const width = drawer.dimensions['box.width'];
  if (!width) return HOLD;
  const ease = bank.bank.drawers[drawer.place]?.box?.ease ?? bank.bank.box.ease ?? ZERO;
  return said('cell/never-wider', { length: width.total, narrower: subtract(drawer.family.narrowBy, ease) });
}

function holeFacts({ drawers }: BankPlan): readonly CardFact[] {
  const rows = drawers.flatMap(({ holes }) =>
    holes ? [[`${holes.first.total} ${holes.pitch}`, { first: holes.first.total, pitch: holes.pitch }] as const] : [],
  );
  return [...new Map(rows).values()].map((row) => ({ head: said('card-head/holes'), said: said('card/holes', row) }));
}

function buildOutFacts({ materials }: Job, { buildOut }: BankPlan): readonly CardFact[] {
  if (!buildOut) return [];
  const side = (which: 'left' | 'right') => ({
    wanted: buildOut[which].wanted,
    stack: stackSaid(buildOut[which], materials).params,
  });
  return [
    { head: said('card-head/build-out'), said: said('card/build-out', { left: side('left'), right: side('right') }) },
  ];
}

/** Where the opening is wider than its boxes: by its readings, and at the levels that were measured back. */
function packingFacts({ unit }: Job, { bank, drawers, opening, packing }: BankPlan): readonly CardFact[] {
  const told = packing
    .filter(({ eachSide }) => toPack(eachSide, unit) > 0)
    .map(({ reading, eachSide }) => ({ eachSide, at: readingAt(bank, 'width', reading) }));
  const levels = drawers.flatMap(({ id, place }) =>
    (levelPacking(opening, id) ?? []).map(({ place: end, eachSide }) => ({ place, end, eachSide })),
  );
  return [
    ...(told.length > 0 ? [{ head: said('card-head/packing'), said: said('card/packing', { packing: told }) }] : []),
    ...(levels.length > 0 ? [{ head: said('card-head/levels'), said: said('card/levels', { levels }) }] : []),
  ];
}

function screwFacts({ drawers }: BankPlan): readonly CardFact[] {
  const longest = (what: 'slide' | 'front' | 'pull'): Partial<Record<typeof what, Length>> => {
    const all = drawers.flatMap(({ dimensions }) => dimensions[`screw.${what}`]?.total ?? []);
    return all.length === 0 ? {} : { [what]: smallest(all) };
  };
  const screws = { ...longest('slide'), ...longest('front'), ...longest('pull') };
  if (Object.keys(screws).length === 0) return [];
  return [{ head: said('card-head/screws'), said: said('card/screws', screws) }];
}

/** What holds its boxes and their fronts, and what is to be bought for it. */
function fixingFacts(job: Job, bank: BankPlan): readonly CardFact[] {
  const rows = boxFixingRows(bank.drawers.flatMap((drawer) => boxFixings(job, bank, drawer)));
  const needed = [...rows.map(fixingSaid), ...hardwareSaid(bankHardware(bank))];
  return [{ head: said('card-head/fixings'), said: said('card/fixings', { needed }) }];
}

/** What is worked into its parts by the blade, where they may be cut. */
function bladeFacts(job: Job, plan: Plan): readonly CardFact[] {
  const free = partsOf(withoutExtra(job), plan).parts.filter(({ release }) => release === 'now');
  return sawCuts(free, sawOf(job).kerf).map((cut) => ({ head: said('card-head/blade'), said: sawCutSaid(plan, cut) }));
}

const PART_COLUMNS: readonly CardColumnOf[] = [
  { title: 'card-column/part', align: 'left', most: 20 },
  { title: 'card-column/count', align: 'right' },
  { title: 'card-column/long', align: 'right' },
  { title: 'card-column/wide', align: 'right' },
  { title: 'card-column/thick', align: 'right' },
  { title: 'card-column/of', align: 'left', most: 24 },
  { title: 'card-column/when', align: 'left' },
];

/** Parts as they are cut: a row for every size of a material. */
export function partsTable(groups: readonly CutGroup[]): CardTable {
  return {
    columns: PART_COLUMNS,
    rows: groups.flatMap(({ material, rips }) =>
      rips.flatMap(({ width, crosscuts }) => crosscuts.map((cut) => partRow(material, width, cut))),
    ),
  };
}

function partRow(material: CutMaterial, width: Length, cut: Crosscut): readonly Said[] {
  const sized = hasSize(cut.release);
  return [
    served(cut),
    text(String(cut.count)),
    size(sized ? cut.length : undefined, 'part'),
    size(sized ? width : undefined, 'part'),
    size(material.thickness, 'reading'),
    materialCalled(material),
    said(`printed-when/${cut.release}`),
  ];
}

function served({ uses }: Crosscut): Said {
  const roles = [...new Set(uses.map(({ role }) => role))];
  const parts = roles.map((role) => ({
    part: `part/${role}` as const,
    // A part of a case is of no drawer.
    places: isMember(role) ? [] : uses.filter((use) => use.role === role).map(({ place }) => place),
  }));
  return said('cell/parts', { parts });
}
