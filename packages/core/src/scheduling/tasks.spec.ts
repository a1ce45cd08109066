import { readFileSync } from 'node:fs';
import { costOf, NO_SETTINGS, OPERATIONS, shown } from '../costing';
import type { JobDocument, OperationId } from '../job';
import { plan, readJobDocument } from '../plan';
import { atWork, type ShopRead } from './at-work';
import { schedule } from './better';
import { dayFindings } from './day-findings';
import { daysOf } from './days';
import { broken } from './keeps.spec-data';
import { momentOf, writeMoment } from './moment';
import { timesOf } from './progress';

const document = (name: string): JobDocument =>
  JSON.parse(readFileSync(`examples/${name}.json`, 'utf8')) as JobDocument;

const NOW = { now: momentOf('2026-11-30', 8 * 60), zone: 0 };
const shop = (jobs: readonly JobDocument[], more: Partial<ShopRead> = {}): ShopRead => ({
  ...{ calendar: {}, costing: {}, prices: [], rack: [], drawer: [], had: [], onOrder: [], suppliers: [] },
  jobs: jobs.map((each, index) => ({ id: `job${index}`, document: each, fixed: {} })),
  ...more,
});
const days = (read: ShopRead, now = NOW) => {
  const work = atWork(read, now);
  const order = schedule(work.problem);
  return { work, order, days: daysOf(work, order) };
};
const begins = (read: ShopRead, name: string, now = NOW): string => {
  const found = days(read, now).days.tasks.find(({ task }) => task.id === `job0/${name}`);
  return found ? writeMoment(found.start) : 'not there';
};

const EXAMPLES = ['splicing-bench', 'flag-chest', 'notions-bank', 'rope-bench', 'signal-locker'];

describe('what work took', () => {
  const { work, order } = days(shop([document('notions-bank')]));
  const of = (isDone: (index: number) => boolean, spent: readonly (readonly [OperationId, number])[]) => {
    const jobs = work.jobs.map((job) => ({
      ...job,
      stands: new Map(
        job.tasks.map(({ id }, index) => {
          const done = isDone(index) ? { done: NOW.now } : {};
          return [id, { ...done, told: true, left: 0, worked: 0, running: false }] as const;
        }),
      ),
      spent: spent.map(([operation, minutes]) => ({ operation, minutes })),
    }));
    return daysOf({ ...work, jobs }, order).taken;
  };
  const planned = (id: OperationId): number =>
    work.jobs
      .flatMap(({ tasks }) => tasks.flatMap(({ parts }) => parts))
      .reduce((all, each) => (each.operation === id ? all + each.minutes : all), 0);

  it('is put beside what was planned of each kind of work, by what was written down of it', () => {
    const found = of(
      () => true,
      [
        ['cut', 30],
        ['hang', 10],
        ['cut', 15.5],
      ],
    );
    expect(found).toMatchObject([
      { operation: 'cut', planned: Math.round(planned('cut')), taken: 45.5, entries: 2 },
      { operation: 'hang', planned: Math.round(planned('hang')), taken: 10, entries: 1 },
    ]);
    expect(found[0]?.planned).toBeGreaterThan(0);
    expect(found[0]?.planned).not.toBe(found[1]?.planned);
  });

  it('teaches nothing where none of it is done, or nothing was written down', () => {
    expect(of(() => false, [['cut', 30]])).toEqual([]);
    expect(of(() => true, [])).toEqual([]);
  });
});

describe('the tasks of a job', () => {
  it.each(EXAMPLES)('take as long as its price counts: %s', (name) => {
    const reading = readJobDocument(document(name));
    if (!reading.ok) throw new Error('unread');
    const cost = costOf(reading.job, plan(reading.job), NO_SETTINGS);
    const { work } = days(
      shop([document(name)], {
        calendar: {
          people: [
            { id: 'a', name: 'Sailmaker' },
            { id: 'b', name: 'Apprentice' },
          ],
        },
      }),
    );
    const tasks = work.jobs.flatMap((job) => job.tasks).filter(({ kind }) => kind !== 'survey' && kind !== 'order');
    const sum = (id: OperationId): number =>
      tasks.flatMap(({ parts }) => parts).reduce((all, each) => (each.operation === id ? all + each.minutes : all), 0);
    for (const { id } of OPERATIONS) {
      const priced = cost.work.reduce((all, each) => (each.id === id ? all + shown(each.minutes) : all), 0);
      expect([id, Math.round(sum(id) * 1000)]).toEqual([id, Math.round(priced * 1000)]);
    }
  });

  it.each(EXAMPLES)('find their time, and none is broken: %s', (name) => {
    const { work, order } = days(shop([document(name), document('notions-bank')]));
    expect(order.without).toEqual([]);
    expect(broken(work.problem, order)).toEqual([]);
    expect(order.placed).toHaveLength(work.problem.work.length);
  });

  it('keep the order of the work: drawer parts after the case is measured, fronts when boxes hang, pulls last', () => {
    const { days: made } = days(shop([document('splicing-bench')]));
    const at = (name: string): number => made.tasks.findIndex(({ task }) => task.id === `job0/${name}`);
    const order = [
      'survey',
      'order',
      'cut-case',
      'case-bench',
      'measure',
      'cut-boxes',
      'box',
      'hang',
      'cut-fronts',
      'front',
      'pull',
      'record',
    ];
    const found = order.map(at).filter((index) => index >= 0);
    expect(found.length).toBeGreaterThanOrEqual(order.length - 1);
    expect([...found].sort((one, other) => one - other)).toEqual(found);
  });

  it('tell what is taken in hand, and what stays bare of what is finished before it is glued', () => {
    const bench = document('splicing-bench');
    const finish = [{ parts: ['case-side-left', 'case-bottom'], row: 'clear', faces: 'both', when: 'before' }] as const;
    const { days: made } = days(shop([{ ...bench, finish: finish as unknown as NonNullable<JobDocument['finish']> }]));
    const task = (name: string) => made.tasks.find(({ task: each }) => each.id === `job0/${name}`)?.task;
    const cut = made.tasks.filter(({ task: { kind } }) => kind === 'cut');
    const reading = readJobDocument(bench);
    if (!reading.ok) throw new Error('unread');
    const counts = costOf(reading.job, plan(reading.job), NO_SETTINGS).work.filter(({ id }) => id === 'cut');
    const parts = cut.flatMap(({ task: { hand } }) => hand.map(({ params }) => (params as { count: number }).count));
    expect(parts.reduce((sum, count) => sum + count, 0)).toBe(counts.reduce((sum, { count }) => sum + shown(count), 0));
    expect(task('hang')?.hand).toEqual([{ code: 'task/hand', params: { kind: 'hang', count: 8 } }]);
    // Before the case is glued, so that it is masked where it will be.
    const coats = made.tasks.filter(({ task: { kind } }) => kind === 'coat');
    expect(coats.map(({ task: { id } }) => id)).toEqual([1, 2, 3].map((coat) => `job0/coat-case-1-${coat}`));
    expect(coats.every(({ task: { masked = 0 } }) => masked > 0.05 && masked < 3)).toBe(true);
    const glued = made.tasks.find(({ task: { kind } }) => kind === 'case');
    expect(glued && coats.every(({ end }) => end + 2 * 60 <= glued.start)).toBe(true);
    // Two hours between coats, and the finishing place is taken meanwhile.
    for (const [index, coat] of coats.entries())
      if (index > 0) expect(coat.start - (coats[index - 1]?.end ?? 0)).toBeGreaterThanOrEqual(120);
  });

  it('wait for what is ordered: five working days where nobody knows how long it takes, else as long as it does', () => {
    const bench = document('splicing-bench');
    expect(begins(shop([bench]), 'break-down-case')).toBe('2026-12-07T08:00');
    const ids = bench.materials.map(({ id }) => `material:${id}`);
    const prices = ids.map((each) => ({
      key: each,
      unit: 'sheet',
      pack: 1,
      cents: 100,
      supplier: 'Harbour timber',
    }));
    expect(ids.length).toBeGreaterThan(0);
    const quick = shop([bench], { prices, suppliers: [{ name: 'Harbour timber', leadDays: 2 }] });
    expect(begins(quick, 'break-down-case')).toBe('2026-12-02T08:00');
  });

  it('wait for what is on an order for the day it is promised for; without one as usual, and it is not ordered again', () => {
    const bench = document('splicing-bench');
    const wanted = days(shop([bench])).days.goods;
    const had = wanted.map(({ key }) => ({ job: 'job0', key, count: 1000, is: 'ordered' as const }));
    const onOrder = wanted.map(({ key }) => ({ job: 'job0', key, supplier: 'Harbour timber' }));
    const unpromised = days(shop([bench], { had, onOrder })).days;
    expect(unpromised.goods.every(({ orderBy, guess }) => orderBy === undefined && guess === true)).toBe(true);
    expect(unpromised.tasks.map(({ task }) => task.kind)).not.toContain('order');
    expect(begins(shop([bench], { had, onOrder }), 'break-down-case')).toBe('2026-12-07T08:00');
    const promised = onOrder.map((each) => ({ ...each, expectedOn: '2026-12-09' }));
    expect(begins(shop([bench], { had, onOrder: promised }), 'break-down-case')).toBe('2026-12-09T08:00');
  });

  it('wait from the day they were ordered outside of the lists, once it is said that they were', () => {
    const log = [{ id: 'o', kind: 'task', task: 'order', did: 'done', at: '2026-11-30T07:30:00Z' }] as const;
    const read = shop([{ ...document('splicing-bench'), log: [...log] }]);
    expect(begins(read, 'break-down-case')).toBe('2026-12-07T08:00');
    expect(days(read).days.goods.every(({ orderBy }) => orderBy === undefined)).toBe(true);
    const later = { now: momentOf('2026-12-02', 10 * 60), zone: 0 };
    expect(begins(read, 'break-down-case', later)).toBe('2026-12-07T08:00');
  });

  it('go on as it went: what is done is done, what follows it too, and its glue holds what comes after', () => {
    const bench = document('splicing-bench');
    const log = [{ id: 'e1', kind: 'task', task: 'glue-up-frame', did: 'done', at: '2026-12-08T10:00:00Z' }] as const;
    const now = { now: momentOf('2026-12-08', 10 * 60), zone: 0 };
    const { work, days: made } = days(shop([{ ...bench, log: [...(bench.log ?? []), ...log] }]), now);
    const stands = work.jobs[0]?.stands;
    expect(stands?.get('job0/cut-case')?.done).toBeDefined();
    expect(stands?.get('job0/cut-boxes')?.done).toBeUndefined();
    expect(made.waits.map(({ task, until }) => [task.id, writeMoment(until)])).toEqual([
      ['job0/glue-up-frame', '2026-12-09T10:00'],
    ]);
    const frame = made.tasks.find(({ task }) => task.kind === 'frame');
    expect(frame && frame.start >= momentOf('2026-12-09', 10 * 60)).toBe(true);
  });

  it('a wet coat that is on keeps the finishing place, and what waits for it is told so', () => {
    const finish = [{ parts: ['case-side-left', 'case-bottom'], row: 'clear', faces: 'both', when: 'before' }] as const;
    const coated = { ...document('splicing-bench'), finish: finish as unknown as NonNullable<JobDocument['finish']> };
    const log = [
      { id: 'e1', kind: 'task', task: 'coat-case-1-1', did: 'done', at: '2026-12-08T08:00:00Z' },
      { id: 'e2', kind: 'task', task: 'sand-case-1-2', did: 'done', at: '2026-12-08T08:10:00Z' },
    ] as const;
    const now = { now: momentOf('2026-12-08', 8 * 60 + 10), zone: 0 };
    // Of another job, its wood sanded: nothing but the place holds it.
    const other = {
      ...coated,
      log: [{ id: 'o1', kind: 'task', task: 'sand-case-1-1', did: 'done', at: '2026-12-07T08:00:00Z' }] as const,
    };
    const jobs = [
      { ...coated, log: [...log] },
      { ...other, log: [...other.log] },
    ];
    const had = days(shop(jobs)).days.goods.map(({ job, key }) => ({ job, key, count: 1000, is: 'arrived' as const }));
    const { work, days: made } = days(shop(jobs, { had }), now);
    expect(work.problem.held).toEqual([
      { place: 'finishing', until: momentOf('2026-12-08', 10 * 60), task: 'job0/coat-case-1-1' },
    ]);
    const coats = made.tasks.filter(({ task }) => task.kind === 'coat' && task.finish?.coat !== 3);
    expect(coats.every(({ start }) => start >= momentOf('2026-12-08', 10 * 60))).toBe(true);
    const wet = work.jobs[0]?.tasks.find(({ id }) => id === 'job0/coat-case-1-1');
    expect(coats[0]).toMatchObject({ start: momentOf('2026-12-08', 10 * 60) });
    const others = coats.filter(({ task, start }) => task.job === 'job1' && start === coats[0]?.start);
    expect(others.map(({ held, why }) => ({ held, why }))).toEqual([
      { held: 'place', why: { code: 'held/place', params: { place: 'finishing', task: wet?.called } } },
    ]);
  });

  it('slip by themselves: what was not done yesterday is first today', () => {
    const bench = shop([document('splicing-bench')]);
    expect(begins(bench, 'survey')).toBe('2026-11-30T08:00');
    expect(begins(bench, 'survey', { now: momentOf('2026-12-03', 9 * 60 + 7), zone: 0 })).toBe('2026-12-03T09:07');
  });

  it('what is under way goes on first, less what was worked on it', () => {
    const marks = [
      { id: 'e1', kind: 'task', task: 'survey', did: 'begin', at: '2026-11-30T07:00:00Z', by: 'Sailmaker' },
      { id: 'e2', kind: 'task', task: 'survey', did: 'pause', at: '2026-11-30T07:10:00Z', by: 'Sailmaker' },
      { id: 'e3', kind: 'task', task: 'survey', did: 'begin', at: '2026-11-30T07:30:00Z', by: 'Sailmaker' },
    ] as const;
    const now = { now: momentOf('2026-11-30', 8 * 60 + 45), zone: 60 };
    const bench = document('splicing-bench');
    const [first] = days(shop([{ ...bench, log: [...marks] }]), now).days.tasks;
    expect(first?.task.id).toBe('job0/survey');
    expect(first?.stands).toMatchObject({ running: true, worked: 10, by: 'Sailmaker' });
    expect([first?.start, first?.minutes]).toEqual([now.now, 20]);
  });

  it('times are written under what a task is made of, and add up', () => {
    const parts = [
      { operation: 'setting', minutes: 18 },
      { operation: 'cut', minutes: 40 },
      { operation: 'groove', minutes: 2 },
    ] as const;
    const times = timesOf({ parts }, 47);
    expect(times.reduce((sum, each) => sum + each.minutes, 0)).toBe(47);
    expect(times.map(({ operation }) => operation)).toEqual(['setting', 'cut', 'groove']);
    expect(timesOf({ parts }, 1).reduce((sum, each) => sum + each.minutes, 0)).toBe(1);
  });
});

describe('what is wrong with an order of work', () => {
  const due = (read: ShopRead, date: string): ShopRead => ({
    ...read,
    jobs: read.jobs.map((job) => ({ ...job, due: date })),
  });
  const found = (read: ShopRead, now = NOW) => {
    const { work, days: made } = days(read, now);
    return dayFindings(read, now, work, made);
  };

  it('a promised date that is missed is told with what mends it', () => {
    const read = due(shop([document('splicing-bench')]), '2026-12-10');
    const [missed] = found(read);
    expect(missed?.said.code).toBe('DUE_MISSED');
    const { by, mends } = missed?.said.params as {
      by: number;
      mends: readonly { code: string; params: { on: boolean } }[];
    };
    expect(by).toBeGreaterThan(0);
    expect(mends.map(({ code }) => code)).toContain('mend/goods');
    expect(found(due(shop([document('splicing-bench')]), '2027-02-01'))).toEqual([]);
  });

  it('what arrives too late for its job is told with the day it is wanted by; what is here in time is not', () => {
    const bench = document('splicing-bench');
    const timber = (leadDays: number): ShopRead => {
      const prices = bench.materials.map(({ id }) => ({
        ...{ key: `material:${id}`, unit: 'sheet', pack: 1, cents: 100, supplier: 'Harbour timber' },
      }));
      return due(shop([bench], { prices, suppliers: [{ name: 'Harbour timber', leadDays }] }), '2026-12-18');
    };
    const late = found(timber(12)).flatMap(({ said }) => (said.code === 'BUY_LATE' ? [said.params] : []));
    expect(late.length).toBeGreaterThan(0);
    for (const each of late as readonly { date: string; by: string }[]) {
      // Ordered on the first day, twelve working days on.
      expect(each.date).toBe('2026-12-16');
      expect(each.by < each.date && each.by >= '2026-11-30').toBe(true);
    }
    expect(found(timber(1)).map(({ said }) => said.code)).not.toContain('BUY_LATE');
    // Too late with everything here is not for want of goods.
    const hopeless = found(due(shop([bench]), '2026-11-30')).map(({ said }) => said.code);
    expect(hopeless).toContain('DUE_MISSED');
    expect(hopeless).not.toContain('BUY_LATE');
  });

  it('edges of panels are sealed before the first coat of enamel, of nothing else', () => {
    const bench = document('splicing-bench');
    const hands = (row: string) => {
      const finish = [{ parts: ['case-side-left', 'case-bottom'], row, faces: 'both', when: 'after' }] as const;
      const read = shop([{ ...bench, finish: finish as unknown as NonNullable<JobDocument['finish']> }]);
      return days(read)
        .days.tasks.filter(({ task: { kind } }) => kind === 'coat')
        .map(({ task: { hand } }) => hand);
    };
    const [first = [], ...others] = hands('enamel');
    expect(first.map(({ code }) => code)).toEqual(['task/seal']);
    expect(others.flat()).toEqual([]);
    expect(hands('clear').flat()).toEqual([]);
  });

  it('a wait that was cut short is told with what was cut', () => {
    const marks = [
      { id: 'e1', kind: 'task', task: 'case-bench', did: 'done', at: '2026-11-30T07:00:00Z' },
      { id: 'e2', kind: 'task', task: 'plane-frame', did: 'begin', at: '2026-11-30T07:20:00Z' },
    ] as const;
    const bench = document('splicing-bench');
    const [owner] = bench.cases;
    const log = marks.map((each) => (each.task === 'case-bench' ? { ...each, task: `case-${owner?.id ?? ''}` } : each));
    const [short] = found(shop([{ ...bench, log }]));
    expect(short?.said).toMatchObject({ code: 'WAIT_CUT_SHORT', params: { by: 25, why: 'clamps' } });
  });

  it('a coat in the cold is told by what its row wants', () => {
    const bench = document('splicing-bench');
    const finish = [
      { parts: ['case-side-left', 'worktop', 'face'], row: 'lacquer', faces: 'show', when: 'after' },
    ] as const;
    const read = shop([{ ...bench, finish: finish as unknown as NonNullable<JobDocument['finish']> }], {
      calendar: { temperature: 11 },
    });
    expect(found(read).map(({ said }) => said)).toContainEqual({
      code: 'TOO_COLD',
      params: { row: 'lacquer', least: 15, is: 11 },
    });
    expect(found({ ...read, calendar: { temperature: 15 } })).toEqual([]);
    // Where it is not told how warm it is, nothing is; nor of what no coat is left to be put on of.
    expect(found({ ...read, calendar: {} })).toEqual([]);
    const coats = days(read).work.jobs.flatMap(({ tasks }) =>
      tasks.flatMap(({ id, kind }) => (kind === 'coat' ? [id.replace('job0/', '')] : [])),
    );
    expect(coats.length).toBeGreaterThan(1);
    const log = (of: readonly string[]) =>
      of.map((task, n) => ({ id: `c${n}`, kind: 'task', task, did: 'done', at: '2026-11-30T06:00:00Z' }) as const);
    const cold = (of: readonly string[]) =>
      found(
        shop([{ ...bench, finish: finish as unknown as NonNullable<JobDocument['finish']>, log: log(of) }], {
          calendar: { temperature: 11 },
        }),
      ).filter(({ said }) => said.code === 'TOO_COLD');
    expect([cold(coats).length, cold(coats.slice(0, -1)).length]).toEqual([0, 1]);
  });

  it('what finds no time is told: where nobody works, and what waits for it', () => {
    const never = shop([document('notions-bank')], { calendar: { week: Array.from({ length: 7 }, () => []) } });
    const { work, order } = days(never);
    expect(order.placed).toEqual([]);
    const why = new Map(order.without.map((each) => [each.id, each.why]));
    expect(why.size).toBe(work.problem.work.length);
    for (const { id, after } of work.problem.work)
      expect([id, why.get(id)]).toEqual([id, after.length === 0 ? 'nobody' : 'waits']);
    const first = work.jobs[0]?.tasks.find(({ id }) => id === work.problem.work[0]?.id);
    expect(found(never).map(({ said, job, severity }) => [said, job, severity])).toContainEqual([
      { code: 'NO_TIME', params: { task: first?.called, why: 'nobody' } },
      ...['job0', 'warn'],
    ]);
    expect(found(never)).toHaveLength(why.size);
  });

  it('what can’t be left is done in pieces no longer than the shop is ever open, each after what is before all of it', () => {
    // Twenty-five minutes a day; common practice: glue is not left at a closing.
    const short = shop([document('splicing-bench')], {
      calendar: { week: Array.from({ length: 7 }, () => [{ from: 480, to: 505 }]) },
    });
    const { work, order, days: made } = days(short);
    expect(order.without).toEqual([]);
    expect(broken(work.problem, order)).toEqual([]);
    const tasks = work.jobs[0]?.tasks ?? [];
    const split = tasks.filter(({ id }) => /\.\d+$/.test(id));
    expect(split.length).toBeGreaterThan(1);
    expect(split.every(({ whole, minutes }) => whole === true && minutes <= 25)).toBe(true);
    const [one = ''] = split.map(({ id }) => id.replace(/\.\d+$/, ''));
    const pieces = split.filter(({ id }) => id.startsWith(`${one}.`)).map(({ id }) => id);
    expect(pieces).toEqual(pieces.map((_, at) => `${one}.${at + 1}`));
    const follower = tasks.find(({ after }) => after.some(({ task }) => task === pieces[0]));
    expect(follower?.after.map(({ task }) => task)).toEqual(expect.arrayContaining(pieces));
    // Every piece stands for as long as the whole would.
    const waits = follower?.after.filter(({ task }) => pieces.includes(task)).map(({ wait }) => wait);
    expect(new Set(waits)).toEqual(new Set([split[0]?.stands?.minutes]));
    const begun = made.tasks.find(({ task }) => task.id === follower?.id)?.start ?? 0;
    const ends = made.tasks.filter(({ task }) => pieces.includes(task.id)).map(({ end }) => end);
    expect(begun).toBeGreaterThanOrEqual(Math.max(...ends) + (waits?.[0] ?? 0));
  });

  it('what is fixed for a day it can’t be met on is told with what holds it', () => {
    const read = shop([document('splicing-bench')]);
    const fixed = { ...read, jobs: read.jobs.map((job) => ({ ...job, fixed: { hang: '2026-12-01T08:00' } })) };
    const [missed] = found(fixed);
    expect(missed?.said.code).toBe('FIXED_MISSED');
    const later = { ...read, jobs: read.jobs.map((job) => ({ ...job, fixed: { hang: '2026-12-21T09:00' } })) };
    expect(found(later)).toEqual([]);
    expect(begins(later, 'hang')).toBe('2026-12-21T09:00');
  });
});
