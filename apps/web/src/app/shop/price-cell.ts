import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { ReactiveFormsModule } from '@angular/forms';
import { shown, type Price } from '@zabble/core';
import { keptText } from '../ui/kept-text';
import { readNumber } from '../ui/read-number';
import { Says } from '../ui/says';
import { ShopCostingState } from './costing';

/** What one of something costs, as the price book has it: written here, it is in the book from today on. */
@Component({
  selector: 'z-price-cell',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, Says],
  template: `<label class="flex flex-col items-end">
    <span class="sr-only" i18n>Price of {{ called() }}</span>
    <input
      class="write w-24 text-right"
      type="text"
      inputmode="decimal"
      autocomplete="off"
      [attr.data-price-of]="key()"
      [attr.placeholder]="told()"
      [attr.aria-invalid]="says() !== ''"
      [formControl]="control"
      (change)="take(control.value)"
      (keydown.escape)="field.written.settle()"
    />
    <z-says [text]="says()" />
  </label>`,
})
export class PriceCell {
  readonly key = input.required<string>();
  readonly called = input.required<string>();
  /** In what it is counted. */
  readonly unit = input.required<string>();
  /** By which it is reckoned now; of the job, where the book has none. */
  readonly price = input<Price>();
  private readonly state = inject(ShopCostingState);
  protected readonly told = computed(() => {
    const price = this.price();
    return price && !this.inBook() ? (price.cents / 100).toFixed(2) : $localize`no price`;
  });
  private readonly inBook = computed(() => this.state.book().get(this.key()));
  private readonly kept = computed(() => {
    const price = this.inBook();
    if (!price) return '';
    const pack = shown(price.pack);
    return `${(price.cents / 100).toFixed(2)}${pack === 1 ? '' : ` / ${pack}`}`;
  });
  protected readonly field = keptText(this.kept);
  protected readonly control = this.field.control;
  protected readonly says = signal('');

  /** A price, or one of a pack: `4.80 / 100`. */
  protected take(text: string): void {
    if (text.trim() === '') return this.state.drop(this.key());
    const [money = '', pack = '1'] = text.split('/');
    const price = readNumber(money, WANTED);
    const of = readNumber(pack, WANTED);
    if (!price.ok || !of.ok || price.value === undefined || !of.value || price.value < 0)
      return this.says.set($localize`Read ${JSON.stringify(text)}\: ${WANTED}.`);
    this.says.set('');
    const date = new Date().toISOString().slice(0, 10);
    const cents = Math.round(price.value * 100);
    const supplier = this.inBook()?.supplier;
    const more = supplier === undefined ? {} : { supplier };
    this.state.keep([{ key: this.key(), unit: this.unit(), pack: of.value, cents, date, ...more }]);
  }
}

const WANTED = $localize`a price is wanted, as 12.50, or one of a pack, as 4.80 / 100`;
