import type { Order, QuoteShown } from '@zabble/contract';
import {
  costOf,
  ENGLISH,
  momentOf,
  NO_SETTINGS,
  priceOf,
  quoteOf,
  wordsIn,
  type JobDocument,
  type ShopRead,
} from '@zabble/core';
import { drawn } from './drawn.spec-data';
import { makePrint, type PrintOrder } from './make';
import { demo, layoutsOf, wish, worked } from './printed.spec-data';
import { FONTS } from './prints-here.spec-data';

const make = (name: PrintOrder['name'], sent: object) =>
  makePrint({ name, sent: Buffer.from(JSON.stringify(sent)), fonts: FONTS }, () => undefined);

const [CHEST, BENCH, NOTIONS] = (['flag-chest', 'splicing-bench', 'notions-bank'] as const).map(demo) as [
  JobDocument,
  JobDocument,
  JobDocument,
];

/**
 * Papers stay what they are, to the letter and to a hundredth of a point, until somebody means to change them: then they are
 * looked at, and `npm run jest -- told -u` writes them down anew.
 * @alone found by its name
 */
describe('on paper', () => {
  beforeAll(() => {
    // The day it is printed stands on it.
    const now = new Date('2026-11-30T08:00:00Z');
    jest.useFakeTimers({ now, doNotFake: ['nextTick', 'setImmediate', 'setTimeout', 'queueMicrotask', 'performance'] });
  });
  afterAll(() => {
    jest.useRealTimers();
  });

  it.each([
    ['cut-list.pdf', 'notions-bank', { document: NOTIONS }],
    ['cut-list.pdf', 'splicing-bench, letter, grey', { document: BENCH, paper: 'letter', ink: 'grey' }],
    ['labels.pdf', 'flag-chest', { document: CHEST }],
    ['layouts.pdf', 'notions-bank', { document: NOTIONS, layouts: layoutsOf(NOTIONS) }],
    ['bench-card.pdf', 'notions-bank', { document: NOTIONS }],
    ['bench-card.pdf', 'splicing-bench', { document: BENCH }],
    ['story-stick.pdf', 'splicing-bench', { document: BENCH }],
    ['story-stick-strip.pdf', 'notions-bank', { document: NOTIONS }],
    ['templates.pdf', 'flag-chest', { document: CHEST }],
  ] as const)('%s of %s is as it was', async (name, _, more) => {
    expect(await drawn(() => make(name, { ...wish, ...more }))).toMatchSnapshot();
  });

  it('a quote is as it was', async () => {
    const { job, planned } = worked(BENCH);
    const { lines } = costOf(job, planned, NO_SETTINGS);
    // Made-up prices; one thing has none.
    const prices = new Map(
      lines
        .slice(1)
        .map(({ key, unit }, at) => [key, priceOf({ key, unit, cents: 900 + 7 * at, pack: 1, date: '2026-06-01' })]),
    );
    const usual = { tax: { percent: 20, how: 'added' } } as const;
    const cost = costOf(job, planned, { ...NO_SETTINGS, prices, usual });
    const body = quoteOf({ job, plan: planned, cost, words: wordsIn(ENGLISH, planned) }, 'parts');
    const quote: QuoteShown = {
      ...{ number: 7, body, madeAt: '2026-11-30T08:00:00Z', validUntil: '2026-12-29', currency: 'EUR' },
      ...{ terms: 'Half with the order.\n\n Half when it stands.', excluded: 'Bringing it up the loft stairs.' },
    };
    expect(await drawn(() => make('quote.pdf', { quote, paper: 'a4' }))).toMatchSnapshot();
  });

  it('an order of two pages is as it was', async () => {
    const lines = Array.from({ length: 50 }, (_, at) => ({
      ...{ line: at + 1, key: `hinge-${at + 1}`, what: `hinges, full overlay, ${at} mm`, unit: 'each', for: [] },
      ...{ pack: at % 3 === 0 ? 10 : 1, packs: at + 1, ...(at % 4 === 0 ? {} : { cents: 250 + at }) },
    }));
    const order: Order = {
      ...{ id: 'o', number: 12, supplier: 'Harbour timber', byService: false, state: 'ordered', lines },
      ...{ madeAt: '2026-11-30T08:00:00Z', madeBy: 'Runa' },
    };
    expect(await drawn(() => make('order.pdf', { order, paper: 'letter' }))).toMatchSnapshot();
  });

  it('the days are as they were, on the wall, as a table and as a calendar', async () => {
    const read: ShopRead = {
      calendar: {
        people: [
          { id: 'p1', name: 'Ada' },
          { id: 'p2', name: 'Runa' },
          { id: 'p3', name: '' },
        ],
      },
      ...{ costing: {}, prices: [], rack: [], drawer: [], had: [], onOrder: [], suppliers: [] },
      jobs: [{ id: 'job', document: CHEST, fixed: {}, due: '2026-12-04' }],
    };
    const order = { read, now: { now: momentOf('2026-11-30', 8 * 60), zone: 60 } };
    expect(await drawn(() => make('week.pdf', { ...order, paper: 'a4' }))).toMatchSnapshot('week.pdf');
    for (const name of ['week.csv', 'week.ics'] as const) {
      const made = await make(name, { ...order, paper: 'a4' });
      expect('data' in made && Buffer.from(made.data).toString()).toMatchSnapshot(name);
    }
  });
});
