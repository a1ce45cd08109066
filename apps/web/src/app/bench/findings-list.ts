import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { groupFindings, type BankPlan, type Finding, type Remedy, type Step } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { Says } from '../ui/says';

const ORDER = { stop: 0, warn: 1, note: 2 } as const;
const WORDS = { stop: 'Stop', warn: 'Check', note: 'Note' } as const;

/** What an old hand would say about this step, worst first. */
@Component({
  selector: 'z-findings',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says],
  template: `@if (groups().length > 0) {
    <ul class="flex flex-col gap-1.5" aria-label="Findings">
      @for (group of groups(); track $index) {
        <li
          class="flex gap-3 rounded border-l-4 px-3 py-2"
          [class]="tones[group.finding.severity]"
          [attr.data-code]="group.finding.code"
        >
          <strong class="w-12 shrink-0 py-0.5 font-semibold">{{ words[group.finding.severity] }}</strong>
          <div class="min-w-0">
            <p class="py-0.5">{{ group.says }}</p>
            @if (group.remedies.length > 0) {
              <div class="flex flex-wrap gap-2 pt-1.5 pb-1">
                @for (remedy of group.remedies; track remedy.says) {
                  <button type="button" class="press" (click)="mend(remedy)">{{ remedy.says }}</button>
                }
              </div>
            }
          </div>
        </li>
      }
    </ul>
    <z-says [text]="says()" />
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
  protected readonly groups = computed(() => {
    const { findings, drawers } = this.bank();
    const here = findings.filter(
      (finding: Finding) => finding.step === this.step() || (this.step() === 'cut' && finding.severity !== 'note'),
    );
    const groups = groupFindings(here, (drawer) => drawers.findIndex(({ id }) => id === drawer));
    return [...groups].sort((a, b) => ORDER[a.finding.severity] - ORDER[b.finding.severity]);
  });

  /** What would mend it, done; undo brings it back. */
  protected mend({ says, patches }: Remedy): void {
    this.says.set(this.edits.apply(`${says.charAt(0).toLowerCase()}${says.slice(1)}`, patches) ?? '');
  }
}
