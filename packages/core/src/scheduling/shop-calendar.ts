import { list, number, object, optional, Report, required, text, type JobError } from '../reading';
import { said } from '../words';
import { USUAL_HOURS, type DaysOff, type Hours, type Person, type Stretch, type Week } from './hours';
import { readMoment } from './moment';
import type { WorkPlace } from './problem';

/** What a shop says of its days: what it leaves out is as it ships. */
export interface ShopCalendar {
  readonly week?: Week;
  readonly closed?: readonly DaysOff[];
  readonly people?: readonly Person[];
  readonly places?: Readonly<Partial<Record<WorkPlace, number>>>;
  /** Degrees at the finishing place. */
  readonly temperature?: number;
}

const DAY_MINUTES = 1440;
const stretch = object<Stretch>({
  from: required(number(0, DAY_MINUTES, 'whole')),
  to: required(number(0, DAY_MINUTES, 'whole')),
});
const week = list(list(stretch, 0, 12), 7, 7);
const daysOff = object<DaysOff>({ from: required(text(10, 1)), to: required(text(10, 1)) });
const person = object<Person>({
  id: required(text(40, 1)),
  name: required(text(80)),
  week: optional(week),
  off: optional(list(daysOff, 0, 200)),
});
const shape = object<ShopCalendar>({
  week: optional(week),
  closed: optional(list(daysOff, 0, 200)),
  people: optional(list(person, 1, 40)),
  places: optional(
    object<NonNullable<ShopCalendar['places']>>({
      saw: optional(number(1, 20, 'whole')),
      bench: optional(number(1, 20, 'whole')),
      finishing: optional(number(1, 20, 'whole')),
      site: optional(number(1, 20, 'whole')),
    }),
  ),
  temperature: optional(number(-30, 60)),
});

/** Reads what a shop says of its days: what is wrong with it, or it as read. */
export function readShopCalendar(
  value: unknown,
):
  | { readonly ok: true; readonly calendar: ShopCalendar }
  | { readonly ok: false; readonly errors: readonly JobError[] } {
  const report = new Report();
  const calendar = shape(value, 'calendar', report);
  if (calendar) checked(calendar, report);
  return calendar && report.clean ? { ok: true, calendar } : { ok: false, errors: report.errors };
}

function checked({ week: open = [], closed = [], people = [] }: ShopCalendar, report: Report): void {
  weekChecked(open, 'calendar.week', report);
  daysChecked(closed, 'calendar.closed', report);
  const ids = people.map(({ id }) => id);
  people.forEach(({ id, week: own = [], off = [] }, index) => {
    const at = `calendar.people[${index}]`;
    if (ids.indexOf(id) !== index) report.add(`${at}.id`, said('calendar/twice', { id }));
    weekChecked(own, `${at}.week`, report);
    daysChecked(off, `${at}.off`, report);
  });
}

function weekChecked(days: Week, at: string, report: Report): void {
  days.forEach((all, day) =>
    all.forEach(({ from, to }, index) => {
      const before = all[index - 1]?.to ?? -1;
      if (from >= to || from <= before) report.add(`${at}[${day}][${index}]`, said('calendar/stretch', { from, to }));
    }),
  );
}

const isDate = (date: string): boolean => readMoment(`${date}T00:00`) !== undefined;

function daysChecked(days: readonly DaysOff[], at: string, report: Report): void {
  days.forEach(({ from, to }, index) => {
    if (!isDate(from) || !isDate(to) || from > to) report.add(`${at}[${index}]`, said('calendar/days', { from, to }));
  });
}

/** The hours a calendar comes to. */
export const hoursOf = ({
  week: open = USUAL_HOURS.week,
  closed = [],
  people = USUAL_HOURS.people,
}: ShopCalendar): Hours => ({ week: open, closed, people });

/** Minutes of the longest time anybody works without a closing. */
export const longestOpening = ({ week: open, people }: Hours): number =>
  Math.max(
    1,
    ...open
      .flat()
      .map(({ from, to }) => to - from)
      .map((each) => Math.min(each, ...longestOf(people))),
  );

/** Of whoever works the shortest stretches the longest of them: what is split by it anybody can do. */
function longestOf(people: readonly Person[]): readonly number[] {
  const each = people.flatMap(({ week: own }) =>
    own ? [Math.max(0, ...own.flat().map(({ from, to }) => to - from))] : [],
  );
  const some = each.filter((minutes) => minutes > 0);
  return some.length === 0 ? [] : [Math.min(...some)];
}
