import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { USUAL_WASTE, type UsualPricing } from '@zabble/core';
import { ShopCostingState } from '../shop/costing';
import { MoneyField } from '../shop/money-field';
import { PriceCell } from '../shop/price-cell';
import { ShareField } from '../shop/share-field';
import { SHARES, type Share } from '../shop/shares';
import { readNumber } from '../ui/read-number';
import { Says } from '../ui/says';

/** What of a price holds for all jobs, but for those that decide it for themselves. */
@Component({
  selector: 'z-usual-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [MoneyField, PriceCell, Says, ShareField],
  template: `<p i18n class="caption max-w-prose">
      Every price is made with these; what a job decides for itself goes before. What was quoted stays as it was.
    </p>
    <z-says [text]="says() || shop.says()" />
    <div class="grid max-w-3xl grid-cols-2 gap-x-8 gap-y-4 max-sm:grid-cols-1">
      <z-money-field />
      <label class="flex flex-col gap-1">
        <span i18n class="caption">People who work on a job</span>
        <input
          class="write w-24"
          type="text"
          inputmode="numeric"
          i18n-placeholder
          placeholder="as asked"
          [value]="usual().people ?? ''"
          (change)="people($any($event.target).value)"
        />
      </label>
      <label class="flex flex-col gap-1">
        <span i18n class="caption">Lost of sheets before they are laid out, per cent</span>
        <input
          class="write w-24"
          type="text"
          inputmode="decimal"
          [placeholder]="usualWaste"
          [value]="shop.said().waste ?? ''"
          (change)="percent('waste', $any($event.target).value)"
        />
        @if (shop.learned().waste; as middle) {
          <span i18n class="caption"
            >{{ middle.value }} % by the record of
            {middle.jobs, plural, =1 {1 job} other {{{ middle.jobs }} jobs}}</span
          >
        }
      </label>
      <label class="flex flex-col gap-1">
        <span i18n class="caption">Off-cuts to keep are credited at so many per cent</span>
        <input
          class="write w-24"
          type="text"
          inputmode="decimal"
          [placeholder]="0"
          [value]="shop.said().credit ?? ''"
          (change)="percent('credit', $any($event.target).value)"
        />
      </label>
      <div class="flex flex-col items-start gap-1">
        <span i18n class="caption">An hour of work costs</span>
        <z-price-cell
          [key]="'hour'"
          [unit]="'h'"
          [price]="shop.book().get('hour')"
          i18n-called
          called="an hour of work"
        />
      </div>
      @for (share of shares; track share.name) {
        <z-share-field [share]="share" [none]="none" [value]="usual()[share.name]" (said)="say(share, $event)" />
      }
    </div>
    @if (shop.book().has('overhead')) {
      <p i18n class="caption">The price book has a row overhead: it goes before what is said here.</p>
    }`,
  host: { class: 'flex flex-col gap-3' },
})
export class UsualView {
  protected readonly shop = inject(ShopCostingState);
  protected readonly shares = SHARES;
  protected readonly usualWaste = USUAL_WASTE;
  protected readonly none = $localize`none`;
  protected readonly says = signal('');
  protected readonly usual = computed((): UsualPricing => this.shop.said().usual ?? {});

  protected say({ name }: Share, value: unknown): void {
    const { [name]: _, ...others } = this.usual();
    this.shop.sayUsual(value === undefined ? others : { ...others, [name]: value });
  }

  constructor() {
    this.shop.fetchLearned();
  }

  protected percent(of: 'waste' | 'credit', text: string): void {
    const read = readNumber(text, $localize`a percentage is wanted, as 20 or 12.5`);
    this.says.set(read.ok ? '' : read.says);
    if (read.ok) this.shop.sayPercent(of, read.value);
  }

  protected people(text: string): void {
    const read = readNumber(text, $localize`a whole number of people is wanted, as 2`);
    if (!read.ok) return this.says.set(read.says);
    const { people: _, ...others } = this.usual();
    this.says.set('');
    this.shop.sayUsual(read.value === undefined ? others : { ...others, people: read.value });
  }
}
