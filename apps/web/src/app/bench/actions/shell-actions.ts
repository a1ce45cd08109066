import { Speech, gone } from '../../words/speech';
import { Dialog } from '@angular/cdk/dialog';
import { createGlobalPositionStrategy } from '@angular/cdk/overlay';
import { computed, inject, Injectable, Injector } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { said } from '@zabble/core';
import { ThemeChoice } from '../../device/theme';
import { JobActions } from '../../store/job/job.actions';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { unitPatches } from '../../store/job/unit-patches';
import { selectPlan, selectRedoName, selectUndoName } from '../../store/job/job.selectors';
import { selectBank, SessionActions, sessionFeature } from '../../store/session/session';
import { BothUnits } from '../../fields/both-units';
import { FIT_VIEWS, FitState } from '../fit/fit-state';
import { JobCommands } from '../job-commands';
import { CUT_VIEWS, STEPS } from '../steps';
import type { Action } from './action';
import { PrintActions } from './print-actions';
import { CUT_WORDS, FIT_WORDS, STEP_WORDS } from './step-words';
import { MaterialsState } from '../materials/materials-state';
import { WorkActions } from './work-actions';

/** What can be done whatever step it is: going, undoing, looking, the job as a whole. */
@Injectable({ providedIn: 'root' })
export class ShellActions {
  private readonly store = inject(Store);
  private readonly speech = inject(Speech);
  private readonly router = inject(Router);
  private readonly dialog = inject(Dialog);
  private readonly injector = inject(Injector);
  private readonly theme = inject(ThemeChoice);
  private readonly both = inject(BothUnits);
  private readonly edits = inject(JobEdits);
  private readonly job = inject(JobCommands);
  private readonly work = inject(WorkActions);
  private readonly prints = inject(PrintActions);
  private readonly fit = inject(FitState);
  private readonly materialsState = inject(MaterialsState);
  private readonly id = this.store.selectSignal(jobFeature.selectId);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly plan = this.store.selectSignal(selectPlan);
  private readonly bank = this.store.selectSignal(selectBank);
  private readonly near = this.store.selectSignal(sessionFeature.selectNear);
  private readonly drawer = this.store.selectSignal(sessionFeature.selectDrawer);
  private readonly undoName = this.store.selectSignal(selectUndoName);
  private readonly redoName = this.store.selectSignal(selectRedoName);

  private readonly list = computed((): readonly Action[] => [
    ...STEPS.map((id, index) => ({
      name: $localize`Go to ${this.speech.plain(`step-of/${id}`)}`,
      group: $localize`Steps`,
      words: STEP_WORDS[id],
      key: String(index + 1),
      alt: true,
      run: () => void this.router.navigate(['/jobs', this.id(), id]),
    })),
    ...CUT_VIEWS.map((id) => ({
      name: $localize`Cut: ${gone(this.speech.plain(`cut-view/${id}`))}`,
      group: $localize`Steps`,
      words: CUT_WORDS[id],
      run: () => void this.router.navigate(['/jobs', this.id(), 'cut'], { queryParams: { view: id } }),
    })),
    ...FIT_VIEWS.map((id) => ({
      name: $localize`Fit: ${gone(this.speech.plain(`fit-view/${id}`))}`,
      group: $localize`Steps`,
      words: FIT_WORDS[id],
      run: () => {
        this.fit.view.set(id);
        void this.router.navigate(['/jobs', this.id(), 'fit']);
      },
    })),
    {
      name: $localize`Go to the record of all jobs`,
      group: $localize`Steps`,
      words: $localize`log search history`,
      run: () => void this.router.navigate(['/record']),
    },
    ...this.banks(),
    ...this.undoing(),
    ...this.looking(),
    ...this.ofJob(),
    ...this.prints.list(),
  ]);

  /** Everything that can be done on the bench. */
  readonly all = computed((): readonly Action[] => [...this.work.list(), ...this.list()]);

  private undoing(): readonly Action[] {
    const [undo, redo] = [this.undoName(), this.redoName()];
    const group = $localize`Undo`;
    return [
      {
        name: undo ? $localize`Undo: ${undo}` : $localize`Undo`,
        group,
        key: 'u',
        off: !undo,
        run: () => this.store.dispatch(JobActions.undone()),
      },
      {
        name: redo ? $localize`Redo: ${redo}` : $localize`Redo`,
        group,
        key: 'r',
        off: !redo,
        run: () => this.store.dispatch(JobActions.redone()),
      },
    ];
  }

  private looking(): readonly Action[] {
    const group = $localize`Looking`;
    const inches = this.document()?.unit === 'in';
    return [
      {
        name: $localize`All findings, worst first`,
        group,
        words: $localize`warnings errors problems what is wrong`,
        key: 'f',
        run: () => void this.findings(),
      },
      ...(['drawer', 'case'] as const).map((near) => this.approaching(near, group)),
      { name: $localize`Find an action`, group, key: 'a', run: () => void this.search() },
      {
        name: $localize`Keys of the bench`,
        group,
        words: $localize`help keyboard shortcuts how`,
        key: '?',
        run: () => void this.keys(),
      },
      {
        name: this.theme.other() === 'dim' ? $localize`Turn the screen dim` : $localize`Turn the screen light`,
        group,
        key: 'l',
        run: () => this.theme.turn(),
      },
      {
        name: this.both.shown() ? $localize`Show one unit only` : $localize`Show both units`,
        group,
        key: 'b',
        run: () => this.both.turn(),
      },
      {
        name: inches ? $localize`Lengths in millimetres` : $localize`Lengths in inches`,
        group,
        key: 'i',
        run: () => this.turnUnit(inches ? 'mm' : 'in'),
      },
    ];
  }

  /** From near, from afar, and back to the bank. */
  private approaching(near: 'drawer' | 'case', group: string): Action {
    const there = this.near() === near;
    const away = near === 'drawer' ? $localize`Look at the drawer from near` : $localize`Look at the whole case`;
    return {
      name: there ? $localize`Back to the whole bank` : away,
      group,
      words: $localize`zoom in out nearer bigger section`,
      ...(near === 'drawer' ? { key: 'z' } : {}),
      off: near === 'drawer' && !this.drawer(),
      run: () => this.store.dispatch(SessionActions.approached({ near: there ? 'bank' : near })),
    };
  }

  private ofJob(): readonly Action[] {
    const group = $localize`Job`;
    return [
      {
        name: $localize`Back to all jobs`,
        group,
        words: $localize`new open list import`,
        key: 'j',
        run: () => void this.router.navigate(['/jobs']),
      },
      {
        name: $localize`Materials of this job`,
        group,
        words: $localize`plywood wood sheets thickness price species density`,
        key: 'm',
        run: () => this.materials(),
      },
      { name: $localize`Rename this job`, group, words: $localize`name title`, run: () => rename() },
      { name: $localize`Duplicate this job`, group, words: $localize`copy again`, run: () => this.job.duplicate() },
      {
        name: $localize`Download the job file`,
        group,
        words: $localize`export save backup json send`,
        run: () => this.job.download(),
      },
      {
        name: $localize`How this job stood before`,
        group,
        words: $localize`versions history revisions older restore`,
        run: () => void this.job.versions(),
      },
      {
        name: $localize`Delete this job`,
        group,
        words: $localize`remove trash throw away`,
        run: () => this.job.delete(),
      },
    ];
  }

  private banks(): readonly Action[] {
    const banks =
      this.plan()?.cases.flatMap((owner) =>
        owner.banks.map(({ bank, path }) => ({ path, name: `${owner.name}, ${this.speech.say(said('bank', bank))}` })),
      ) ?? [];
    if (banks.length < 2) return [];
    return banks.map(({ path, name }) => ({
      name: $localize`Go to ${name}`,
      group: $localize`Banks`,
      off: path === this.bank()?.path,
      run: () => this.store.dispatch(SessionActions.bankChosen({ bank: path })),
    }));
  }

  turnUnit(unit: 'in' | 'mm'): void {
    const document = this.document();
    const name = unit === 'in' ? $localize`lengths in: inches` : $localize`lengths in: millimetres`;
    if (document) this.edits.apply(name, unitPatches(document, unit));
  }

  private fetching = false;

  /** Something lies on top of the bench, or is being fetched: keys are for it, though the focus may not be there yet. */
  covered(): boolean {
    return this.fetching || this.dialog.openDialogs.length > 0;
  }

  async search(): Promise<void> {
    await this.alone(async () => {
      const { ActionSearch } = await import('./action-search');
      const look = { ariaLabel: $localize`Find an action`, data: this.all, positionStrategy: this.atTop() };
      return () => this.dialog.open(ActionSearch, look);
    });
  }

  async keys(): Promise<void> {
    await this.alone(async () => {
      const { KeySheet } = await import('./key-sheet');
      return () => this.dialog.open(KeySheet, { ariaLabel: $localize`Keys of the bench`, data: this.all });
    });
  }

  materials(): void {
    void this.materialsState.open();
  }

  async findings(): Promise<void> {
    await this.alone(async () => {
      const { FindingsBoard } = await import('../findings/findings-board');
      return () => this.dialog.open(FindingsBoard, { ariaLabel: $localize`All findings` });
    });
  }

  /** Under the header, where the list may grow and shrink without moving what is written. */
  private atTop() {
    return createGlobalPositionStrategy(this.injector).top('3.75rem').right('1rem');
  }

  /** One thing at a time lies on top of the bench. */
  private async alone(fetch: () => Promise<() => unknown>): Promise<void> {
    this.fetching = true;
    try {
      const open = await fetch();
      this.dialog.closeAll();
      open();
    } finally {
      this.fetching = false;
    }
  }
}

/** The name stands in the header: it is gone to, to be written over. */
function rename(): void {
  const field = document.querySelector<HTMLInputElement>('input[data-path="name"]');
  field?.focus();
  field?.select();
}
