import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
  untracked,
} from '@angular/core';
import { Store } from '@ngrx/store';
import {
  drawHanging,
  drawSlideHoles,
  frontSteps,
  hangSteps,
  stepsDone,
  type BankPlan,
  type FrontStep,
  type HangStep,
} from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { LogDesk } from '../../store/log/log-desk';
import { selectLog } from '../../store/log/log.selectors';
import { SessionActions } from '../../store/session/session';
import { Who } from '../../store/session/who';
import { isWriting } from '../../ui/is-writing';
import { Says } from '../../ui/says';
import { GATE_WORDS } from '../steps';
import { bankKey } from './bank-key';
import { FrontStepBody } from './front-step-body';
import { HangDrawing } from './hang-drawing';
import { HangStepBody } from './hang-step-body';

type AnyStep = HangStep | FrontStep;

const TITLES: Readonly<Record<AnyStep['kind'], string>> = {
  'build-out': 'Build the sides out',
  spacer: 'Cut the spacer',
  left: 'Left slide',
  right: 'Right slide',
  test: 'Try the box',
  lock: 'Lock it',
  reveal: 'Cut spacers for the gaps',
  hold: 'Hold the front',
  drive: 'Screw it home',
  pull: 'Fit the pull',
};

/** One step at a time, to be read from a step away; what is done is kept, and others at the case see it at once. */
@Component({
  selector: 'z-step-walk',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [FrontStepBody, HangDrawing, HangStepBody, Says],
  templateUrl: './step-walk.html',
  host: { '(document:keydown.arrowRight)': 'key(1, $event)', '(document:keydown.arrowLeft)': 'key(-1, $event)' },
})
export class StepWalk {
  readonly bank = input.required<BankPlan>();
  readonly which = input.required<'hang' | 'fronts'>();
  private readonly edits = inject(JobEdits);
  private readonly who = inject(Who);
  private readonly desk = inject(LogDesk);
  private readonly store = inject(Store);
  private readonly log = this.store.selectSignal(selectLog);
  protected readonly says = signal('');
  /** Where someone looks, if not at the first that is not done: of this bank, and of these steps. */
  private readonly at = linkedSignal<string, number | undefined>({
    source: () => `${this.bank().path} ${this.which()}`,
    computation: () => undefined,
  });
  protected readonly titles = TITLES;
  protected readonly steps = computed((): readonly AnyStep[] =>
    this.which() === 'hang' ? hangSteps(this.bank()) : frontSteps(this.bank()),
  );
  private readonly named = bankKey(this.bank);
  protected readonly done = computed(() => stepsDone(this.log(), this.named()));
  protected readonly count = computed(() => this.steps().filter(({ name }) => this.done().has(name)).length);
  /** The first that is not done, where nobody looks elsewhere. */
  protected readonly index = computed(() => {
    const first = this.steps().findIndex(({ name }) => !this.done().has(name));
    return Math.min(this.at() ?? (first < 0 ? this.steps().length : first), this.steps().length);
  });
  protected readonly step = computed((): AnyStep | undefined => this.steps()[this.index()]);
  protected readonly hangStep = computed(() => {
    const step = this.step();
    return step && this.which() === 'hang' ? (step as HangStep) : undefined;
  });
  protected readonly frontStep = computed(() => {
    const step = this.step();
    return step && this.which() === 'fronts' ? (step as FrontStep) : undefined;
  });
  protected readonly opening = computed(() => {
    const step = this.hangStep();
    return step && drawHanging(this.bank(), step, new Set(this.done().keys()));
  });
  protected readonly holes = computed(() => {
    const step = this.hangStep();
    return step && drawSlideHoles(this.bank(), step);
  });
  protected readonly planned = computed(() => this.bank().bank.basis === 'planned');
  protected readonly hung = computed(() => this.bank().bank.gates?.hung !== undefined);
  protected readonly drawer = computed(() => {
    const drawer = this.bank().drawers[this.step()?.place ?? -1];
    return drawer ? `drawer ${drawer.place + 1}${drawer.name ? `, ${drawer.name}` : ''}` : '';
  });
  protected readonly record = computed(() => this.done().get(this.step()?.name ?? ''));

  constructor() {
    effect(() => {
      const drawer = this.bank().drawers[this.step()?.place ?? -1]?.id;
      if (drawer !== undefined) untracked(() => this.store.dispatch(SessionActions.drawerChosen({ drawer })));
    });
  }

  /** Done, and on to the next. */
  protected next(): void {
    const [step, index] = [this.step(), this.index()];
    if (!step) return;
    if (!this.done().has(step.name)) this.desk.add({ kind: 'step', bank: this.named(), step: step.name });
    const further = this.steps().findIndex(({ name }, place) => place > index && !this.done().has(name));
    this.at.set(further === index + 1 ? undefined : index + 1);
  }

  protected back(): void {
    this.at.set(Math.max(0, this.index() - 1));
  }

  protected takeBack(): void {
    const step = this.step();
    if (!step) return;
    this.at.set(this.index());
    this.desk.add({ kind: 'step', bank: this.named(), step: step.name, undone: true });
  }

  protected key(by: number, event: Event): void {
    if (isWriting(event) || (event.target as HTMLElement | null)?.closest?.('[role="slider"],[role="tab"]')) return;
    if (by > 0) this.next();
    else this.back();
  }

  protected release(): void {
    const patch = { path: `${this.bank().path}.gates.hung`, value: this.who.deed() };
    this.says.set(this.edits.apply(GATE_WORDS.hung.toLowerCase(), [patch]) ?? '');
  }
}
