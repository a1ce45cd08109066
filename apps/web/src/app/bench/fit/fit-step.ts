import { Say } from '../../words/say';
import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { type BankPlan, said } from '@zabble/core';
import { CaseCaution } from './case-caution';
import { FIT_VIEWS, FitState, type FitView } from './fit-state';
import { FrontsView } from './fronts-view';
import { MeasureBack } from './measure-back';
import { PaperView } from './paper-view';
import { RecordView } from './record-view';
import { StepWalk } from './step-walk';
import { WhoField } from './who-field';

/** Fit: the hanging, what is measured back, the fronts, the record, and what goes to the case on paper. */
@Component({
  selector: 'z-fit-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CaseCaution, FrontsView, MeasureBack, PaperView, RecordView, Say, StepWalk, WhoField],
  template: `<div class="flex flex-col gap-4">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2 max-sm:grid max-sm:grid-cols-3 max-sm:gap-1">
      <div class="flex flex-wrap gap-1 max-sm:contents" role="tablist" aria-label="Views of the fitting">
        @for (each of views; track each) {
          <button
            type="button"
            role="tab"
            class="press max-sm:px-1"
            [class.press-main]="each === state.view()"
            [attr.aria-selected]="each === state.view()"
            [tabindex]="each === state.view() ? 0 : -1"
            (click)="state.view.set(each)"
            (keydown.arrowRight)="turn(1, $event)"
            (keydown.arrowLeft)="turn(-1, $event)"
          >
            {{ nameOf(each) | say }}
          </button>
        }
      </div>
      <z-who-field class="ml-auto max-sm:ml-0" />
    </div>
    @switch (state.view()) {
      @case ('hang') {
        <z-step-walk [bank]="bank()" which="hang" />
        <z-case-caution [bank]="bank()" />
      }
      @case ('measure') {
        <z-measure-back [bank]="bank()" />
      }
      @case ('fronts') {
        <z-fronts-view [bank]="bank()" />
      }
      @case ('record') {
        <z-record-view [bank]="bank()" />
      }
      @case ('paper') {
        <z-paper-view [bank]="bank()" />
      }
    }
  </div>`,
})
export class FitStep {
  readonly bank = input.required<BankPlan>();
  protected readonly state = inject(FitState);
  protected readonly nameOf = (view: FitView) => said(`fit-view/${view}`);
  protected readonly views = FIT_VIEWS;

  protected turn(by: number, event: Event): void {
    const at = FIT_VIEWS.indexOf(this.state.view());
    const next = FIT_VIEWS[(at + by + FIT_VIEWS.length) % FIT_VIEWS.length];
    if (!next) return;
    this.state.view.set(next);
    const tabs = (event.currentTarget as HTMLElement).parentElement?.querySelectorAll('button');
    tabs?.item(FIT_VIEWS.indexOf(next)).focus();
    event.preventDefault();
  }
}
