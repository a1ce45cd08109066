import { ChangeDetectionStrategy, Component, computed, DestroyRef, inject, signal } from '@angular/core';
import {
  hoursOf,
  momentOf,
  said,
  WORK_PLACES,
  writeMoment,
  type DayTask,
  type Moment,
  type WorkPlace,
} from '@zabble/core';
import { Say } from '../words/say';
import { Speech } from '../words/speech';
import { dayName, minutesSaid, ShopClock, whenSaid } from './clock';
import { DaysState, nameOf } from './days-state';
import { SearchGoes } from './search-goes';
import { TrialView } from './trial-view';
import { axisOf } from './week-axis';
import { WeekChart } from './week-chart';
import { lanesOf, type RowsBy } from './week-rows';

const BY = [
  { id: 'job', name: $localize`by job` },
  { id: 'person', name: $localize`by person` },
  { id: 'place', name: $localize`by place` },
] as const;

const WIDE = 10;
const NARROW = 5;
const DAY = 1440;
const WEEK = 7;

/** Bars over the days, what is chosen beside them, and what is late. */
@Component({
  selector: 'z-weeks-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say, SearchGoes, TrialView, WeekChart],
  templateUrl: './weeks-view.html',
  host: { class: 'flex flex-col gap-3' },
})
export class WeeksView {
  protected readonly state = inject(DaysState);
  protected readonly clock = inject(ShopClock);
  private readonly speech = inject(Speech);
  protected readonly by = signal<RowsBy>('job');
  protected readonly bys = BY;
  /** Weeks on from this one. */
  protected readonly on = signal(0);
  protected readonly chosenId = signal<string | undefined>(undefined);
  private readonly narrow = matchMedia('(max-width: 900px)');
  protected readonly isNarrow = signal(this.narrow.matches);

  protected readonly hours = computed(() => hoursOf(this.state.kept()?.calendar ?? {}));
  /** What is looked at before it is decided stands in its place. */
  protected readonly days = computed(() => this.state.trial()?.days ?? this.state.days());
  protected readonly axis = computed(() => {
    const count = this.isNarrow() ? NARROW : WIDE;
    const today = Math.floor(this.clock.now().now / DAY);
    const monday = today - ((today + 3) % WEEK);
    return axisOf(this.hours(), (this.on() === 0 ? today : monday) + this.on() * WEEK, count);
  });
  protected readonly lanes = computed(() => {
    const days = this.days();
    return days && lanesOf(days, this.by(), (id) => this.called(id));
  });
  protected readonly chosen = computed(() => this.days()?.tasks.find(({ task }) => task.id === this.chosenId()));
  constructor() {
    const turned = ({ matches }: MediaQueryListEvent): void => this.isNarrow.set(matches);
    this.narrow.addEventListener('change', turned);
    inject(DestroyRef).onDestroy(() => this.narrow.removeEventListener('change', turned));
  }

  protected readonly when = (at: Moment): string => whenSaid(at, this.clock.now().now);
  protected readonly day = dayName;
  protected readonly minutes = minutesSaid;
  protected readonly dueMoment = (date: string): Moment => momentOf(date);

  protected place({ task }: DayTask) {
    return task.place && said('task/place', { place: task.place });
  }

  protected who({ people }: DayTask): string {
    return people
      .map((id) => this.nameOf(id))
      .filter(Boolean)
      .join(' + ');
  }

  /** What stands in the field: what a person writes there stays while the order of work goes on being bettered. */
  protected readonly wish = signal('');

  protected choose(task: DayTask): void {
    if (this.chosenId() === task.task.id) return;
    this.state.leave();
    this.chosenId.set(task.task.id);
    this.wish.set(writeMoment(task.start));
  }

  protected try(task: DayTask, at: string | null): void {
    this.chosenId.set(task.task.id);
    if (at !== null) this.wish.set(at);
    this.state.try(task, at);
  }

  protected move({ task, at }: { readonly task: DayTask; readonly at: Moment }): void {
    this.try(task, writeMoment(at));
  }

  /** Fixed on the server, whether or not it can be met. */
  protected isFixed(task: DayTask): boolean {
    const job = this.state.kept()?.read.jobs.find(({ id }) => id === task.task.job);
    return job?.fixed[nameOf(task)] !== undefined;
  }

  private nameOf(id: string): string {
    return this.state.people().find((each) => each.id === id)?.name ?? '';
  }

  private called(id: string): string {
    if (this.by() === 'job') return this.state.days()?.jobs.find(({ job }) => job === id)?.name ?? '';
    if (this.by() === 'person') return this.nameOf(id) || $localize`you`;
    const [place = '', unit = '0'] = id.split(' ');
    const known = WORK_PLACES.find((each): each is WorkPlace => each === place);
    if (!known) return $localize`anywhere`;
    const name = this.speech.say(said('task/place', { place: known }));
    return unit === '0' ? name : `${name} ${Number(unit) + 1}`;
  }
}
