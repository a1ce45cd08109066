import { ENGLISH, wordsIn } from '../words';
import { millimetres } from '../length';
import { demo } from '../plan/plan.spec-data';
import { BANK, sample } from '../job/sample.spec-data';
import { shown } from './amount';
import { costFindings } from './cost-findings';
import { costs, counted, priced } from './costing.spec-data';
import { priceDocument } from './document';
import { rolesToFinish } from './finish-areas';
import type { Job } from '../job';
import { readShopCosting } from './shop-costing';
import { stageOf } from './stage';
import { amountOfBoard } from './wood-needs';
import type { Cost } from './cost';

const none = priced([]);
const line = (cost: Cost, key: string) => cost.lines.find((each) => each.key === key);
const at = (path: string, value: unknown) => ({ path, value });

describe('what is brought in', () => {
  const bought = (more: object) =>
    costs(
      counted(sample, at('pricing', { bought: [{ id: 'x', name: 'Brass plate', count: 2.5, price: 3.33, ...more }] })),
      none,
    );

  it('costs what it says, so often, in its own unit or by the piece', () => {
    // 2.5 × 333 is 832.5: half a cent goes up.
    expect(line(bought({}), 'bought:x')).toMatchObject({ kind: 'bought', unit: 'piece', total: 833 });
    expect(line(bought({ unit: 'kg', count: 3 }), 'bought:x')).toMatchObject({ unit: 'kg', total: 999 });
    expect(shown(line(bought({}), 'bought:x')!.count)).toBe(2.5);
    // Beside it only the slides have a price, of their own row.
    expect(bought({}).totals.cost.terms.map(({ amount }) => amount)).toEqual([0, 0, 5400, 0, 833]);
    expect(line(bought({}), 'bought:x')!.of.map(({ amount }) => shown(amount))).toEqual([2.5]);
  });
});

describe('bands of edges', () => {
  const metresOf = (cost: Cost) =>
    cost.lines.filter(({ kind }) => kind === 'band').map(({ key, count }) => [key, shown(count)]);

  it('run along the edges of fronts that are told, a little over; none of framed ones', () => {
    const band = { thickness: '1 mm', edges: ['top', 'left'] };
    const banded = counted(sample, at(`${BANK}.front.band`, band));
    const drawers = banded.plan.cases[0]!.banks[0]!.drawers;
    const metres = drawers.reduce(
      (sum, { dimensions }) => sum + (dimensions['front.width']!.total + dimensions['front.height']!.total) / 1e9,
      0,
    );
    const [[key, count] = []] = metresOf(costs(banded, none)) as [string, number][];
    expect(key).toBe('band:front:1');
    expect(Number(count) / metres).toBeGreaterThan(1);
    expect(Number(count) / metres).toBeLessThan(1.3);
    const framed = at(`${BANK}.front.frame`, { stile: '40 mm', groove: '8 mm', play: '2 mm', panel: 'ply6' });
    expect(metresOf(costs(counted(sample, at(`${BANK}.front.band`, band), framed), none))).toEqual([]);
  });

  it('run round each leaf of a door, and along what of a case is told', () => {
    const locker = demo('signal-locker');
    const doors = locker.cases[0]!.doors ?? [];
    expect(doors.length).toBeGreaterThan(0);
    const bare = doors.map((_, index) => at(`cases[0].doors[${index}].frame`, undefined));
    const before = costs(counted(locker, ...bare), none)
      .lines.filter(({ kind }) => kind === 'band')
      .reduce((sum, { count }) => sum + shown(count), 0);
    const of = (edges: readonly string[]) => {
      const patches = doors.flatMap((_, index) => [
        at(`cases[0].doors[${index}].frame`, undefined),
        at(`cases[0].doors[${index}].band`, { thickness: '1 mm', edges }),
      ]);
      const banded = counted(locker, ...patches);
      const lines = costs(banded, none).lines.filter(({ kind }) => kind === 'band');
      const leaves = banded.plan.cases[0]!.doors.flatMap((door) => door.leaves);
      return { metres: lines.reduce((sum, { count }) => sum + shown(count), -before), leaves };
    };
    const sum = (all: readonly { total: number }[]) => all.reduce((whole, { total }) => whole + total / 1e9, 0);
    const [across, up, all] = [of(['top', 'bottom']), of(['left', 'right']), of(['top', 'bottom', 'left', 'right'])];
    const over = across.metres / (2 * sum(across.leaves.map(({ width }) => width)));
    expect(over).toBeGreaterThan(1);
    expect(up.metres).toBeCloseTo(2 * over * sum(up.leaves.map(({ height }) => height)), 6);
    expect(all.metres).toBeCloseTo(across.metres + up.metres, 6);
  });
});

describe('a board of the rack', () => {
  const board = (more: object = {}) => ({
    ...{ length: millimetres(2000), width: millimetres(100), thickness: millimetres(25), count: 3 },
    ...more,
  });

  it('is so much of what it is bought by', () => {
    expect(shown(amountOfBoard('m', board()))).toBe(6);
    expect(shown(amountOfBoard('m3', board()))).toBe(0.015);
    // A board foot is 144 cubic inches: 0.015 m³ by 16.387064 cm³ each.
    expect(shown(amountOfBoard('bdft', board()))).toBeCloseTo(0.015e6 / 16.387064 / 144, 5);
    expect(shown(amountOfBoard('m3', board({ thickness: undefined })))).toBe(0);
  });
});

describe('how sure a price is', () => {
  const stage = (owner: object, survey?: string) =>
    stageOf({ cases: [{ banks: [], ...owner }], ...(survey ? { survey } : {}) } as unknown as Job);
  const [built, planned] = [{ basis: 'as-built' }, { basis: 'planned' }];
  const door = { over: 'A', basis: 'planned' };

  it('counts every opening of drawers and of doors, built or measured; of a mixture the least sure', () => {
    expect(stage({ banks: [built, built] })).toBe('as-built');
    expect(stage({ banks: [built, planned] })).toBe('rough');
    expect(stage({ banks: [built, planned] }, 'second')).toBe('second');
    expect(stage({ banks: [built], doors: [{ ...door, basis: 'as-built' }] })).toBe('as-built');
    expect(stage({ banks: [built], doors: [door] })).toBe('rough');
    expect(stage({ banks: [built], doors: [door], measured: [{ compartment: 'B' }] })).toBe('rough');
    expect(stage({ banks: [built], doors: [door], measured: [{ compartment: 'A' }] })).toBe('as-built');
    expect(stage({})).toBe('rough');
  });
});

describe('what a file, and a shop, says of prices', () => {
  const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(1) });

  it('a price as a file holds it: whole cents, nothing in place of what has no price', () => {
    const of = counted(
      sample,
      at('pricing', { margin: { percent: 25, of: 'cost' }, tax: { percent: 10, how: 'added' } }),
    );
    const cost = costs(
      of,
      priced([
        ['slide:side-ball-bearing:550', 17.35],
        ['hour', 60],
      ]),
    );
    const written = priceDocument(cost, costFindings(of.job, of.plan, cost), words);
    expect(written.lines.find(({ key }) => key === 'slide:side-ball-bearing:550')).toMatchObject({
      ...{ kind: 'hardware', count: 3, pack_cents: 1735, pack_count: 1, total_cents: 5205 },
      of: [{ count: 1 }, { count: 1 }, { count: 1 }],
    });
    const screws = written.lines.find(({ key }) => key.startsWith('fixing:slide-screw'));
    expect(screws).toMatchObject({ pack_cents: null, pack_count: null, total_cents: null });
    expect(written.operations.find(({ id }) => id === 'cut')).toMatchObject({
      count: 18,
      minutes: 36,
      total_cents: 3600,
    });
    const { totals } = written;
    const parts = [
      totals.sheets_cents,
      totals.wood_cents,
      totals.hardware_cents,
      totals.labour_cents,
      totals.bought_cents,
    ];
    expect(parts.reduce((sum: number, each) => sum + (each ?? 0), 0)).toBe(totals.cost_cents);
    expect([totals.hardware_cents, totals.bought_cents, totals.wood_cents]).toEqual([5205, 0, 0]);
    expect(totals.total_cents).toBe(totals.net_cents + totals.tax_cents);
    expect(totals.without).toBe(cost.lacking.length);
    expect(totals.labour_cents).toBe(written.operations.reduce((sum, { total_cents }) => sum + (total_cents ?? 0), 0));
    expect(written.findings.map(({ code }) => code)).toContain('PRICE_MISSING');
    expect(written.findings.every(({ says }) => says.length > 10)).toBe(true);
  });

  it('what there is to be finished is told once for each kind of part', () => {
    const roles = rolesToFinish(counted(demo('signal-locker')).plan).map(({ written }) => written);
    expect(new Set(roles).size).toBe(roles.length);
    expect(roles).toEqual(expect.arrayContaining(['case-side-left', 'case-side-right']));
    expect(rolesToFinish(counted().plan).map(({ called }) => words.say(called))).toEqual(
      expect.arrayContaining(['sides', 'bottoms', 'drawer fronts']),
    );
  });

  it('what a shop says of prices is read whole, or not at all with why', () => {
    expect(readShopCosting({})).toEqual({ ok: true, costing: {} });
    const wrong = readShopCosting({ nonsense: 1 });
    expect(wrong.ok ? [] : wrong.errors.map(({ path }) => path)).toEqual(['settings.nonsense']);
    expect(readShopCosting('x').ok).toBe(false);
  });
});
