import fc from 'fast-check';
import { cutUp, RULES, SHEET } from './cut-up.spec-data';
import { fewestSheets } from './bound';
import { replay } from './replay.spec-data';
import { layOut, type Found } from './search';
import { lyingIn } from './steps';
import type { LayoutTask, Piece } from './types';
import { millimetres } from '../length';

const piece = (id: string, length: number, width: number, mayTurn = false): Piece => ({
  id,
  length: millimetres(length),
  width: millimetres(width),
  mayTurn,
});

/** The best after so many tries, or when it is proven. */
function best(task: LayoutTask, tries: number, seed = 1): Found {
  let last: Found | undefined;
  for (const found of layOut(task, seed)) {
    last = found;
    if (found.tried >= tries) break;
  }
  return last!;
}

describe('laying parts out on sheets', () => {
  it('cuts what fits from one sheet, by straight cuts with the kerf between', () => {
    const pieces = Array.from({ length: 8 }, (_, index) => piece(`side ${index}`, 550, 140));
    const found = best({ pieces, stock: [SHEET], rules: RULES }, 5);
    replay({ pieces, stock: [SHEET], rules: RULES }, found.layout);
    expect(found).toMatchObject({ fewest: 1, proven: true });
  });

  it('keeps the grain, the stages, the trim and the stock there is, whatever the parts', () => {
    const size = fc.integer({ min: 40, max: 1200 });
    const parts = fc.array(fc.tuple(size, fc.integer({ min: 40, max: 600 }), fc.boolean()), {
      minLength: 1,
      maxLength: 40,
    });
    const rules = fc.record({
      kerf: fc.constantFrom(0, 2.4, 3.2).map(millimetres),
      trim: fc.constantFrom(0, 10).map(millimetres),
      stages: fc.integer({ min: 2, max: 6 }),
      ripFirst: fc.boolean(),
    });
    fc.assert(
      fc.property(parts, rules, fc.boolean(), (sizes, saw, offcut) => {
        const pieces = sizes.map(([length, width, mayTurn], index) => piece(`p${index}`, length, width, mayTurn));
        const rest = { id: 'off-cut', length: millimetres(900), width: millimetres(400), count: 1 };
        const task = { pieces, stock: offcut ? [rest, SHEET] : [SHEET], rules: saw };
        const { layout } = best(task, 60);
        replay(task, layout);
        expect(layout.left).toEqual([]);
      }),
      { numRuns: 20 },
    );
  });

  it('takes what is in the rack before a sheet is bought', () => {
    const pieces = [piece('side', 550, 140)];
    const rest = { ...SHEET, id: 'rack', count: 1 };
    for (const stock of [
      [rest, SHEET],
      [SHEET, rest],
    ])
      expect(best({ pieces, stock, rules: RULES }, 200).layout.sheets.map((sheet) => sheet.stock)).toEqual(['rack']);
  });

  it('takes two off-cuts from the rack rather than buying a second sheet', () => {
    const sizes = [
      [700, 700],
      [700, 800],
      [700, 200],
      [800, 500],
    ] as const;
    const pieces = sizes.map(([length, width], index) => piece(`p${index}`, length, width, true));
    const stockOf = (id: string, length: number, width: number, count?: number) => ({
      id,
      length: millimetres(length),
      width: millimetres(width),
      ...(count === undefined ? {} : { count }),
    });
    const stock = [stockOf('rack 1', 1100, 900, 1), stockOf('rack 2', 1000, 800, 1), stockOf('bought', 1250, 1250)];
    const rules = { kerf: millimetres(0), trim: millimetres(0), stages: 4, ripFirst: true };
    const { layout } = best({ pieces, stock, rules }, 300);
    expect(layout.sheets.map((sheet) => sheet.stock).sort()).toEqual(['bought', 'rack 1', 'rack 2']);
  });

  it('leaves what no stock is large enough for, and says which', () => {
    const pieces = [piece('rail', 2600, 80), piece('side', 500, 120)];
    const { layout } = best({ pieces, stock: [SHEET], rules: RULES }, 50);
    expect(layout.left).toEqual(['rail']);
    expect(best({ pieces: [], stock: [SHEET], rules: RULES }, 5).layout).toEqual({ sheets: [], left: [] });
  });

  it('is the same for the same task and seed', () => {
    const task = { pieces: cutUp(30, 7).slice(0, 26), stock: [SHEET], rules: { ...RULES, stages: 6 } };
    expect(best(task, 200, 5)).toEqual(best(task, 200, 5));
  });

  it('never gets worse, and never under what is proven', () => {
    const pieces = [...cutUp(25, 1), ...cutUp(25, 2).map((each) => ({ ...each, id: `q${each.id}` }))].filter(
      (_, i) => i % 7 !== 0,
    );
    const task = { pieces, stock: [SHEET], rules: RULES };
    let sheets = Infinity;
    for (const found of layOut(task)) {
      expect(found.layout.sheets.length).toBeLessThanOrEqual(sheets);
      expect(found.layout.sheets.length).toBeGreaterThanOrEqual(fewestSheets(task));
      sheets = found.layout.sheets.length;
      if (found.tried > 120) break;
    }
  });

  it.each<[number, number, boolean]>([
    [30, 1, false],
    [45, 1, true],
    [60, 2, false],
    [80, 1, false],
  ])('puts %i parts of %i sheets cut up without waste together again (turned: %s)', (parts, sheets, mayTurn) => {
    const rules = { ...RULES, stages: 40, ripFirst: false };
    for (const seed of [11, 12]) {
      const task = { pieces: cutUp(parts, seed, sheets, mayTurn), stock: [SHEET], rules };
      const found = best(task, 40_000);
      replay(task, found.layout);
      expect(found.layout.sheets).toHaveLength(sheets);
    }
  });

  it('is judged by what the builder likes: fewer settings, or larger off-cuts', () => {
    const pieces = cutUp(60, 4, 2).filter((_, index) => index % 4 !== 0);
    const liking = (fewerSettings: number, biggerOffcuts: number) =>
      best({ pieces, stock: [SHEET], rules: RULES, likes: { fewerSettings, biggerOffcuts } }, 1500);
    const [settings, offcuts] = [liking(5, 0), liking(0, 5)];
    replay({ pieces, stock: [SHEET], rules: RULES }, settings.layout);
    expect(settings.settings).toBeLessThan(offcuts.settings);
    const largest = ({ layout }: Found): number =>
      Math.max(
        ...layout.sheets.flatMap((sheet) =>
          lyingIn(sheet, RULES).map(({ piece: part, long, wide }) => (part ? 0 : long * wide)),
        ),
      );
    expect(largest(offcuts)).toBeGreaterThan(largest(settings));
  });

  it('is refused by the replay where a cut, a size or the grain is wrong', () => {
    const pieces = [piece('a', 500, 100), piece('b', 500, 100)];
    const task = { pieces, stock: [SHEET], rules: RULES };
    const { layout } = best(task, 1);
    const spoilt =
      (change: (text: string) => string): (() => void) =>
      () =>
        replay(task, JSON.parse(change(JSON.stringify(layout))) as never);
    expect(spoilt((text) => text)).not.toThrow();
    expect(spoilt((text) => text.replace('"piece":"a"', '"piece":"b"'))).toThrow('not every part once');
    expect(spoilt((text) => text.replace('"turned":false', '"turned":true'))).toThrow('across the grain');
    expect(spoilt((text) => text.replace('"size":100000000', '"size":99000000'))).toThrow(/not 500000000 × 100000000/);
    expect(spoilt((text) => text.replace(/"size":\d+/, '"size":5000000000'))).toThrow('a cut at');
  });
});
