import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import {
  said,
  USUAL_HOURS,
  USUAL_WEEK,
  WORK_PLACES,
  type Person,
  type ShopCalendar,
  type Week,
  type WorkPlace,
} from '@zabble/core';
import { newId } from '../server-api/new-id';
import { readNumber } from '../ui/read-number';
import { Says } from '../ui/says';
import { locale } from '../words/locale';
import { Say } from '../words/say';
import { DaysState } from './days-state';
import { readDay, readDaysOff, writeDay, writeDaysOff } from './hours-text';

const WEEKDAY = new Intl.DateTimeFormat(locale(), { weekday: 'short', timeZone: 'UTC' });
/** A Monday and the six days after it. */
const MONDAY = Date.UTC(2024, 0, 1);
const DAY = 86_400_000;

/** When the shop is open, who works in it and when, how many of each place it has. */
@Component({
  selector: 'z-hours-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say, Says],
  templateUrl: './hours-view.html',
  host: { class: 'flex flex-col gap-5' },
})
export class HoursView {
  protected readonly state = inject(DaysState);
  protected readonly says = signal('');
  protected readonly weekdays = Array.from({ length: 7 }, (_, day) => WEEKDAY.format(new Date(MONDAY + day * DAY)));
  protected readonly places = WORK_PLACES;
  protected readonly calendar = computed((): ShopCalendar => this.state.kept()?.calendar ?? {});
  protected readonly week = computed(() => this.calendar().week ?? USUAL_WEEK);
  protected readonly people = computed(() => this.calendar().people ?? USUAL_HOURS.people);
  protected readonly closed = computed(() => writeDaysOff(this.calendar().closed ?? []));
  protected readonly day = writeDay;
  protected readonly off = ({ off = [] }: Person): string => writeDaysOff(off);

  protected called(place: WorkPlace) {
    return said('task/place', { place });
  }

  protected setDay(index: number, text: string): void {
    const day = readDay(text);
    if (!day)
      return this.says.set(
        $localize`“${text}” is no time of a day: hours are wanted, as 8–12, 13–17; a dash where it is shut.`,
      );
    this.keep({ ...this.calendar(), week: this.week().map((each, at) => (at === index ? day : each)) });
  }

  protected setClosed(text: string): void {
    const closed = readDaysOff(text);
    if (!closed) return this.says.set(notDays(text));
    this.keep({ ...this.calendar(), closed });
  }

  protected setPlaces(place: WorkPlace, text: string): void {
    const read = readNumber(text, $localize`a number is wanted, as 1 or 2`);
    if (!read.ok) return this.says.set(read.says);
    this.keep({ ...this.calendar(), places: { ...this.calendar().places, [place]: read.value ?? 1 } });
  }

  protected setTemperature(text: string): void {
    const read = readNumber(text, $localize`degrees are wanted, as 18`);
    if (!read.ok) return this.says.set(read.says);
    const { temperature: _, ...others } = this.calendar();
    this.keep(read.value === undefined ? others : { ...others, temperature: read.value });
  }

  protected setPerson(id: string, change: (person: Person) => Person): void {
    this.keep({ ...this.calendar(), people: this.people().map((each) => (each.id === id ? change(each) : each)) });
  }

  protected rename(id: string, name: string): void {
    this.setPerson(id, (person) => ({ ...person, name: name.trim().slice(0, 80) }));
  }

  protected setPersonDay(id: string, index: number, text: string): void {
    const day = readDay(text);
    if (!day)
      return this.says.set(
        $localize`“${text}” is no time of a day: hours are wanted, as 8–12, 13–17; a dash where it is shut.`,
      );
    this.setPerson(id, (person) => ({
      ...person,
      week: weekOf(person, this.week()).map((each, at) => (at === index ? day : each)),
    }));
  }

  protected setOff(id: string, text: string): void {
    const off = readDaysOff(text);
    if (!off) return this.says.set(notDays(text));
    this.setPerson(id, (person) => ({ ...person, off }));
  }

  protected add(name: HTMLInputElement): void {
    const written = name.value.trim().slice(0, 80);
    if (written === '') return this.says.set($localize`A person has a name.`);
    name.value = '';
    this.keep({ ...this.calendar(), people: [...this.people(), { id: newId(), name: written }] });
  }

  protected drop(id: string): void {
    if (this.people().length === 1) return this.says.set($localize`Somebody works here: the last one stays.`);
    this.keep({ ...this.calendar(), people: this.people().filter((each) => each.id !== id) });
  }

  protected weekOf(person: Person): Week {
    return weekOf(person, this.week());
  }

  private keep(calendar: ShopCalendar): void {
    this.says.set('');
    this.state.keepCalendar(calendar);
  }
}

const weekOf = ({ week }: Person, shop: Week): Week => week ?? shop;
const notDays = (text: string): string =>
  $localize`“${text}” are no days: dates are wanted, as 2026-12-24 – 2027-01-02, several with commas.`;
