import fc from 'fast-check';
import { addUp, decimal, over, pieces, shown, times, type Price } from '../costing';
import { costs, counted, priced } from '../costing/costing.spec-data';
import { millimetres } from '../length';
import { buyingList, type Buying, type BuyLine, type BuyingFor, type Had } from './list';
import { buyingLate } from './late';
import { dayAfter } from './days';
import { gatesOf, withGates } from './in-hand';
import { orderRows, orderText, readOrderLabel, type OrderedList } from './order';
import { readSupplier } from './supplier-row';
import { bySupplier } from './suppliers';
import { wantedOf, type Wanted } from './wanted';
import { sample } from '../job/sample.spec-data';
import { demo } from '../plan/plan.spec-data';
import { ENGLISH, wordsIn } from '../words';

const SCREWS = 'fixing:slide-screw:12.7';
const screws = (count: number): Wanted => ({
  ...{ key: SCREWS, kind: 'hardware', what: { code: 'cost/catch' } as Wanted['what'], unit: 'piece' },
  amount: pieces(count),
});
const forJob = (job: string, ...wanted: Wanted[]): BuyingFor => ({ job, name: job.toUpperCase(), wanted });
const hundred = (more: Partial<Price> = {}): Price => ({
  ...{ key: SCREWS, unit: 'piece', pack: pieces(100), cents: 450, ...more },
});
const buying = (more: Partial<Buying> = {}): Buying => ({
  ...{ prices: new Map([[SCREWS, hundred()]]), rack: [], drawer: new Map(), had: [], ...more },
});
const had = (job: string, count: number, is: Had['is'] = 'ordered'): Had => ({
  ...{ job, key: SCREWS, count: pieces(count), is },
});
const only = (lines: readonly BuyLine[]): BuyLine => lines[0]!;
const told = ({ short, packs, over: more, total, store }: BuyLine) => ({
  ...{ short: shown(short), packs, over: shown(more), total, store: shown(store) },
});

describe('a label of what arrives', () => {
  it.each<[string, number, number]>([
    ['12-3', 12, 3],
    ['  12 - 3  ', 12, 3],
    ['\t12/3\n', 12, 3],
    ['12.3', 12, 3],
    ['123456789-1234', 123_456_789, 1234],
    ['7-10', 7, 10],
    ['10   -   7', 10, 7],
  ])('%j names a line of an order', (text, number, line) => expect(readOrderLabel(text)).toEqual({ number, line }));

  it.each(['', '12', '12-', '-3', '1234567890-1', '1-12345', 'x12-3', '12-3x', '12_3', '12 3', '1-2-3', '12--3'])(
    '%j names none',
    (text) => expect(readOrderLabel(text)).toBeUndefined(),
  );
});

describe('a list to buy from', () => {
  it('rounds what all jobs want together up to packs', () => {
    const line = only(buyingList([forJob('a', screws(70)), forJob('b', screws(60))], buying()));
    expect(told(line)).toEqual({ short: 130, packs: 2, over: 70, total: 900, store: 0 });
    expect(line.of.map(({ name, short }) => [name, shown(short)])).toEqual([
      ['A', 70],
      ['B', 60],
    ]);
  });

  it('takes what lies in the drawer first, for the jobs in their order', () => {
    const drawer = new Map([[SCREWS, pieces(80)]]);
    const line = only(buyingList([forJob('a', screws(70)), forJob('b', screws(60))], buying({ drawer })));
    expect(told(line)).toEqual({ short: 50, packs: 1, over: 50, total: 450, store: 80 });
    expect(line.of.map(({ store }) => shown(store))).toEqual([70, 10]);
  });

  it('asks nothing again of what a job has ordered, laid aside or got; another job’s is not its own', () => {
    const jobs = [forJob('a', screws(70)), forJob('b', screws(60))];
    const all = [had('a', 50), had('a', 20, 'aside'), had('c', 500, 'arrived')];
    const line = only(buyingList(jobs, buying({ had: all })));
    expect(told(line)).toMatchObject({ short: 60, packs: 1 });
    expect(shown(line.had.ordered)).toBe(50);
    expect(shown(line.had.aside)).toBe(20);
    expect(shown(line.had.arrived)).toBe(0);
  });

  it('tells what a job has more than it wants by now, and gives it to no other', () => {
    const jobs = [forJob('a', screws(10)), forJob('b', screws(60))];
    const line = only(buyingList(jobs, buying({ had: [had('a', 100)] })));
    expect(line.of.map(({ spare, short }) => [shown(spare), shown(short)])).toEqual([
      [90, 0],
      [0, 60],
    ]);
  });

  it('is bought by the piece where nobody says how it comes, without a sum', () => {
    const line = only(buyingList([forJob('a', screws(7))], buying({ prices: new Map() })));
    expect(line).toMatchObject({ packs: 7 });
    expect(line.total).toBeUndefined();
  });

  it('keeps apart what two jobs know by one key and call differently', () => {
    const other = { ...screws(5), what: { code: 'cost/pull' } as Wanted['what'] };
    const lines = buyingList([forJob('a', screws(70)), forJob('b', other)], buying());
    expect(lines.map(({ key, wanted }) => [key, shown(wanted)])).toEqual([
      [SCREWS, 70],
      [SCREWS, 5],
    ]);
    expect(lines[0]!.id).not.toBe(lines[1]!.id);
  });

  it('sells wood by its measure, to a thousandth of a cubic metre', () => {
    const wood: Wanted = { ...screws(1), unit: 'm3', amount: decimal(0.0183) };
    const line = only(
      buyingList(
        [forJob('a', wood)],
        buying({ prices: new Map([[SCREWS, hundred({ pack: pieces(1), cents: 390_000 })]]) }),
      ),
    );
    expect([shown(line.pack), line.packs, line.packCents, line.total]).toEqual([0.019, 1, 7410, 7410]);
  });

  it('covers every job, with as few packs as that takes, whatever there is', () => {
    const amount = fc.integer({ min: 1, max: 500 });
    const some = fc.array(fc.record({ wants: amount, has: fc.integer({ min: 0, max: 500 }) }), { minLength: 1 });
    fc.assert(
      fc.property(some, fc.integer({ min: 0, max: 800 }), amount, (all, lies, pack) => {
        const jobs = all.map(({ wants }, at) => forJob(`j${at}`, screws(wants)));
        const line = only(
          buyingList(jobs, {
            ...{ prices: new Map([[SCREWS, hundred({ pack: pieces(pack) })]]), rack: [] },
            drawer: new Map([[SCREWS, pieces(lies)]]),
            had: all.map(({ has }, at) => had(`j${at}`, has)),
          }),
        );
        const lacks = all.reduce((sum, { wants, has }) => sum + Math.max(0, wants - has), 0);
        const short = Math.max(0, lacks - lies);
        expect(shown(line.short)).toBe(short);
        expect(line.packs).toBe(Math.ceil(short / pack));
        expect(shown(addUp(line.of.map((each) => each.store)))).toBe(Math.min(lies, lacks));
      }),
    );
  });
});

describe('what a job wants', () => {
  const of = counted();
  const wanted = wantedOf(of.job, 'j1', costs(of, priced([])));

  it('is every line of its price: no screw is forgotten', () => {
    const { lines } = costs(of, priced([]));
    expect(wanted.map(({ key }) => key)).toEqual(lines.map(({ key }) => key));
    expect(wanted.map(({ amount }) => shown(amount))).toEqual(lines.map(({ count }) => shown(count)));
    expect(wanted.some(({ key }) => key.startsWith('fixing:slide-screw'))).toBe(true);
  });

  it('asks the rack for what it holds, sheets and wood, and for nothing else', () => {
    const inSheets = counted(sample, { path: 'materials[0].sheet', value: { length: '2440 mm', width: '1220 mm' } });
    const all = costs(inSheets, priced([]));
    const held = (key: string): boolean =>
      ['sheets', 'wood'].includes(all.lines.find((line) => line.key === key)?.kind ?? '') &&
      key.startsWith('material:');
    const asked = wantedOf(inSheets.job, 'j1', all).map(({ key, rack }) => [key, rack !== undefined] as const);
    expect(asked).toEqual(asked.map(([key]) => [key, held(key)]));
    expect(new Set(asked.map(([, is]) => is))).toEqual(new Set([true, false]));
  });

  it('takes whole sheets from the rack, those that are large enough; of boards as much as they hold', () => {
    const inSheets = counted(sample, { path: 'materials[0].sheet', value: { length: '2440 mm', width: '1220 mm' } });
    const wanted = wantedOf(inSheets.job, 'j1', costs(inSheets, priced([])));
    const sheets = wanted.find(({ kind }) => kind === 'sheets')!;
    const { name, sheet } = sheets.rack!;
    const item = { material: name, kind: 'sheet', length: sheet!.width, width: sheet!.length, count: 1 } as const;
    const small = { ...item, length: millimetres(600) };
    const line = (rack: Buying['rack']) =>
      only(buyingList([forJob('a', sheets)], { prices: new Map(), rack, drawer: new Map(), had: [] }));
    expect(shown(line([item]).store)).toBe(1);
    const along = { ...item, length: sheet!.length, width: sheet!.width };
    expect(shown(line([along, { ...along, width: millimetres(600) }]).store)).toBe(1);
    expect(shown(line([small, { ...item, kind: 'off-cut' }, { ...item, material: 'another' }]).store)).toBe(0);
    // A board foot is a foot by a foot by an inch. Common practice.
    const wood: Wanted = { ...sheets, unit: 'bdft', amount: pieces(9), rack: { name } };
    const board = { ...item, kind: 'board', length: millimetres(2438.4), width: millimetres(152.4) } as const;
    const of = buyingList([forJob('a', wood)], {
      ...{ prices: new Map(), drawer: new Map(), had: [] },
      rack: [{ ...board, thickness: millimetres(25.4) }, board],
    });
    expect(shown(only(of).store)).toBe(4);
  });
});

it('what is brought in by hand has a key of its own job: nobody else’s top is meant', () => {
  const top = { id: 'top', name: 'Slate top', count: 1, price: 90 };
  const of = counted(sample, { path: 'pricing', value: { bought: [top] } });
  const keys = wantedOf(of.job, 'j7', costs(of, priced([]))).flatMap(({ key, kind }) =>
    kind === 'bought' ? [key] : [],
  );
  expect(keys).toEqual(['bought:j7:top']);
});

describe('a row of the shop’s suppliers', () => {
  it('is who sells, how orders reach them and how many days they take', () => {
    const row = { name: 'Skerry Point hardware', by: 'service', leadDays: 4, customer: '118' };
    expect(readSupplier(row)).toEqual({ ok: true, row });
    expect(readSupplier({ ...row, by: 'hand' }).ok).toBe(true);
  });

  it.each<[string, object, string]>([
    ['no name', { name: '', by: 'hand' }, 'row.name'],
    ['a way nobody knows', { name: 'A', by: 'gull' }, 'row.by'],
    ['half a day', { name: 'A', by: 'hand', leadDays: 1.5 }, 'row.leadDays'],
    ['more than a year', { name: 'A', by: 'hand', leadDays: 401 }, 'row.leadDays'],
    ['what is no part of it', { name: 'A', by: 'hand', boat: 'yes' }, 'row.boat'],
  ])('with %s is told where', (_, row, path) => {
    const read = readSupplier(row);
    expect(read.ok).toBe(false);
    expect(read.ok ? [] : read.errors.map((each) => each.path)).toEqual([path]);
  });
});

describe('what is bought of whom', () => {
  it('stands by supplier, nobody’s last, and adds up', () => {
    const lines = buyingList(
      [forJob('a', screws(10), { ...screws(1), key: 'pin' }, { ...screws(2), key: 'catch' })],
      buying({
        prices: new Map([
          [SCREWS, hundred({ supplier: 'Skerry Point hardware' })],
          ['catch', hundred({ pack: pieces(1), cents: 120, supplier: 'Skerry Point hardware' })],
        ]),
      }),
    );
    const from = bySupplier(lines, [{ name: 'Skerry Point hardware', leadDays: 4 }]);
    expect(from.map(({ supplier, leadDays, total, without }) => [supplier, leadDays, total, without])).toEqual([
      ['Skerry Point hardware', 4, 690, 0],
      [undefined, undefined, 0, 1],
    ]);
    const late = (by: string) => buyingLate(from, [], { today: '2026-11-29', by }).map(({ code }) => code);
    expect(late('2026-12-03')).toEqual([]);
    expect(late('2026-12-02')).toEqual(['BUY_LATE', 'BUY_LATE']);
    const awaited = [{ what: lines[0]!.what, expectedOn: '2026-12-20' }];
    expect(buyingLate([], awaited, { today: '2026-11-29', by: '2026-12-20' })).toEqual([]);
    expect(buyingLate([], awaited, { today: '2026-11-29', by: '2026-12-19' })).toHaveLength(1);
  });

  it('counts days across months', () => {
    expect(dayAfter('2026-12-30', 3)).toBe('2027-01-02');
    expect(dayAfter('2028-02-28', 1)).toBe('2028-02-29');
  });
});

describe('gates that open by what is in hand', () => {
  const { job, plan } = counted();
  const keys = costs(counted(), priced([])).lines.flatMap(({ key }) => (key.startsWith('slide:') ? [key] : []));
  const deed = { at: '2026-11-29T10:00:00Z', by: 'Ada' };

  it('open once all slides of a bank are, and not by some of them', () => {
    expect(gatesOf(job, plan, new Set())).toEqual([]);
    const opened = gatesOf(job, plan, new Set(keys));
    expect(opened).toEqual([{ gate: 'slides', case: plan.cases[0]!.id, bank: plan.cases[0]!.banks[0]!.bank.id }]);
    const document = withGates(sample, opened, deed);
    expect(document.cases[0]!.banks[0]!.gates).toEqual({ ...sample.cases[0]!.banks[0]!.gates, slides: deed });
    const again = counted(document);
    expect(gatesOf(again.job, again.plan, new Set(keys))).toEqual([]);
    if (keys.length > 1) expect(gatesOf(job, plan, new Set(keys.slice(1)))).toEqual([]);
  });

  it('open once all hinges of a case are, of each case by itself, and not again', () => {
    const locker = demo('signal-locker');
    const [one] = locker.cases;
    const other = { ...one!, id: 'c2', name: 'Other locker' };
    const both = (...gates: readonly (object | undefined)[]) =>
      counted({
        ...locker,
        cases: [one!, other].map((each, at) => ({ ...each, ...(gates[at] ? { gates: gates[at] } : {}) })),
      } as typeof locker);
    const hinges = new Set(
      costs(both(), priced([])).lines.flatMap(({ key }) => (key.startsWith('hinge:') ? [key] : [])),
    );
    expect(hinges.size).toBeGreaterThan(0);
    const opened = (...gates: readonly (object | undefined)[]) => {
      const { job: read, plan: planned } = both(...gates);
      return gatesOf(read, planned, hinges).filter(({ gate }) => gate === 'hinges');
    };
    const [first, second] = [one!.id, 'c2'].map((id) => ({ gate: 'hinges', case: id }));
    expect(opened()).toEqual([first, second]);
    expect(opened({ hinges: deed })).toEqual([second]);
    expect(opened(undefined, { hinges: deed })).toEqual([first]);
    expect(opened({ hinges: deed }, { hinges: deed })).toEqual([]);
    const documents = { ...locker, cases: [one!, other] } as typeof locker;
    const [was, is] = withGates(documents, opened({ hinges: deed }), deed).cases;
    expect([was?.gates, is?.gates]).toEqual([one!.gates, { ...other.gates, hinges: deed }]);
    const { job: read, plan: planned } = both();
    expect(gatesOf(read, planned, new Set()).filter(({ gate }) => gate === 'hinges')).toEqual([]);
  });
});

describe('an order', () => {
  const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(1) });
  const order: OrderedList = {
    ...{ number: 7, supplier: 'Skerry Point hardware', madeAt: '2026-11-29T10:00:00Z' },
    lines: [
      { line: 1, key: SCREWS, what: 'screws', unit: 'piece', pack: 100, packs: 2, cents: 450 },
      { line: 2, key: 'catch', what: 'a catch', unit: 'piece', pack: 1, packs: 3 },
    ],
  };

  const HEADS = ['Label', 'Key', 'What', 'Packs', 'In a pack', 'Unit', 'A pack', 'Together'];

  it('is a table and a text, a line a thing', () => {
    expect(orderRows(order, words)[0]).toEqual(HEADS);
    expect(orderRows(order, words).slice(1)).toEqual([
      ['7-1', SCREWS, 'screws', '2', '100', 'piece', '4.50', '9.00'],
      ['7-2', 'catch', 'a catch', '3', '1', 'piece', '', ''],
    ]);
    expect(orderText(order, words)).toBe(
      `Order 7 to Skerry Point hardware\n\n7-1  2 packs of 100 piece: screws (${SCREWS})\n7-2  3 piece: a catch (catch)\n`,
    );
  });

  it('is known again by the label of a line', () => {
    expect(readOrderLabel(' 7-2 ')).toEqual({ number: 7, line: 2 });
    for (const text of ['7', '7-', 'catch', 'slide:s:450', '7-2-1']) expect(readOrderLabel(text)).toBeUndefined();
  });
});

it('whole packs times their price is what a line costs, to the cent', () => {
  const line = only(buyingList([forJob('a', screws(101))], buying()));
  expect(line.total).toBe(Number(times(pieces(line.packs), pieces(450)).n));
  expect(shown(over(line.wanted, decimal(0.5)))).toBe(202);
});
