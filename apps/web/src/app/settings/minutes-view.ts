import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { OPERATIONS, said } from '@zabble/core';
import { ShopCostingState } from '../shop/costing';
import { readNumber } from '../ui/read-number';
import { Says } from '../ui/says';
import { Say } from '../words/say';

type Row = (typeof OPERATIONS)[number];

/** Minutes of every operation: those that ship are made up and stand in grey until the shop writes its own. */
@Component({
  selector: 'z-minutes-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say, Says],
  template: `<p i18n class="caption max-w-prose">
      The minutes in grey ship with Zabble and are made up. Write your own over them; an empty field takes them back.
    </p>
    <z-says [text]="says() || shop.says()" />
    <table class="w-full max-w-3xl border-collapse">
      <thead class="caption border-b-2 border-edge text-left">
        <tr>
          <th i18n class="py-1.5 pr-2 font-medium" scope="col">Work</th>
          <th i18n class="py-1.5 pr-2 font-medium" scope="col">People</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">The record says</th>
          <th i18n class="py-1.5 text-right font-medium" scope="col">Minutes each</th>
        </tr>
      </thead>
      <tbody>
        @for (each of operations; track each.id) {
          <tr class="border-b border-line">
            <th class="py-1 pr-2 text-left font-medium first-letter:uppercase" scope="row">{{ called(each) | say }}</th>
            <td class="pr-2 tabular-nums">{{ each.people }}</td>
            <td class="pr-2 text-right">
              @if (shop.learned().minutes[each.id]; as middle) {
                <button
                  type="button"
                  class="press"
                  i18n-ariaLabel
                  ariaLabel="Take {{ middle.value }} minutes of {{ called(each) | say }}"
                  (click)="shop.sayMinutes(each.id, middle.value)"
                >
                  {{ middle.value }}
                </button>
                <span i18n class="caption block"
                  >of {middle.jobs, plural, =1 {1 job} other {{{ middle.jobs }} jobs}}</span
                >
              }
            </td>
            <td class="text-right">
              <input
                class="write w-24 text-right"
                type="text"
                inputmode="decimal"
                i18n-ariaLabel
                ariaLabel="Minutes of {{ called(each) | say }}"
                [placeholder]="each.minutes"
                [value]="own(each)"
                (change)="take(each, $any($event.target).value)"
              />
            </td>
          </tr>
        }
      </tbody>
    </table>`,
  host: { class: 'flex flex-col gap-3' },
})
export class MinutesView {
  protected readonly shop = inject(ShopCostingState);
  protected readonly says = signal('');
  protected readonly operations = OPERATIONS.filter(({ minutes }) => minutes !== undefined);

  constructor() {
    this.shop.fetchLearned();
  }

  protected called({ id }: Row) {
    return said('cost/operation', { id });
  }

  protected own({ id }: Row): string {
    const own = this.shop.said().minutes as Readonly<Record<string, number | undefined>> | undefined;
    return String(own?.[id] ?? '');
  }

  protected take({ id }: Row, text: string): void {
    const read = readNumber(text, $localize`minutes are wanted, as 12 or 1.5`);
    this.says.set(read.ok ? '' : read.says);
    if (read.ok) this.shop.sayMinutes(id, read.value);
  }
}
