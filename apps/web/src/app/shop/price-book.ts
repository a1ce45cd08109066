import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { PRICE_COLUMNS } from '@zabble/core';
import Papa from 'papaparse';
import { handOver } from '../device/hand-over';
import { CentsPipe } from './cents';
import { FileDrop } from '../ui/file-drop';
import { Says } from '../ui/says';
import type { BookPrice } from '@zabble/contract';
import { Speech } from '../words/speech';
import { ShopCostingState } from './costing';
import { PriceColumns, type PriceTable } from './price-columns';

/** No list is so long. */
const LARGEST = 2_000_000;

/** The shop’s prices: all of them, from a list and out as one. */
@Component({
  selector: 'z-price-book',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CentsPipe, FileDrop, PriceColumns, Says],
  template: `<div
      class="flex flex-wrap items-center gap-3 rounded border border-dashed border-edge p-3"
      #drop="zFileDrop"
      [class.bg-well]="drop.held()"
      (zFileDrop)="take($event)"
    >
      <span i18n class="mr-auto"
        >A list has a key and a price in each row; ours the columns <code>{{ columns }}</code></span
      >
      <label class="press cursor-pointer">
        <span i18n>Bring a list in</span>
        <input class="sr-only" type="file" accept=".csv,text/csv" (change)="chosen($event)" />
      </label>
      <button i18n type="button" class="press" (click)="out()">As a list</button>
    </div>
    <z-says [text]="says() || state.says()" />
    @if (table(); as read) {
      <z-price-columns [table]="read" (taken)="put($event)" />
    }
    @if (done()) {
      <p role="status">{{ done() }}</p>
    }
    <table class="w-full border-collapse">
      <thead class="caption border-b-2 border-edge text-left">
        <tr>
          <th i18n class="py-1.5 pr-2 font-medium" scope="col">Key</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Price</th>
          <th i18n class="py-1.5 pr-2 font-medium" scope="col">For</th>
          <th i18n class="py-1.5 pr-2 font-medium max-sm:hidden" scope="col">Of</th>
          <th class="py-1.5" scope="col"></th>
        </tr>
      </thead>
      <tbody>
        @for (row of state.prices(); track row.key) {
          <tr class="border-b border-line">
            <th class="py-1 pr-2 text-left font-normal" scope="row">
              <code class="break-all">{{ row.key }}</code>
            </th>
            <td class="pr-2 text-right tabular-nums">
              {{ row.unit === '%' ? row.cents / 100 + ' %' : (row.cents | cents) }}
            </td>
            <td class="pr-2">{{ row.pack === 1 ? '' : row.pack }} {{ row.unit }}</td>
            <td class="pr-2 max-sm:hidden">{{ row.date }} {{ row.supplier }}</td>
            <td class="text-right">
              <button
                type="button"
                class="min-h-11 min-w-11 rounded text-soft hover:text-lead"
                i18n-ariaLabel
                ariaLabel="Take {{ row.key }} out of the book"
                (click)="state.drop(row.key)"
              >
                ×
              </button>
            </td>
          </tr>
        } @empty {
          <tr>
            <td i18n class="caption py-2" colspan="5">
              The book is empty: write prices where they are wanted, or bring a list in.
            </td>
          </tr>
        }
      </tbody>
    </table>`,
  host: { class: 'flex flex-col gap-3' },
})
export class PriceBookView {
  protected readonly state = inject(ShopCostingState);
  private readonly speech = inject(Speech);
  protected readonly columns = PRICE_COLUMNS.join(', ');
  protected readonly says = signal('');
  protected readonly done = signal('');
  protected readonly table = signal<PriceTable | undefined>(undefined);
  private readonly rows = computed(() =>
    this.state.prices().map(({ key, unit, pack, cents, supplier = '', date = '' }) => ({
      ...{ key, unit, pack, price: (cents / 100).toFixed(2), supplier, date },
    })),
  );

  protected chosen(event: Event): void {
    const input = event.target as HTMLInputElement;
    void this.take([...(input.files ?? [])]);
    input.value = '';
  }

  /** What its columns are is said first: nothing is taken before. */
  protected async take([file]: readonly File[]): Promise<void> {
    if (!file) return;
    this.done.set('');
    if (file.size > LARGEST) return this.says.set($localize`${file.name} is too large for a list of prices.`);
    const { data } = Papa.parse<string[]>((await file.text()).replace(/^\uFEFF/, ''));
    if (data.filter((row) => row.some((cell) => cell.trim() !== '')).length < 2)
      return this.says.set($localize`${file.name} has no lines under its headings.`);
    this.says.set('');
    this.table.set({ name: file.name, rows: data });
  }

  protected put(prices: readonly BookPrice[]): void {
    const name = this.table()?.name ?? '';
    if (prices.length === 0) return this.table.set(undefined);
    this.state.keep(prices, () => {
      this.table.set(undefined);
      this.done.set(this.taken(prices.length, name));
    });
  }

  private taken(count: number, name: string): string {
    return this.speech.words().form(count, {
      one: $localize`${count} price of ${name} is in the book.`,
      other: $localize`${count} prices of ${name} are in the book.`,
    });
  }

  protected out(): void {
    const text = Papa.unparse(this.rows(), { columns: [...PRICE_COLUMNS], newline: '\r\n' });
    handOver('prices.csv', new Blob([`${text}\r\n`], { type: 'text/csv' }));
  }
}
