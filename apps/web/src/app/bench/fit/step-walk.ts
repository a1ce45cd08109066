import { gone, Speech } from '../../words/speech';
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
  isOfFront,
  frontSteps,
  hangSteps,
  isBought,
  partsOf,
  stepsDone,
  toCut,
  walkHeld,
  type BankPlan,
  type FrontStep,
  type HangStep,
} from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectJob, selectPlan } from '../../store/job/job.selectors';
import { LogWriter } from '../../store/log/log-writer';
import { selectLog } from '../../store/log/log.selectors';
import { SessionActions } from '../../store/session/session';
import { Who } from '../../device/who';
import { isWriting } from '../../ui/is-writing';
import { Says } from '../../ui/says';
import { cutPatch } from '../cut/records';
import { bankKey } from './bank-key';
import { FrontStepBody } from './front-step-body';
import { HangDrawing } from './hang-drawing';
import { HangStepBody } from './hang-step-body';

type AnyStep = HangStep | FrontStep;

/** Why nothing is done yet. */
const HELD = {
  forecast: $localize`Held until the opening is measured as built: nothing is hung by planned sizes.`,
  mend: $localize`Held by what is to mend: see the findings of this bank.`,
  hung: $localize`Held until the boxes are hung and trued: fronts fit the case as it hangs.`,
} as const;

const TITLES: Readonly<Record<AnyStep['kind'], string>> = {
  'build-out': $localize`Build the sides out`,
  spacer: $localize`Cut the spacer`,
  left: $localize`Left slide`,
  right: $localize`Right slide`,
  strips: $localize`Fix the strips`,
  guide: $localize`Guides at the walls`,
  kicker: $localize`Kicker over it`,
  member: $localize`Member on the box`,
  notch: $localize`Notch the back`,
  hooks: $localize`Bore the back for the hooks`,
  locks: $localize`Locks under the front corners`,
  adjust: $localize`Adjust it`,
  wax: $localize`Wax it`,
  test: $localize`Try the box`,
  lock: $localize`Lock it`,
  reveal: $localize`Cut spacers for the gaps`,
  hold: $localize`Hold the front`,
  drive: $localize`Screw it home`,
  pull: $localize`Fit the pull`,
  jig: $localize`Make the jig`,
  stand: $localize`Stand the box in the opening`,
  carry: $localize`Carry the height over`,
  pins: $localize`Pins in the box front`,
  tape: $localize`Tape on the box front`,
  glue: $localize`Quick glue on the box front`,
  wide: $localize`Wide holes in the box front`,
  wedges: $localize`Wedge the front`,
  tack: $localize`Tack it`,
  bored: $localize`Bore from inside`,
  shift: $localize`Shift it to its gaps`,
  bores: $localize`Bore for the pull`,
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
  protected readonly title = computed(() =>
    this.which() === 'hang' ? $localize`The hanging, step by step` : $localize`The fronts, step by step`,
  );
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly who = inject(Who);
  private readonly writer = inject(LogWriter);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly log = this.store.selectSignal(selectLog);
  protected readonly says = signal('');
  /** Which walk this is; the same after every edit. */
  private readonly walk = computed(() => `${this.bank().path} ${this.which()}`);
  /** Where someone looks, if not at the first that is not done: of this bank, and of these steps. */
  private readonly at = linkedSignal<string, number | undefined>({
    source: this.walk,
    computation: () => undefined,
  });
  protected readonly titles = TITLES;
  /** What the person at this device did last, to be taken back at once. */
  protected readonly last = linkedSignal<string, AnyStep | undefined>({
    source: this.walk,
    computation: () => undefined,
  });
  protected readonly lastSays = computed(() => {
    const last = this.last();
    return last && this.done().has(last.name)
      ? [this.titleOf(last), this.drawerOf(last)].filter(Boolean).join(', ')
      : '';
  });
  protected readonly steps = computed((): readonly AnyStep[] =>
    this.which() === 'hang' ? hangSteps(this.bank()) : frontSteps(this.bank()),
  );
  private readonly named = bankKey(this.bank);
  protected readonly done = computed(() => stepsDone(this.log(), this.named()));
  protected readonly count = computed(() => this.steps().filter(({ name }) => this.done().has(name)).length);
  /** The first that is not done, where nobody looks elsewhere. */
  protected readonly index = computed(() => {
    const first = this.steps().findIndex(({ name }) => !this.done().has(name));
    const end = first < 0 ? this.steps().length : this.steps().length - 1;
    return Math.min(this.at() ?? (first < 0 ? end : first), end);
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
  protected readonly held = computed(() => {
    const held = walkHeld(this.bank(), this.which());
    return held ? HELD[held] : '';
  });
  /** Parts of the front of this step that are not cut yet: it can’t be held up. */
  protected readonly uncut = computed(() => {
    const [step, job, plan] = [this.frontStep(), this.job(), this.plan()];
    if (!step || step.place === undefined || !job || !plan) return [];
    const { path } = this.bank();
    return partsOf(job, plan).parts.filter(
      (part) => part.use.path === path && part.use.place === step.place && isOfFront(part.use.role) && toCut(part),
    );
  });
  protected readonly hung = computed(() => this.bank().bank.gates?.hung !== undefined);
  protected readonly drawer = computed(() => {
    const step = this.step();
    return step ? this.drawerOf(step) : '';
  });
  protected readonly record = computed(() => this.done().get(this.step()?.name ?? ''));

  constructor() {
    effect(() => {
      const drawer = this.bank().drawers[this.step()?.place ?? -1]?.id;
      if (drawer !== undefined) untracked(() => this.store.dispatch(SessionActions.drawerChosen({ drawer })));
    });
  }

  /** What a step is called: a slide of wood is none of metal. */
  protected titleOf({ kind, place }: AnyStep): string {
    const family = this.bank().drawers[place ?? -1]?.family;
    if ((kind === 'left' || kind === 'right') && family && !isBought(family)) {
      if (family.cuts?.batten) return kind === 'left' ? $localize`Left batten` : $localize`Right batten`;
      return kind === 'left' ? $localize`Left runner` : $localize`Right runner`;
    }
    return TITLES[kind];
  }

  private drawerOf({ place }: AnyStep): string {
    const drawer = this.bank().drawers[place ?? -1];
    return drawer ? $localize`drawer ${drawer.place + 1}${drawer.name ? `, ${drawer.name}` : ''}` : '';
  }

  /** Done, by its own press, and on to the next. */
  protected finish(): void {
    const [step, index] = [this.step(), this.index()];
    if (!step || this.uncut().length > 0) return;
    if (!this.done().has(step.name)) {
      this.writer.add({ kind: 'step', bank: this.named(), step: step.name });
      this.last.set(step);
    }
    const further = this.steps().findIndex(({ name }, place) => place > index && !this.done().has(name));
    this.at.set(further === index + 1 ? undefined : index + 1);
  }

  /** Looks on, or back: nothing is written. */
  protected look(by: number): void {
    this.at.set(Math.max(0, Math.min(this.index() + by, this.steps().length - 1)));
  }

  /** The front of this step was cut as planned. */
  protected cutAsPlanned(): void {
    const [document, parts] = [this.document(), this.uncut()];
    if (!document || parts.some(({ release }) => release !== 'now')) return;
    const patch = cutPatch(document, parts, this.who.deed(), document.unit);
    this.says.set(this.edits.apply($localize`the front cut`, [patch]) ?? '');
  }

  protected takeBackLast(): void {
    const last = this.last();
    if (!last) return;
    const place = this.steps().findIndex(({ name }) => name === last.name);
    this.writer.add({ kind: 'step', bank: this.named(), step: last.name, undone: true });
    this.last.set(undefined);
    if (place >= 0) this.at.set(place);
  }

  protected takeBack(): void {
    const step = this.step();
    if (!step) return;
    this.at.set(this.index());
    this.writer.add({ kind: 'step', bank: this.named(), step: step.name, undone: true });
  }

  protected key(by: number, event: Event): void {
    if (isWriting(event) || (event.target as HTMLElement | null)?.closest?.('[role="slider"],[role="tab"]')) return;
    this.look(by);
  }

  protected release(): void {
    const patch = { path: `${this.bank().path}.gates.hung`, value: this.who.deed() };
    this.says.set(this.edits.apply(gone(this.speech.plain('open-gate/hung')), [patch]) ?? '');
  }
}
