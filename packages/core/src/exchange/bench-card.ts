import { cutList, PART_WORDS, WHEN, type Crosscut } from '../cutting';
import { groupFindings } from '../findings';
import { atReading, bankTitle, OPENING_SIZES, readingLength, readingPlace, type Job } from '../job';
import { nm, smallest, subtract, writeBare, writeExact, writeLength, ZERO, type Length, type Tally } from '../length';
import { stackWords, toPack } from '../mounting';
import { levelPacking } from '../opening';
import type { BankPlan, CasePlan, DrawerPlan, Plan } from '../plan';
import type { SlideFamily } from '../slides';
import { setInColumns, shorten, wrap, type Column } from './columns';

/** No line of a card is longer: it fits a printed page and a terminal. */
const WIDTH = 100;

interface Writing {
  readonly job: Job;
  readonly plan: Plan;
}

/** A plain-text bench card for every bank, in the job's unit and step; `≈` marks what is rounded for showing. */
export function benchCards(job: Job, plan: Plan): readonly string[] {
  return plan.cases.flatMap((owner) => owner.banks.map((bank) => cardOf({ job, plan }, owner, bank)));
}

/** A bench card as what stands on it, for paper. */
export interface BenchCard {
  readonly basis: string;
  readonly columns: readonly { readonly title: string; readonly align: 'left' | 'right'; readonly share: number }[];
  readonly rows: readonly (readonly string[])[];
  /** In the order they are used, and how they follow from one another. */
  readonly spacers: readonly string[];
  readonly spacing: string;
  /** Opening, slide, holes, build-outs, packing, screws. */
  readonly notes: readonly string[];
  readonly findings: readonly string[];
}

const SHARES = [4, 15, 9, 9, 16, 9, 9, 9, 8, 9, 8];

/** The card of one bank of a plan. */
export function benchCardOf(job: Job, plan: Plan, bank: BankPlan): BenchCard {
  const writing = { job, plan };
  const owner = plan.cases.find(({ banks }) => banks.includes(bank)) ?? plan.cases[0];
  const [, basis = '', , ...opening] = owner ? heading(writing, owner, bank) : [];
  const order = bank.bank.mounting?.order ?? 'top-first';
  return {
    basis,
    columns: DRAWER_COLUMNS.map(({ title, align }, index) => ({ title, align, share: SHARES[index] ?? 8 })),
    rows: drawerRows(writing, bank),
    spacers: bank.spacers.map(({ total }) => show(writing, total)),
    spacing: SPACING[order],
    notes: [...whole(opening), ...mountingWords(writing, bank).map(plainLine)],
    findings: bank.findings.length === 0 ? [] : findingWords(bank),
  };
}

/** Lines that were broken for their width, in one again. */
function whole(lines: readonly string[]): readonly string[] {
  return lines.reduce<readonly string[]>(
    (all, line) =>
      line.startsWith(' ') && all.length > 0
        ? [...all.slice(0, -1), `${all.at(-1) ?? ''} ${plainLine(line)}`]
        : [...all, plainLine(line)],
    [],
  );
}

/** Without the room that sets its words in columns. */
function plainLine(line: string): string {
  return line.replace(/\s+/g, ' ').trim();
}

function cardOf(writing: Writing, owner: CasePlan, bank: BankPlan): string {
  const lines = [
    ...heading(writing, owner, bank),
    '',
    ...drawerTable(writing, bank),
    '',
    ...spacerLines(writing, bank),
    ...mountingLines(writing, bank),
    '',
    ...partTable(writing, owner, bank),
    '',
    ...findingLines(bank),
  ];
  return `${lines.join('\n')}\n`;
}

function heading(writing: Writing, owner: CasePlan, bank: BankPlan): readonly string[] {
  const { job } = writing;
  const { width, height, depth, taper, rack } = bank.opening;
  const down = (size: Tally): string => show(writing, size.total, 'down');
  const lean =
    rack === undefined ? '' : `, leans ${show(writing, nm(Math.abs(rack)))} to the ${rack < 0 ? 'left' : 'right'}`;
  const basis =
    bank.bank.basis === 'as-built'
      ? 'AS BUILT: sized to the opening as measured'
      : 'PLANNED: a forecast, not for cutting';
  const slides = [...new Map(bank.drawers.map(({ family }) => [family.id, family])).values()];
  return [
    shorten(`${job.name} · ${owner.name}, ${bankTitle(bank.bank)}`, WIDTH),
    `${basis} · lengths in ${job.unit === 'in' ? 'inches' : 'millimetres'}`,
    '='.repeat(WIDTH),
    `Opening  ${down(width)} wide, ${down(height)} high, ${down(depth)} deep; taper ${show(writing, taper.total)}${lean}`,
    ...readingLines(writing, bank),
    ...slides.flatMap(({ name, origin, narrowBy, adjust }) =>
      wrap(
        `Slide    ${name} (${origin === 'own' ? 'own row' : 'built-in row; its own sheet wins'}); box may be ${show(writing, narrowBy)} narrower, never wider${adjustWords(writing, adjust)}`,
        WIDTH,
        '         ',
      ),
    ),
  ];
}

/** Every reading where it was taken, once one of them says where. */
function readingLines(writing: Writing, { bank: { opening, drawers } }: BankPlan): readonly string[] {
  const sizes = OPENING_SIZES.map((size) => ({
    size,
    readings: opening[size].map((reading) => ({
      length: show(writing, readingLength(reading)),
      place: readingPlace(reading, drawers),
    })),
  }));
  if (sizes.every(({ readings }) => readings.every(({ place }) => place === ''))) return [];
  const told = sizes.map(
    ({ size, readings }) =>
      `${size} ${readings.map(({ length, place }) => (place === '' ? length : `${length} ${place}`)).join('; ')}`,
  );
  return wrap(`Read     ${told.join(' | ')}`, WIDTH, '         ');
}

/** What the slide’s own screws still move once it hangs. */
function adjustWords(writing: Writing, adjust: SlideFamily['adjust']): string {
  const ways = { height: 'up', sideways: 'sideways', depth: 'in and out', tilt: 'of tilt' } as const;
  const told = (Object.keys(ways) as (keyof typeof ways)[]).flatMap((way) => {
    const size = adjust?.[way];
    return size === undefined ? [] : [`${show(writing, size)} ${ways[way]}`];
  });
  return told.length === 0 ? '' : `; adjusts by ${told.join(', ')}`;
}

const DRAWER_COLUMNS: readonly Column[] = [
  { title: 'No', align: 'right' },
  { title: 'Drawer', align: 'left', most: 16 },
  { title: 'Front', align: 'right' },
  { title: 'high', align: 'right' },
  { title: 'Box wide', align: 'left' },
  { title: 'high', align: 'right' },
  { title: 'long', align: 'right' },
  { title: 'Clear', align: 'right' },
  { title: 'Slide', align: 'right' },
  { title: 'up', align: 'right' },
  { title: 'back', align: 'right' },
];

/** Slide: its nominal length; up: its lower edge above the floor; back: its set-back from the case's front edge. */
function drawerTable(writing: Writing, bank: BankPlan): readonly string[] {
  return setInColumns(DRAWER_COLUMNS, drawerRows(writing, bank));
}

function drawerRows(writing: Writing, bank: BankPlan): readonly (readonly string[])[] {
  return bank.drawers.map((drawer) => {
    const at = (name: keyof DrawerPlan['dimensions'], round?: 'down'): string => {
      const size = drawer.dimensions[name];
      return size ? show(writing, size.total, round) : 'HOLD';
    };
    return [
      String(drawer.place + 1),
      drawer.name ?? '',
      at('front.width'),
      at('front.height'),
      withTolerance(writing, bank, drawer),
      at('box.height', 'down'),
      at('box.length', 'down'),
      at('inside.clearHeight', 'down'),
      drawer.nominal === undefined ? 'HOLD' : show(writing, drawer.nominal),
      at('slide.lowerEdgeY'),
      at('slide.setback'),
    ];
  });
}

/** `23 +0 −1/16`: never wider; narrower by what the family allows and the ease has not used. */
function withTolerance(writing: Writing, bank: BankPlan, drawer: DrawerPlan): string {
  const width = drawer.dimensions['box.width'];
  if (!width) return 'HOLD';
  const ease = bank.bank.drawers[drawer.place]?.box?.ease ?? bank.bank.box.ease ?? ZERO;
  const left = subtract(drawer.family.narrowBy, ease);
  return `${show(writing, width.total, 'down')} +0 ${left > 0 ? `−${show(writing, left)}` : '−0'}`;
}

const SPACING = {
  'top-first': 'top first, each cut from the one before',
  'bottom-up': 'from the bottom up, each on the slide below',
} as const;

function spacerLines(writing: Writing, bank: BankPlan): readonly string[] {
  const order = bank.bank.mounting?.order ?? 'top-first';
  const how = SPACING[order];
  // A length is never broken over two lines.
  const lengths = bank.spacers.map(({ total }) => show(writing, total).replace(' ', '\u00a0')).join(' | ');
  const lines = wrap(`Spacers  ${how}: ${lengths === '' ? 'HOLD' : lengths}`, WIDTH, '         ');
  return lines.map((line) => line.replaceAll('\u00a0', ' '));
}

/** Holes, build-outs, packing and screws: each once, where a bank has them. */
function mountingLines(writing: Writing, bank: BankPlan): readonly string[] {
  return mountingWords(writing, bank).flatMap((line) => wrap(line, WIDTH, '         '));
}

function mountingWords(writing: Writing, bank: BankPlan): readonly string[] {
  return [...holeLines(writing, bank), ...buildOutLines(writing, bank), ...screwLines(writing, bank)];
}

function holeLines(writing: Writing, { drawers }: BankPlan): readonly string[] {
  const rows = drawers.flatMap(({ holes }) =>
    holes ? [`first ${both(writing, holes.first.total)} back, then every ${both(writing, holes.pitch)}`] : [],
  );
  return [...new Set(rows)].map((row) => `Holes    ${row}: slots first, test, then one round hole each`);
}

/** What is marked over and over is told exactly too: rounded, it would run away. */
function both(writing: Writing, length: Length): string {
  const shown = show(writing, length);
  return shown.startsWith('≈') ? `${shown} (${writeExact(length, writing.job.unit)})` : shown;
}

/** What a side is packed out by, never more than is needed. */
function packed({ job }: Writing, eachSide: Length): string {
  return writeBare(toPack(eachSide, job.unit), job.unit);
}

/** What the levels that were measured back are packed out by. */
function levelLines(writing: Writing, { drawers, opening }: BankPlan): readonly string[] {
  const told = drawers.flatMap(({ id, place }) =>
    (levelPacking(opening, id) ?? []).map(
      ({ place: where, eachSide }) => `drawer ${place + 1} ${where} ${packed(writing, eachSide)} a side`,
    ),
  );
  return told.length > 0 ? wrap(`Levels   pack ${told.join(', ')}`, WIDTH, '         ') : [];
}

function buildOutLines(writing: Writing, bank: BankPlan): readonly string[] {
  const { buildOut, packing } = bank;
  const { materials } = writing.job;
  const named = (id: string): string => materials.find((each) => each.id === id)?.name ?? id;
  const side = (which: 'left' | 'right'): string => {
    const stack = buildOut?.[which];
    return stack ? `${which} ${show(writing, stack.wanted)} = ${stackWords(stack, named, writing.job.unit)}` : which;
  };
  const lines = buildOut ? [`Build-out ${side('left')}; ${side('right')}`] : [];
  const told = packing.filter(({ eachSide }) => toPack(eachSide, writing.job.unit) > 0);
  const narrower = told.map(
    ({ reading, eachSide }) => `${packed(writing, eachSide)} a side ${atReading(bank.bank, 'width', reading)}`,
  );
  const levels = levelLines(writing, bank);
  return [...lines, ...(narrower.length > 0 ? [`Packing  ${narrower.join('; ')}`] : []), ...levels];
}

function screwLines(writing: Writing, { drawers }: BankPlan): readonly string[] {
  const longest = (name: 'screw.slide' | 'screw.front' | 'screw.pull', what: string): readonly string[] => {
    const all = drawers.flatMap(({ dimensions }) => dimensions[name]?.total ?? []);
    return all.length === 0 ? [] : [`${what} ${show(writing, smallest(all), 'down')}`];
  };
  const each = [
    ...longest('screw.slide', 'slide to box'),
    ...longest('screw.front', 'box to drawer front'),
    ...longest('screw.pull', 'pull'),
  ];
  return each.length === 0 ? [] : [`Screws   no longer than: ${each.join('; ')}`];
}

const PART_COLUMNS: readonly Column[] = [
  { title: 'Part', align: 'left', most: 20 },
  { title: 'Count', align: 'right' },
  { title: 'Long', align: 'right' },
  { title: 'Wide', align: 'right' },
  { title: 'Thick', align: 'right' },
  { title: 'Of', align: 'left', most: 24 },
  { title: 'When', align: 'left' },
];

/** Parts that are nobody's are on no bank's card. */
function withoutExtra(job: Job): Job {
  return { ...job, cutting: { ...job.cutting, extra: [] } };
}

function partTable(writing: Writing, owner: CasePlan, bank: BankPlan): readonly string[] {
  const { groups, unsized } = cutList(withoutExtra(writing.job), {
    ...writing.plan,
    cases: [{ ...owner, banks: [bank] }],
  });
  const rows = groups.flatMap(({ material, rips }) =>
    rips.flatMap(({ width, crosscuts }) =>
      crosscuts.map((cut) => [
        served(cut),
        String(cut.count),
        cut.release === 'now' ? show(writing, cut.length, 'down') : 'HOLD',
        cut.release === 'now' ? show(writing, width, 'down') : 'HOLD',
        writeExact(material.thickness, writing.job.unit).replace(/ in$/, ''),
        material.name,
        WHEN[cut.release].printed,
      ]),
    ),
  );
  const held = unsized === 0 ? [] : [`${unsized} parts have no size yet: HOLD, see what stops them below`];
  return [...setInColumns(PART_COLUMNS, rows), ...held];
}

function served({ uses }: Crosscut): string {
  const roles = [...new Set(uses.map(({ role }) => role))];
  return roles
    .map(
      (role) =>
        `${PART_WORDS[role].one} ${uses
          .filter((use) => use.role === role)
          .map(({ place }) => place + 1)
          .join(' ')}`,
    )
    .join(', ');
}

function findingLines(bank: BankPlan): readonly string[] {
  if (bank.findings.length === 0) return ['Nothing stands in the way.'];
  return findingWords(bank).flatMap((words) => wrap(words, WIDTH, '     '));
}

function findingWords({ findings, drawers }: BankPlan): readonly string[] {
  const groups = groupFindings(findings, (drawer) => drawers.findIndex(({ id }) => id === drawer));
  return groups.map(({ finding, says }) => `${finding.severity.toUpperCase().padEnd(5)}${says}`);
}

function show({ job, plan }: Writing, length: Length, round: 'nearest' | 'down' = 'nearest'): string {
  return writeLength(length, { unit: job.unit, step: plan.step, round }, { mark: true }).replace('≈ ', '≈');
}
