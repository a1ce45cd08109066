import { ChangeDetectionStrategy, Component, computed, effect, inject, signal, untracked } from '@angular/core';
import { ActivatedRoute, Router, RouterLink } from '@angular/router';
import type { CalendarKept } from '@zabble/contract';
import { hoursOf, said, type DayTask, type DayWait } from '@zabble/core';
import { Rights } from '../device/rights';
import { Settings } from '../device/settings';
import { ThemeButton } from '../shell/theme-button';
import { Wordmark } from '../shell/wordmark';
import { Says } from '../ui/says';
import { Say } from '../words/say';
import { longDay, minutesSaid, ShopClock, whenSaid } from './clock';
import { DayGoods } from './day-goods';
import { DaysState, nameOf } from './days-state';
import { JobsAtWork } from './jobs-at-work';
import { NowTask } from './now-task';
import { SearchGoes } from './search-goes';
import { TaskLog, type TaskDeed } from './task-log';
import { todayOf } from './today';

/** What to do now, what comes then, what waits until when, and what is to be ordered today. */
@Component({
  selector: 'z-today-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [DayGoods, JobsAtWork, NowTask, RouterLink, Say, Says, SearchGoes, ThemeButton, Wordmark],
  providers: [ShopClock, DaysState, TaskLog],
  templateUrl: './today-page.html',
})
export class TodayPage {
  protected readonly state = inject(DaysState);
  protected readonly clock = inject(ShopClock);
  private readonly log = inject(TaskLog);
  private readonly rights = inject(Rights);
  private readonly router = inject(Router);
  private readonly settings = inject(Settings);
  private readonly asked = inject(ActivatedRoute).snapshot.queryParamMap.get('who');
  protected readonly who = signal(this.asked ?? this.settings.read('today') ?? '');
  protected readonly done = signal('');
  protected readonly logSays = this.log.says;
  /** A wait that ended while the page was open. */
  protected readonly ended = signal<DayWait | undefined>(undefined);
  protected readonly choosing = signal(false);
  private waits: readonly DayWait[] = [];

  protected readonly people = computed(() => (this.state.people().length > 1 ? this.state.people() : []));
  protected readonly today = computed(() => {
    const days = this.state.days();
    const who = this.people().some(({ id }) => id === this.who()) ? this.who() : '';
    return days && todayOf(days, who, this.clock.now().now);
  });
  protected readonly date = computed(() => longDay(this.clock.now().now));
  /** Known to be none: while nothing was answered nobody knows. */
  protected readonly noJobs = computed(() => this.state.kept()?.read.jobs.length === 0);
  protected readonly finished = computed(() => {
    const days = this.state.days();
    return days !== undefined && days.jobs.length > 0 && days.tasks.length === 0;
  });

  constructor() {
    effect(() => {
      const jobs = this.state.kept()?.read.jobs.map(({ id }) => id);
      if (jobs && this.sent !== jobs.join()) {
        this.sent = jobs.join();
        this.log.sendWaiting(jobs);
      }
    });
    // What stood long enough is told when it has.
    effect(() => {
      const { now } = this.clock.now();
      const all = this.state.days()?.waits ?? [];
      untracked(() => {
        const over = this.waits.find(({ until }) => until <= now);
        this.waits = [
          ...this.waits.filter(({ until }) => until > now),
          ...all.filter((each) => each.until > now && !this.waits.some(({ task }) => task.id === each.task.id)),
        ];
        if (over) this.ended.set(over);
      });
    });
  }

  private sent = '';

  protected names({ people }: DayTask): readonly string[] {
    return people.map((id) => this.people().find((each) => each.id === id)?.name ?? '');
  }

  protected when = (at: number): string => whenSaid(at, this.clock.now().now);
  protected readonly minutes = minutesSaid;

  protected standing({ task }: DayWait) {
    return task.stands && said('task/waits', { why: task.stands.why });
  }

  protected turn(who: string): void {
    this.who.set(who);
    this.settings.write('today', who);
    void this.router.navigate([], { queryParams: { who: who || null }, replaceUrl: true });
  }

  protected inHand(task: DayTask): boolean {
    const kept = this.state.kept();
    return kept !== undefined && begunAt(kept, task) !== undefined;
  }

  protected wrote(task: DayTask, did: TaskDeed): void {
    const kept = this.state.kept();
    if (!kept || this.rights.refuses('record') !== undefined) return;
    const { now } = this.clock.look();
    const begun = begunAt(kept, task);
    const since = begun === undefined ? undefined : this.clock.moment(begun);
    // Whoever looks, where they are of those who do it.
    const who = task.people.includes(this.who()) ? this.who() : task.people[0];
    const by = this.people().find(({ id }) => id === who)?.name;
    const { minutes, entries } = this.log.write(task, did, {
      ...{ now, hours: hoursOf(kept.calendar) },
      ...(by === undefined ? {} : { by }),
      ...(since === undefined ? {} : { since }),
    });
    this.done.set(minutes > 0 ? $localize`${minutesSaid(minutes)} are written in the record.` : '');
    this.last.set(did === 'done' ? task : undefined);
    this.state.add(task.task.job, entries);
  }

  /** Done last: pressed by mistake it can be taken back. */
  protected readonly last = signal<DayTask | undefined>(undefined);
}

/** Since when a task is in hand, by the record itself: an order of work made of it may still be on its way. */
function begunAt({ read }: CalendarKept, task: DayTask): string | undefined {
  const { log = [] } = read.jobs.find(({ id }) => id === task.task.job)?.document ?? {};
  const name = nameOf(task);
  const last = log.filter((each) => each.kind === 'task' && each.task === name).at(-1);
  return last?.kind === 'task' && last.did === 'begin' ? last.at : undefined;
}
