import type { WeekFile } from '@zabble/contract';
import {
  atWork,
  better,
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
  type Schedule,
  type ShopRead,
} from '@zabble/core';
import ical, { ICalCalendarMethod } from 'ical-generator';
import Papa from 'papaparse';
import type { Paper } from './paper';
import { MARGIN, Pdf } from './pdf';

export type PaperSize = Paper;

/** The days of a shop, with the time it is there and the paper they are wanted on. */
export interface WeekOrder {
  readonly read: ShopRead;
  readonly now: Now;
  readonly paper: Paper;
}

const WORDS = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(1) });

/** A file of the order of work as it is found by the whole search: the same as on the screen. */
export async function weekFile(
  name: WeekFile,
  { read, now, paper }: WeekOrder,
  { fonts, onPage }: { readonly fonts: string; readonly onPage: () => void },
) {
  const work = atWork(read, now);
  const days = daysOf(work, found(work));
  if (name === 'week.csv') {
    const rows = dayRows(days, named(work), WORDS).map((row) => [...row]);
    return { name, type: 'text/csv; charset=utf-8', data: Buffer.from(Papa.unparse(rows, CSV)) };
  }
  if (name === 'week.ics')
    return { name, type: 'text/calendar; charset=utf-8', data: Buffer.from(weekCalendar(work, days)) };
  return { name, type: 'application/pdf', data: await weekPdf(work, days, { fonts, onPage, paper }) };
}

function found(work: AtWork): Schedule {
  const search = better(work.problem);
  for (;;) {
    const { done, value } = search.next();
    if (done) return value;
  }
}

const named =
  ({ hours }: AtWork) =>
  (id: string): string =>
    hours.people.find((person) => person.id === id)?.name ?? '';

/** As the clock on the wall tells it, wherever it is read: times of no zone. */
const floating = (at: Moment): Date => {
  const [year = 0, month = 1, day = 1, hour = 0, minute = 0] = writeMoment(at).split(/[-T:]/u).map(Number);
  return new Date(year, month - 1, day, hour, minute);
};

/** iCalendar (RFC 5545): tasks at their times, what is expected and promised as whole days. */
export function weekCalendar(work: AtWork, days: Days): string {
  const title = WORDS.say(said('days/title'));
  const calendar = ical({
    name: title,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'zabble', product: 'days', language: 'EN' },
  });
  const nameOf = named(work);
  const stamp = floating(days.now);
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

/** A week for the wall: a column a day, a row a task, large; what is promised and expected at the foot of its day. */
function weekPdf(
  work: AtWork,
  days: Days,
  { fonts, onPage, paper }: { readonly fonts: string; readonly onPage: () => void; readonly paper: Paper },
): Promise<Buffer> {
  const first = Math.floor(days.now / DAY);
  const monday = first - ((first + 3) % WEEK);
  const dates = Array.from({ length: WEEK }, (_, index) => monday + index);
  const [from, until] = [dateOf(monday * DAY), dateOf((monday + WEEK - 1) * DAY)];
  const title = WORDS.say(said('days/week', { from: inWords(from), until: inWords(until) }));
  const end = WORDS.say(said('days/end', { end: inWords(dateOf(days.end)), bound: inWords(dateOf(days.bound)) }));
  const pdf = new Pdf(
    { fonts, paper, ink: 'colour', words: WORDS, onPage },
    { title, foot: [title, end] },
    { lying: true },
  );
  const nameOf = named(work);
  const open = dates.filter((day) =>
    day % WEEK !== 2 && day % WEEK !== 3 ? true : days.tasks.some((task) => on(task, day)),
  );
  const wide = (pdf.width - 2 * MARGIN) / open.length;
  pdf.page();
  pdf.title(title, MARGIN, MARGIN, 18, pdf.width - 2 * MARGIN);
  const top = MARGIN + 12;
  for (const [index, day] of open.entries()) {
    const x = MARGIN + index * wide;
    if (index > 0) pdf.line(x - 1, top, x - 1, pdf.height - MARGIN - 8, 0.1);
    pdf.text(WEEKDAY.format(new Date(day * DAY * 60_000)), x, top, { size: 12, font: 'bold', width: wide - 2 });
    let at = top + 8;
    const all = days.tasks.filter((task) => on(task, day));
    const foot = [
      ...days.goods
        .filter(({ here }) => Math.floor(here / DAY) === day)
        .map(({ what }) => WORDS.say(said('days/here', { what }))),
      ...days.jobs
        .filter(({ due }) => due === dateOf(day * DAY))
        .map(({ name }) => WORDS.say(said('days/due', { job: name }))),
    ];
    const lines = [
      ...all.map(({ task, jobName, start, people }) => ({
        head: `${start < day * DAY ? '…' : writeMoment(start).slice(11)} ${people.map(nameOf).filter(Boolean).join(', ')}`.trim(),
        body: `${WORDS.say(task.called)} · ${jobName}`,
      })),
      ...foot.map((body) => ({ head: '', body })),
    ];
    for (const { head, body } of lines) {
      const rows = pdf.wrapped(body, wide - 3, 9);
      const high = (head === '' ? 0 : 4) + rows.length * 4 + 2;
      if (at + high > pdf.height - MARGIN - 8) {
        pdf.text('…', x, at, { size: 10, width: wide - 2 });
        break;
      }
      if (head !== '') pdf.text(head, x, at, { size: 9, font: 'bold', width: wide - 2 });
      rows.forEach((row, down) =>
        pdf.text(row, x, at + (head === '' ? 0 : 4) + down * 4, { size: 9, width: wide - 2 }),
      );
      at += high;
    }
  }
  return pdf.finish({ mark: false });
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
