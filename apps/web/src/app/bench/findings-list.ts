import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { BankPlan, Finding, Step } from '@zabble/core';

const ORDER = { stop: 0, warn: 1, note: 2 } as const;
const WORDS = { stop: 'Stop', warn: 'Check', note: 'Note' } as const;

/** What an old hand would say about this step, worst first. */
@Component({
  selector: 'z-findings',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (findings().length > 0) {
    <ul class="flex flex-col gap-1.5" aria-label="Findings">
      @for (finding of findings(); track $index) {
        <li
          class="flex gap-3 rounded border-l-4 px-3 py-2"
          [class]="tones[finding.severity]"
          [attr.data-code]="finding.code"
        >
          <strong class="w-12 shrink-0 font-semibold">{{ words[finding.severity] }}</strong>
          <span>{{ finding.says }}</span>
        </li>
      }
    </ul>
  }`,
})
export class Findings {
  readonly bank = input.required<BankPlan>();
  readonly step = input.required<Step>();
  protected readonly words = WORDS;
  protected readonly tones = {
    stop: 'border-lead bg-lead-wash text-lead',
    warn: 'border-ochre bg-ochre-wash text-ochre',
    note: 'border-edge bg-board text-ink',
  } as const;
  /** The cut list is held by every stop there is. */
  protected readonly findings = computed(() =>
    this.bank()
      .findings.filter(
        (finding: Finding) => finding.step === this.step() || (this.step() === 'cut' && finding.severity !== 'note'),
      )
      .sort((a, b) => ORDER[a.severity] - ORDER[b.severity]),
  );
}
