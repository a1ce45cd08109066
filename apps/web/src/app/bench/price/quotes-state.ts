import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import type { MakeQuote, MoveQuote, Quote } from '@zabble/contract';
import { changedSums, costSums, said, type ChangedLine, type Said } from '@zabble/core';
import { handOver } from '../../device/hand-over';
import { asking } from '../../server-api/asking';
import { QuotesApi } from '../../server-api/quotes-api';
import { jobFeature } from '../../store/job/job.reducer';
import { Speech } from '../../words/speech';
import { PriceState } from './price-state';

/** The quotes of the job on the bench, and what changed since the newest of them was made. */
@Injectable({ providedIn: 'root' })
export class QuotesState {
  private readonly api = inject(QuotesApi);
  private readonly store = inject(Store);
  private readonly speech = inject(Speech);
  private readonly price = inject(PriceState);
  readonly job = this.store.selectSignal(jobFeature.selectId);
  readonly revision = this.store.selectSignal(jobFeature.selectRevision);
  readonly sync = this.store.selectSignal(jobFeature.selectSync);
  readonly quotes = signal<readonly Quote[]>([]);
  readonly says = signal('');
  /** The link that was just made, by the id of its quote: it is told this once. */
  readonly told = signal<{ readonly id: string; readonly address: string } | undefined>(undefined);
  private readonly ask = asking(this.says);

  constructor() {
    effect(() => {
      const job = this.job();
      untracked(() => {
        this.quotes.set([]);
        this.told.set(undefined);
        if (job !== undefined) this.ask(this.api.list(job), ({ items }) => this.quotes.set(items));
      });
    });
  }

  /** Line by line from what the newest quote was reckoned with, the greatest first. */
  readonly changed = computed((): readonly ChangedLine<string>[] => {
    const [newest] = this.quotes();
    const cost = this.price.cost();
    if (!newest || !cost) return [];
    const now = costSums(cost).map(({ what, ...sum }) => ({ ...sum, what: this.speech.say(what) }));
    return changedSums(newest.costs, now);
  });

  /** What the price is by now, less what the newest quote says. */
  readonly difference = computed(() => {
    const [newest] = this.quotes();
    const cost = this.price.cost();
    return newest && cost ? cost.totals.total - newest.body.total : 0;
  });

  /** What is to be said of what was given out. */
  readonly findings = computed((): readonly (Said & { readonly severity: 'warn' })[] => {
    const given = this.quotes().find(({ state }) => state !== 'drafted' && state !== 'refused');
    if (!given) return [];
    const { number, state, validUntil: date } = given;
    const isNewest = given === this.quotes()[0];
    return [
      ...(state === 'lapsed' ? [{ severity: 'warn' as const, ...said('QUOTE_LAPSED', { number, date }) }] : []),
      ...(isNewest && (this.changed().length > 0 || this.difference() !== 0)
        ? [{ severity: 'warn' as const, ...said('QUOTE_OUT_OF_DATE', { number, by: this.difference() }) }]
        : []),
    ];
  });

  make(wish: Omit<MakeQuote, 'revision'>): void {
    const [job, revision] = [this.job(), this.revision()];
    if (job === undefined || revision === undefined || this.sync() !== 'kept')
      return this.says.set(
        $localize`The job is still on its way to the server: a quote is made of what is kept there.`,
      );
    this.ask(this.api.make(job, { ...wish, revision }), ({ items }) => this.quotes.set(items));
  }

  move(id: string, state: MoveQuote['state']): void {
    this.ask(this.api.move(id, { state }), (quote) => this.put(quote));
  }

  link(id: string): void {
    this.ask(this.api.link(id), ({ path }) => {
      this.told.set({ id, address: new URL(path, location.href).href });
      this.quotes.update((all) => all.map((each) => (each.id === id ? { ...each, linked: true } : each)));
    });
  }

  withdraw(id: string): void {
    this.ask(this.api.withdraw(id), (quote) => {
      this.told.set(undefined);
      this.put(quote);
    });
  }

  pdf({ id, number, body }: Quote, paper: string): void {
    this.ask(this.api.pdf(id, paper), (file) => handOver(`${body.job}, ${number}.pdf`, file));
  }

  private put(quote: Quote): void {
    this.quotes.update((all) => all.map((each) => (each.id === quote.id ? quote : each)));
  }
}
