import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BankPlan } from '@zabble/core';
import { selectPlan } from '../../store/job/job.selectors';
import { Says } from '../../ui/says';
import { CaseCard } from './case-card';
import { CaseState } from './case-state';
import { addCase } from './case-edits';
import { JobDetails } from './job-details';
import { RoomCard } from './room-card';

/** Case: whose job it is, and its cases with the banks that stand in them. */
@Component({
  selector: 'z-case-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CaseCard, JobDetails, RoomCard, Says],
  template: `<div class="flex flex-col gap-6">
    @for (each of cases(); track each.id; let i = $index) {
      <z-case-card [owner]="each" [place]="i" [count]="cases().length" [bank]="bank()" />
    }
    <div class="flex flex-wrap items-center gap-3">
      <button i18n type="button" class="press" (click)="add()">+ Another case</button>
      <p i18n class="caption">Built as the one before it, with one bank to begin with.</p>
    </div>
    <z-says [text]="says()" />
    @if (whole()) {
      <z-room-card />
    }
    <z-job-details class="border-t-2 border-ink pt-4" />
  </div>`,
})
export class CaseStep {
  readonly bank = input.required<BankPlan>();
  private readonly state = inject(CaseState);
  private readonly plan = inject(Store).selectSignal(selectPlan);
  protected readonly says = signal('');
  protected readonly cases = computed(() => this.plan()?.cases ?? []);
  /** Rooms are for cases that are planned whole. */
  protected readonly whole = computed(() => this.cases().some(({ casework }) => casework));

  protected add(): void {
    this.says.set(this.state.apply($localize`another case`, addCase) ?? '');
  }
}
