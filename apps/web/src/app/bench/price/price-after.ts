import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BuyingKept } from '@zabble/contract';
import { afterwards, learnedOf, said, type AfterLine, type Spent } from '@zabble/core';
import { asking } from '../../server-api/asking';
import { BuyingApi } from '../../server-api/buying-api';
import { CentsPipe } from '../../shop/cents';
import { jobFeature } from '../../store/job/job.reducer';
import { selectJob, selectPlan } from '../../store/job/job.selectors';
import { Says } from '../../ui/says';
import { Say } from '../../words/say';
import { PriceState } from './price-state';
import { QuotesState } from './quotes-state';

/** After the work: quoted, planned and come about, side by side at cost; and what the shop learns from it. */
@Component({
  selector: 'z-price-after',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CentsPipe, Say, Says],
  template: `<p i18n class="caption max-w-prose">
      At cost. Time comes from what is written down of it in the record, by its kind of work; goods from orders that
      arrived for this job.
    </p>
    <z-says [text]="says() || price.shop.says()" />
    <table class="w-full border-collapse max-sm:text-sm">
      <thead class="caption border-b-2 border-edge text-left">
        <tr>
          <th i18n class="py-1.5 pr-2 font-medium" scope="col">What</th>
          <th class="py-1.5 pr-2 text-right font-medium" scope="col">{{ quotedHead() }}</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Planned</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">It came to</th>
          <th i18n class="py-1.5 text-right font-medium" scope="col">Over the plan</th>
        </tr>
      </thead>
      <tbody>
        @for (line of lines(); track line.key) {
          <tr class="border-b border-line">
            <th class="py-1 pr-2 text-left font-normal first-letter:uppercase" scope="row">{{ line.what | say }}</th>
            <td class="pr-2 text-right tabular-nums">{{ line.quoted | cents }}</td>
            <td class="pr-2 text-right tabular-nums">{{ line.planned | cents }}</td>
            <td class="pr-2 text-right font-medium tabular-nums">{{ line.actual | cents }}</td>
            <td class="text-right tabular-nums" [class.text-lead]="over(line) > 0">
              {{ line.actual === undefined ? '' : (over(line) | cents) }}
            </td>
          </tr>
        }
        <tr class="border-t-2 border-edge">
          <th i18n class="py-1.5 pr-2 text-left font-semibold" scope="row">Of what came about</th>
          <td class="pr-2 text-right font-semibold tabular-nums">{{ sum('quoted') | cents }}</td>
          <td class="pr-2 text-right font-semibold tabular-nums">{{ sum('planned') | cents }}</td>
          <td class="pr-2 text-right font-semibold tabular-nums">{{ sum('actual') | cents }}</td>
          <td class="text-right font-semibold tabular-nums">{{ sum('actual') - sum('planned') | cents }}</td>
        </tr>
      </tbody>
    </table>
    @if (learned(); as taught) {
      @if (taught.work.length > 0 || taught.waste !== undefined) {
        <section class="flex flex-col gap-2 border-t border-line pt-3" aria-labelledby="taught">
          <h3 i18n id="taught" class="text-lg font-semibold">What it teaches</h3>
          <ul class="flex flex-col">
            @for (each of taught.work; track each.operation) {
              <li class="flex justify-between gap-4 border-b border-line py-1">
                <span class="first-letter:uppercase">{{ called(each.operation) | say }}</span>
                <span i18n class="tabular-nums">{{ rounded(each.minutes / each.count) }} minutes each</span>
              </li>
            }
            @if (taught.waste !== undefined) {
              <li class="flex justify-between gap-4 border-b border-line py-1">
                <span i18n>Lost of sheets</span><span class="tabular-nums">{{ taught.waste }} %</span>
              </li>
            }
          </ul>
          <button i18n type="button" class="press press-main self-start" (click)="settle()">
            The shop learns from it
          </button>
          @if (settled()) {
            <p i18n role="status">
              It is kept: what the shop’s figures should be next time stands at The shop, Minutes.
            </p>
          }
        </section>
      }
    }`,
  host: { class: 'flex flex-col gap-4' },
})
export class PriceAfter {
  protected readonly price = inject(PriceState);
  private readonly quotes = inject(QuotesState);
  private readonly store = inject(Store);
  private readonly id = this.store.selectSignal(jobFeature.selectId);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly plan = this.store.selectSignal(selectPlan);
  protected readonly says = signal('');
  protected readonly settled = signal(false);
  private readonly kept = signal<BuyingKept | undefined>(undefined);
  private readonly ask = asking(this.says);

  private readonly spent = computed((): readonly Spent[] =>
    (this.job()?.log ?? []).flatMap((entry) =>
      entry.kind === 'time'
        ? [{ minutes: entry.minutes, ...(entry.operation ? { operation: entry.operation } : {}) }]
        : [],
    ),
  );
  /** The one that was agreed, else the newest that was given out. */
  private readonly quote = computed(() => {
    const all = this.quotes.quotes();
    return all.find(({ state }) => state === 'accepted') ?? all.find(({ state }) => state === 'sent');
  });
  protected readonly quotedHead = computed(() => {
    const number = this.quote()?.number;
    return number === undefined ? $localize`Quoted` : $localize`Quote ${number}`;
  });
  private readonly bought = computed(() => {
    const id = this.id();
    return (this.kept()?.orders ?? []).flatMap(({ lines }) =>
      lines.flatMap(({ key, pack, cents, arrivedOn, for: of }) => {
        const count = of.reduce((sum, each) => (each.job === id ? sum + each.count : sum), 0);
        return count > 0 && arrivedOn && cents !== undefined
          ? [{ key, cents: Math.round((cents * count) / pack) }]
          : [];
      }),
    );
  });
  protected readonly lines = computed((): readonly AfterLine[] => {
    const cost = this.price.cost();
    if (!cost) return [];
    const quoted = (this.quote()?.costs ?? []).map(({ key, what, cents }) => ({
      ...{ key, cents, what: said('text', { text: what }) },
    }));
    return afterwards(cost, this.spent(), { quoted, bought: this.bought() });
  });
  protected readonly learned = computed(() => {
    const [job, plan, cost] = [this.job(), this.plan(), this.price.cost()];
    return job && plan && cost ? learnedOf(job, plan, cost, this.spent()) : undefined;
  });

  constructor() {
    this.ask(inject(BuyingApi).read(), (kept) => this.kept.set(kept));
  }

  /** Only of what came about: what nobody wrote down can’t be compared. */
  protected sum(part: 'quoted' | 'planned' | 'actual'): number {
    return this.lines().reduce((sum, line) => (line.actual === undefined ? sum : sum + (line[part] ?? 0)), 0);
  }

  protected over({ planned = 0, actual = planned }: AfterLine): number {
    return actual - planned;
  }

  protected called(id: NonNullable<Spent['operation']>) {
    return said('cost/operation', { id });
  }

  protected rounded(minutes: number): number {
    return Math.round(minutes * 100) / 100;
  }

  protected settle(): void {
    const [id, learned] = [this.id(), this.learned()];
    if (id !== undefined && learned) this.price.shop.settle(id, learned, () => this.settled.set(true));
  }
}
