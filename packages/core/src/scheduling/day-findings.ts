import type { Said } from '../length';
import { said } from '../words';
import { atWork, type AtWork, type Now, type ShopRead } from './at-work';
import { better } from './better';
import { fixedMissed, type Days } from './days';
import { dryingOf } from './finish-tasks';
import { FINISH_ROWS } from '../costing';
import { USUAL_WEEK, type Week } from './hours';
import { dateOf, HOUR } from './moment';
import type { Schedule } from './problem';

/** One thing that is wrong with an order of work, of which job. */
export interface DayFinding {
  readonly severity: 'warn';
  readonly said: Said;
  readonly job?: string;
}

const told = (what: Said, job?: string): DayFinding => ({
  severity: 'warn',
  said: what,
  ...(job === undefined ? {} : { job }),
});

/** What is wrong with an order of work: promised dates missed, waits cut short, what can’t be met; worst first. */
export function dayFindings(read: ShopRead, now: Now, work: AtWork, days: Days): readonly DayFinding[] {
  return [
    ...days.jobs.flatMap((job) => {
      if (job.late === 0 || job.due === undefined || job.end === undefined) return [];
      const params = { job: job.name, date: job.due, end: dateOf(job.end), by: job.late };
      return [told(said('DUE_MISSED', { ...params, mends: mendsOf(read, now, job.job, job.late) }), job.job)];
    }),
    ...days.without.map(({ task, why }) => told(said('NO_TIME', { task: task.called, why }), task.job)),
    ...days.tasks.flatMap((task) => {
      const missed = fixedMissed(task);
      return missed ? [told(missed, task.task.job)] : [];
    }),
    ...cutShort(work),
    ...tooCold(read, work),
  ];
}

/** Begun before what is before it let it: told while either is of today’s work, by what the record says of both. */
function cutShort({ jobs }: AtWork): readonly DayFinding[] {
  return jobs.flatMap(({ job, tasks, stands }) => {
    const called = new Map(tasks.map((task) => [task.id, task]));
    return tasks.flatMap((task) => {
      const { begun } = stands.get(task.id) ?? {};
      if (begun === undefined) return [];
      return task.after.flatMap(({ task: id, wait = 0 }) => {
        const [before, was] = [called.get(id), stands.get(id)];
        const until = (was?.done ?? 0) + wait;
        const why = before?.stands?.why;
        if (!before || !why || was?.done === undefined || !was.told || begun >= until || wait === 0) return [];
        return [
          told(said('WAIT_CUT_SHORT', { task: task.called, before: before.called, why, by: until - begun }), job),
        ];
      });
    });
  });
}

function tooCold({ calendar, costing }: ShopRead, { jobs }: AtWork): readonly DayFinding[] {
  const { temperature: is } = calendar;
  if (is === undefined) return [];
  const rows = new Set(
    jobs.flatMap(({ tasks, stands }) =>
      tasks.flatMap(({ id, kind, finish }) =>
        kind === 'coat' && finish && stands.get(id)?.done === undefined ? [finish.row] : [],
      ),
    ),
  );
  return (costing.finishes ?? FINISH_ROWS).flatMap((row) => {
    const { least } = dryingOf(row);
    return rows.has(row.id) && least !== undefined && is < least
      ? [told(said('TOO_COLD', { row: row.id, least, is }))]
      : [];
  });
}

/** So many orders are tried for each thing that might mend it. */
const TRIES = 150;

interface Mend {
  readonly code: 'mend/second-person' | 'mend/sprayed' | 'mend/goods' | 'mend/saturday';
  readonly read: (read: ShopRead) => ShopRead;
}

const SATURDAY = 5;
const withSaturday = (week: Week): Week =>
  week.map((day, index) => (index === SATURDAY && day.length === 0 ? [{ from: 8 * HOUR, to: 12 * HOUR }] : day));

const MENDS: readonly Mend[] = [
  {
    code: 'mend/second-person',
    read: (read) => {
      const people = read.calendar.people ?? [{ id: 'one', name: '' }];
      return { ...read, calendar: { ...read.calendar, people: [...people, { id: 'one more', name: '' }] } };
    },
  },
  {
    code: 'mend/sprayed',
    read: (read) => ({
      ...read,
      jobs: read.jobs.map((job) => ({
        ...job,
        document: {
          ...job.document,
          ...(job.document.finish
            ? { finish: job.document.finish.map((group) => ({ ...group, row: 'lacquer' })) }
            : {}),
        },
      })),
    }),
  },
  {
    code: 'mend/goods',
    read: (read) => ({
      ...read,
      lead: 1,
      suppliers: read.suppliers.map((each) => ({ ...each, leadDays: 1 })),
      onOrder: read.onOrder.map(({ expectedOn: _, ...each }) => each),
    }),
  },
  {
    code: 'mend/saturday',
    read: (read) => ({ ...read, calendar: { ...read.calendar, week: withSaturday(read.calendar.week ?? USUAL_WEEK) } }),
  },
];

/** What would bring a job nearer to its date by a day at least: each tried by itself, those that bring it there first. */
function mendsOf(read: ShopRead, now: Now, job: string, late: number): readonly Said[] {
  const ends = (changed: ShopRead): { readonly end: number; readonly late: number } => {
    const work = atWork(changed, now);
    const found = last(better(work.problem, TRIES));
    const own = found.placed.filter(({ id }) => id.startsWith(`${job}/`));
    const end = Math.max(...own.map((each) => each.end));
    return { end, late: Math.max(0, end - (work.problem.due[job] ?? end)) };
  };
  return MENDS.map(({ code, read: changed }) => ({ code, ...ends(changed(read)) }))
    .filter((each) => each.late === 0 || each.late <= late - DAY_NEARER)
    .sort((one, other) => one.late - other.late)
    .map((each) => said(each.code, { end: dateOf(each.end), on: each.late === 0 }));
}

const DAY_NEARER = 20 * HOUR;

function last(search: Generator<unknown, Schedule>): Schedule {
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
}
