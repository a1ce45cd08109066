import { DAY, type Moment } from '../src/scheduling/moment';
import type { Problem, Work } from '../src/scheduling/problem';

/** Cells of the clock that an order of work is made of here; everything must be a multiple of it. */
export const CELL = 30;

interface Choice {
  readonly name: string;
  readonly start: number;
  readonly end: number;
}

/**
 * A problem whose people all work the same hours, as a mixed-integer programme: one variable for every piece and every cell it
 * could begin in. People count together there; whoever they are can always be told apart afterwards. Least lateness first,
 * then the earliest end. Ends no later than `last`.
 */
export function scheduleProgramme(problem: Problem, last: Moment): string {
  const { now, work, hours, due } = problem;
  const cells = Math.ceil((last - now) / CELL);
  const open = (cell: number): boolean => {
    const at = now + cell * CELL;
    const day = Math.floor(at / DAY);
    const date = new Date(day * DAY * 60_000).toISOString().slice(0, 10);
    if (hours.closed.some(({ from, to }) => date >= from && date <= to)) return false;
    const week = hours.week[(new Date(day * DAY * 60_000).getUTCDay() + 6) % 7] ?? [];
    return week.some(({ from, to }) => at - day * DAY >= from && at - day * DAY < to);
  };
  const choices = work.map((each, index) => choicesOf(each, index, { now, cells, open }));
  const rows: string[] = [];
  choices.forEach((all) => rows.push(`${all.map(({ name }) => name).join(' + ')} = 1`));
  for (const [index, { after }] of work.entries())
    for (const { task, wait = 0 } of after) {
      const before = work.findIndex(({ id }) => id === task);
      for (const { start, name } of choices[index] ?? []) {
        const tooLate = (choices[before] ?? []).filter(({ end }) => end + wait / CELL > start).map((each) => each.name);
        if (tooLate.length > 0) rows.push(`${[name, ...tooLate].join(' + ')} <= 1`);
      }
    }
  rows.push(...capacities(problem, choices, cells));
  const jobs = [...new Set(work.map(({ job }) => job))];
  choices.forEach((all, index) => {
    const end = all.map(({ name, end: done }) => `- ${done} ${name}`).join(' ');
    rows.push(`C ${end} >= 0`);
    const date = due[work[index]?.job ?? ''];
    if (date !== undefined) rows.push(`L${jobs.indexOf(work[index]?.job ?? '')} ${end} >= ${-(date - now) / CELL}`);
  });
  const late = jobs.map((_, job) => ` + 1000 L${job}`).join('');
  const names = choices.flat().map(({ name }) => name);
  return `Minimize\n obj: C${late}\nSubject To\n${rows.map((row, at) => ` r${at}: ${row}`).join('\n')}\nBinary\n ${names.join('\n ')}\nEnd\n`;
}

function choicesOf(
  { minutes, whole, from, fixed }: Work,
  index: number,
  { now, cells, open }: { readonly now: Moment; readonly cells: number; readonly open: (cell: number) => boolean },
): readonly Choice[] {
  const least = (Math.max(now, from ?? 0, fixed ?? 0) - now) / CELL;
  return Array.from({ length: cells }, (_, start) => start).flatMap((start): readonly Choice[] => {
    if (!open(start) || start < least) return [];
    let [end, left] = [start, minutes / CELL];
    for (; left > 0 && end < cells; end += 1) {
      if (open(end)) left -= 1;
      else if (whole) return [];
    }
    return left > 0 ? [] : [{ name: `x${index}_${start}`, start, end }];
  });
}

function capacities(
  { work, hours, places }: Problem,
  choices: readonly (readonly Choice[])[],
  cells: number,
): readonly string[] {
  const rows: string[] = [];
  const row = (terms: readonly string[], most: number): void => {
    if (terms.length > 1) rows.push(`${terms.join(' + ')} <= ${most}`);
  };
  for (let cell = 0; cell < cells; cell += 1) {
    row(
      choices.flatMap((all, index) =>
        all
          .filter(({ start, end }) => start <= cell && cell < end)
          .map(({ name }) => `${Math.min(work[index]?.people ?? 1, hours.people.length)} ${name}`),
      ),
      hours.people.length,
    );
    for (const place of ['saw', 'bench', 'finishing', 'site'] as const)
      row(
        choices.flatMap((all, index) => {
          const holds = (work[index]?.holds ?? 0) / CELL;
          return work[index]?.place === place
            ? all.filter(({ start, end }) => start <= cell && cell < end + holds).map(({ name }) => name)
            : [];
        }),
        places?.[place] ?? 1,
      );
  }
  return rows;
}
