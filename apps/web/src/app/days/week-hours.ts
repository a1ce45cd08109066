import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import type { Stretch, Week } from '@zabble/core';
import { locale } from '../words/locale';
import { readDay, writeDay } from './hours-text';

const WEEKDAY = new Intl.DateTimeFormat(locale(), { weekday: 'short', timeZone: 'UTC' });
/** A Monday and the six days after it. */
const MONDAY = Date.UTC(2024, 0, 1);
const DAY = 86_400_000;

export interface DayHours {
  readonly index: number;
  readonly day: readonly Stretch[];
}

/** The week with the hours of one day of it changed. */
export const withDay = (week: Week, { index, day }: DayHours): Week =>
  week.map((each, at) => (at === index ? day : each));

/** The hours of the days of a week, each as people write them. */
@Component({
  selector: 'z-week-hours',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@for (name of weekdays; track $index) {
    <label class="flex min-w-0 flex-col gap-1">
      <span class="caption">{{ name }}</span>
      <input
        class="write min-w-0"
        type="text"
        [class.text-soft]="quiet()"
        [value]="write(week()[$index] ?? [])"
        (change)="taken($index, $any($event.target).value)"
      />
    </label>
  }`,
  host: { class: 'grid grid-cols-7 gap-2 max-lg:grid-cols-4 max-sm:grid-cols-2' },
})
export class WeekHours {
  readonly week = input.required<Week>();
  /** Not said by themselves: as the shop’s. */
  readonly quiet = input(false);
  readonly changed = output<DayHours>();
  /** What could not be read, in a sentence. */
  readonly says = output<string>();
  protected readonly weekdays = Array.from({ length: 7 }, (_, day) => WEEKDAY.format(new Date(MONDAY + day * DAY)));
  protected readonly write = writeDay;

  protected taken(index: number, text: string): void {
    const day: readonly Stretch[] | undefined = readDay(text);
    if (day) this.changed.emit({ index, day });
    else
      this.says.emit(
        $localize`“${text}” is no time of a day: hours are wanted, as 8–12, 13–17; a dash where it is shut.`,
      );
  }
}
