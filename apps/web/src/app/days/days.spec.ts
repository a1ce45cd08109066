import { readFileSync } from 'node:fs';
import { atWork, daysOf, momentOf, schedule, USUAL_HOURS, type JobDocument, type ShopRead } from '@zabble/core';
import { DaysRun } from '../workers/days-run';
import type { DaysNews } from '../workers/days-messages';
import { minutesSaid } from './clock';
import { readDay, readDaysOff, writeDay, writeDaysOff } from './hours-text';
import { todayOf } from './today';
import { axisOf } from './week-axis';
import { lanesOf } from './week-rows';

const demo = (name: string): JobDocument => JSON.parse(readFileSync(`examples/${name}.json`, 'utf8')) as JobDocument;
const people = [
  { id: 'a', name: 'Sailmaker' },
  { id: 'b', name: 'Apprentice' },
];
const shop = (...names: readonly string[]): ShopRead => ({
  ...{ calendar: { people }, costing: {}, prices: [], rack: [], drawer: [], had: [], onOrder: [], suppliers: [] },
  jobs: names.map((name) => ({ id: name, document: demo(name), fixed: {} })),
});
const NOW = { now: momentOf('2026-11-30', 8 * 60), zone: 0 };
const daysIn = (read: ShopRead) => {
  const work = atWork(read, NOW);
  return daysOf(work, schedule(work.problem));
};

describe('hours as people write them', () => {
  it('are read as they are written, and nothing else is', () => {
    expect(readDay('8–12, 13–17')).toEqual([
      { from: 480, to: 720 },
      { from: 780, to: 1020 },
    ]);
    expect(readDay('7:30-11:45')).toEqual([{ from: 450, to: 705 }]);
    expect(readDay('–')).toEqual([]);
    expect(readDay('')).toEqual([]);
    for (const wrong of ['8 to 12', '12–8', '8–12, 11–17', '8–25', 'Monday', '8–12,'])
      expect(readDay(wrong)).toBeUndefined();
    for (const text of ['8–12, 13–17', '7:30–11:45', '–']) expect(writeDay(readDay(text) ?? [])).toBe(text);
  });

  it('days off are dates, one or from one to another', () => {
    const off = readDaysOff('2026-12-24 – 2027-01-02, 2027-04-05');
    expect(off).toEqual([
      { from: '2026-12-24', to: '2027-01-02' },
      { from: '2027-04-05', to: '2027-04-05' },
    ]);
    expect(writeDaysOff(off ?? [])).toBe('2026-12-24 – 2027-01-02, 2027-04-05');
    expect(readDaysOff('2027-01-02 – 2026-12-24')).toBeUndefined();
    expect(readDaysOff('Christmas')).toBeUndefined();
  });

  it('minutes are said in hours from one on', () => {
    expect([5, 60, 95].map(minutesSaid)).toEqual(['5 min', '1 h', '1 h 35 min']);
  });
});

describe('the weeks', () => {
  it('have room for what is open alone, and a moment stands where it is read back from', () => {
    const axis = axisOf(USUAL_HOURS, Math.floor(momentOf('2026-11-28') / 1440), 5);
    expect(axis.at(momentOf('2026-11-28', 600))).toBe(0);
    expect(axis.at(momentOf('2026-11-30', 480))).toBe(0);
    expect(axis.at(momentOf('2026-11-30', 1200))).toBe(1);
    expect(axis.at(momentOf('2026-12-02', 750))).toBe(2.5);
    for (const at of [momentOf('2026-12-01', 615), momentOf('2026-12-04', 480)])
      expect(axis.moment(axis.at(at))).toBe(at);
    expect(axis.moment(0.998)).toBe(momentOf('2026-12-01', 480));
    expect(axis.at(momentOf('2027-03-01'))).toBe(5);
  });

  it('stand in lanes none over another, by job, by person and by place', () => {
    const days = daysIn(shop('splicing-bench', 'flag-chest'));
    for (const by of ['job', 'person', 'place'] as const) {
      const { bars, rows, count } = lanesOf(days, by, (id) => id);
      expect(rows.reduce((sum, { lanes }) => sum + lanes, 0)).toBe(count);
      for (const one of bars)
        for (const other of bars)
          if (one !== other && one.lane === other.lane)
            expect(one.task.start >= other.task.end || other.task.start >= one.task.end).toBe(true);
    }
    expect(lanesOf(days, 'person', (id) => id).rows.map(({ lanes }) => lanes)).toEqual([1, 1]);
  });
});

describe('today', () => {
  it('shows the first thing to do, two after it, what waits until when, and what is to be ordered today', () => {
    const days = daysIn(shop('splicing-bench'));
    const { now, next, waiting, order } = todayOf(days, '', NOW.now);
    expect([...now, ...next].map(({ task }) => task.kind).slice(0, 2)).toEqual(['survey', 'order']);
    expect(next).toHaveLength(2);
    expect(waiting.length).toBeGreaterThan(0);
    expect(waiting.every(({ start }) => start > NOW.now)).toBe(true);
    expect(order.length).toBeGreaterThan(0);
  });

  it('of one person has nothing of the other’s', () => {
    const days = daysIn(shop('splicing-bench', 'flag-chest', 'signal-locker'));
    for (const { id } of people) {
      const { now, next, waiting } = todayOf(days, id, NOW.now);
      expect([...now, ...next, ...waiting].every((task) => task.people.includes(id))).toBe(true);
    }
  });
});

describe('the search beside the page', () => {
  const run = (take: (search: DaysRun, news: DaysNews[]) => void, until: (news: readonly DaysNews[]) => boolean) =>
    new Promise<readonly DaysNews[]>((resolve) => {
      const news: DaysNews[] = [];
      const search = new DaysRun((each) => {
        news.push(each);
        if (until(news)) resolve(news);
      });
      take(search, news);
    });

  it('tells a first order at once, stops when it is told to, and ends with what is wrong', async () => {
    const read = { ...shop('flag-chest'), jobs: shop('flag-chest').jobs.map((job) => ({ ...job, due: '2026-12-01' })) };
    const news = await run(
      (search) => {
        search.take({ kind: 'plan', id: 1, read, now: NOW });
        search.take({ kind: 'stop' });
      },
      (all) => all.some(({ last }) => last),
    );
    expect(news.at(-1)?.findings?.map(({ said }) => said.code)).toContain('DUE_MISSED');
    expect(news.at(-1)?.days.tasks.length).toBeGreaterThan(0);
  });

  it('tells what is wrong while it still looks for something better', async () => {
    const all = shop('splicing-bench', 'flag-chest', 'signal-locker');
    const read = { ...all, jobs: all.jobs.map((job) => ({ ...job, due: '2026-12-01' })) };
    const runs: DaysRun[] = [];
    const news = await run(
      (search) => {
        runs.push(search);
        search.take({ kind: 'plan', id: 1, read, now: NOW });
      },
      (told) => told.some(({ findings }) => findings !== undefined),
    );
    runs[0]?.take({ kind: 'stop' });
    const { last, findings } = news.at(-1) as DaysNews;
    expect(last).toBe(false);
    expect(
      findings
        ?.filter(({ said }) => said.code === 'DUE_MISSED')
        .map(({ job }) => job)
        .sort(),
    ).toEqual(read.jobs.map(({ id }) => id).sort());
  });

  it('lets go of what was asked before', async () => {
    const news = await run(
      (search) => {
        search.take({ kind: 'plan', id: 1, read: shop('splicing-bench', 'flag-chest'), now: NOW });
        search.take({ kind: 'try', id: 2, read: shop('flag-chest'), now: NOW });
      },
      (all) => all.some(({ id, last }) => id === 2 && last),
    );
    expect(news.filter(({ id }) => id === 1).length).toBeLessThanOrEqual(1);
    expect(news.at(-1)?.days.jobs.map(({ job }) => job)).toEqual(['flag-chest']);
  });
});
