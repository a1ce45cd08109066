import type { Said } from '../length';
import { said } from '../words';
import { atWork, type AtWork, type Now, type ShopRead } from './at-work';
import { bestOrder } from './better';
import { fixedMissed, type Days } from './days';
import { dryingOf } from './finish-tasks';
import { FINISH_ROWS } from '../costing';
import { goodsLate } from './goods-late';
import { USUAL_WEEK, type Week } from './hours';
import { dateOf, HOUR } from './moment';
import type { After } from './problem';
import type { JobAtWork } from './problem-of';
import type { Standing } from './progress';
import type { Task } from './task';

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
  const late = days.jobs.filter((job) => job.late > 0);
  const mended =
    late.length === 0 ? [] : MENDS.map(({ code, read: changed }) => ({ code, ends: endsOf(changed(read), now) }));
  return [
    ...late.flatMap(({ job, name, due, end, late: by }) => {
      if (due === undefined || end === undefined) return [];
      const params = { job: name, date: due, end: dateOf(end), by };
      return [told(said('DUE_MISSED', { ...params, mends: mendsOf(mended, job, by) }), job)];
    }),
    ...goodsLate(work, days).map(({ said: what, job }) => told(what, job)),
    ...days.without.map(({ task, why }) => told(said('NO_TIME', { task: task.called, why }), task.job)),
    ...days.tasks.flatMap((task) => {
      const missed = fixedMissed(task);
      return missed ? [told(missed, task.task.job)] : [];
    }),
    ...cutShort(work),
    ...tooCold(read, work),
  ];
}

/** Begun before what is before it let it: by what the record says of both, with what went wrong in its job since. */
function cutShort({ jobs }: AtWork): readonly DayFinding[] {
  return jobs.flatMap((job) => {
    const called = new Map(job.tasks.map((task) => [task.id, task]));
    return job.tasks.flatMap((task) =>
      task.after.flatMap((after) => shortOf(job, task, called.get(after.task), after)),
    );
  });
}

function shortOf(
  { job, stands, faults }: JobAtWork,
  task: Task,
  before: Task | undefined,
  { wait = 0 }: After,
): readonly DayFinding[] {
  const begun = stands.get(task.id)?.begun;
  const why = before?.stands?.why;
  if (begun === undefined || !before || !why) return [];
  const by = toldDone(stands.get(before.id)) + wait - begun;
  if (by <= 0 || wait === 0) return [];
  const then = faults.filter(({ at }) => at >= begun).map(({ fault }) => fault);
  return [told(said('WAIT_CUT_SHORT', { task: task.called, before: before.called, why, by, then }), job)];
}

/** When it was done, by what was said of it: what only follows from something else has no moment of its own. */
const toldDone = (stands: Standing | undefined): number =>
  stands?.told ? (stands.done ?? Number.NEGATIVE_INFINITY) : Number.NEGATIVE_INFINITY;

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
  readonly code: 'mend/one-more-person' | 'mend/sprayed' | 'mend/goods' | 'mend/saturday';
  readonly read: (read: ShopRead) => ShopRead;
}

const SATURDAY = 5;
const withSaturday = (week: Week): Week =>
  week.map((day, index) => (index === SATURDAY && day.length === 0 ? [{ from: 8 * HOUR, to: 12 * HOUR }] : day));

const MENDS: readonly Mend[] = [
  {
    code: 'mend/one-more-person',
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

type Ends = (job: string) => { readonly end: number; readonly late: number } | undefined;

/** When jobs end if something were otherwise, and by how much each is late then. */
function endsOf(changed: ShopRead, now: Now): Ends {
  const work = atWork(changed, now);
  const { placed } = bestOrder(work.problem, { tries: TRIES });
  return (job) => {
    const own = placed.filter(({ id }) => id.startsWith(`${job}/`));
    if (own.length === 0) return undefined;
    const end = Math.max(...own.map((each) => each.end));
    return { end, late: Math.max(0, end - (work.problem.due[job] ?? end)) };
  };
}

/** What would bring a job nearer to its date by a day at least, or to it: each tried by itself, those that bring it there first. */
function mendsOf(
  mended: readonly { readonly code: Mend['code']; readonly ends: Ends }[],
  job: string,
  late: number,
): readonly Said[] {
  return mended
    .flatMap(({ code, ends }) => {
      const is = ends(job);
      return is && (is.late === 0 || is.late <= late - DAY_NEARER) ? [{ code, ...is }] : [];
    })
    .sort((one, other) => one.late - other.late)
    .map(({ code, end, late: still }) => said(code, { end: dateOf(end), on: still === 0 }));
}

const DAY_NEARER = 20 * HOUR;
