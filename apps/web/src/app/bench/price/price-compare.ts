import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { Cost } from '@zabble/core';
import { CentsPipe } from '../../shop/cents';
import { Say } from '../../words/say';
import { PriceChart } from './price-chart';
import type { Variant } from './variant';

/** What the job costs now and what it would, line by line; what takes it over stands beside the sums. */
@Component({
  selector: 'z-price-compare',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CentsPipe, PriceChart, Say],
  template: `<div class="flex flex-wrap items-end gap-x-8 gap-y-2" role="status">
      <span class="flex flex-col">
        <span i18n class="caption">Now</span>
        <b class="text-2xl font-semibold">{{ now()?.totals?.total | cents }}</b>
      </span>
      <span class="flex flex-col">
        <span i18n class="caption">So</span>
        <b class="text-2xl font-semibold">{{ variant().cost.totals.total | cents }}</b>
      </span>
      <span class="flex flex-col">
        <span i18n class="caption">{{ variant().difference.total < 0 ? less : more }}</span>
        <b class="text-2xl font-semibold">{{ size(variant().difference.total) | cents }}</b>
      </span>
      <ng-content />
    </div>
    @if (variant().stops > 0) {
      <p i18n class="font-medium text-lead">So there is something to mend before it can be built.</p>
    }
    @if (variant().cost.lacking.length > 0) {
      <p i18n class="text-ochre">Some of what it takes has no price yet: the sum is without it.</p>
    }
    @defer (on immediate) {
      <z-price-chart [cost]="now()" [other]="variant().cost" />
    } @placeholder {
      <p i18n class="caption">Drawing the chart …</p>
    }
    <table class="w-full border-collapse">
      <thead class="caption border-b-2 border-edge text-left">
        <tr>
          <th i18n class="py-1.5 pr-2 font-medium" scope="col">What differs</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Now</th>
          <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">So</th>
          <th i18n class="py-1.5 text-right font-medium" scope="col">Difference</th>
        </tr>
      </thead>
      <tbody>
        @for (line of variant().difference.lines; track line.key) {
          <tr class="border-b border-line">
            <th class="py-1 pr-2 text-left font-normal first-letter:uppercase" scope="row">{{ line.what | say }}</th>
            <td class="pr-2 text-right tabular-nums">{{ line.was | cents }}</td>
            <td class="pr-2 text-right tabular-nums">{{ line.now | cents }}</td>
            <td class="text-right tabular-nums">{{ line.now - line.was | cents }}</td>
          </tr>
        } @empty {
          <tr>
            <td i18n class="caption py-2" colspan="4">It costs the same, line by line.</td>
          </tr>
        }
      </tbody>
    </table>`,
  host: { class: 'flex flex-col gap-4' },
})
export class PriceCompare {
  readonly now = input.required<Cost | undefined>();
  readonly variant = input.required<Variant>();
  protected readonly less = $localize`Less`;
  protected readonly more = $localize`More`;

  protected size(amount: number): number {
    return Math.abs(amount);
  }
}
