import { Speech } from '../../words/speech';
import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  partsOf,
  partOfJob,
  holds,
  rulesOf,
  sawOf,
  sheetParts,
  takenSheets,
  toCut,
  type Blade,
  type CutPart,
  type Found,
  type MaterialLayout,
  type SheetParts,
  type TakenHere,
  type Which,
} from '@zabble/core';
import { selectJob, selectPlan } from '../../store/job/job.selectors';
import { LAYOUT_SEARCH, type LayoutSearch } from '../../workers/layout-worker';
import type { LayoutNews } from '../../workers/layout-messages';
import type { CutView } from '../steps';
import { Rack } from './rack';

/** How long the search looks before it rests, in milliseconds; and how long more each time it is asked to go on. */
const PATIENCE = 6_000;
const MORE = 20_000;
const SEED = 1;

/** A sheet of the layout that is shown. */
export interface ShownSheet extends MaterialLayout {
  /** Counts from 0 through all materials. */
  readonly index: number;
  /** The same while others come and go: the path of a taken one, else its material and place. */
  readonly key: string;
  readonly blade: Blade;
  /** How it stands where it was taken; found sheets may still change. */
  readonly taken?: TakenHere;
}

/** The cutting of the job on the bench: its parts, its layouts as the search finds them, and what is looked at. */
@Injectable({ providedIn: 'root' })
export class CutState {
  private readonly store = inject(Store);
  private readonly speech = inject(Speech);
  private readonly make = inject(LAYOUT_SEARCH);
  private readonly rack = inject(Rack);
  readonly job = this.store.selectSignal(selectJob);
  readonly plan = this.store.selectSignal(selectPlan);
  /** The step is on the bench; off it nothing is looked for. */
  readonly active = signal(false);
  readonly view = signal<CutView>('saw');
  /** What may be cut now, or all there is, to buy by. */
  readonly which = signal<Which>('now');
  /** Name of the part that is looked at. */
  readonly part = signal<string | undefined>(undefined);
  /** Key of the sheet in hand; the first where it is no more. */
  readonly sheet = signal('');
  /** Which of the sheet's cuts is shown; all of it where none is. */
  readonly step = signal<number | undefined>(undefined);
  readonly found = signal<ReadonlyMap<string, Found>>(new Map());
  readonly tried = signal<ReadonlyMap<string, number>>(new Map());
  readonly running = signal(false);
  private search: LayoutSearch | undefined;

  readonly parts = computed((): readonly CutPart[] => {
    const [job, plan] = [this.job(), this.plan()];
    return job && plan ? partsOf(job, plan).parts : [];
  });
  readonly unsized = computed(() => {
    const [job, plan] = [this.job(), this.plan()];
    return job && plan ? partsOf(job, plan).unsized : 0;
  });
  readonly byName = computed(() => new Map(this.parts().map((part) => [part.name, part])));
  readonly free = computed(() => this.parts().filter((part) => part.release === 'now' && toCut(part)));
  readonly saw = computed(() => {
    const job = this.job();
    return job && sawOf(job);
  });
  /** What is to be laid out, by material; the same tasks are the same text. */
  readonly tasks = computed((): readonly SheetParts[] => {
    const [job, plan] = [this.job(), this.plan()];
    return job && plan ? sheetParts(job, plan, this.which(), this.rack.items()) : [];
  });
  private readonly asked = computed(() =>
    JSON.stringify(this.tasks().map(({ material, task }) => ({ material: material.id, task }))),
  );
  /** Sheets of layouts that were taken, those too that no longer hold. */
  readonly taken = computed((): readonly TakenHere[] => {
    const job = this.job();
    return job ? takenSheets(job, this.parts()) : [];
  });
  /** Sheets to be cut, those taken before those that are only found; material by material. */
  readonly sheets = computed((): readonly ShownSheet[] => {
    const [found, saw, job] = [this.found(), this.saw(), this.job()];
    if (!saw || !job) return [];
    const taken = this.taken().filter((each) => holds(each) && !each.finished);
    return job.materials
      .flatMap(({ id: material }) => [
        ...taken.flatMap((each) =>
          each.material === material
            ? { material, sheet: each.sheet, blade: each.blade, taken: each, key: each.path }
            : [],
        ),
        ...(found.get(material)?.layout.sheets ?? []).map((sheet, at) => ({
          material,
          sheet,
          blade: rulesOf(saw),
          key: `${material} ${at}`,
        })),
      ])
      .map((each, index) => ({ ...each, index }));
  });
  readonly shown = computed(
    (): ShownSheet | undefined => this.sheets().find(({ key }) => key === this.sheet()) ?? this.sheets()[0],
  );

  constructor() {
    effect(() => {
      const active = this.active();
      untracked(() => (active ? this.rack.fetch() : this.end()));
    });
    effect(() => {
      const asked = this.active() ? this.asked() : '[]';
      untracked(() => this.begin(asked));
    });
  }

  titleOf(part: CutPart): string {
    const plan = this.plan();
    return plan ? this.speech.say(partOfJob(plan, part)) : part.name;
  }

  /** How a material's layout was found, to be written down with it. */
  effortOf(material: string): { readonly seed: number; readonly tries: number } {
    return { seed: SEED, tries: this.found().get(material)?.tried ?? 0 };
  }

  /** Goes on looking for a while. */
  more(): void {
    this.running.set(true);
    this.search?.order({ kind: 'more', patience: MORE });
  }

  /** Rests; the best so far stays. */
  rest(): void {
    this.search?.order({ kind: 'stop' });
  }

  private end(): void {
    this.search?.end();
    this.search = undefined;
  }

  private begin(asked: string): void {
    // What was only found is no more; a taken sheet in hand stays in hand.
    if (!this.shown()?.taken) this.step.set(undefined);
    this.found.set(new Map());
    this.tried.set(new Map());
    // A search that looks for what is no longer asked is ended, not waited for.
    this.end();
    const tasks = JSON.parse(asked) as { material: string; task: SheetParts['task'] }[];
    if (tasks.length === 0) {
      this.running.set(false);
      return;
    }
    this.search = this.make((news) => this.take(news));
    this.running.set(true);
    this.search.order({ kind: 'begin', tasks, seed: SEED, patience: PATIENCE });
  }

  private take(news: LayoutNews): void {
    if (news.kind === 'resting') {
      this.running.set(false);
      return;
    }
    const tried = news.kind === 'found' ? news.found.tried : news.tried;
    this.tried.update((map) => new Map(map).set(news.material, tried));
    if (news.kind === 'found') this.found.update((map) => new Map(map).set(news.material, news.found));
  }
}
