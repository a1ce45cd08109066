import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import type { BankPlan, Finding, Remedy, Step } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';

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
          <strong class="w-12 shrink-0 py-0.5 font-semibold">{{ words[finding.severity] }}</strong>
          <div class="min-w-0">
            <p class="py-0.5">{{ finding.says }}</p>
            @if (finding.remedies?.length) {
              <div class="flex flex-wrap gap-2 pt-1.5 pb-1">
                @for (remedy of finding.remedies; track remedy.says) {
                  <button type="button" class="press" (click)="mend(remedy)">{{ remedy.says }}</button>
                }
              </div>
            }
          </div>
        </li>
      }
    </ul>
    @if (says()) {
      <p class="text-sm font-medium text-lead" role="alert">{{ says() }}</p>
    }
  }`,
})
export class Findings {
  readonly bank = input.required<BankPlan>();
  readonly step = input.required<Step>();
  private readonly edits = inject(JobEdits);
  protected readonly says = signal('');
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

  /** What would mend it, done; undo brings it back. */
  protected mend({ says, patches }: Remedy): void {
    this.says.set(this.edits.apply(`${says.charAt(0).toLowerCase()}${says.slice(1)}`, patches) ?? '');
  }
}
