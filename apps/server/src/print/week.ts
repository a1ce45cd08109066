import type { WeekFile } from '@zabble/contract';
import {
  asSeen,
  atWork,
  bestOrder,
  CSV,
  dateOf,
  dayRows,
  daysOf,
  ENGLISH,
  millimetres,
  momentOf,
  said,
  wordsIn,
  writeMoment,
  type AtWork,
  type Days,
  type Moment,
  type Now,
  type Seen,
  type ShopRead,
} from '@zabble/core';
import { ICalCalendar, ICalCalendarMethod } from 'ical-generator';
import Papa from 'papaparse';
import type { Paper } from './paper';
import { MARGIN, Pdf } from './pdf';

export type PaperSize = Paper;

/** The days of a shop, with the time it is there and the paper they are wanted on. */
export interface WeekOrder {
  readonly read: ShopRead;
  readonly now: Now;
  readonly paper: Paper;
  readonly seen?: readonly Seen[];
}

const WORDS = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(1) });

/** So many orders are looked for at most where nobody saw one: who follows a calendar waits some seconds, not a minute. */
const SOON = { rows: 1, most: 100_000 };

/** A file of the order of work as it was seen; where nobody saw one, the best that is soon found. */
export async function weekFile(
  name: WeekFile,
  { read, now, paper, seen }: WeekOrder,
  { fonts, onPage }: { readonly fonts: string; readonly onPage: () => void },
) {
  const work = atWork(read, now);
  const days = daysOf(work, seen ? asSeen(work.problem, seen) : bestOrder(work.problem, SOON));
  if (name === 'week.csv') {
    const rows = dayRows(days, named(work), WORDS).map((row) => [...row]);
    return { name, type: 'text/csv; charset=utf-8', data: Buffer.from(Papa.unparse(rows, CSV)) };
  }
  if (name === 'week.ics')
    return { name, type: 'text/calendar; charset=utf-8', data: Buffer.from(weekCalendar(work, days, stampOf(now))) };
  return { name, type: 'application/pdf', data: await weekPdf(work, days, { fonts, onPage, paper }) };
}

const named =
  ({ hours }: AtWork) =>
  (id: string): string =>
    hours.people.find((person) => person.id === id)?.name ?? '';

/** As the clock on the wall tells it, wherever it is read and written: times of no zone are written as UTC has them. */
const floating = (at: Moment): Date => new Date(at * 60_000);

/** When it was made, which iCalendar wants by UTC (RFC 5545, 3.8.7.2). */
const stampOf = ({ now, zone }: Now): Date => new Date((now - zone) * 60_000);

/** iCalendar (RFC 5545): tasks at their times, what is expected and promised as whole days. */
function weekCalendar(work: AtWork, days: Days, stamp: Date): string {
  const title = WORDS.say(said('days/title'));
  const calendar = new ICalCalendar({
    name: title,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'zabble', product: 'days', language: 'EN' },
  });
  const nameOf = named(work);
  for (const { task, jobName, start, end, people, why } of days.tasks)
    calendar.createEvent({
      ...{ id: `${task.id}@zabble`, floating: true, start: floating(start), end: floating(end), stamp },
      summary: `${jobName}: ${WORDS.say(task.called)}`,
      description: WORDS.say(why),
      ...(task.place ? { location: WORDS.say(said('task/place', { place: task.place })) } : {}),
      ...(people.map(nameOf).some(Boolean) ? { categories: people.map((id) => ({ name: nameOf(id) || id })) } : {}),
    });
  for (const good of days.goods)
    wholeDay(`good/${good.job}/${good.key}`, dateOf(good.here), WORDS.say(said('days/here', { what: good.what })));
  for (const { job, name, due } of days.jobs)
    if (due !== undefined) wholeDay(`due/${job}`, due, WORDS.say(said('days/due', { job: name })));
  return calendar.toString();

  function wholeDay(id: string, date: string, summary: string): void {
    calendar.createEvent({
      id: `${id}@zabble`,
      allDay: true,
      floating: true,
      start: floating(momentOf(date)),
      stamp,
      summary,
    });
  }
}

const WEEK = 7;
const DAY = 1440;

interface Wall {
  readonly fonts: string;
  readonly onPage: () => void;
  readonly paper: Paper;
}

/** A week for the wall: a column a day, what is done under each other, what is promised and expected at its foot. */
function weekPdf(work: AtWork, days: Days, { fonts, onPage, paper }: Wall): Promise<Buffer> {
  // Where nothing is left to do in this week, the next in which there is.
  const first = Math.max(Math.floor(days.now / DAY), Math.floor((days.tasks[0]?.start ?? 0) / DAY));
  const monday = first - ((first + 3) % WEEK);
  const dates = Array.from({ length: WEEK }, (_, index) => monday + index);
  const open = dates.filter((day, index) => index < WORKING || days.tasks.some((task) => on(task, day)));
  const [from, until] = [inWords(dateOf(monday * DAY)), inWords(dateOf((monday + WEEK - 1) * DAY))];
  const title = WORDS.say(said('days/week', { from, until }));
  const end = WORDS.say(said('days/end', { end: inWords(dateOf(days.end)), bound: inWords(dateOf(days.bound)) }));
  const pdf = new Pdf(
    { fonts, paper, ink: 'colour', words: WORDS, onPage },
    { title, foot: [title, end] },
    { lying: true },
  );
  pdf.page();
  pdf.title(title, MARGIN, MARGIN, 18, pdf.width - 2 * MARGIN);
  const wide = (pdf.width - 2 * MARGIN) / open.length;
  for (const [index, day] of open.entries()) {
    const x = MARGIN + index * wide;
    if (index > 0) pdf.line(x - 1, TOP, x - 1, pdf.height - FOOT, 0.1);
    column(pdf, linesOf(work, days, day), { x, wide, head: WEEKDAY.format(new Date(day * DAY * 60_000)) });
  }
  return pdf.finish({ mark: false });
}

const WORKING = 5;
const TOP = MARGIN + 12;
const FOOT = MARGIN + 8;
const SIZE = 11;
const LINE = 4.8;

/** What stands in a day: when and who over what. */
interface WallLine {
  readonly head: string;
  readonly body: string;
}

function linesOf(work: AtWork, days: Days, day: number): readonly WallLine[] {
  const nameOf = named(work);
  const tasks = days.tasks
    .filter((task) => on(task, day))
    .map(({ task, jobName, start, people }) => ({
      head: [
        start < day * DAY ? '…' : writeMoment(start).slice(11),
        people.map(nameOf).filter(Boolean).join(', '),
      ].join(' '),
      body: `${WORDS.say(task.called)} · ${jobName}`,
    }));
  const here = days.goods
    .filter(({ here: at }) => Math.floor(at / DAY) === day)
    .map(({ what }) => said('days/here', { what }));
  const due = days.jobs
    .filter((job) => job.due === dateOf(day * DAY))
    .map(({ name }) => said('days/due', { job: name }));
  // What two jobs wait for is expected once.
  const foot = [...new Set([...here, ...due].map((each) => WORDS.say(each)))];
  return [...tasks, ...foot.map((body) => ({ head: '', body }))];
}

/** As many as there is room for; that there are more is told. */
function column(
  pdf: Pdf,
  lines: readonly WallLine[],
  { x, wide, head }: { readonly x: number; readonly wide: number; readonly head: string },
): void {
  const width = wide - 2;
  pdf.text(head, x, TOP, { size: 12, font: 'bold', width });
  let at = TOP + 8;
  for (const line of lines) {
    const rows = pdf.wrapped(line.body, wide - 3, SIZE);
    const down = line.head === '' ? 0 : LINE;
    if (at + down + rows.length * LINE > pdf.height - FOOT - LINE) {
      pdf.text('…', x, at, { size: SIZE, width });
      return;
    }
    if (line.head !== '') pdf.text(line.head, x, at, { size: SIZE, font: 'bold', width });
    for (const [index, row] of rows.entries()) pdf.text(row, x, at + down + index * LINE, { size: SIZE, width });
    at += down + rows.length * LINE + 2;
  }
}

const WEEKDAY = new Intl.DateTimeFormat(ENGLISH.locale, {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});
const LONG = new Intl.DateTimeFormat(ENGLISH.locale, { dateStyle: 'medium', timeZone: 'UTC' });
const inWords = (date: string): string => LONG.format(new Date(date));

/** A task that goes over a night is of both its days. */
const on = ({ start, end }: { readonly start: Moment; readonly end: Moment }, day: number): boolean =>
  start < (day + 1) * DAY && end > day * DAY;
