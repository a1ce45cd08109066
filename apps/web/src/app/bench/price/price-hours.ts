import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import type { OperationId, WorkLine } from '@zabble/core';
import { CentsPipe } from '../../shop/cents';
import { readNumber } from '../../ui/read-number';
import { Says } from '../../ui/says';
import { Say } from '../../words/say';
import { CountedPipe } from '../../shop/counted';
import { PriceCell } from '../../shop/price-cell';
import { PriceState } from './price-state';

const BY_HAND: readonly OperationId[] = ['travel', 'demolish'];

/** The work, counted by the plan: how often, minutes each, and what its time costs; minutes are the shop’s to write. */
@Component({
  selector: 'z-price-hours',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CentsPipe, CountedPipe, PriceCell, Say, Says],
  template: `<div class="flex flex-wrap items-baseline gap-3">
      <span i18n class="mr-auto">An hour of work costs</span>
      <z-price-cell [key]="'hour'" [unit]="'h'" [price]="state.cost()?.hour" i18n-called called="an hour of work" />
    </div>
    <p i18n class="caption">Minutes are made up until the shop writes its own.</p>
    <z-says [text]="says() || state.shop.says()" />
    <table class="w-full border-collapse">
      <thead class="caption border-b-2 border-edge text-left">
        <tr>
          <th i18n class="py-1.5 pr-2 font-medium" scope="col">Work</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">How often</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Minutes each</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Hours</th>
          <th i18n class="py-1.5 text-right font-medium" scope="col">In all</th>
        </tr>
      </thead>
      <tbody>
        @for (row of state.work(); track row.id + row.people + row.lift) {
          <tr class="border-b border-line align-baseline">
            <th class="py-1 pr-2 text-left font-medium first-letter:uppercase" scope="row">
              {{ { code: 'cost/operation', params: { id: row.id } } | say }}
              @if (row.people === 2) {
                <span i18n class="caption block font-normal">two at once</span>
              }
              @if (row.lift) {
                <span i18n class="caption block font-normal">alone, half as long again, with aids</span>
              }
            </th>
            <td class="pr-2 text-right tabular-nums">{{ row.count | counted }}</td>
            <td class="pr-2 text-right">
              @if (byHand(row)) {
                <span class="tabular-nums">{{ row.each }}</span>
              } @else {
                <input
                  class="write w-20 text-right"
                  type="text"
                  inputmode="decimal"
                  i18n-ariaLabel
                  ariaLabel="Minutes of {{ { code: 'cost/operation', params: { id: row.id } } | say }}"
                  [value]="row.each"
                  [attr.data-minutes]="row.id"
                  (change)="take(row, $any($event.target).value)"
                />
              }
            </td>
            <td class="pr-2 text-right tabular-nums">{{ hours(row) }}</td>
            <td class="text-right tabular-nums">{{ row.total | cents }}</td>
          </tr>
        }
      </tbody>
    </table>`,
})
export class PriceHours {
  protected readonly state = inject(PriceState);
  protected readonly says = signal('');

  protected byHand({ id }: WorkLine): boolean {
    return BY_HAND.includes(id);
  }

  /** `3:05`, elapsed. */
  protected hours({ minutes }: WorkLine): string {
    const all = Math.round(Number(minutes.n) / Number(minutes.d));
    return `${Math.floor(all / 60)}:${String(all % 60).padStart(2, '0')}`;
  }

  /** An empty field takes the minutes that ship. */
  protected take({ id }: WorkLine, text: string): void {
    const wanted = $localize`minutes are wanted, as 12 or 1.5`;
    const read = readNumber(text, wanted);
    if (!read.ok) return this.says.set(read.says);
    if (read.value !== undefined && read.value < 0)
      return this.says.set($localize`Read ${JSON.stringify(text)}\: ${wanted}.`);
    this.says.set('');
    this.state.shop.sayMinutes(id, read.value);
  }
}
