import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Views, type View } from '../../ui/views';
import { Say } from '../../words/say';
import { PriceBookView } from '../../shop/price-book';
import { PriceAfter } from './price-after';
import { PriceChart } from './price-chart';
import { PriceDecided } from './price-decided';
import { PriceHours } from './price-hours';
import { PriceInstead } from './price-instead';
import { PriceLines } from './price-lines';
import { PriceState } from './price-state';
import { PriceSum } from './price-sum';
import { PriceVariants } from './price-variants';
import { QuotesState } from './quotes-state';
import { QuotesView } from './quotes-view';

/** Price: what the job is to be sold for, what that consists of, and what it would be otherwise. */
@Component({
  selector: 'z-price-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    PriceAfter,
    PriceBookView,
    PriceChart,
    PriceDecided,
    PriceHours,
    PriceInstead,
    PriceLines,
    PriceSum,
    PriceVariants,
    QuotesView,
    Say,
    Views,
  ],
  template: `<z-price-sum />
    @if (noted().length > 0) {
      <details class="border-y border-line py-2">
        <summary i18n class="min-h-6 cursor-pointer font-medium">
          To be said of this price: {{ noted().length }}
        </summary>
        <ul class="mt-2 flex flex-col gap-1">
          @for (finding of noted(); track $index) {
            <li [class.text-ochre]="finding.severity === 'warn'">{{ finding | say }}</li>
          }
        </ul>
      </details>
    }
    <z-views i18n-label label="Views of the price" [views]="views" [(view)]="view">
      @switch (view()) {
        @case ('bought') {
          <z-price-lines />
        }
        @case ('hours') {
          <z-price-hours />
        }
        @case ('parts') {
          @defer (on immediate) {
            <z-price-chart [cost]="cost()" />
          } @placeholder {
            <p i18n class="caption">Drawing the chart …</p>
          }
        }
        @case ('decided') {
          <z-price-decided />
        }
        @case ('otherwise') {
          <z-price-variants />
        }
        @case ('instead') {
          <z-price-instead />
        }
        @case ('quotes') {
          <z-quotes-view />
        }
        @case ('after') {
          <z-price-after />
        }
        @case ('book') {
          <z-price-book />
        }
      }
    </z-views>`,
  host: { class: 'flex flex-col gap-4' },
})
export class PriceStep {
  private readonly price = inject(PriceState);
  protected readonly cost = this.price.cost;
  private readonly quotes = inject(QuotesState);
  protected readonly noted = computed(() => [...this.quotes.findings(), ...this.price.findings()]);
  protected readonly views: readonly View[] = [
    { id: 'bought', name: $localize`What it takes` },
    { id: 'hours', name: $localize`Work` },
    { id: 'parts', name: $localize`In bars` },
    { id: 'decided', name: $localize`Decided` },
    { id: 'otherwise', name: $localize`Otherwise` },
    { id: 'instead', name: $localize`Use another` },
    { id: 'quotes', name: $localize`Quotes` },
    { id: 'after', name: $localize`Afterwards` },
    { id: 'book', name: $localize`Price book` },
  ];
  protected readonly view = signal('bought');
}
