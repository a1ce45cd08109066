import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { bankConsequences, inOtherBasis, type BankPlan } from '@zabble/core';
import { selectJob } from '../../store/job/job.selectors';
import { ConsequenceList } from '../findings/consequence-list';

/** What came out different between plan and case, and what that does to everything cut by it. */
@Component({
  selector: 'z-against',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ConsequenceList],
  template: `@if (compared(); as found) {
    <section
      class="flex flex-col gap-2 border-t border-line pt-4"
      i18n-aria-label
      aria-label="Planned against as built"
    >
      <h3 i18n class="text-lg font-semibold">Planned against as built</h3>
      @if (found.same) {
        <p i18n class="caption">The readings of both come to the same sizes: nothing changes downstream.</p>
      } @else {
        <z-consequence-list
          [consequences]="found.consequences"
          [banks]="[bank()]"
          i18n-before
          before="planned"
          i18n-after
          after="as built"
        />
      }
    </section>
  }`,
})
export class Against {
  readonly bank = input.required<BankPlan>();
  private readonly job = inject(Store).selectSignal(selectJob);
  protected readonly compared = computed(() => {
    const [job, bank] = [this.job(), this.bank()];
    const other = job && inOtherBasis(job, bank.path);
    if (!other) return undefined;
    const consequences = bank.bank.basis === 'planned' ? bankConsequences(bank, other) : bankConsequences(other, bank);
    const basis = new Set(['FORECAST', 'NOT_YET_MEASURED']);
    const kept = {
      sizes: consequences.sizes,
      gone: consequences.gone.filter(({ code }) => !basis.has(code)),
      come: consequences.come.filter(({ code }) => !basis.has(code)),
    };
    return { consequences: kept, same: kept.sizes.length + kept.gone.length + kept.come.length === 0 };
  });
}
