import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Asked, BankPlan, DrawerPlan } from '@zabble/core';
import { selectJob } from '../../store/job/job.selectors';
import { SessionActions, sessionFeature } from '../../store/session/session';
import { Choice } from '../../ui/choice';
import { Figure } from '../../ui/figure';
import { LengthField } from '../../ui/length-field';
import { Size } from '../../ui/size';
import { Making } from './making';
import { PanelRun } from './panel-run';
import { Pulls } from './pulls';
import { Season } from './season';

/** Fronts: how they sit, what shows round them, how they are made, their pulls, and the panel they come from. */
@Component({
  selector: 'z-fronts-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Choice, Figure, LengthField, Making, PanelRun, Pulls, Season, Size],
  templateUrl: './fronts-step.html',
})
export class FrontsStep {
  readonly bank = input.required<BankPlan>();
  private readonly store = inject(Store);
  private readonly job = this.store.selectSignal(selectJob);
  protected readonly chosen = this.store.selectSignal(sessionFeature.selectDrawer);
  protected readonly mounts = [
    { value: 'overlay', label: 'Overlay' },
    { value: 'inset', label: 'Inset' },
  ];
  protected readonly edges = ['top', 'bottom', 'left', 'right'] as const;
  protected readonly overlay = computed(() => this.bank().bank.front.mount === 'overlay');
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
    return parts.find(({ role }) => role === 'face')?.blank;
  }

  protected choose({ id }: DrawerPlan): void {
    this.store.dispatch(SessionActions.drawerChosen({ drawer: id }));
  }
}
