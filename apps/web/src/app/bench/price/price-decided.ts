import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { FINISH_ROWS, rolesToFinish, said } from '@zabble/core';
import { NumberField } from '../../fields/number-field';
import { selectPlan } from '../../store/job/job.selectors';
import { Speech, begun } from '../../words/speech';
import type { WayField } from '../case/case-way';
import { RowList } from '../case/row-list';
import { PriceState } from './price-state';
import { SHARES } from '../../shop/shares';
import { JobShare } from './job-share';

/** What this job decides of its price: shares, visits, what is bought in, and its finish. */
@Component({
  selector: 'z-price-decided',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [NumberField, RowList, JobShare],
  template: `<div class="grid grid-cols-2 gap-x-8 gap-y-4 max-sm:grid-cols-1">
      @for (share of shares; track share.name) {
        <z-job-share [share]="share" />
      }
    </div>
    <div class="flex flex-wrap gap-4">
      @for (number of numbers; track number.path) {
        <z-number-field [path]="number.path" [label]="number.label" [optional]="true" [placeholder]="number.usual" />
      }
    </div>
    <section class="flex flex-col gap-2 border-t border-line pt-3">
      <h3 i18n class="text-lg font-semibold">Finish</h3>
      <p i18n class="caption">Parts that get the same finish; their faces come from the plan.</p>
      <z-row-list path="finish" i18n-title title="Finish" [one]="oneFinish" [fields]="finish()" [fresh]="freshFinish" />
    </section>
    <section class="flex flex-col gap-2 border-t border-line pt-3">
      <h3 i18n class="text-lg font-semibold">Bought in besides</h3>
      <p i18n class="caption">A stone top, glass, delivery: it carries no risk of the survey.</p>
      <z-row-list
        path="pricing.bought"
        i18n-title
        title="Bought in"
        [one]="oneThing"
        [fields]="bought"
        [fresh]="freshBought"
      />
    </section>`,
  host: { class: 'flex flex-col gap-4' },
})
export class PriceDecided {
  private readonly speech = inject(Speech);
  private readonly shop = inject(PriceState).shop;
  private readonly plan = inject(Store).selectSignal(selectPlan);
  protected readonly shares = SHARES;
  protected readonly oneFinish = $localize`finish`;
  protected readonly oneThing = $localize`thing`;
  protected readonly numbers = [
    { path: 'pricing.people', label: $localize`People on it`, usual: $localize`as asked` },
    { path: 'pricing.visits', label: $localize`Ways there and back`, usual: '0' },
    { path: 'pricing.travel', label: $localize`Minutes of one`, usual: '0' },
    { path: 'pricing.demolish', label: $localize`Minutes of stripping out`, usual: '0' },
  ];
  protected readonly bought: readonly WayField[] = [
    { kind: 'text', name: 'name', label: $localize`What` },
    { kind: 'count', name: 'count', label: $localize`How many`, placeholder: '1' },
    { kind: 'text', name: 'unit', label: $localize`Counted in` },
    { kind: 'count', name: 'price', label: $localize`One costs`, placeholder: '0' },
  ];
  protected readonly finish = computed((): readonly WayField[] => {
    const plan = this.plan();
    const rows = this.shop.said().finishes ?? FINISH_ROWS;
    const say = (row: string): string => begun(this.speech.say(said('cost/finish', { row })));
    return [
      {
        kind: 'many',
        name: 'parts',
        label: $localize`Parts`,
        options: (plan ? rolesToFinish(plan) : []).map(({ written, called }) => ({
          value: written,
          label: this.speech.say(called),
        })),
      },
      {
        kind: 'pick',
        name: 'row',
        label: $localize`With`,
        options: rows.map(({ id }) => ({ value: id, label: say(id) })),
      },
      {
        kind: 'choice',
        name: 'faces',
        label: $localize`Faces`,
        options: [
          { value: 'show', label: $localize`What shows` },
          { value: 'both', label: $localize`Both` },
        ],
        fallback: 'show',
      },
      {
        kind: 'choice',
        name: 'when',
        label: $localize`When`,
        options: [
          { value: 'before', label: $localize`Before it is put together` },
          { value: 'after', label: $localize`After` },
        ],
        fallback: 'after',
      },
    ];
  });
  protected readonly freshFinish = (): object => ({ parts: ['face'], row: 'clear', faces: 'show', when: 'after' });
  protected readonly freshBought = (): object => ({
    ...{ id: `b${Date.now().toString(36)}`, name: $localize`Delivery`, count: 1, price: 0 },
  });
}
