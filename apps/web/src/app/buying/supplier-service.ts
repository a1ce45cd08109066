import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import type { BookPrice, SupplierMood, SupplierStandsAs, TurnSupplier } from '@zabble/contract';
import { said } from '@zabble/core';
import { asking } from '../server-api/asking';
import { BuyingApi } from '../server-api/buying-api';
import { CentsPipe } from '../shop/cents';
import { ShopCostingState } from '../shop/costing';
import { Says } from '../ui/says';
import { Say } from '../words/say';

const MOODS: readonly { readonly id: SupplierMood; readonly name: string }[] = [
  { id: 'well', name: $localize`answers as agreed` },
  { id: 'late', name: $localize`promises three weeks later` },
  { id: 'out-of-stock', name: $localize`has not the first thing asked for` },
  { id: 'wrong-price', name: $localize`asks four per cent more` },
  { id: 'silent', name: $localize`takes orders and does not answer` },
];

interface Changed extends BookPrice {
  /** What the book says, of the same pack. */
  readonly was: number | undefined;
}

/** The supplier the server asks: its prices against the book; and, as it is a stand-in, its clock and how it behaves. */
@Component({
  selector: 'z-supplier-service',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CentsPipe, Say, Says],
  template: `<section class="flex flex-col gap-3" aria-labelledby="by-service">
    <h2 i18n id="by-service" class="text-lg font-semibold">The supplier with a service</h2>
    <p class="caption max-w-prose">{{ madeUp | say }}</p>
    <z-says [text]="says() || costing.says()" />
    <div class="flex flex-wrap items-end gap-3">
      <button i18n type="button" class="press press-main" (click)="askPrices()">Ask for its prices</button>
      @if (stands(); as now) {
        <label class="flex flex-col gap-1">
          <span i18n class="caption">How it behaves</span>
          <select class="write" (change)="turn({ mood: $any($event.target).value })">
            @for (mood of moods; track mood.id) {
              <option [value]="mood.id" [selected]="mood.id === now.mood">{{ mood.name }}</option>
            }
          </select>
        </label>
        <button i18n type="button" class="press" (click)="turn({ forward: 1 })">A day later</button>
        <button i18n type="button" class="press" (click)="turn({ forward: 7 })">A week later</button>
        <span i18n class="pb-2">its day is {{ now.today }}</span>
      }
    </div>
    @if (asked()) {
      @if (changed().length > 0) {
        <table class="w-full border-collapse">
          <thead class="caption border-b-2 border-edge text-left">
            <tr>
              <th i18n class="py-1.5 pr-2 font-medium" scope="col">Key</th>
              <th i18n class="py-1.5 pr-2 font-medium" scope="col">Pack</th>
              <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">In the book</th>
              <th i18n class="py-1.5 text-right font-medium" scope="col">It asks</th>
            </tr>
          </thead>
          <tbody>
            @for (row of changed(); track row.key) {
              <tr class="border-b border-line">
                <th class="py-1.5 pr-2 text-left font-normal" scope="row">
                  <code>{{ row.key }}</code>
                </th>
                <td class="pr-2">{{ row.pack === 1 ? '' : row.pack }} {{ row.unit }}</td>
                <td class="pr-2 text-right tabular-nums">{{ row.was | cents }}</td>
                <td class="text-right tabular-nums">{{ row.cents | cents }}</td>
              </tr>
            }
          </tbody>
        </table>
        <button i18n type="button" class="press self-start" (click)="take()">
          Take these {{ changed().length }} into the book
        </button>
      } @else {
        <p i18n role="status">Its prices are those of the book.</p>
      }
    }
  </section>`,
  host: { class: 'block' },
})
export class SupplierService {
  private readonly api = inject(BuyingApi);
  protected readonly costing = inject(ShopCostingState);
  protected readonly moods = MOODS;
  protected readonly madeUp = said('buy/made-up');
  protected readonly says = signal('');
  protected readonly stands = signal<SupplierStandsAs | undefined>(undefined);
  protected readonly asked = signal<readonly BookPrice[] | undefined>(undefined);
  private readonly ask = asking(this.says);
  protected readonly changed = computed((): readonly Changed[] => {
    const book = new Map(this.costing.prices().map((row) => [row.key, row]));
    return (this.asked() ?? []).flatMap((row) => {
      const known = book.get(row.key);
      const isSame = known?.cents === row.cents && known.pack === row.pack;
      return isSame ? [] : [{ ...row, was: known?.pack === row.pack ? known.cents : undefined }];
    });
  });

  constructor() {
    this.ask(this.api.supplier(), (now) => this.stands.set(now));
  }

  protected askPrices(): void {
    this.ask(this.api.supplierPrices(), ({ prices }) => this.asked.set(prices));
  }

  protected take(): void {
    this.costing.keep(this.changed().map(({ was: _, ...row }) => row));
  }

  protected turn(turned: TurnSupplier): void {
    this.ask(this.api.turn(turned), (now) => this.stands.set(now));
  }
}
