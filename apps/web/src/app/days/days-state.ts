import {
  computed,
  DestroyRef,
  effect,
  EnvironmentInjector,
  inject,
  Injectable,
  signal,
  untracked,
} from '@angular/core';
import { rxMethod } from '@ngrx/signals/rxjs-interop';
import type { CalendarKept, KeepCalendarJob, WeekFile } from '@zabble/contract';
import {
  said,
  type DayFinding,
  type Days,
  type DayTask,
  type LogEntryDocument,
  type Said,
  type Seen,
  type ShopCalendar,
  type ShopRead,
} from '@zabble/core';
import { catchError, concatMap, EMPTY, tap } from 'rxjs';
import { handOver } from '../device/hand-over';
import { asking, keepingSaid } from '../server-api/asking';
import { CalendarApi } from '../server-api/calendar-api';
import { sentenceOf } from '../server-api/problem';
import { DAYS_SEARCH } from '../workers/days-search';
import type { DaysNews } from '../workers/days-messages';
import { dayName, ShopClock } from './clock';

/** A change that is looked at before it is done: what it would come to. */
export interface Trial {
  readonly task: DayTask;
  readonly at: string | null;
  readonly days?: Days;
}

type CalendarChange = (calendar: ShopCalendar) => ShopCalendar;

/** So many minutes go by until the order of work is made anew though nothing was changed. */
const ANEW = 5;

/** The days of the shop: what is kept on the server, and the order of work that is made of it here. */
@Injectable()
export class DaysState {
  private readonly api = inject(CalendarApi);
  private readonly clock = inject(ShopClock);
  readonly says = signal('');
  private readonly ask = asking(this.says);
  private readonly lookAgain = asking(keepingSaid(this.says));
  readonly kept = signal<CalendarKept | undefined>(undefined);
  readonly answered = signal(false);
  readonly days = signal<Days | undefined>(undefined);
  /** What is wrong with the order of work as far as it is bettered; nothing in the first moment. */
  readonly findings = signal<readonly DayFinding[] | undefined>(undefined);
  /** The search for a better one has ended. */
  private readonly ended = signal(false);
  readonly tried = signal({ tried: 0, of: 0 });
  readonly trial = signal<Trial | undefined>(undefined);
  private readonly calendarChanges = rxMethod<{ readonly change: CalendarChange }>(
    concatMap(({ change }) => {
      const { calendar = {}, revision = 0 } = this.kept() ?? {};
      return this.api.keep(change(calendar), revision).pipe(
        tap(() => this.says.set('')),
        catchError((problem: unknown) => {
          this.says.set(sentenceOf(problem));
          return this.api.read().pipe(catchError(() => EMPTY));
        }),
        tap((kept) => this.take(kept)),
      );
    }),
    { injector: inject(EnvironmentInjector) },
  );
  private asked = 0;
  private readonly search = inject(DAYS_SEARCH)((news) => this.told(news));
  private readonly madeFor = signal(0);

  readonly people = computed(() => this.kept()?.calendar.people ?? []);
  readonly searching = computed(() => this.days() !== undefined && !this.ended());

  /** When all is done, beside the day before which no order of work could be. */
  readonly ending = computed((): Said | undefined => {
    const { end, bound, tasks } = this.days() ?? {};
    if (end === undefined || bound === undefined || tasks?.length === 0) return undefined;
    return said('days/end', { end: dayName(end), bound: dayName(bound) });
  });

  constructor() {
    inject(DestroyRef).onDestroy(() => this.search.end());
    this.look();
    // The days go on by themselves: what was not done slips.
    effect(() => {
      const { now } = this.clock.now();
      if (now - untracked(this.madeFor) >= ANEW && !untracked(this.trial)) untracked(() => this.plan());
    });
  }

  look(): void {
    this.lookAgain(
      this.api.read(),
      (kept) => this.take(kept),
      () => this.answered.set(true),
    );
  }

  /** The order of work of what is kept, from now on. */
  plan(): void {
    const kept = this.kept();
    if (!kept) return;
    const now = this.clock.now();
    this.madeFor.set(now.now);
    this.asked += 1;
    this.findings.set(undefined);
    this.ended.set(false);
    this.trial.set(undefined);
    this.search.order({ kind: 'plan', id: this.asked, read: kept.read, now });
  }

  stop(): void {
    this.search.order({ kind: 'stop' });
  }

  sayJob(job: string, what: KeepCalendarJob): void {
    this.ask(
      this.api.sayJob(job, what),
      (kept) => this.take(kept),
      () => this.look(),
    );
  }

  /** One change after the other, each of what the one before it left: two in a row are not two at one revision. */
  changeCalendar(change: CalendarChange): void {
    this.calendarChanges({ change });
  }

  /** What it would come to if a task began then; `null`: whenever it can. */
  try(task: DayTask, at: string | null): void {
    const kept = this.kept();
    if (!kept) return;
    this.trial.set({ task, at });
    this.asked += 1;
    this.search.order({ kind: 'try', id: this.asked, read: withFixed(kept.read, task, at), now: this.clock.now() });
  }

  leave(): void {
    if (!this.trial()) return;
    this.trial.set(undefined);
    // What was still searched for when it was tried is searched for anew.
    if (!this.ended()) this.plan();
  }

  /** What was tried is done. */
  fix(): void {
    const trial = this.trial();
    if (!trial) return;
    const { task, at } = trial;
    this.ask(
      this.api.fix(task.task.job, { task: nameOf(task), at }),
      (kept) => this.take(kept),
      () => this.look(),
    );
  }

  link(withdraw = false): void {
    this.ask(withdraw ? this.api.withdraw() : this.api.link(), (kept) => this.kept.set(kept));
  }

  file(file: WeekFile, paper: string): void {
    const seen = this.days()?.tasks.map(({ task: { id }, start, people }): Seen => ({ id, start, people }));
    const wish = { paper, zone: this.clock.now().zone, ...(seen ? { seen } : {}) };
    this.ask(this.api.file(file, wish), (blob) => handOver(file, blob));
  }

  take(kept: CalendarKept): void {
    this.kept.set(kept);
    this.answered.set(true);
    this.plan();
  }

  /** What was just written of a job, before the server says so. */
  add(job: string, entries: readonly LogEntryDocument[]): void {
    const kept = this.kept();
    if (!kept) return;
    const jobs = kept.read.jobs.map((each) =>
      each.id === job
        ? { ...each, document: { ...each.document, log: [...(each.document.log ?? []), ...entries] } }
        : each,
    );
    this.take({ ...kept, read: { ...kept.read, jobs } });
  }

  private told({ kind, id, days, tried, of, findings, last }: DaysNews): void {
    if (id !== this.asked) return;
    if (kind === 'try') {
      const trial = this.trial();
      this.tried.set({ tried, of });
      if (trial && last) this.trial.set({ ...trial, days });
      return;
    }
    this.days.set(days);
    this.tried.set({ tried, of });
    if (findings) this.findings.set(findings);
    this.ended.set(last);
  }
}

/** The name of a task in its job, as the record and what is fixed know it. */
export const nameOf = ({ task }: Pick<DayTask, 'task'>): string => task.id.slice(task.job.length + 1);

function withFixed(read: ShopRead, task: DayTask, at: string | null): ShopRead {
  const name = nameOf(task);
  return {
    ...read,
    jobs: read.jobs.map((job) => {
      if (job.id !== task.task.job) return job;
      const { [name]: _, ...others } = job.fixed;
      return { ...job, fixed: at === null ? others : { ...others, [name]: at } };
    }),
  };
}
