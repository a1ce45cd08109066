import { Speech } from '../../words/speech';
import { Views } from '../../ui/views';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { type BankPlan, said } from '@zabble/core';
import { CaseCaution } from './case-caution';
import { doorsOfCase } from './bank-key';
import { FIT_VIEWS, FitState } from './fit-state';
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
  imports: [CaseCaution, FrontsView, MeasureBack, PaperView, RecordView, StepWalk, Views, WhoField],
  template: `<z-views
    i18n-label
    label="Views of the fitting"
    beside="flex flex-wrap items-center gap-x-4 gap-y-2 max-sm:grid max-sm:grid-cols-3 max-sm:gap-1"
    [views]="views()"
    [view]="view()"
    (viewChange)="look($event)"
  >
    <z-who-field beside class="ml-auto max-sm:ml-0" />
    @switch (view()) {
      @case ('doors') {
        <z-step-walk [bank]="bank()" which="doors" />
        <z-case-caution [bank]="bank()" />
      }
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
  </z-views>`,
})
export class FitStep {
  readonly bank = input.required<BankPlan>();
  protected readonly state = inject(FitState);
  private readonly speech = inject(Speech);
  private readonly doors = doorsOfCase(this.bank);
  protected readonly views = computed(() =>
    FIT_VIEWS.filter((id) => id !== 'doors' || this.doors().length > 0).map((id) => ({
      id,
      name: this.speech.say(said(`fit-view/${id}`)),
    })),
  );

  /** A case without doors has none to hang. */
  protected readonly view = computed(() =>
    this.state.view() === 'doors' && this.doors().length === 0 ? 'hang' : this.state.view(),
  );

  protected look(id: string): void {
    const view = FIT_VIEWS.find((each) => each === id);
    if (view) this.state.view.set(view);
  }
}
