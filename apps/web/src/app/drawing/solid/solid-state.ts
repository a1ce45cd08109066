import { computed, effect, inject, Injectable, signal, untracked, type OnDestroy } from '@angular/core';
import { Store } from '@ngrx/store';
import { calledMoving, nm, solidOf, stagesSaid, type CasePlan, type Motion } from '@zabble/core';
import { selectJob, selectPlan } from '../../store/job/job.selectors';
import { begun, Speech } from '../../words/speech';
import { Coming } from './coming';
import { partNames, stopNames, type Named } from './names';
import { allOpened, opened, stoppedIn, type Open, type Opening } from './opening';

export type Way = 'open' | 'apart';

/** What of a case stands open and how far it is taken apart, and what is said of that. One a view. */
@Injectable()
export class SolidState implements OnDestroy {
  private readonly store = inject(Store);
  private readonly speech = inject(Speech);
  readonly job = this.store.selectSignal(selectJob);
  private readonly plan = this.store.selectSignal(selectPlan);
  /** The case that is looked at. */
  readonly owner = signal<CasePlan | undefined>(undefined);
  readonly solid = computed(() => {
    const [job, plan, owner] = [this.job(), this.plan(), this.owner()];
    return job && plan && owner && solidOf(job, plan, owner);
  });
  private readonly opening = computed((): Opening | undefined => {
    const [plan, owner, solid] = [this.plan(), this.owner(), this.solid()];
    return plan && owner && solid && { plan, owner, motions: solid.motions };
  });
  private readonly calls = computed(() => {
    const [job, plan] = [this.job(), this.plan()];
    return job && plan ? calledMoving(job, plan.cases).called : undefined;
  });
  readonly way = signal<Way>('open');
  readonly taken = signal(0);
  private readonly open = signal<Open>(new Map());
  /** As it is drawn while something comes out. */
  readonly shown = signal<Open>(new Map());
  private readonly tried = signal<ReadonlySet<string>>(new Set());
  private readonly coming = new Coming((open) => this.shown.set(open));

  readonly stopped = computed(() => {
    const opening = this.opening();
    return opening ? stoppedIn(opening, this.open(), this.tried()) : [];
  });
  readonly rows = computed(() =>
    (this.solid()?.motions ?? []).map((motion) => {
      const amount = this.amount(motion);
      const stop = this.stopped().find(({ name }) => name === motion.name);
      const by = stop ? this.called(stop.by) : undefined;
      const name = begun(this.called(motion.name));
      return { motion, amount, by, name, full: Math.ceil(motion.full), says: this.amountSaid(motion, amount, by) };
    }),
  );
  readonly anyOpen = computed(() => this.open().size > 0);
  readonly stopsSaid = computed(() => {
    if (this.stopped().length === 0)
      return this.anyOpen() ? $localize`Nothing that stands open is stopped by anything.` : '';
    return this.stopped()
      .map(({ name, by }) => {
        const [what, other] = [begun(this.called(name)), this.called(by)];
        return $localize`${what}:what: is stopped by ${other}:other:.`;
      })
      .join(' ');
  });
  readonly stages = computed(() => {
    const solid = this.solid();
    if (!solid) return [];
    return stagesSaid(solid).map((stage, at) => ({
      ...{ stage: at, says: begun(this.speech.say(stage)), out: this.taken() > solid.stages - 1 - at },
    }));
  });
  /** The stage that is being taken out, or put in next. */
  readonly moving = computed(() => {
    const { stages = 0 } = this.solid() ?? {};
    return this.taken() > 0 ? stages - Math.ceil(this.taken()) : undefined;
  });
  readonly takenSaid = computed(() => {
    const moving = this.moving();
    if (moving === undefined) return $localize`All together`;
    return this.stages()[moving]?.says ?? '';
  });
  /** What stands in the picture by its name. */
  readonly names = computed((): readonly Named[] => {
    const [solid, moving] = [this.solid(), this.moving()];
    if (!solid) return [];
    if (moving !== undefined) return partNames(solid, moving, this.speech.say);
    return stopNames(solid, this.stopped(), (address) => this.called(address));
  });

  constructor() {
    // What is drawn by a plan that has changed is shut again where it moves no more.
    effect(() => {
      const known = new Set(this.solid()?.motions.map(({ name }) => name));
      const open = untracked(this.open);
      if ([...open.keys()].some((name) => !known.has(name))) this.put(new Map(), false);
    });
  }

  ngOnDestroy(): void {
    this.coming.end();
  }

  amount({ name }: Motion): number {
    return this.open().get(name) ?? 0;
  }

  /** Opens it as far as it comes, or shuts it. */
  press(motion: Motion): void {
    this.want(motion.name, this.amount(motion) > 0 ? 0 : Infinity, true);
  }

  /** Opens it so far, and no farther than it comes. */
  pull({ name, full }: Motion, wanted: number): void {
    this.want(name, wanted >= Math.ceil(full) ? Infinity : wanted, false);
  }

  openAll(): void {
    const opening = this.opening();
    this.taken.set(0);
    if (!opening) return;
    const all = !this.anyOpen();
    this.tried.set(new Set(all ? opening.motions.map(({ name }) => name) : []));
    this.put(all ? allOpened(opening) : new Map(), true);
  }

  /** What is open is shut before it is taken apart. */
  toStage(taken: number): void {
    if (taken > 0 && this.anyOpen()) this.put(new Map(), false);
    this.taken.set(taken);
  }

  choose(way: Way): void {
    this.way.set(way);
    this.toStage(way === 'apart' ? 1 : 0);
  }

  private want(name: string, amount: number, slowly: boolean): void {
    const opening = this.opening();
    if (!opening) return;
    this.tried.set(amount > 0 ? new Set([name]) : new Set());
    this.put(opened(opening, this.open(), name, amount), slowly);
  }

  private put(to: Open, slowly: boolean): void {
    this.open.set(to);
    this.coming.bring(this.shown(), to, slowly);
  }

  private called(address: string): string {
    const called = this.calls();
    return called ? this.speech.say(called(address)) : address;
  }

  private amountSaid({ turning, full }: Motion, amount: number, by: string | undefined): string {
    const size = (of: number): string =>
      turning ? `${Math.round(of)}°` : this.speech.words().mark(nm(Math.round(of * 1e6)), 'gap');
    if (by !== undefined) return $localize`${size(amount)}:so far: of ${size(full)}:all:, stopped by ${by}:what:`;
    return amount > 0 ? $localize`${size(amount)}:so far: of ${size(full)}:all:` : $localize`shut`;
  }
}
