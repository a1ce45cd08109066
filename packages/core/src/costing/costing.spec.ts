import { demo } from '../plan/plan.spec-data';
import { wholeBank, wholeJob, WHOLE_CASE } from '../plan/whole-case.spec-data';
import { caseFixings } from '../plan';
import { sample } from '../job/sample.spec-data';
import { said } from '../words';
import { shown } from './amount';
import { codesOf, costs, counted, priced } from './costing.spec-data';
import type { Cost } from './cost';

const bench = () => counted(demo('splicing-bench'));
const count = (cost: Cost, key: string): number | undefined => {
  const line = cost.lines.find((each) => each.key === key);
  return line && shown(line.count);
};
const work = (cost: Cost, id: string) =>
  cost.work.filter((each) => each.id === id).map((each) => [shown(each.count), shown(each.minutes), each.people]);
const none = priced([]);

describe('what a job takes', () => {
  it('is counted by the plan of three plain drawers', () => {
    const cost = costs(counted(), none);
    expect(count(cost, 'slide:side-ball-bearing:550')).toBe(3);
    // Common practice: three in each member of a pair, four in the case over 500 mm: 2 × (3 + 4) a drawer; the longest a
    // side of 11.8 mm takes is 3/8 in, as 1/2 in would leave less than half a millimetre.
    expect(count(cost, 'fixing:slide-screw:9.525')).toBe(42);
    // Eighteen parts, six of a drawer: cut, put together, hung, a front fitted to each.
    expect(work(cost, 'cut')).toEqual([[18, 36, 1]]);
    expect(work(cost, 'box')).toEqual([[3, 36, 1]]);
    expect(work(cost, 'hang')).toEqual([[3, 45, 1]]);
    expect(work(cost, 'front')).toEqual([[3, 30, 1]]);
    expect(work(cost, 'install')).toEqual([[1, 60, 1]]);
  });

  it('is a pair less with a drawer less, and its price so much lower', () => {
    const prices = priced([['slide:side-ball-bearing:550', 17.35]]);
    const [three, two] = [sample, { ...sample, cases: fewer() }].map((job) => costs(counted(job), prices));
    const line = (cost: Cost | undefined) => cost?.lines.find(({ key }) => key.startsWith('slide:'))?.total ?? 0;
    expect(line(three) - line(two)).toBe(1735);
  });

  it('has two locks to a drawer whose slides are under it, and nothing bought where they are wood', () => {
    const slides = (family: string) =>
      costs(counted(sample, { path: 'cases[0].banks[0].slide.family', value: family }), none).lines.filter(({ key }) =>
        /^(slide|lock|fixing:slide)/.test(key),
      );
    expect(slides('undermount-16').find(({ key }) => key === 'lock')).toMatchObject({ key: 'lock' });
    expect(shown(slides('undermount-16').find(({ key }) => key === 'lock')!.count)).toBe(6);
    expect(slides('side-ball-bearing').some(({ key }) => key === 'lock')).toBe(false);
    expect(slides('wood-runner').filter(({ key }) => !key.startsWith('fixing'))).toEqual([]);
  });

  it('fixes what is bought to pull by, whether it has one bore or two, and nothing where a grip is cut', () => {
    const pulls = (width: string, pull: object | undefined) => {
      const front = { path: 'cases[0].banks[0].front.pull', value: pull };
      const opening = { path: 'cases[0].banks[0].opening.width', value: [width] };
      return work(costs(counted(sample, opening, front), none), 'pull').map(([each]) => each);
    };
    const bored = { school: 'centre', purchase: '10 mm' };
    expect(pulls('400 mm', undefined)).toEqual([]);
    for (const pull of [bored, { ...bored, centres: '96 mm' }, { ...bored, kind: 'bought' }]) {
      expect(pulls('400 mm', pull)).toEqual([3]);
      // Common practice: two on a wide front.
      expect(pulls('800 mm', pull)).toEqual([6]);
    }
    expect(pulls('400 mm', { ...bored, kind: 'none' })).toEqual([]);
    // By its own name where it has one.
    const bought = (pull: object) =>
      costs(counted(sample, { path: 'cases[0].banks[0].front.pull', value: pull }), none)
        .lines.filter(({ key }) => key.startsWith('pull'))
        .map(({ key, what }) => [key, what]);
    expect(bought(bored)).toEqual([['pull', said('cost/pull')]]);
    expect(bought({ ...bored, name: 'rope ring' })).toEqual([['pull:rope ring', said('text', { text: 'rope ring' })]]);
  });

  it('makes a frame of each front that has stiles', () => {
    const frame = { stile: '40 mm', groove: '8 mm', play: '2 mm', panel: 'ply6' };
    const framed = counted(sample, { path: 'cases[0].banks[0].front.frame', value: frame });
    expect(work(costs(counted(), none), 'door')).toEqual([]);
    expect(work(costs(framed, none), 'door').map(([count]) => count)).toEqual([3]);
    expect(work(costs(framed, none), 'front').map(([count]) => count)).toEqual([3]);
  });

  it('buys whole sheets by area and a fifth over while nothing is laid out', () => {
    const sheet = { path: 'materials[0].sheet', value: { length: '2440 mm', width: '1220 mm' } };
    const [line] = costs(counted(sample, sheet), none).lines;
    expect([line?.key, line && shown(line.count), line?.unit]).toEqual(['material:ply12', 1, 'sheet']);
    const small = { path: 'materials[0].sheet', value: { length: '600 mm', width: '600 mm' } };
    // Six sides of 550 and six ends between them; by hand with the heights of the plan.
    const of = counted(sample, small);
    const area = of.parts
      .filter(({ material }) => material.id === 'ply12')
      .reduce((sum, { length, width }) => sum + (length.total / 1e9) * (width.total / 1e9), 0);
    expect(count(costs(of, none), 'material:ply12')).toBe(Math.ceil((area * 1.2) / 0.36));
  });

  it('measures boards from rough thickness with three tenths over, by what their wood is priced by', () => {
    const job = wholeJob();
    const of = counted(job as never);
    const ash = of.parts.filter(({ material }) => material.id === 'ash19');
    // 3/4 in is planed from 4/4, common practice; 144 cubic inches are a board foot.
    const feet =
      ash.reduce((sum, { length, width }) => sum + (length.total / 25.4e6) * (width.total / 25.4e6), 0) / 144;
    expect(count(costs(of, none), 'material:ash19')).toBeCloseTo(1.3 * feet, 5);
    const index = job.materials.findIndex(({ id }) => id === 'ash19');
    const metres = ash.reduce((sum, { length }) => sum + length.total / 1e9, 0);
    const byMetre = counted(
      job as never,
      { path: `materials[${index}].price_per`, value: 'm' },
      { path: `materials[${index}].board`, value: { width: '2000 mm' } },
    );
    expect(count(costs(byMetre, none), 'material:ash19')).toBeCloseTo(1.3 * metres, 5);
  });

  it('has hinges, plates and screws of its doors, pins of its shelves, feet', () => {
    const cost = costs(bench(), none);
    const doors = bench().plan.cases.flatMap(({ doors: all }) => all.flatMap(({ leaves }) => leaves));
    const hinges = doors.reduce((sum, leaf) => sum + leaf.hinges.length, 0);
    const all = cost.lines.filter(({ key }) => key.startsWith('hinge:'));
    expect(all.reduce((sum, line) => sum + shown(line.count), 0)).toBe(hinges);
    const plates = cost.lines.filter(({ key }) => key.startsWith('plate:'));
    expect(plates).toEqual([]);
    // A cup keeps its door shut by itself; what has none needs a catch.
    expect(count(cost, 'catch')).toBeUndefined();
    const butts = counted(demo('splicing-bench'), { path: 'cases[0].doors[0].hinge', value: { family: 'butt' } });
    expect(count(costs(butts, none), 'catch')).toBe(1);
    // A cup has a plate, and two screws in each of both.
    const locker = counted(demo('signal-locker'));
    const cups = locker.plan.cases.flatMap(({ doors: each }) => each.flatMap(({ leaves }) => leaves));
    const many = cups.reduce((sum, leaf) => sum + (leaf.cup ? leaf.hinges.length : 0), 0);
    const other = costs(locker, none);
    const own = other.lines.filter(({ key }) => key.startsWith('plate:'));
    expect(many).toBeGreaterThan(0);
    expect(own.reduce((sum, line) => sum + shown(line.count), 0)).toBe(many);
    expect(count(other, 'fixing:hinge-screw')).toBe(4 * many);
  });

  it('opens no less than a tenth of a kilogram of glue, and reckons 150 g a square metre over that', () => {
    expect(count(costs(counted(), none), 'glue')).toBe(0.1);
    const many = { ...sample, cases: Array.from({ length: 40 }, (_, at) => ({ ...sample.cases[0], id: `c${at}` })) };
    const of = counted(many as never);
    // Four corners a box butt: 11.8 mm thick, as high as the lower of the two that meet.
    const faces = of.plan.cases
      .flatMap(({ banks }) => banks.flatMap(({ drawers }) => drawers))
      .reduce((sum, { parts }) => {
        const high = (role: string): number => parts.find((part) => part.role === role)?.width?.total ?? 0;
        const least = Math.min(high('side'), high('box-front')) + Math.min(high('side'), high('back'));
        return sum + (2 * 0.0118 * least) / 1e9;
      }, 0);
    expect(count(costs(of, none), 'glue')).toBeCloseTo(0.15 * faces, 5);
  });

  it('reckons both flanks and the end of what is let in', () => {
    const { frame: _none, ...build } = WHOLE_CASE.build;
    const job = wholeJob({ ...WHOLE_CASE, build } as never, []);
    const cases = Array.from({ length: 30 }, (_, at) => ({ ...job.cases[0], id: `c${at}` }));
    const of = counted({ ...job, cases } as never);
    const { fixings } = caseFixings(of.job, of.plan.cases[0]!);
    // 1/4 in is let in: what enters is so thick, twice so deep on its flanks, and so long.
    const glued = fixings.filter(({ glue }) => glue);
    expect(glued.some(({ joint }) => joint.letIn === 6_350_000)).toBe(true);
    const faces = glued.reduce((sum, { joint: { across, along, letIn } }) => {
      const [thick, long] = [across.to - across.from, along.to - along.from];
      return sum + ((thick + 2 * letIn) / 1e9) * (long / 1e9);
    }, 0);
    expect(30 * 0.15 * faces).toBeGreaterThan(0.1);
    expect(count(costs(of, none), 'glue')).toBeCloseTo(30 * 0.15 * faces, 4);
  });

  it('reckons finish by the faces of its groups, coats, cover and what stays in the tin', () => {
    const finish = [{ parts: ['face'], row: 'clear', faces: 'both', when: 'before' }];
    const of = counted(sample, { path: 'finish', value: finish });
    const area = of.parts
      .filter(({ use }) => use.role === 'drawer-front')
      .reduce((sum, { length, width }) => sum + (2 * length.total * width.total) / 1e18, 0);
    const cost = costs(of, none);
    expect(count(cost, 'finish:clear')).toBeCloseTo((3 * area * 1.15) / 10, 5);
    expect(work(cost, 'coat')[0]?.[0]).toBeCloseTo(3 * area, 5);
    // Bare wood in two grits, and before each coat but the first.
    expect(work(cost, 'sand')[0]?.[0]).toBeCloseTo(4 * area, 5);
    const shows = counted(sample, { path: 'finish', value: [{ ...finish[0], faces: 'show' }] });
    expect(count(costs(shows, none), 'finish:clear')).toBeCloseTo((3 * area * 1.15) / 20, 5);
    expect(codesOf(of, cost)).not.toContain('FINISH_NOT_PRICED');
    expect(codesOf(counted(), costs(counted(), none))).toContain('FINISH_NOT_PRICED');
  });

  it('shows the insides of open compartments and the outsides of sides no wall stands at', () => {
    const of = (layout: object, parts: readonly string[]) => {
      const job = wholeJob({ ...WHOLE_CASE, layout } as never, []);
      const finish = [{ parts, row: 'clear', faces: 'show', when: 'after' }];
      return counted(job as never, { path: 'finish', value: finish });
    };
    const open = of({ id: 'front' }, ['case-side-left', 'case-side-right', 'case-bottom', 'case-back']);
    const { outline, front, bodies } = open.plan.cases[0]!.casework!;
    const [room] = front.compartments;
    // The face of a face frame is the case’s front edge: what is behind it shows.
    const [high, wide, deep] = [
      outline.ceiling - outline.floor,
      room!.right - room!.left,
      outline.inside.total - outline.frame,
    ].map((nm) => nm / 1e9) as [number, number, number];
    const sides = bodies.filter(({ role }) => role.startsWith('case-side'));
    const outsides = sides.reduce((sum, { y, z }) => sum + ((y.to - y.from) / 1e9) * ((z.to - z.from) / 1e9), 0);
    const inside = 2 * high * deep + wide * deep + wide * high;
    const cost = costs(open, none);
    expect(work(cost, 'coat')[0]?.[0]).toBeCloseTo(3 * (outsides + inside), 4);
  });
});

it('a closed room shows nothing inside, nor one that something stands in; an end that stands in something no outside', () => {
  const coated = (parts: readonly string[], more: object, banks: readonly object[] = []) => {
    const job = wholeJob({ ...WHOLE_CASE, layout: { id: 'front' }, ...more } as never, banks as never);
    const finish = [{ parts, row: 'clear', faces: 'show', when: 'after' }];
    return work(costs(counted(job as never, { path: 'finish', value: finish }), none), 'coat')[0]?.[0] ?? 0;
  };
  const lap = { top: '8 mm', bottom: '8 mm', left: '8 mm', right: '8 mm' };
  const door = { id: 'o1', over: 'front', mount: 'overlay', ...lap, gap: '2 mm', material: 'ply18' };
  expect(coated(['case-back'], {})).toBeGreaterThan(0);
  expect(coated(['case-back'], { doors: [door] })).toBe(0);
  expect(coated(['case-back'], {}, [wholeBank('b1', 'front', 2)])).toBe(0);
  const [left, right] = ['case-side-left', 'case-side-right'] as const;
  const side = (role: string, ends: readonly [string, string]) =>
    coated([role], { ends: { left: ends[0], right: ends[1] }, doors: [door] });
  const whole = side(left, ['30 mm', '30 mm']);
  expect(whole).toBeGreaterThan(0);
  expect([side(left, ['0 mm', '30 mm']), side(left, ['30 mm', '0 mm'])]).toEqual([0, whole]);
  expect([side(right, ['0 mm', '30 mm']), side(right, ['30 mm', '0 mm'])]).toEqual([whole, 0]);
  expect(coated([left], { doors: [door] })).toBe(whole);
});

function fewer(): never {
  const [owner] = sample.cases;
  const [bank] = owner!.banks;
  return [{ ...owner, banks: [{ ...bank, drawers: bank!.drawers.slice(0, 2) }] }] as never;
}

describe('what the work takes', () => {
  it('asks two where something is heavy or long, half as long again where there is one', () => {
    const two = costs(bench(), none).work.filter(({ people }) => people === 2);
    expect(two.map(({ id }) => id)).toContain('pack');
    const of = counted(demo('splicing-bench'), { path: 'pricing', value: { people: 1 } });
    const alone = costs(of, none);
    expect(alone.work.every(({ people }) => people === 1)).toBe(true);
    expect(work(alone, 'pack')).toEqual([[1, 30, 1]]);
    expect(codesOf(of, alone)).toContain('LIFT');
  });

  it('costs its hours, of two at once twice, and overhead on them', () => {
    const cost = costs(
      bench(),
      priced([
        ['hour', 60],
        ['overhead', 20, { unit: '%' }],
      ]),
    );
    const hands = cost.work.reduce((sum, { minutes, people }) => sum + shown(minutes) * people, 0);
    const labour = cost.totals.cost.terms[3]?.amount ?? 0;
    // A cent a row may be rounded.
    expect(Math.abs(labour - hands * 100)).toBeLessThanOrEqual(cost.work.length / 2);
    expect(cost.totals.overhead).toBe(Math.round(labour * 0.2));
    const hourly = costs(
      bench(),
      priced([
        ['hour', 60],
        ['overhead', 12, { unit: 'h' }],
      ]),
    );
    expect(hourly.totals.overhead).toBe(Math.round(hands * 20));
  });
});

describe('a price', () => {
  it('is of the list before the job, and of the job before the row', () => {
    const key = 'slide:side-ball-bearing:550';
    const own = {
      path: 'materials[0]',
      value: { ...sample.materials[0], price: 74, sheet: { length: '2440 mm', width: '1220 mm' } },
    };
    const of = counted(sample, own);
    expect(costs(of, none).lines.map(({ total }) => total)[0]).toBe(7400);
    expect(costs(of, priced([['material:ply12', 80]])).lines[0]?.total).toBe(8000);
    const row = of.plan.cases[0]!.banks[0]!.drawers[0]!.family.price;
    expect(costs(of, none).lines.find((line) => line.key === key)?.total).toBe(300 * row);
    expect(costs(of, priced([[key, 11]])).lines.find((line) => line.key === key)?.total).toBe(3300);
  });

  it('is by the pack to the unit', () => {
    const pack = { n: 100n, d: 1n };
    const cost = costs(counted(), priced([['fixing:slide-screw:9.525', 4.99, { pack }]]));
    expect(cost.lines.find(({ key }) => key === 'fixing:slide-screw:9.525')?.total).toBe(210);
  });

  it('that is missing is said, and never nought; one that is nought is free and stands there', () => {
    const of = counted();
    const cost = costs(
      of,
      priced([
        ['hour', 50],
        ['overhead', 0, { unit: '%' }],
        ['glue', 0],
      ]),
    );
    expect(cost.lines.find(({ key }) => key === 'glue')?.total).toBe(0);
    const lacking = cost.lines.filter(({ total }) => total === undefined);
    expect(lacking.length).toBeGreaterThan(0);
    expect(cost.lacking.length).toBe(lacking.length);
    expect(codesOf(of, cost).filter((code) => code === 'PRICE_MISSING')).toHaveLength(lacking.length);
    const bare = costs(of, none);
    expect(bare.lacking.length).toBe(bare.lines.filter(({ total }) => total === undefined).length + 2);
  });

  it('is old after sixty days', () => {
    const of = counted();
    const cost = costs(of, priced([['hour', 50, { date: '2026-09-30' }]]));
    expect(codesOf(of, cost, '2026-11-29')).not.toContain('PRICE_OLD');
    expect(codesOf(of, cost, '2026-11-30')).toContain('PRICE_OLD');
  });

  it('carries the risk of its survey until every opening is measured as built', () => {
    const stage = (...patches: Parameters<typeof counted>[1][]) =>
      costs(counted(sample, ...patches), none).totals.risk.percent;
    const planned = { path: 'cases[0].banks[0].basis', value: 'planned' };
    expect(stage()).toBe(0);
    expect(stage(planned)).toBe(15);
    expect(stage(planned, { path: 'survey', value: 'careful' })).toBe(5);
  });

  it('under cost and overhead is said so', () => {
    const of = counted(sample, { path: 'pricing', value: { discount: 30 } });
    const prices = priced([
      ['hour', 50],
      ['overhead', 10, { unit: '%' }],
    ]);
    expect(codesOf(of, costs(of, prices))).toContain('BELOW_COST');
    expect(codesOf(counted(), costs(counted(), prices))).not.toContain('BELOW_COST');
  });

  it.each(['flag-chest', 'rope-bench', 'signal-locker'])(
    'of %s does not change with the order things are written in, and its lines add up to it',
    (name) => {
      const job = demo(name);
      const [first, ...rest] = job.materials;
      const turned = { ...job, materials: [...rest, first!] };
      const prices = priced([
        ['hour', 47.35],
        ['overhead', 17.5, { unit: '%' }],
      ]);
      const [one, other] = [costs(counted(job), prices), costs(counted(turned), prices)];
      expect(other.totals.total).toBe(one.totals.total);
      const all = [...one.lines, ...one.work].reduce((sum, { total = 0 }) => sum + total, 0);
      expect(all).toBe(one.totals.cost.total);
    },
  );
});
