import { said } from '../words';
import { afterwards, learnedOf, median } from './afterwards';
import { shown } from './amount';
import { costs, counted, priced } from './costing.spec-data';
import { costSums } from './difference';
import { sample } from '../job/sample.spec-data';

const of = counted();
const prices = priced([
  ['hour', 60],
  ['slide:side-ball-bearing:550', 17.35],
]);
const cost = costs(of, prices);
const line = (lines: ReturnType<typeof afterwards>, key: string) => lines.find((each) => each.key === key);

describe('after the work', () => {
  it('stands beside one another what was quoted, is planned, and came about', () => {
    const slides = costSums(cost).find(({ key }) => key.startsWith('slide:'))!;
    const lines = afterwards(
      cost,
      [
        { operation: 'cut', minutes: 30 },
        { operation: 'cut', minutes: 15 },
        { operation: 'travel', minutes: 20 },
        { minutes: 10 },
      ],
      {
        quoted: [
          { key: slides.key, what: said('cost/pull'), cents: 999 },
          { key: 'work:cut:1', what: said('cost/pull'), cents: 1200 },
          { key: 'gone', what: said('cost/pull'), cents: 5 },
        ],
        bought: [{ key: slides.key, cents: 4000 }],
      },
    );
    expect(line(lines, slides.key)).toMatchObject({ quoted: 999, planned: slides.cents, actual: 4000 });
    // Three quarters of an hour at 60.
    expect(line(lines, 'work:cut')).toMatchObject({ quoted: 1200, actual: 4500 });
    expect(line(lines, 'work:travel')).toMatchObject({ actual: 2000, what: said('cost/operation', { id: 'travel' }) });
    expect(line(lines, 'work:')).toMatchObject({ actual: 1000, what: said('cost/whole-job') });
    expect(line(lines, 'gone')).toEqual({ key: 'gone', what: said('cost/pull'), quoted: 5 });
    const planned = lines.reduce((sum, each) => sum + (each.planned ?? 0), 0);
    expect(planned).toBe(costSums(cost).reduce((sum, { cents }) => sum + cents, 0));
  });

  it('tells nothing of what nobody wrote down or bought', () => {
    for (const each of afterwards(cost, [], { quoted: [], bought: [] })) expect(each.actual).toBeUndefined();
  });

  it('teaches minutes by what the plan counts, and nothing of what it counts none of', () => {
    const { work, waste } = learnedOf(of.job, of.plan, cost, [
      { operation: 'box', minutes: 40 },
      { operation: 'travel', minutes: 20 },
      { minutes: 99 },
    ]);
    const boxes = cost.work.find(({ id }) => id === 'box')!;
    expect(work).toEqual([{ operation: 'box', count: shown(boxes.count), minutes: 40 }]);
    expect(waste).toBeUndefined();
  });

  it('goes by the middle of what jobs taught, and says how many', () => {
    expect(median([])).toBeUndefined();
    expect(median([3])).toEqual({ value: 3, jobs: 1 });
    expect(median([9, 1, 4])).toEqual({ value: 4, jobs: 3 });
    expect(median([1, 2, 4, 100])).toEqual({ value: 3, jobs: 4 });
  });
});

it('buys sheets by the shop’s own waste', () => {
  const sheet = { path: 'materials[0].sheet', value: { length: '600 mm', width: '600 mm' } };
  const small = counted(sample, sheet);
  const sheets = (waste?: number) => {
    const [first] = costs(small, priced([]), waste === undefined ? {} : { waste }).lines;
    return shown(first!.count);
  };
  expect(sheets()).toBe(sheets(20));
  expect(sheets(0)).toBeLessThan(sheets(20));
  expect(sheets(150)).toBeGreaterThan(sheets(20));
});
