import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { BOTTOMS, hasDepth, JOINTS, type BankPlan, type DrawerPlan, type Joint, type Patch } from '@zabble/core';
import { SectionDrawing } from '../../drawing/section-drawing';
import { JobEdits } from '../../store/job/job-edits';
import { selectJob } from '../../store/job/job.selectors';
import { SessionActions, sessionFeature } from '../../store/session/session';
import { Figure } from '../../fields/figure';
import { LengthField } from '../../fields/length-field';
import { Pick } from '../../fields/pick';
import { MaterialPick } from '../materials/material-pick';
import { MaterialsState } from '../materials/materials-state';
import { BackCorner } from './back-corner';
import { BottomWays } from './bottom-ways';
import { BoxCard } from './box-card';
import { BoxHeld } from './box-held';
import { Hanging } from './hanging';
import { Muntin } from './muntin';
import { OwnSizes } from './own-sizes';

/** Boxes: the boxes that follow, one cut open, and corners, bottom, stock and hanging they follow from. */
@Component({
  selector: 'z-boxes-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [
    BackCorner,
    BottomWays,
    BoxCard,
    BoxHeld,
    Figure,
    Hanging,
    LengthField,
    MaterialPick,
    Muntin,
    OwnSizes,
    Pick,
    SectionDrawing,
  ],
  templateUrl: './boxes-step.html',
})
export class BoxesStep {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  protected readonly materials = inject(MaterialsState);
  private readonly store = inject(Store);
  private readonly job = this.store.selectSignal(selectJob);
  protected readonly chosen = this.store.selectSignal(sessionFeature.selectDrawer);
  /** The drawer whose section is drawn: the chosen one, else the top one. */
  protected readonly shown = computed(() => {
    const { drawers } = this.bank();
    return drawers.find(({ id }) => id === this.chosen()) ?? drawers[0];
  });
  protected readonly joints = this.speech.options('joint', JOINTS);
  protected readonly box = computed(() => this.bank().bank.box);
  protected readonly jointTold = computed(() => this.speech.plain(`joint-told/${this.box().corner.joint}`));
  protected readonly fit = computed(() => BOTTOMS[this.box().bottomFit]);
  protected readonly wantsDepth = computed(() => hasDepth(this.box().corner.joint));
  protected readonly wantsGroove = computed(() => !this.fit().onOutside);
  protected readonly stock = computed(() => this.job()?.materials ?? []);
  private readonly ofAll = [
    { field: 'box.sides', label: $localize`Sides`, like: undefined },
    { field: 'box.ends', label: $localize`Box front and back`, like: undefined },
    { field: 'box.back', label: $localize`Back`, like: $localize`as the box front` },
    { field: 'box.bottom', label: $localize`Bottom`, like: undefined },
    { field: 'front.material', label: $localize`Drawer front`, like: undefined },
  ];
  /** Trays have no fronts to make of anything. */
  protected readonly uses = computed(() =>
    this.ofAll.filter(({ field }) => field !== 'front.material' || this.bank().bank.front.mount !== 'none'),
  );
  protected readonly columns = [
    { dimension: 'box.width', label: $localize`Width` },
    { dimension: 'box.height', label: $localize`Height` },
    { dimension: 'box.length', label: $localize`Length` },
    { dimension: 'inside.width', label: $localize`Inside width` },
    { dimension: 'inside.wallHeight', label: $localize`Wall inside` },
  ];

  /** A joint that has a depth gets one to begin with. */
  protected readonly alongJoint = (joint: string): readonly Patch[] => {
    const wants = hasDepth(joint as Joint) && this.box().corner.depth === undefined;
    return wants ? [{ path: `${this.bank().path}.box.corner.depth`, value: this.edits.usual('1/4 in', '6 mm') }] : [];
  };

  protected choose(drawer: DrawerPlan): void {
    this.store.dispatch(SessionActions.drawerChosen({ drawer: drawer.id }));
  }
}
