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
import { Say } from '../words/say';
import { DaysState } from './days-state';
import { readDaysOff, writeDaysOff } from './hours-text';
import { WeekHours, withDay, type DayHours } from './week-hours';

/** When the shop is open, who works in it and when, how many of each place it has. */
@Component({
  selector: 'z-hours-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say, Says, WeekHours],
  templateUrl: './hours-view.html',
  host: { class: 'flex flex-col gap-5' },
})
export class HoursView {
  protected readonly state = inject(DaysState);
  protected readonly says = signal('');
  protected readonly places = WORK_PLACES;
  protected readonly calendar = computed((): ShopCalendar => this.state.kept()?.calendar ?? {});
  protected readonly week = computed(() => this.calendar().week ?? USUAL_WEEK);
  protected readonly people = computed(() => this.calendar().people ?? USUAL_HOURS.people);
  protected readonly closed = computed(() => writeDaysOff(this.calendar().closed ?? []));
  protected readonly off = ({ off = [] }: Person): string => writeDaysOff(off);

  protected called(place: WorkPlace) {
    return said('task/place', { place });
  }

  protected setDay(hours: DayHours): void {
    this.change((calendar) => ({ ...calendar, week: withDay(calendar.week ?? USUAL_WEEK, hours) }));
  }

  protected setClosed(text: string): void {
    const closed = readDaysOff(text);
    if (!closed) return this.says.set(notDays(text));
    this.change((calendar) => ({ ...calendar, closed }));
  }

  protected setPlaces(place: WorkPlace, text: string): void {
    const read = readNumber(text, $localize`a number is wanted, as 1 or 2`);
    if (!read.ok) return this.says.set(read.says);
    this.change((calendar) => ({ ...calendar, places: { ...calendar.places, [place]: read.value ?? 1 } }));
  }

  protected setTemperature(text: string): void {
    const read = readNumber(text, $localize`degrees are wanted, as 18`);
    if (!read.ok) return this.says.set(read.says);
    this.change(({ temperature: _, ...others }) =>
      read.value === undefined ? others : { ...others, temperature: read.value },
    );
  }

  protected rename(id: string, name: string): void {
    this.setPerson(id, (person) => ({ ...person, name: name.trim().slice(0, 80) }));
  }

  protected setPersonDay(id: string, hours: DayHours): void {
    this.setPerson(id, (person, shop) => ({ ...person, week: withDay(person.week ?? shop, hours) }));
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
    const person: Person = { id: newId(), name: written };
    this.setPeople((people) => [...people, person]);
  }

  protected drop(id: string): void {
    if (this.people().length === 1) return this.says.set($localize`Somebody works here: the last one stays.`);
    this.setPeople((people) => people.filter((each) => each.id !== id));
  }

  private setPerson(id: string, change: (person: Person, shop: Week) => Person): void {
    this.setPeople((people, shop) => people.map((each) => (each.id === id ? change(each, shop) : each)));
  }

  private setPeople(change: (people: readonly Person[], shop: Week) => readonly Person[]): void {
    this.change((calendar) => ({
      ...calendar,
      people: change(calendar.people ?? USUAL_HOURS.people, calendar.week ?? USUAL_WEEK),
    }));
  }

  private change(change: (calendar: ShopCalendar) => ShopCalendar): void {
    this.says.set('');
    this.state.changeCalendar(change);
  }
}

const notDays = (text: string): string =>
  $localize`“${text}” are no days: dates are wanted, as 2026-12-24 – 2027-01-02, several with commas.`;
