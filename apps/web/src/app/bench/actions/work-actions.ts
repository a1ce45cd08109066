import { gone, Speech } from '../../words/speech';
import { computed, inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  BOTTOMS,
  bottomPatches,
  slideTable,
  turnBasis,
  walkHeld,
  type BankPlan,
  type BottomFit,
  type Patch,
  slidePatches,
} from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectJob } from '../../store/job/job.selectors';
import { selectBank, SessionActions, sessionFeature } from '../../store/session/session';
import { Who } from '../../device/who';
import { CaseState } from '../case/case-state';
import { addCase, bankBeside } from '../case/case-edits';
import { addPatch, lockPatch, schemePatches } from '../divide/bank-edits';
import { duplicatePatch, movePatch } from '../divide/drawer-edits';
import { worstFirst } from '../findings/worst-first';
import type { Action } from './action';

const SCHEMES = [
  ['equal', $localize`Heights equal`],
  ['step', $localize`Heights by a step`],
  ['ratio', $localize`Heights by a ratio`],
  ['contents', $localize`Heights by contents`],
  ['manual', $localize`Heights by hand`],
] as const;

/** What can be done to the bank on the bench and the drawer that is chosen. */
@Injectable({ providedIn: 'root' })
export class WorkActions {
  private readonly store = inject(Store);
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  private readonly who = inject(Who);
  private readonly cases = inject(CaseState);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly bank = this.store.selectSignal(selectBank);
  private readonly chosen = this.store.selectSignal(sessionFeature.selectDrawer);

  readonly list = computed((): readonly Action[] => {
    const bank = this.bank();
    if (!bank) return [];
    return [
      ...this.ofDrawers(bank),
      ...this.ofChosen(bank),
      ...this.ofBank(bank),
      ...this.ofMaking(bank),
      ...this.gates(bank),
      ...this.remedies(bank),
    ];
  });

  /** What parts wait for, once it is so. */
  private gates(plan: BankPlan): readonly Action[] {
    const { bank, path } = plan;
    const held = walkHeld(plan, 'hang') !== undefined;
    return (['slides', 'groove', 'glued', 'hung'] as const).map((gate) => {
      const name = this.speech.plain(`open-gate/${gate}`);
      const off = held || bank.gates?.[gate] !== undefined;
      const run = () => this.apply(name, [{ path: `${path}.gates.${gate}`, value: this.who.deed() }]);
      return { name, group: $localize`Cut`, off, run };
    });
  }

  private ofDrawers(bank: BankPlan): readonly Action[] {
    const unit = this.document()?.unit ?? 'mm';
    const chosen = this.chosenPlace(bank);
    const choose = bank.drawers.map(({ id, place, name }) => ({
      name: $localize`Choose drawer ${place + 1}${name ? `, ${name}` : ''}`,
      group: $localize`Drawers`,
      off: id === this.chosen(),
      run: () => this.store.dispatch(SessionActions.drawerChosen({ drawer: id })),
    }));
    const lock = bank.drawers.map(({ place }) => {
      const name = $localize`${bank.bank.drawers[place]?.height === undefined ? $localize`Lock` : $localize`Free`} drawer ${place + 1}`;
      const run = (): void => this.apply(name, [lockPatch(bank, place, unit)]);
      return { name, group: $localize`Divide`, run, ...(place === chosen ? { key: 'k' } : {}) };
    });
    return [...choose, ...lock];
  }

  /** The place of the drawer that is chosen, else the top one's. */
  private chosenPlace({ drawers }: BankPlan): number {
    return Math.max(
      0,
      drawers.findIndex(({ id }) => id === this.chosen()),
    );
  }

  private ofChosen(bank: BankPlan): readonly Action[] {
    const document = this.document();
    if (!document) return [];
    const place = this.chosenPlace(bank);
    const which = $localize`drawer ${place + 1}`;
    const group = $localize`Divide`;
    const edit = (name: string, patches: () => readonly Patch[], more: Partial<Action> = {}): Action => ({
      name,
      group,
      ...more,
      run: () => this.apply(name, patches()),
    });
    return [
      edit($localize`Move ${which} up`, () => [movePatch(document, bank, place, place - 1)], { off: place === 0 }),
      edit($localize`Move ${which} down`, () => [movePatch(document, bank, place, place + 1)], {
        off: place === bank.drawers.length - 1,
      }),
      edit($localize`One more like ${which}`, () => [duplicatePatch(document, bank, place)], { key: 'd' }),
      edit($localize`Add a drawer`, () => [addPatch(bank)], { key: 'n' }),
    ];
  }

  private ofBank(bank: BankPlan): readonly Action[] {
    const document = this.document();
    if (!document) return [];
    const { path, bank: written } = bank;
    const planned = written.basis === 'planned';
    const schemes = SCHEMES.map(([scheme, name]) => ({
      name,
      group: $localize`Divide`,
      off: written.division.scheme === scheme,
      run: () =>
        this.apply(name, [
          { path: `${path}.division.scheme`, value: scheme },
          ...schemePatches(bank, scheme, document.unit),
        ]),
    }));
    const basis = planned ? $localize`Sizes as built` : $localize`Sizes as planned`;
    return [
      ...schemes,
      { name: basis, group: $localize`Measure`, key: 'p', run: () => this.apply(basis, turnBasis(document, path)) },
      {
        name: $localize`A bank beside this one`,
        group: $localize`Case`,
        words: $localize`add another column`,
        run: () =>
          this.told(this.cases.apply($localize`a bank beside`, (whole, spoken) => bankBeside(whole, path, spoken))),
      },
      {
        name: $localize`Another case`,
        group: $localize`Case`,
        words: $localize`add new`,
        run: () => this.told(this.cases.apply($localize`another case`, addCase)),
      },
    ];
  }

  private ofMaking(bank: BankPlan): readonly Action[] {
    const [job, document] = [this.job(), this.document()];
    if (!job || !document) return [];
    const { path, bank: written } = bank;
    const slides = [...slideTable(job).values()].map(({ id, called }) => {
      const name = $localize`Slide: ${this.speech.say(called)}`;
      const off = id === written.slide.family;
      return { name, group: $localize`Slides`, off, run: () => this.apply(name, slidePatches(path, id)) };
    });
    const bottoms = (Object.keys(BOTTOMS) as BottomFit[]).map((fit) => ({
      name: $localize`Bottom: ${this.speech.plain(`bottom-fit/${fit}`)}`,
      group: $localize`Boxes`,
      off: fit === written.box.bottomFit,
      run: () =>
        this.apply(
          $localize`Bottom: ${this.speech.plain(`bottom-fit/${fit}`)}`,
          bottomPatches(bank, fit, document.unit),
        ),
    }));
    return [...slides, ...bottoms];
  }

  private remedies(bank: BankPlan): readonly Action[] {
    return worstFirst([bank]).flatMap(({ remedies }) =>
      remedies.map((remedy) => {
        const name = this.speech.say(remedy);
        return { name, group: $localize`Mend`, run: () => this.apply(name, remedy.patches) };
      }),
    );
  }

  private apply(name: string, patches: readonly Patch[]): void {
    this.told(this.edits.apply(gone(name), patches));
  }

  private told(refused: string | undefined): void {
    if (refused !== undefined) this.store.dispatch(SessionActions.refused({ says: refused }));
  }
}
