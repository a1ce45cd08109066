import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal } from '@angular/core';
import { Store } from '@ngrx/store';
import { nm, railOf, share, type Asked, type BankPlan, type DrawerPlan, type Patch } from '@zabble/core';
import { selectJob, selectPlan } from '../../store/job/job.selectors';
import { SessionActions, sessionFeature } from '../../store/session/session';
import { Choice } from '../../fields/choice';
import { Figure } from '../../fields/figure';
import { LengthField, type ShownAs } from '../../fields/length-field';
import { Size } from '../../fields/size';
import { FrontWays } from './front-ways';
import { Making } from './making';
import { mountPatches } from './mount-patches';
import { PanelRun } from './panel-run';
import { Pulls } from './pulls';
import { Season } from './season';

/** Fronts: how they sit, what shows round them, how they are made, their pulls, and the panel they come from. */
const LAPS = {
  top: $localize`Lap top`,
  bottom: $localize`Lap bottom`,
  left: $localize`Lap left`,
  right: $localize`Lap right`,
};
const GAPS = {
  top: $localize`Gap top`,
  bottom: $localize`Gap bottom`,
  left: $localize`Gap left`,
  right: $localize`Gap right`,
};

@Component({
  selector: 'z-fronts-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Choice, Figure, FrontWays, LengthField, Making, PanelRun, Pulls, Season, Size],
  templateUrl: './fronts-step.html',
})
export class FrontsStep {
  readonly bank = input.required<BankPlan>();
  private readonly store = inject(Store);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly plan = this.store.selectSignal(selectPlan);
  protected readonly chosen = this.store.selectSignal(sessionFeature.selectDrawer);
  protected readonly mounts = [
    { value: 'overlay', label: $localize`Overlay` },
    { value: 'inset', label: $localize`Inset` },
  ];
  protected readonly grains = [
    { value: 'across', label: $localize`Across` },
    { value: 'up', label: $localize`Up` },
  ];
  private readonly at = computed(() => this.bank().path);
  /** What turning the mount changed besides. */
  protected readonly changed = linkedSignal<string, string>({
    source: this.at,
    computation: () => '',
  });
  protected readonly alongMount = (mount: string): readonly Patch[] => {
    const [plan, unit] = [this.plan(), this.job()?.unit ?? 'mm'];
    const { path, bank } = this.bank();
    const owner = plan?.cases.find(({ banks }) => banks.some((each) => each.path === path));
    if (!owner || mount === bank.front.mount) return [];
    const place = owner.banks.findIndex((each) => each.path === path);
    const divider = this.job()?.cases.find(({ id }) => id === owner.id)?.divider;
    const placed = { first: place === 0, last: place === owner.banks.length - 1, divider };
    const { patches, says } = mountPatches(this.bank(), mount as 'overlay' | 'inset', placed, unit);
    this.changed.set(says);
    return patches;
  };
  /** Over rails inset fronts are told by what shows beside the rail. */
  protected readonly reveal = computed((): ShownAs | undefined => {
    const { bank } = this.bank();
    const rail = railOf(bank);
    if (rail === 0 || bank.front.mount !== 'inset') return undefined;
    return {
      shown: (gap) => share(nm(Math.max(0, gap - rail)), 2),
      kept: (reveal) => nm(rail + 2 * reveal),
    };
  });
  protected readonly edges = ['top', 'bottom', 'left', 'right'] as const;
  protected readonly overlay = computed(() => this.bank().bank.front.mount === 'overlay');
  /** Lap or gap at an edge, as its field is called. */
  protected readonly edgeTitle = (edge: (typeof this.edges)[number]): string => (this.overlay() ? LAPS : GAPS)[edge];
  protected readonly solid = computed(() => this.bank().drawers.some(({ dimensions }) => dimensions['front.growth']));
  /** The season is of use, or was told: a front may still be made of the job’s solid wood. */
  protected readonly seasonal = computed(() => {
    const { climate, materials = [] } = this.job() ?? {};
    return this.solid() || climate !== undefined || materials.some(({ kind }) => kind === 'solid');
  });
  protected readonly banded = computed(
    () => this.bank().bank.front.band !== undefined && this.bank().bank.front.frame === undefined,
  );

  protected ask({ id }: DrawerPlan, dimension: string): Asked {
    return { kind: 'dimension', drawer: id, dimension };
  }

  protected blankOf({ parts }: DrawerPlan) {
    return parts.find(({ role }) => role === 'drawer-front')?.blank;
  }

  protected choose({ id }: DrawerPlan): void {
    this.store.dispatch(SessionActions.drawerChosen({ drawer: id }));
  }
}
