import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { frontsAsHung, inches, millimetres, nm, writeLength, type BankPlan, UNSEEN } from '@zabble/core';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { Choice } from '../../fields/choice';
import { Size } from '../../fields/size';
import { StepWalk } from './step-walk';

const ADVICE = {
  square: { says: $localize`cut it square`, why: $localize`what runs out is not seen` },
  cut: { says: $localize`cut it out of square`, why: $localize`a square one would show` },
  case: { says: $localize`square the case first`, why: $localize`too far out to cut fronts to` },
} as const;

/** What can still be told apart in a gap. */
const FINE = {
  in: { unit: 'in', step: inches(1, 64) },
  mm: { unit: 'mm', step: millimetres(0.1) },
} as const;

/** The fronts from the case as it hangs: square or slightly out of square, with the numbers of both; then hung in order. */
@Component({
  selector: 'z-fronts-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'flex flex-col gap-4' },
  imports: [Choice, RouterLink, Size, StepWalk],
  templateUrl: './fronts-view.html',
})
export class FrontsView {
  readonly bank = input.required<BankPlan>();
  private readonly store = inject(Store);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly id = this.store.selectSignal(jobFeature.selectId);
  protected readonly unseen = computed(() => this.small(UNSEEN));
  protected readonly advice = ADVICE;
  protected readonly fronts = computed(() => frontsAsHung(this.bank()));
  protected readonly inset = computed(() => this.bank().bank.front.mount === 'inset');
  protected readonly orders = [
    { value: 'bottom-up', label: $localize`From a ledge up` },
    { value: 'top-down', label: $localize`From the top line down` },
  ];

  /** Overlay fronts are alike but for their height: what their laps run out by is told once. */
  protected readonly worst = computed(() => Math.max(0, ...this.fronts().map(({ runsOut }) => runsOut)));

  /** A small size, finer than the job’s step. */
  protected small(length: number): string {
    const showing = this.showing();
    if (!showing) return '';
    const size = nm(Math.abs(length));
    const fine = FINE[showing.unit];
    if (size > 0 && size < fine.step) return $localize`under ${writeLength(fine.step, 'gap', fine, { unit: true })}`;
    return writeLength(size, 'gap', fine, { unit: true, mark: true });
  }
}
