import { computed, inject, Injectable, signal } from '@angular/core';
import type { JobSummary } from '@zabble/contract';
import { costOf, plan, readJobFile, wantedOf, withReadings, type BuyingFor, type Job, type Plan } from '@zabble/core';
import { from, mergeMap } from 'rxjs';
import { asking } from '../server-api/asking';
import { JobsApi } from '../server-api/jobs-api';
import { ShopCostingState } from '../shop/costing';
import { Speech } from '../words/speech';

/** A job as it was fetched: planned, or why it can’t be. */
interface Fetched {
  readonly id: string;
  readonly name: string;
  readonly planned?: { readonly job: Job; readonly plan: Plan };
  readonly says?: string;
}

/** The jobs there are, those that are bought for, and what each of them wants. */
@Injectable()
export class ChosenJobs {
  private readonly api = inject(JobsApi);
  private readonly costing = inject(ShopCostingState);
  private readonly speech = inject(Speech);
  readonly says = signal('');
  private readonly ask = asking(this.says);
  private readonly next = signal<string | null>(null);
  private readonly fetched = signal<ReadonlyMap<string, Fetched>>(new Map());
  readonly all = signal<readonly JobSummary[]>([]);
  readonly ids = signal<readonly string[]>([]);
  readonly hasMore = computed(() => this.next() !== null);

  /** What each chosen job wants, in the order they were chosen; those that are still being fetched are not in it. */
  readonly wanted = computed((): readonly BuyingFor[] => {
    if (!this.costing.answered()) return [];
    const settings = this.costing.settings();
    return this.ids().flatMap((id) => {
      const { planned, name = '' } = this.fetched().get(id) ?? {};
      if (!planned) return [];
      const cost = costOf(planned.job, planned.plan, settings);
      return [{ job: id, name, wanted: wantedOf(planned.job, id, cost) }];
    });
  });
  /** Jobs that can’t be bought for, with why. */
  readonly unread = computed(() =>
    this.ids().flatMap((id) => {
      const { name, says } = this.fetched().get(id) ?? {};
      return says === undefined ? [] : [{ name, says }];
    }),
  );
  readonly waits = computed(() => !this.costing.answered() || this.ids().some((id) => !this.fetched().has(id)));

  begin(ids: readonly string[]): void {
    this.more();
    this.choose(ids);
  }

  /** The next page of the list of jobs. */
  more(): void {
    this.ask(this.api.list('', this.next() ?? undefined, false), ({ items, next }) => {
      this.all.update((known) => [...known, ...items]);
      this.next.set(next);
    });
  }

  choose(ids: readonly string[]): void {
    this.ids.set(ids);
    for (const id of ids) if (!this.fetched().has(id)) this.fetch(id);
  }

  /** Fetched anew: it was changed by what arrived. */
  again(ids: readonly string[]): void {
    for (const id of ids) this.fetch(id);
  }

  nameOf(id: string): string {
    return this.fetched().get(id)?.name ?? this.all().find((job) => job.id === id)?.name ?? id;
  }

  private fetch(id: string): void {
    const text = this.api.file(id).pipe(mergeMap(({ body }) => from((body ?? new Blob()).text())));
    this.ask(
      text,
      (file) => this.read(id, file),
      () => this.take({ id, name: this.nameOf(id), says: this.says() }),
    );
  }

  private read(id: string, file: string): void {
    const reading = readJobFile(file);
    if (!reading.ok) {
      const [first] = reading.errors;
      return this.take({ id, name: this.nameOf(id), says: first ? this.speech.say(first.said) : '' });
    }
    const job = withReadings(reading.job);
    this.take({ id, name: job.name, planned: { job, plan: plan(job) } });
  }

  private take(job: Fetched): void {
    this.fetched.update((known) => new Map(known).set(job.id, job));
  }
}
