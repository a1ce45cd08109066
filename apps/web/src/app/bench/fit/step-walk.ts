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
  doorBefore,
  doorSteps,
  isMember,
  isOfDoor,
  isOfFront,
  frontSteps,
  hangSteps,
  partsOf,
  said,
  stepsDone,
  toCut,
  walkHeld,
  type BankPlan,
  writeAddress,
  type DoorStep,
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
import { bankKey, doorsOfCase } from './bank-key';
import { DoorStepBody } from './door-step-body';
import { FrontStepBody } from './front-step-body';
import { HangDrawing } from './hang-drawing';
import { HangStepBody } from './hang-step-body';
import { titleOf, type AnyStep } from './step-titles';

/** Why nothing is done yet. */
const HELD = {
  forecast: $localize`Held until the opening is measured as built: nothing is hung by planned sizes.`,
  mend: $localize`Held by what is to mend: see the findings of this bank.`,
  door: $localize`Held until its door hangs: what stands behind it goes by how its hinges really stand. See Doors.`,
  hung: $localize`Held until the boxes are hung and trued: fronts fit the case as it hangs.`,
} as const;

const HANDS = { left: $localize`left leaf`, right: $localize`right leaf` };

const WALKS = {
  doors: $localize`The doors, step by step`,
  hang: $localize`The hanging, step by step`,
  fronts: $localize`The fronts, step by step`,
};

/** A step of a walk, and how the log names it. */
interface Walked {
  /** Of its own in this walk. */
  readonly name: string;
  readonly own: AnyStep;
  readonly place?: number;
  readonly entry: { readonly bank?: string; readonly door?: string; readonly step: string };
}

/** One step at a time, to be read from a step away; what is done is kept, and others at the case see it at once. */
@Component({
  selector: 'z-step-walk',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [DoorStepBody, FrontStepBody, HangDrawing, HangStepBody, Says],
  templateUrl: './step-walk.html',
  host: { '(document:keydown.arrowRight)': 'key(1, $event)', '(document:keydown.arrowLeft)': 'key(-1, $event)' },
})
export class StepWalk {
  readonly bank = input.required<BankPlan>();
  readonly which = input.required<'doors' | 'hang' | 'fronts'>();
  protected readonly title = computed(() => WALKS[this.which()]);
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
  /** What the person at this device did last, to be taken back at once. */
  protected readonly last = linkedSignal<string, Walked | undefined>({
    source: this.walk,
    computation: () => undefined,
  });
  protected readonly lastSays = computed(() => {
    const last = this.last();
    return last && this.done().has(last.name)
      ? [this.titleOf(last), this.drawerOf(last)].filter(Boolean).join(', ')
      : '';
  });
  private readonly named = bankKey(this.bank);
  private readonly owner = computed(() =>
    this.plan()?.cases.find(({ path }) => this.bank().path.startsWith(`${path}.`)),
  );
  private readonly doors = doorsOfCase(this.bank);
  protected readonly steps = computed((): readonly Walked[] => {
    const [bank, which] = [this.bank(), this.which()];
    if (which === 'doors') return this.doors().flatMap((door) => doorSteps(door).map((own) => this.ofDoor(own)));
    const steps = which === 'hang' ? hangSteps(bank) : frontSteps(bank);
    return steps.map((own) => ({
      ...{ name: own.name, own, entry: { bank: this.named(), step: own.name } },
      ...(own.place === undefined ? {} : { place: own.place }),
    }));
  });
  protected readonly done = computed(() => {
    const log = this.log();
    const ofEach = new Map(
      this.steps().map(({ entry: { bank, door } }) => [bank ?? door ?? '', stepsDone(log, bank ?? door ?? '')]),
    );
    return new Map(
      this.steps().flatMap(({ name, entry }) => {
        const deed = ofEach.get(entry.bank ?? entry.door ?? '')?.get(entry.step);
        return deed ? [[name, deed] as const] : [];
      }),
    );
  });
  protected readonly count = computed(() => this.steps().filter(({ name }) => this.done().has(name)).length);
  /** The first that is not done, where nobody looks elsewhere. */
  protected readonly index = computed(() => {
    const first = this.steps().findIndex(({ name }) => !this.done().has(name));
    const end = first < 0 ? this.steps().length : this.steps().length - 1;
    return Math.min(this.at() ?? (first < 0 ? end : first), end);
  });
  protected readonly step = computed((): Walked | undefined => this.steps()[this.index()]);
  protected readonly hangStep = computed(() =>
    this.which() === 'hang' ? (this.step()?.own as HangStep | undefined) : undefined,
  );
  protected readonly frontStep = computed(() =>
    this.which() === 'fronts' ? (this.step()?.own as FrontStep | undefined) : undefined,
  );
  protected readonly doorStep = computed(() =>
    this.which() === 'doors' ? (this.step()?.own as DoorStep | undefined) : undefined,
  );
  protected readonly opening = computed(() => {
    const step = this.hangStep();
    return step && drawHanging(this.bank(), step, new Set(this.done().keys()));
  });
  protected readonly holes = computed(() => {
    const step = this.hangStep();
    return step && drawSlideHoles(this.bank(), step);
  });
  protected readonly held = computed(() => {
    const which = this.which();
    if (which === 'doors') return '';
    const held = walkHeld(this.bank(), which) ?? (which === 'hang' && this.doorWaits() ? 'door' : undefined);
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
  /** What a door of this step still waits for before it is cut: it can’t be hung. */
  protected readonly unmade = computed(() => {
    const [door, job, plan, owner] = [this.doorStep()?.door, this.job(), this.plan(), this.owner()];
    if (door === undefined || !job || !plan) return '';
    const held = partsOf(job, plan).parts.find(
      ({ use, release }) =>
        use.case === owner?.id && use.node === door && isMember(use.role) && isOfDoor(use.role) && release !== 'now',
    );
    return held ? this.speech.say(said(`when/${held.release}`)) : '';
  });
  protected readonly waits = computed(() => this.uncut().length > 0 || this.unmade() !== '');
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

  protected titleOf({ own, place }: Walked): string {
    return titleOf(own, this.bank().drawers[place ?? -1]?.family);
  }

  /** Whose step it is: a drawer's, or a leaf's of a door. */
  private drawerOf({ own, place }: Walked): string {
    if ('door' in own) {
      const leaf = own.hand === undefined ? '' : `, ${HANDS[own.hand]}`;
      return $localize`door ${own.door}${leaf}`;
    }
    const drawer = this.bank().drawers[place ?? -1];
    return drawer ? $localize`drawer ${drawer.place + 1}${drawer.name ? `, ${drawer.name}` : ''}` : '';
  }

  private ofDoor(own: DoorStep): Walked {
    const door = writeAddress({ case: this.owner()?.id ?? '', bank: own.door });
    return { name: `${own.door} ${own.name}`, own, entry: { door, step: own.name } };
  }

  /** The door before this bank is not hung yet, and nothing of the bank either. */
  private doorWaits(): boolean {
    if (this.count() > 0) return false;
    const owner = this.owner();
    const door = owner?.casework && doorBefore(owner.doors, owner.casework, this.bank().bank);
    if (!owner || !door) return false;
    const done = stepsDone(this.log(), writeAddress({ case: owner.id, bank: door.id }));
    return doorSteps(door).some(({ name }) => !done.has(name));
  }

  /** Done, by its own press, and on to the next. */
  protected finish(): void {
    const [step, index] = [this.step(), this.index()];
    if (!step || this.waits()) return;
    if (!this.done().has(step.name)) {
      this.writer.add({ kind: 'step', ...step.entry });
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
    this.writer.add({ kind: 'step', ...last.entry, undone: true });
    this.last.set(undefined);
    if (place >= 0) this.at.set(place);
  }

  protected takeBack(): void {
    const step = this.step();
    if (!step) return;
    this.at.set(this.index());
    this.writer.add({ kind: 'step', ...step.entry, undone: true });
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
