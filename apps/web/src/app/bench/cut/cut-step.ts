import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { ROUTES } from '@zabble/contract/routes';
import {
  writeExact,
  type Asked,
  type BankPlan,
  type Crosscut,
  type CutGroup,
  type Release,
  type Role,
  type Use,
} from '@zabble/core';
import { jobFeature } from '../../store/job/job.reducer';
import { selectCutList, selectPlan, selectShowing } from '../../store/job/job.selectors';
import { SessionActions } from '../../store/session/session';
import { Figure } from '../../ui/figure';
import { Size } from '../../ui/size';

const ROLES: Readonly<Record<Role, string>> = {
  side: 'sides',
  front: 'box fronts',
  back: 'backs',
  bottom: 'bottoms',
  muntin: 'muntins',
  face: 'drawer fronts',
  stile: 'stiles',
  rail: 'front rails',
  panel: 'panels',
};
const RELEASES: Readonly<Record<Release, string>> = {
  forecast: 'forecast: not before the opening is measured',
  now: 'may be cut now',
  groove: 'held until the groove is cut and tried',
  hung: 'held until the boxes are hung',
};

/** Cut: every part, grouped as it is cut: by material, by rip, by length. */
@Component({
  selector: 'z-cut-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Figure, Size],
  templateUrl: './cut-step.html',
})
export class CutStep {
  readonly bank = input.required<BankPlan>();
  private readonly store = inject(Store);
  private readonly plan = this.store.selectSignal(selectPlan);
  protected readonly list = this.store.selectSignal(selectCutList);
  private readonly id = this.store.selectSignal(jobFeature.selectId);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly file = computed(() => ROUTES.jobFile(this.id() ?? ''));
  protected readonly releases = RELEASES;

  /** As measured: in the job’s unit where it is whole there, else in millimetres. */
  protected thickness({ material }: CutGroup): string {
    return writeExact(material.thickness, this.showing()?.unit ?? 'mm');
  }

  /** The release all parts of a group share; undefined where they differ. */
  protected releaseOf({ rips }: CutGroup): Release | undefined {
    const found = new Set(rips.flatMap(({ crosscuts }) => crosscuts.map(({ release }) => release)));
    return found.size === 1 ? [...found][0] : undefined;
  }

  /** Which parts of which drawers: “sides of 1, 2, 3”; where the job has several banks, each by its name. */
  protected served({ uses }: Crosscut): string {
    const roles = [...new Set(uses.map(({ role }) => role))];
    return roles
      .map(
        (role) =>
          `${ROLES[role]} of ${uses
            .filter((use) => use.role === role)
            .map((use) => this.called(use))
            .join(', ')}`,
      )
      .join('; ');
  }

  protected asked({ uses }: Crosscut, size: 'length' | 'width'): Asked {
    const own = uses.find(({ path }) => path === this.bank().path) ?? (uses[0] as Use);
    return { kind: 'part', drawer: own.drawer, role: own.role, size };
  }

  /** A sum can be asked for where the part is of the bank on the bench. */
  protected here({ uses }: Crosscut): boolean {
    return uses.some(({ path }) => this.bank().path === path);
  }

  protected choose({ uses }: Crosscut): void {
    const own = uses.find(({ path }) => path === this.bank().path);
    if (own) this.store.dispatch(SessionActions.drawerChosen({ drawer: own.drawer }));
  }

  private called({ case: owner, bank, place }: Use): string {
    const cases = this.plan()?.cases ?? [];
    const banks = cases.reduce((sum, each) => sum + each.banks.length, 0);
    return [...(cases.length > 1 ? [owner] : []), ...(banks > 1 ? [bank] : []), place + 1].join(' ');
  }
}
