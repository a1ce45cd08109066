import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import type { CostLine } from '@zabble/core';
import { CentsPipe } from '../../shop/cents';
import { Says } from '../../ui/says';
import { Say } from '../../words/say';
import { CountedPipe, unitCalled } from '../../shop/counted';
import { PriceCell } from '../../shop/price-cell';
import { PriceState } from './price-state';

/** Everything that is bought, what has no price first, then the dear things; each opens to what its count is made of. */
@Component({
  selector: 'z-price-lines',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CentsPipe, CountedPipe, PriceCell, Say, Says],
  template: `<z-says [text]="state.shop.says()" />
    <table class="w-full border-collapse">
      <thead class="caption border-b-2 border-edge text-left">
        <tr>
          <th i18n class="py-1.5 pr-2 font-medium" scope="col">What</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">How much</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">One costs</th>
          <th i18n class="py-1.5 text-right font-medium" scope="col">In all</th>
        </tr>
      </thead>
      <tbody>
        @for (line of state.lines(); track line.key) {
          <tr class="border-b border-line align-baseline">
            <th class="py-1 pr-2 text-left font-medium" scope="row">
              <button
                type="button"
                class="min-h-11 text-left underline decoration-line underline-offset-4 hover:decoration-ink"
                [attr.aria-expanded]="open() === line.key"
                (click)="turn(line)"
              >
                {{ line.what | say }}
              </button>
            </th>
            <td class="pr-2 text-right whitespace-nowrap tabular-nums">{{ line.count | counted: line.unit }}</td>
            <td class="pr-2">
              @if (line.kind === 'bought') {
                <span class="block text-right tabular-nums">{{ line.price?.cents | cents }}</span>
              } @else {
                <z-price-cell [key]="line.key" [unit]="line.unit" [price]="line.price" [called]="line.what | say" />
              }
            </td>
            <td class="text-right whitespace-nowrap tabular-nums" [class.text-ochre]="line.total === undefined">
              {{ line.total | cents }}
            </td>
          </tr>
          @if (open() === line.key) {
            <tr class="border-b border-line bg-well">
              <td class="px-3 py-2" colspan="4">
                <ul class="flex flex-col">
                  @for (part of line.of; track $index) {
                    <li class="flex justify-between gap-4">
                      <span>{{ part.called | say }}</span>
                      <span class="tabular-nums">{{ part.amount | counted: line.unit }}</span>
                    </li>
                  }
                </ul>
                <p class="caption mt-1">
                  <code>{{ line.key }}</code> · {{ from(line) }}
                </p>
              </td>
            </tr>
          }
        }
      </tbody>
    </table>`,
})
export class PriceLines {
  protected readonly state = inject(PriceState);
  protected readonly open = signal('');

  protected turn({ key }: CostLine): void {
    this.open.set(this.open() === key ? '' : key);
  }

  /** Whose price it is, and of when. */
  protected from({ key, price }: CostLine): string {
    if (!price) return $localize`no price yet: write one, or bring a list in`;
    const book = this.state.shop.book().get(key);
    if (!book) return $localize`price of the job, or of the row of its slide`;
    const per = unitCalled(book.unit);
    const when = book.date === undefined ? $localize`without a date` : $localize`of ${book.date}`;
    return book.supplier === undefined
      ? $localize`price of the shop’s book, ${when}`
      : $localize`price of ${book.supplier}, ${when}, by ${per}`;
  }
}
