import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BankPlan } from '@zabble/core';
import { selectPlan } from '../../store/job/job.selectors';

/** What can hurt someone at the case, said once, with how it stands when everything is out. */
@Component({
  selector: 'z-case-caution',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<p i18n class="caption border-t border-line pt-3">
    <b class="font-semibold text-ink">With care:</b> a loaded case is lifted by two, without its drawers. Fasten tall or
    drawer-heavy cases to the wall before they are filled.
    @if (ratio(); as steady) {
      With all drawers out that can be out it stands {{ steady }} to 1: an indication, not a certificate.
    }
    Local rules, the slide’s own sheet and licensed practice decide.
  </p>`,
})
export class CaseCaution {
  readonly bank = input.required<BankPlan>();
  private readonly plan = inject(Store).selectSignal(selectPlan);
  protected readonly ratio = computed(() => {
    const owner = this.plan()?.cases.find(({ path }) => this.bank().path.startsWith(`${path}.`));
    const ratio = owner?.balance?.ratio;
    return ratio !== undefined && Number.isFinite(ratio) ? ratio.toFixed(1) : '';
  });
}
