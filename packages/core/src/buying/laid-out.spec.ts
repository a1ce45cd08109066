import { take, document } from '../cutting/taken.spec-data';
import { sawOf } from '../cutting';
import { plan } from '../plan';
import { lyingIn } from '../sheets';
import { wantedOf } from './wanted';
import { learnedOf, shown } from '../costing';
import { costs, counted, priced } from '../costing/costing.spec-data';

const { document: taken, layout } = take(document);
const of = counted(taken);
const sheets = (more: object = {}) =>
  costs(of, priced([['material:ply12', 100]]), more).lines.find(({ key }) => key === 'material:ply12')!;

describe('sheets of a layout that is kept', () => {
  it('are as many as it breaks down', () => {
    expect(shown(sheets().count)).toBe(layout.sheets.length);
    expect(sheets().of.map(({ from }) => from)).toEqual(['layout']);
  });

  it('are less what is left over large enough to be kept, at the shop’s credit of its share', () => {
    const saw = sawOf(of.job);
    const size = of.job.materials.find(({ id }) => id === 'ply12')!.sheet!;
    // Every rest at least as large as the saw’s off-cut, either way round.
    const kept = layout.sheets
      .flatMap((sheet) => lyingIn(sheet, saw))
      .filter(({ piece, long, wide }) => {
        const [most, least] = [Math.max(long, wide), Math.min(long, wide)];
        return piece === undefined && most >= saw.offcut.length && least >= saw.offcut.width;
      })
      .reduce((sum, { long, wide }) => sum + (long / size.length) * (wide / size.width), 0);
    expect(kept).toBeGreaterThan(0);
    const credited = sheets({ credit: 40 });
    expect(shown(credited.count)).toBeCloseTo(layout.sheets.length - 0.4 * kept, 5);
    expect(credited.total).toBe(Math.round(10_000 * (layout.sheets.length - 0.4 * kept)));
    // What is bought are whole sheets all the same.
    const wanted = wantedOf(of.job, 'j', costs(of, priced([]), { credit: 40 })).find(
      ({ key }) => key === 'material:ply12',
    )!;
    expect(shown(wanted.amount)).toBe(layout.sheets.length);
    expect(wanted.rack).toBeUndefined();
  });

  it('from the rack cost what they were booked in at, whatever a sheet costs now; without a price their share of one', () => {
    const path = 'cutting.layouts[0].sheets[0]';
    const rack = { path: `${path}.stock`, value: 'rack-1' };
    const priced100 = priced([['material:ply12', 100]]);
    const sums = (...patches: Parameters<typeof counted>[1][]) => {
      const own = counted(taken, ...patches);
      const cost = costs(own, priced100);
      const wanted = wantedOf(own.job, 'j', cost);
      return {
        lines: cost.lines.flatMap(({ key, total }) => (/(material|rack):ply12/.test(key) ? [[key, total]] : [])),
        wanted: wanted.flatMap(({ key, amount }) => (/(material|rack):ply12/.test(key) ? [[key, shown(amount)]] : [])),
      };
    };
    const others = layout.sheets.length - 1;
    expect(sums(rack).lines).toEqual([['material:ply12', 10_000 * layout.sheets.length]]);
    // Of the rack nothing is bought.
    expect(sums(rack).wanted).toEqual([['material:ply12', others]]);
    const booked = sums(rack, { path: `${path}.price`, value: 31.5 });
    expect(booked.lines).toEqual([
      ['material:ply12', 10_000 * others],
      ['rack:ply12:s0', 3150],
    ]);
    expect(booked.wanted).toEqual([['material:ply12', others]]);
    // Free where it is said so.
    expect(sums(rack, { path: `${path}.price`, value: 0 }).lines[1]).toEqual(['rack:ply12:s0', 0]);
  });

  it('teach how much of them was lost', () => {
    const area = of.parts
      .filter(({ material }) => material.id === 'ply12')
      .reduce((sum, { length, width }) => sum + length.total * width.total, 0);
    const { length, width } = of.job.materials.find(({ id }) => id === 'ply12')!.sheet!;
    const used = layout.sheets.length * length * width;
    const { waste } = learnedOf(of.job, plan(of.job), costs(of, priced([]), { credit: 40 }), []);
    expect(waste).toBeCloseTo((used / area - 1) * 100, 1);
  });
});
