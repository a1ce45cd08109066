import type { DaysOff, Stretch } from '@zabble/core';

const HOUR = 60;
const time = (minute: number): string => {
  const [hour, rest] = [Math.floor(minute / HOUR), minute % HOUR];
  return rest === 0 ? String(hour) : `${hour}:${String(rest).padStart(2, '0')}`;
};

/** `8–12, 13–17`; a dash where nobody works. */
export const writeDay = (day: readonly Stretch[]): string =>
  day.length === 0 ? '–' : day.map(({ from, to }) => `${time(from)}–${time(to)}`).join(', ');

const STRETCH = /^(\d{1,2})(?::(\d\d))?\s*[-–]\s*(\d{1,2})(?::(\d\d))?$/u;
const NOBODY = /^[-–]?$/u;
const DAY = 24 * HOUR;

/** What people write of a day’s hours; nothing where it can’t be read. */
export function readDay(text: string): readonly Stretch[] | undefined {
  const written = text.trim();
  if (NOBODY.test(written)) return [];
  const all = written.split(',').map((part): Stretch | undefined => {
    const [, from, fromMinute = '0', to, toMinute = '0'] = STRETCH.exec(part.trim()) ?? [];
    if (from === undefined || to === undefined) return undefined;
    return { from: Number(from) * HOUR + Number(fromMinute), to: Number(to) * HOUR + Number(toMinute) };
  });
  let last = -1;
  for (const each of all) {
    if (!each || each.from <= last || each.from >= each.to || each.to > DAY) return undefined;
    last = each.to;
  }
  return all as readonly Stretch[];
}

const DAYS = /^(\d{4}-\d\d-\d\d)(?:\s*(?:to|–|-|…)\s*(\d{4}-\d\d-\d\d))?$/u;

/** `2026-12-24 – 2027-01-02`, several with commas. */
export const writeDaysOff = (days: readonly DaysOff[]): string =>
  days.map(({ from, to }) => (from === to ? from : `${from} – ${to}`)).join(', ');

export function readDaysOff(text: string): readonly DaysOff[] | undefined {
  if (text.trim() === '') return [];
  const all = text.split(',').map((part): DaysOff | undefined => {
    const [, from, to = from] = DAYS.exec(part.trim()) ?? [];
    return from === undefined || to === undefined || to < from ? undefined : { from, to };
  });
  return all.every((each): each is DaysOff => each !== undefined) ? all : undefined;
}
