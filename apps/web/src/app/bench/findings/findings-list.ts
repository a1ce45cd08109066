import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { saidKey, type BankPlan, type FindingGroup, type Step } from '@zabble/core';
import { FindingCard } from './finding-card';
import { worstFirst } from './worst-first';

/** What an old hand would say about this step, worst first. */
@Component({
  selector: 'z-findings',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FindingCard],
  template: `@if (groups().length > 0) {
    <ul class="flex flex-col gap-1.5" i18n-aria-label aria-label="Findings">
      @for (group of groups(); track keyOf(group)) {
        <li><z-finding-card [group]="group" /></li>
      }
    </ul>
  }`,
})
export class Findings {
  protected readonly keyOf = ({ said }: FindingGroup): string => saidKey(said);
  readonly bank = input.required<BankPlan>();
  readonly step = input.required<Step>();
  /** The cut list is held by every stop there is. */
  protected readonly groups = computed(() => {
    const [bank, step] = [this.bank(), this.step()];
    const here = bank.findings.filter(
      (finding) => finding.step === step || (step === 'cut' && finding.severity !== 'note'),
    );
    return worstFirst(here);
  });
}
