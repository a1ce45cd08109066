import { Say } from '../words/say';
import { Speech } from '../words/speech';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
  type OnDestroy,
} from '@angular/core';
import { Title } from '@angular/platform-browser';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { said, type Step } from '@zabble/core';
import { JobActions } from '../store/job/job.actions';
import { jobFeature } from '../store/job/job.reducer';
import { selectNewer, selectPlan, selectUnread } from '../store/job/job.selectors';
import { TrailingBank } from '../store/session/trailing-bank';
import { selectBank, SessionActions, sessionFeature } from '../store/session/session';
import { BenchHeader } from './bench-header';
import { BoxesStep } from './boxes/boxes-step';
import { CaseStep } from './case/case-step';
import { NoDrawers } from './case/no-drawers';
import { ConflictBar } from './conflict-bar';
import { CutSide } from './cut/cut-side';
import { CutStep } from './cut/cut-step';
import { DivideStep } from './divide/divide-step';
import { DrawingPane } from './drawing-pane';
import { Findings } from './findings/findings-list';
import { FitState } from './fit/fit-state';
import { FitStep } from './fit/fit-step';
import { FrontsStep } from './fronts/fronts-step';
import { KeptNowhere } from './kept-nowhere';
import { LogRefused } from './log-refused';
import { MeasureStep } from './measure/measure-step';
import { PresentBar } from './present-bar';
import { PriceStep } from './price/price-step';
import { PrintPlace } from './print/print-place';
import { Reckoning } from './reckoning/reckoning';
import { SlidesStep } from './slides/slides-step';
import { StepTabs } from './step-tabs';
import { STEPS } from './steps';

/** One job on the bench: its face and stick, the step of the work, the reckoning. */
@Component({
  selector: 'z-bench-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    BenchHeader,
    BoxesStep,
    CaseStep,
    ConflictBar,
    CutSide,
    CutStep,
    DivideStep,
    DrawingPane,
    Findings,
    FitStep,
    FrontsStep,
    KeptNowhere,
    LogRefused,
    MeasureStep,
    NoDrawers,
    PriceStep,
    PresentBar,
    PrintPlace,
    Reckoning,
    RouterLink,
    Say,
    SlidesStep,
    StepTabs,
  ],
  templateUrl: './bench-page.html',
  host: { class: 'block h-full' },
})
export class BenchPage implements OnDestroy {
  readonly id = input.required<string>();
  readonly step = input.required<string>();
  private readonly store = inject(Store);
  private readonly speech = inject(Speech);
  private readonly title = inject(Title);
  protected readonly bank = this.store.selectSignal(selectBank);
  protected readonly beside = inject(TrailingBank).bank;
  protected readonly sync = this.store.selectSignal(jobFeature.selectSync);
  protected readonly refused = this.store.selectSignal(sessionFeature.selectRefused);
  protected readonly says = this.store.selectSignal(jobFeature.selectSays);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly name = computed(() => this.document()?.name);
  protected readonly current = computed<Step>(() => STEPS.find((id) => id === this.step()) ?? 'measure');
  private readonly fit = inject(FitState);
  /** The whole case is seen while it is planned, and while its doors are hung. */
  protected readonly ofCase = computed(
    () =>
      this.current() === 'case' ||
      this.current() === 'price' ||
      (this.current() === 'fit' && this.fit.view() === 'doors'),
  );
  /** The step that is or was on the bench, while papers stand in its place. */
  protected readonly lastStep = signal<Step>('measure');
  /** The papers stand in the place of the steps. */
  protected readonly printing = computed(() => this.step() === 'print');
  protected readonly unread = this.store.selectSignal(selectUnread);
  protected readonly newer = this.store.selectSignal(selectNewer);
  protected readonly unopened = computed(
    () => (this.document() === undefined && this.sync() === 'refused') || this.unread().length > 0,
  );
  protected readonly caseName = computed(() => {
    const path = this.bank()?.path ?? '';
    return this.plan()?.cases.find((owner) => path.startsWith(`${owner.path}.`))?.name ?? '';
  });
  /** A whole case is worked on: its banks are taken up on its drawing. */
  protected readonly ofWhole = computed(() => {
    const path = this.bank()?.path ?? '';
    const cases = this.plan()?.cases ?? [];
    return (
      this.current() === 'case' &&
      cases.length === 1 &&
      cases.some((owner) => path.startsWith(`${owner.path}.`) && owner.casework)
    );
  });
  /** The first case of a job that has no bank at all. */
  protected readonly bare = computed(() => (this.bank() ? undefined : this.plan()?.cases[0]));
  /** Every bank of the job, where there is more than one to choose from. */
  protected readonly banks = computed(() => {
    const banks =
      this.plan()?.cases.flatMap((owner) =>
        owner.banks.map((bank) => ({
          path: bank.path,
          name: owner.banks.length > 1 ? `${owner.name}, ${this.speech.say(said('bank', bank.bank))}` : owner.name,
        })),
      ) ?? [];
    return banks.length > 1 ? banks : [];
  });

  constructor() {
    effect(() => {
      if (!this.printing()) this.lastStep.set(this.current());
    });
    effect(() => {
      const id = this.id();
      untracked(() => this.store.dispatch(JobActions.open({ id })));
    });
    effect(() => {
      const name = this.name();
      if (name !== undefined) this.title.setTitle($localize`${name} · Zabble`);
    });
  }

  ngOnDestroy(): void {
    this.store.dispatch(JobActions.left());
  }

  protected chooseBank(bank: string): void {
    this.store.dispatch(SessionActions.bankChosen({ bank }));
  }
}
