import { IN_ENGLISH } from './plan.spec-data';
import fc from 'fast-check';
import type { JobDocument } from '../job';
import { planDocument } from './document';
import { plan, readJobDocument } from './plan';

/*
 * The arithmetic of the trade once more, written apart from the code it checks: plain numbers of millimetres, its own
 * table of slides, its own division. Both must agree to 0.000002 mm on any job.
 */

const IN = 25.4;

/** Figures as the trade's table gives them; common practice, in millimetres. */
const SLIDES: Readonly<Record<string, SlideFigures>> = {
  'side-ball-bearing': { c: IN / 2, ct: IN / 4, cb: IN / 2, h: 45, set: 2, ...listed(10, 28, 250, 700, 3) },
  'side-light': { c: 10, ct: 5, cb: 8, h: 27, set: 2, ...listed(10, 28, 250, 700, 3) },
  'side-heavy': { c: 0.75 * IN, ct: 8, cb: IN / 2, h: 76, set: 2, ...listed(10, 28, 250, 700, 3) },
  'roller-corner': { c: IN / 2, ct: 17, cb: 6, h: 40, set: 2, ...listed(10, 24, 250, 600, 3), at: 'corner' },
  'undermount-16': { d: 42, ct: 6, cb: 14, h: 28, set: 3, ...undermount(), at: 'bay' },
  'undermount-19': { d: 49, ct: 6, cb: 14, h: 28, set: 3, ...undermount(), at: 'bay' },
  'centre-mount': { c: IN / 8, ct: IN / 4, cb: 5, h: 12, set: 2, ...listed(12, 24, 300, 600, 6), at: 'bottom' },
  'wood-runner': {
    c: IN / 16,
    ct: IN / 16,
    cb: 0.75 * IN,
    h: 0.75 * IN,
    set: 0,
    rear: [IN / 4, IN / 4],
    at: 'bay',
    runner: true,
  },
  'side-hung': { c: 0.8, ct: 3, cb: 3, h: 16, set: 0, rear: [IN / 4, IN / 4] },
};

interface SlideFigures {
  /** Clearance each side, or what the inside is less than the opening. */
  readonly c?: number;
  readonly d?: number;
  readonly ct: number;
  readonly cb: number;
  readonly h: number;
  readonly set: number;
  /** Inch list, millimetre list; none where any length can be made. */
  readonly lists?: readonly [readonly number[], readonly number[]];
  readonly rear: readonly [number, number];
  readonly shorter?: readonly [number, number];
  readonly at?: 'bay' | 'bottom' | 'corner';
  readonly runner?: boolean;
}

function steps(from: number, to: number, by: number, unit: number): number[] {
  const list = [];
  for (let at = from; at <= to; at += by) list.push(at * unit);
  return list;
}
function listed(inFrom: number, inTo: number, mmFrom: number, mmTo: number, rear: number) {
  return { lists: [steps(inFrom, inTo, 2, IN), steps(mmFrom, mmTo, 50, 1)], rear: [rear, rear] } as const;
}
function undermount() {
  return { lists: [steps(9, 24, 3, IN), steps(250, 600, 50, 1)], rear: [18, 0], shorter: [0, 10] } as const;
}

/** One bank in plain numbers of millimetres. */
interface PlainBank {
  readonly unit: 0 | 1;
  readonly W: number;
  readonly H: number;
  readonly D: number;
  readonly family: string;
  readonly inset: boolean;
  readonly edge: { readonly top: number; readonly bottom: number; readonly left: number; readonly right: number };
  readonly gap: number;
  readonly rail: number;
  readonly scheme: 'equal' | 'step' | 'ratio';
  readonly step: number;
  readonly ratio: number;
  readonly increment: number;
  readonly makeupTop: boolean;
  readonly locks: readonly (number | undefined)[];
  readonly ts: number;
  readonly te: number;
  readonly tm: number;
  readonly tface: number;
  readonly joint: string;
  readonly e: number;
  readonly fit: 'captured' | 'slid-in' | 'applied' | 'rabbeted';
  readonly gd: number;
  readonly o: number;
  readonly play: number;
  readonly ease: number;
  readonly heightStep: number;
  readonly rise: 'half' | 'third' | number;
}

/** The ideals and the least cost there is, found by trying, drawer by drawer, every count of increments near its ideal. */
function bestDivision(bank: PlainBank): { ideal: Map<number, number>; cost: number } | undefined {
  const n = bank.locks.length;
  const share = bank.H + lapOf(bank, 'top') + lapOf(bank, 'bottom') - (n - 1) * bank.gap;
  const free = [...bank.locks.keys()].filter((i) => bank.locks[i] === undefined);
  const rest = share - bank.locks.reduce<number>((sum, lock) => sum + (lock ?? 0), 0);
  if (rest < -1e-9 || (free.length === 0 && rest > 1e-9)) return undefined;
  const makeup = bank.makeupTop ? free[0] : free.at(-1);
  const weight = free.map((i) => (bank.scheme === 'ratio' ? bank.ratio ** i : 1));
  const offset = free.map((i) => (bank.scheme === 'step' ? i * bank.step : 0));
  const unit = (rest - offset.reduce((a, b) => a + b, 0)) / weight.reduce((a, b) => a + b, 0);
  const ideal = new Map(free.map((i, k) => [i, unit * (weight[k] ?? 0) + (offset[k] ?? 0)]));
  let ways = new Map<number, { cost: number }>([[0, { cost: 0 }]]);
  const others = free.filter((i) => i !== makeup);
  for (const i of others) {
    const next = new Map<number, { cost: number }>();
    const base = Math.round((ideal.get(i) ?? 0) / bank.increment);
    for (const [sum, way] of ways)
      for (let count = base - 2; count <= base + 2; count += 1) {
        const cost = way.cost + (count * bank.increment - (ideal.get(i) ?? 0)) ** 2;
        const held = next.get(sum + count);
        if (!held || cost < held.cost - 1e-9) next.set(sum + count, { cost });
      }
    ways = next;
  }
  const costs = [...ways].map(
    ([sum, { cost }]) => cost + (rest - sum * bank.increment - (ideal.get(makeup ?? 0) ?? 0)) ** 2,
  );
  return { ideal, cost: makeup === undefined ? 0 : Math.min(...costs) };
}

function lapOf(bank: PlainBank, edge: keyof PlainBank['edge']): number {
  return bank.inset ? -bank.edge[edge] : bank.edge[edge];
}

/** Every figure of one drawer that a plan file gives, from the front heights down. */
function derive(bank: PlainBank, heights: readonly number[], i: number) {
  const row = SLIDES[bank.family]!;
  const n = heights.length;
  const bottomOf = (k: number): number =>
    -lapOf(bank, 'bottom') + heights.slice(k + 1).reduce((sum, h) => sum + h + bank.gap, 0);
  const bayFloor = (k: number): number => (k === n - 1 ? 0 : bottomOf(k) - bank.gap / 2 + bank.rail / 2);
  const bayTop = (k: number): number => (k === 0 ? bank.H : bottomOf(k - 1) - bank.gap / 2 - bank.rail / 2);
  const bay = bayTop(i) - bayFloor(i);
  const greatest = bay - row.ct - row.cb;
  const height = Math.floor(greatest / bank.heightStep + 1e-7) * bank.heightStep;
  const B = (row.d === undefined ? bank.W - 2 * row.c! : bank.W - row.d + 2 * bank.ts) - bank.ease;
  const tInset = bank.inset ? bank.tface : 0;
  const rear = row.rear[bank.unit];
  const fits = row.lists?.[bank.unit].filter((l) => l + row.set + rear + tInset <= bank.D + 1e-7).at(-1);
  const nominal = row.lists ? fits : bank.D - tInset - rear;
  const L = nominal === undefined ? undefined : nominal - (row.shorter?.[bank.unit] ?? 0);
  const boxY = bayFloor(i) + row.cb;
  const raised = bank.fit === 'captured' || bank.fit === 'slid-in';
  const face = (raised ? bank.o : 0) + bank.tm;
  const above = i === 0 ? bank.H : bank.rail > 0 ? bayTop(i) : bayFloor(i - 1) + (row.runner ? 0 : row.cb);
  const rise = bank.rise === 'half' ? height / 2 : bank.rise === 'third' ? height / 3 : bank.rise;
  const lower = {
    bay: bayFloor(i),
    bottom: boxY + face - bank.tm - row.h,
    corner: boxY,
    side: boxY + rise - row.h / 2,
  }[row.at ?? 'side'];
  const common = {
    front: {
      width: bank.W + lapOf(bank, 'left') + lapOf(bank, 'right'),
      height: heights[i],
      thickness: bank.tface,
      bottomY: bottomOf(i),
    },
    bay: { bottomY: bayFloor(i), height: bay },
    box: { width: B, height, length: L, bottomY: boxY },
    inside: {
      width: B - 2 * bank.ts,
      length: L === undefined ? undefined : L - 2 * bank.te,
      wallHeight: height - face,
      clearHeight: above - boxY - face,
    },
    slide: { length: nominal, centreY: lower + row.h / 2, lowerEdgeY: lower, setback: row.set + tInset },
  };
  return { ...common, parts: derivedParts(bank, B, L, height) };
}

/** Side, front, back and bottom as [length, width], corners and bottoms spelled out one by one. */
function derivedParts(
  bank: PlainBank,
  B: number,
  L: number | undefined,
  height: number,
): Record<string, [number, number]> {
  const { ts, te, tm, e, gd, play, o, fit, joint } = bank;
  const long = L ?? NaN;
  const through = ['butt-ends-run', 'rabbet', 'half-blind', 'through'].includes(joint);
  const end = joint === 'tongue-dado' ? B - 2 * ts + 2 * e : through ? B : B - 2 * ts;
  const lost = joint === 'butt-ends-run' ? te : joint === 'rabbet' || joint === 'half-blind' ? te - e : 0;
  const Hs = fit === 'applied' ? height - tm : height;
  const [Wi, Li] = [B - 2 * ts, long - 2 * te];
  const bottoms: Record<PlainBank['fit'], [number, number]> = {
    captured: [Wi + 2 * gd - play, Li + 2 * gd - play],
    'slid-in': [Wi + 2 * gd - play, Li + gd + te - play],
    applied: [B, long],
    rabbeted: [Wi + 2 * gd - play, Li + 2 * gd - play],
  };
  return {
    side: [long - 2 * lost, Hs],
    front: [end, Hs],
    back: [end, fit === 'slid-in' ? Hs - o - tm : Hs],
    bottom: bottoms[fit],
  };
}

const size = (value: number): string => `${value.toFixed(6)} mm`;
/** Whole thousandths of a millimetre, so that plain numbers hold them well. */
const mm = (min: number, max: number) => fc.integer({ min: min * 1000, max: max * 1000 }).map((value) => value / 1000);

const anyBank: fc.Arbitrary<PlainBank> = fc.record({
  unit: fc.constantFrom(0 as const, 1 as const),
  W: mm(250, 1200),
  H: mm(400, 1800),
  D: mm(280, 800),
  family: fc.constantFrom(...Object.keys(SLIDES)),
  inset: fc.boolean(),
  edge: fc.record({ top: mm(0, 15), bottom: mm(0, 15), left: mm(0, 15), right: mm(0, 15) }),
  gap: mm(0, 24),
  rail: fc.oneof(fc.constant(0), mm(10, 22)),
  scheme: fc.constantFrom('equal' as const, 'step' as const, 'ratio' as const),
  step: mm(0, 25),
  ratio: fc.constantFrom(0.9, 1, 1.1, 1.25, 1.333),
  increment: fc.constantFrom(1, 5, IN / 16, IN / 4),
  makeupTop: fc.boolean(),
  locks: fc.array(fc.oneof({ weight: 4, arbitrary: fc.constant(undefined) }, { weight: 1, arbitrary: mm(80, 160) }), {
    minLength: 1,
    maxLength: 8,
  }),
  ts: mm(9, 19),
  te: mm(9, 19),
  tm: mm(3, 12),
  tface: mm(15, 22),
  joint: fc.constantFrom(
    'butt-sides-run',
    'butt-ends-run',
    'pocket-screw',
    'rabbet',
    'tongue-dado',
    'half-blind',
    'through',
  ),
  e: mm(3, 8),
  fit: fc.constantFrom('captured' as const, 'slid-in' as const, 'applied' as const, 'rabbeted' as const),
  gd: mm(3, 7),
  o: mm(6, 14),
  play: mm(0, 3),
  ease: mm(0, 1),
  heightStep: fc.constantFrom(1, 5, IN / 2),
  rise: fc.constantFrom('half' as const, 'third' as const, 30),
});

function documentOf(bank: PlainBank): JobDocument {
  const material = (id: string, thickness: number) => ({
    id,
    name: id,
    kind: 'plywood' as const,
    thickness: size(thickness),
  });
  return {
    format: 'zabble-job',
    version: 1,
    name: 'Oracle',
    unit: bank.unit === 0 ? 'in' : 'mm',
    materials: [material('s', bank.ts), material('e', bank.te), material('m', bank.tm), material('f', bank.tface)],
    cases: [
      {
        id: 'c',
        name: 'c',
        style: 'frameless',
        banks: [
          {
            id: 'b',
            basis: 'as-built',
            opening: {
              width: [size(bank.W + 0.4), size(bank.W)],
              height: [size(bank.H), size(bank.H + 3)],
              depth: [size(bank.D)],
            },
            rail: size(bank.rail),
            slide: { family: bank.family },
            front: {
              mount: bank.inset ? 'inset' : 'overlay',
              top: size(bank.edge.top),
              bottom: size(bank.edge.bottom),
              left: size(bank.edge.left),
              right: size(bank.edge.right),
              gap: size(bank.gap),
              material: 'f',
            },
            division: {
              scheme: bank.scheme,
              step: size(bank.step),
              ratio: bank.ratio,
              increment: size(bank.increment),
              makeup: bank.makeupTop ? 'top' : 'bottom',
            },
            box: {
              sides: 's',
              ends: 'e',
              bottom: 'm',
              corner: { joint: bank.joint as never, depth: size(bank.e) },
              bottomFit: bank.fit,
              groove: { depth: size(bank.gd), offset: size(bank.o) },
              play: size(bank.play),
              ease: size(bank.ease),
              heightStep: size(bank.heightStep),
            },
            mounting: { rise: typeof bank.rise === 'number' ? size(bank.rise) : bank.rise },
            drawers: bank.locks.map((lock, i) => ({
              id: `d${i}`,
              ...(lock === undefined ? {} : { height: size(lock) }),
            })),
          },
        ],
      },
    ],
  };
}

type Figures = Record<string, number | string | undefined>;

/** Each figure the plan gives is the oracle's; one it leaves away came to nothing there too, or has no length to hang on. */
function agree(what: string, planned: Figures, derived: Figures): void {
  for (const [name, value] of Object.entries(derived)) {
    const found = planned[name];
    const absent = value === undefined || Number.isNaN(value) || Number(value) <= 1e-6;
    if (found === undefined && absent) continue;
    if (typeof found !== 'number' || Math.abs(found - Number(value)) > 2e-6)
      throw new Error(`${what}.${name}: the plan has ${String(found)}, the oracle ${String(value)}`);
  }
}

describe('an independent reckoning', () => {
  it('agrees on every figure of thousands of random banks, over all families, joints, bottoms and schemes', () => {
    let divided = 0;
    fc.assert(
      fc.property(anyBank, (bank) => {
        const reading = readJobDocument(documentOf(bank));
        if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
        const drawers = planDocument(plan(reading.job), IN_ENGLISH).cases[0]!.banks[0]!.drawers;
        const heights = drawers.map(({ front }) => (front as Figures)['height'] as number);
        if (heights.includes(undefined as never)) return;
        divided += 1;
        const best = bestDivision(bank)!;
        const cost = [...best.ideal].reduce((sum, [i, ideal]) => sum + (heights[i]! - ideal) ** 2, 0);
        expect(cost).toBeCloseTo(best.cost, 3);
        drawers.forEach((drawer, i) => {
          const oracle = derive(bank, heights, i);
          // Without a box height nothing in the bay but its own figures can be said.
          const boxless = oracle.box.height <= 1e-6;
          for (const group of ['front', 'bay', 'box', 'inside', 'slide'] as const) {
            const { wallHeight: _w, centreY: _c, lowerEdgeY: _l, ...without } = oracle[group] as Figures;
            agree(`${i} ${group}`, drawer[group] as Figures, boxless ? without : (oracle[group] as Figures));
          }
          for (const { role, length, width } of drawer.parts as { role: string; length?: number; width?: number }[]) {
            if (role === 'face' || boxless) continue;
            const [long, wide] = oracle.parts[role]!;
            agree(`${i} ${role}`, { length, width }, { length: long, width: wide });
          }
        });
      }),
      { numRuns: 1500 },
    );
    expect(divided).toBeGreaterThan(1200);
  });
});
