import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import type { Cost } from '@zabble/core';
import { Choice } from '../../fields/choice';
import { CentsPipe } from '../../shop/cents';
import { Say } from '../../words/say';
import { PriceState } from './price-state';

/** What the job is to be sold for, and the steps from what it costs to it. */
@Component({
  selector: 'z-price-sum',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CentsPipe, Choice, Say],
  template: `@if (cost(); as c) {
      <section class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-x-8 gap-y-3 max-sm:grid-cols-1">
        <div class="flex flex-col gap-1">
          <span i18n class="caption">{{ paid(c) }}</span>
          <b class="text-4xl leading-none font-semibold" data-price>{{ c.totals.total | cents }}</b>
          @if (c.lacking.length > 0) {
            <span i18n class="font-medium text-ochre"
              >without {{ lines(c.lacking.length) }} that {{ has(c.lacking.length) }} no price</span
            >
          }
          <z-choice
            class="mt-3"
            path="survey"
            i18n-label
            label="The sizes are surveyed"
            [options]="surveys"
            fallback="rough"
          />
        </div>
        <table class="w-full self-start">
          <tbody>
            @for (term of c.totals.cost.terms; track $index) {
              @if (term.amount !== 0) {
                <tr>
                  <th class="py-0.5 pr-3 text-left font-normal first-letter:uppercase" scope="row">
                    {{ term.called | say }}
                  </th>
                  <td class="text-right tabular-nums">{{ term.amount | cents }}</td>
                </tr>
              }
            }
            @for (step of steps(c); track step.name) {
              <tr [class.border-t]="step.sum" [class.border-edge]="step.sum">
                <th
                  class="py-0.5 pr-3 text-left"
                  [class.font-normal]="!step.sum"
                  [class.font-semibold]="step.sum"
                  scope="row"
                >
                  {{ step.name }}
                </th>
                <td class="text-right tabular-nums" [class.font-semibold]="step.sum">{{ step.amount | cents }}</td>
              </tr>
            }
          </tbody>
        </table>
      </section>
    } @else {
      <p i18n class="caption" role="status">Adding up …</p>
    }`,
})
export class PriceSum {
  protected readonly cost = inject(PriceState).cost;
  protected readonly surveys = [
    { value: 'rough', label: $localize`Roughly` },
    { value: 'careful', label: $localize`Carefully` },
  ];
  private readonly many = new Intl.PluralRules('en');

  protected lines(count: number): string {
    return this.many.select(count) === 'one' ? $localize`1 line` : $localize`${count} lines`;
  }

  protected has(count: number): string {
    return count === 1 ? $localize`has` : $localize`have`;
  }

  protected readonly paid = ({ totals, with: { tax } }: Cost): string => {
    if (totals.tax === 0) return $localize`The price`;
    return tax?.how === 'included' ? $localize`The price, its tax in it` : $localize`The price with tax`;
  };

  protected readonly steps = (cost: Cost) => stepsOf(cost);
}

/** Only those that change something; sums stand under a line. */
function stepsOf({ totals, with: { margin } }: Cost) {
  const { cost, overhead, risk, net, tax } = totals;
  const ofPrice = margin?.of === 'price' ? $localize`of the price` : $localize`of cost`;
  const marginOf = margin ? `${margin.percent} % ${ofPrice}` : '';
  return [
    { name: $localize`What it costs`, amount: cost.total, sum: true },
    { name: $localize`Overhead on labour`, amount: overhead },
    { name: $localize`Risk of the survey, ${risk.percent} %`, amount: risk.amount },
    { name: $localize`Margin, ${marginOf}`, amount: totals.margin },
    { name: $localize`Discount`, amount: -totals.discount },
    { name: $localize`Before tax`, amount: net.total, sum: true, always: tax !== 0 },
    { name: $localize`Tax`, amount: tax },
  ].filter(({ amount, sum, always }) => (sum === true && always !== false) || (sum !== true && amount !== 0));
}
