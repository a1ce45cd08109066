import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { momentOf, type DayGood } from '@zabble/core';
import { Say } from '../words/say';
import { dayName } from './clock';

/** One day’s ordering of one supplier. */
interface Batch {
  readonly id: string;
  readonly supplier: string | undefined;
  readonly by: string;
  readonly guess: boolean;
  readonly goods: readonly DayGood[];
}

/** What is to be ordered today, what by when, and what is on its way. */
@Component({
  selector: 'z-day-goods',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Say],
  template: `@if (order().length > 0) {
      <section class="flex flex-col gap-2 border-l-4 border-lead pl-4">
        <h2 i18n class="text-xl font-semibold">To order today</h2>
        @for (batch of batches(order()); track batch.id) {
          <p class="text-lg">
            <span class="font-medium">{{ batch.supplier ?? nobody }}</span>
            @if (batch.guess) {
              <span i18n class="caption"> nobody said how long they take: five working days, a guess</span>
            }
            <br />
            @for (good of batch.goods; track good.job + good.key; let last = $last) {
              <span class="break-words">{{ good.what | say }}{{ last ? '' : ', ' }}</span>
            }
          </p>
        }
        <a i18n class="press press-main self-start" routerLink="/buying" [queryParams]="{ jobs: jobs(order()) }"
          >To the list to buy from</a
        >
      </section>
    }
    @if (soon().length > 0) {
      <details>
        <summary i18n class="min-h-11 cursor-pointer py-2 text-lg">To order later</summary>
        <ul>
          @for (batch of batches(soon()); track batch.id) {
            <li class="border-b border-line py-1.5">
              <span i18n class="font-medium">by {{ day(batch.by) }}</span> · {{ batch.supplier ?? nobody }}:
              @for (good of batch.goods; track good.job + good.key; let last = $last) {
                <span class="break-words">{{ good.what | say }}{{ last ? '' : ', ' }}</span>
              }
            </li>
          }
        </ul>
      </details>
    }
    @if (here().length > 0) {
      <details>
        <summary i18n class="min-h-11 cursor-pointer py-2 text-lg">On its way</summary>
        <ul>
          @for (good of here(); track good.job + good.key) {
            <li class="border-b border-line py-1.5">
              <span class="font-medium">{{ day(good.on ?? '') }}</span> · {{ good.what | say }}
              <span class="caption">{{ good.supplier }} · {{ good.jobName }}</span>
            </li>
          }
        </ul>
      </details>
    }`,
  host: { class: 'contents' },
})
export class DayGoods {
  readonly order = input.required<readonly DayGood[]>();
  readonly soon = input.required<readonly DayGood[]>();
  readonly here = input.required<readonly DayGood[]>();
  protected readonly nobody = $localize`Of nobody who is known to sell it`;
  protected readonly batches = batchesOf;
  protected readonly day = (date: string): string => (date === '' ? '' : dayName(momentOf(date)));
  protected readonly jobs = (goods: readonly DayGood[]): string => [...new Set(goods.map(({ job }) => job))].join(',');
}

function batchesOf(goods: readonly DayGood[]): readonly Batch[] {
  const all = new Map<string, DayGood[]>();
  for (const good of goods) {
    const id = `${good.orderBy ?? ''} ${good.supplier ?? ''}`;
    const known = all.get(id) ?? [];
    // Wanted by two jobs it is named once.
    if (!known.some(({ key }) => key === good.key)) all.set(id, [...known, good]);
  }
  return [...all].map(([id, own]) => batchOf(id, own)).sort((one, other) => one.by.localeCompare(other.by));
}

function batchOf(id: string, goods: readonly DayGood[]): Batch {
  const [{ supplier, orderBy = '' } = {} as Partial<DayGood>] = goods;
  return { id, supplier, by: orderBy, guess: goods.some(({ guess }) => guess === true), goods };
}
