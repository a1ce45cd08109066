import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { ShopMoney } from './money';
import { Says } from '../ui/says';

/** In what the shop's prices are. */
@Component({
  selector: 'z-money-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says],
  template: `<label class="flex flex-col gap-1">
      <span class="caption"
        ><b i18n class="font-semibold text-ink">Currency</b>&ngsp;<span i18n>of all prices</span></span
      >
      <select class="write" (change)="money.keep($any($event.target).value || null)">
        <option i18n value="" [selected]="money.currency() === null">not said: amounts have the sign ¤</option>
        @for (each of money.choices(); track each.code) {
          <option [value]="each.code" [selected]="each.code === money.currency()">
            {{ each.name }} ({{ each.code }})
          </option>
        }
      </select>
    </label>
    <z-says [text]="money.says()" />`,
  host: { class: 'block' },
})
export class MoneyField {
  protected readonly money = inject(ShopMoney);
}
