import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { OPERATIONS, said, type Taken } from '@zabble/core';
import { ShopCostingState } from '../shop/costing';
import { Say } from '../words/say';
import { Says } from '../ui/says';
import { minutesSaid } from './clock';
import { DaysState } from './days-state';

/** Minutes planned of what is done against those that were written down, and what the shop’s should be by them. */
@Component({
  selector: 'z-taken-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Say, Says],
  template: `<p i18n class="caption max-w-prose">
      Of what is done in the jobs that are worked on. Nothing is taken over by itself: press what the shop’s minutes
      should be from now on.
    </p>
    <z-says [text]="shop.says()" />
    @if (rows().length === 0) {
      <p i18n class="text-lg">
        Nothing to learn from yet: begin and end tasks under Today, and what they took stands here.
      </p>
    } @else {
      <table class="w-full max-w-4xl border-collapse">
        <thead class="caption border-b-2 border-edge text-left">
          <tr>
            <th i18n class="py-1.5 pr-2 font-medium" scope="col">Work</th>
            <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Planned</th>
            <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Taken</th>
            <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Rests on</th>
            <th i18n class="py-1.5 pr-2 text-right font-medium" scope="col">Minutes each</th>
            <th i18n class="py-1.5 text-right font-medium" scope="col">Should be</th>
          </tr>
        </thead>
        <tbody>
          @for (row of rows(); track row.operation) {
            <tr class="border-b border-line">
              <th class="py-1.5 pr-2 text-left font-medium first-letter:uppercase" scope="row">
                {{ row.called | say }}
              </th>
              <td class="pr-2 text-right tabular-nums">{{ minutes(row.planned) }}</td>
              <td class="pr-2 text-right tabular-nums">{{ minutes(row.taken) }}</td>
              <td i18n class="pr-2 text-right tabular-nums">
                {row.jobs, plural, =1 {1 job} other {{{ row.jobs }} jobs}},
                {row.entries, plural, =1 {1 time} other {{{ row.entries }} times}}
              </td>
              <td class="pr-2 text-right tabular-nums">{{ row.each }}</td>
              <td class="text-right">
                <button
                  type="button"
                  class="press tabular-nums"
                  i18n-ariaLabel
                  ariaLabel="Take {{ row.should }} minutes of {{ row.called | say }}"
                  (click)="shop.sayMinutes(row.operation, row.should)"
                >
                  {{ row.should }}
                </button>
              </td>
            </tr>
          }
        </tbody>
      </table>
    }`,
  host: { class: 'flex flex-col gap-3' },
})
export class TakenView {
  protected readonly shop = inject(ShopCostingState);
  private readonly state = inject(DaysState);
  protected readonly minutes = minutesSaid;
  protected readonly rows = computed(() => (this.state.days()?.taken ?? []).map((row) => this.row(row)));

  private row({ operation, planned, taken, entries, share }: Taken) {
    const own = this.shop.said().minutes as Readonly<Record<string, number | undefined>> | undefined;
    const each = own?.[operation] ?? OPERATIONS.find(({ id }) => id === operation)?.minutes ?? 0;
    const should = Math.round(each * (share?.value ?? 1) * 10) / 10;
    return {
      operation,
      planned,
      taken,
      entries,
      each,
      should,
      jobs: share?.jobs ?? 0,
      called: said('cost/operation', { id: operation }),
    };
  }
}
