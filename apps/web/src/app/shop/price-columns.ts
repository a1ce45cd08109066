import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, output } from '@angular/core';
import { guessPriceColumns, PRICE_COLUMNS, readPriceRows, shown, type PriceColumn } from '@zabble/core';
import type { BookPrice } from '@zabble/contract';
import { Speech } from '../words/speech';
import { CentsPipe } from './cents';

/** A list as it came out of its file, headings first. */
export interface PriceTable {
  readonly name: string;
  readonly rows: readonly (readonly string[])[];
}

const CALLED: Readonly<Record<PriceColumn, string>> = {
  key: $localize`Key *`,
  unit: $localize`Unit`,
  pack: $localize`Units in a pack`,
  price: $localize`Price *`,
  supplier: $localize`Supplier`,
  date: $localize`Date`,
};

/** Which column of somebody’s list is what, and what is understood of it; then it is taken, or left. */
@Component({
  selector: 'z-price-columns',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CentsPipe],
  template: `<p i18n class="caption">{{ table().name }}: which column is what?</p>
    <div class="flex flex-wrap gap-2">
      @for (column of columns; track column) {
        <label class="flex flex-col gap-1">
          <span class="caption">{{ called(column) }}</span>
          <select class="write" (change)="map(column, $any($event.target).value)">
            <option i18n value="-1" [selected]="mapping()[column] === undefined">none</option>
            @for (heading of table().rows[0] ?? []; track $index) {
              <option [value]="$index" [selected]="mapping()[column] === $index">{{ heading }}</option>
            }
          </select>
        </label>
      }
    </div>
    <p i18n role="status">
      <b class="font-semibold">{{ prices().length }}</b> {prices().length, plural, =1 {price} other {prices}} understood
      @if (reading().wrong.length > 0) {
        , <b class="font-semibold text-lead">{{ reading().wrong.length }} refused</b>
      }
    </p>
    <ol class="max-h-60 overflow-y-auto border-y border-line text-sm" tabindex="0">
      @for (wrong of reading().wrong; track $index) {
        <li class="flex gap-2 py-0.5 text-lead">
          <span i18n class="w-16 shrink-0 text-right">line {{ wrong.line }}</span>
          <span>{{ speech.say(wrong.said) }}</span>
        </li>
      }
      @for (price of prices(); track $index) {
        <li class="flex gap-2 py-0.5">
          <code class="min-w-0 flex-1 break-all">{{ price.key }}</code>
          <span class="tabular-nums">{{ price.cents | cents }}</span>
          <span class="w-24">{{ price.pack === 1 ? '' : price.pack }} {{ price.unit }}</span>
        </li>
      }
    </ol>
    <div class="flex flex-wrap gap-2">
      <button
        i18n
        type="button"
        class="press press-main"
        [disabled]="prices().length === 0"
        (click)="taken.emit(prices())"
      >
        Take the {{ prices().length }} understood
      </button>
      <button i18n type="button" class="press" (click)="taken.emit([])">Leave it</button>
    </div>`,
  host: { class: 'flex flex-col gap-2 border-t border-line pt-3' },
})
export class PriceColumns {
  readonly table = input.required<PriceTable>();
  /** What is to be put in the book; nothing where it is left. */
  readonly taken = output<readonly BookPrice[]>();
  protected readonly speech = inject(Speech);
  protected readonly columns = PRICE_COLUMNS;
  protected readonly mapping = linkedSignal(() => guessPriceColumns(this.table().rows[0] ?? []));
  protected readonly reading = computed(() => readPriceRows(this.table().rows, this.mapping()));
  protected readonly prices = computed((): readonly BookPrice[] =>
    this.reading().prices.map(({ pack, ...price }) => ({ ...price, pack: shown(pack) })),
  );

  protected called(column: PriceColumn): string {
    return CALLED[column];
  }

  protected map(column: PriceColumn, at: string): void {
    const { [column]: _, ...others } = this.mapping();
    this.mapping.set(Number(at) < 0 ? others : { ...others, [column]: Number(at) });
  }
}
