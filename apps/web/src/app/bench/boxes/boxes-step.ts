import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  BOTTOMS,
  CORNERS,
  hasDepth,
  type BankPlan,
  type BottomFit,
  type DrawerPlan,
  type Joint,
  type Patch,
} from '@zabble/core';
import { selectJob, selectShowing } from '../../store/job/job.selectors';
import { SessionActions, sessionFeature } from '../../store/session/session';
import { Figure } from '../../ui/figure';
import { LengthField } from '../../ui/length-field';
import { Pick } from '../../ui/pick';
import { SectionDrawing } from '../../drawing/section-drawing';

const optionsOf = (rows: Readonly<Record<string, { readonly name: string }>>) =>
  Object.entries(rows).map(([value, { name }]) => ({ value, label: name }));

/** Boxes: slide, corners, bottom and materials, and the boxes they make. */
@Component({
  selector: 'z-boxes-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Figure, LengthField, Pick, SectionDrawing],
  templateUrl: './boxes-step.html',
})
export class BoxesStep {
  readonly bank = input.required<BankPlan>();
  private readonly store = inject(Store);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly chosen = this.store.selectSignal(sessionFeature.selectDrawer);
  /** The drawer whose section is drawn: the chosen one, else the top one. */
  protected readonly shown = computed(() => this.chosen() ?? this.bank().drawers[0]?.id);
  protected readonly joints = optionsOf(CORNERS);
  protected readonly fits = optionsOf(BOTTOMS);
  protected readonly box = computed(() => this.bank().bank.box);
  protected readonly joint = computed(() => CORNERS[this.box().corner.joint]);
  protected readonly fit = computed(() => BOTTOMS[this.box().bottomFit]);
  protected readonly wantsDepth = computed(() => hasDepth(this.box().corner.joint));
  protected readonly wantsGroove = computed(() => !this.fit().onOutside);
  protected readonly materials = computed(() =>
    (this.job()?.materials ?? []).map(({ id, name }) => ({ value: id, label: name })),
  );
  protected readonly stock = computed(() => this.job()?.materials ?? []);
  protected readonly uses = [
    { field: 'box.sides', label: 'Sides' },
    { field: 'box.ends', label: 'Box front and back' },
    { field: 'box.bottom', label: 'Bottom' },
    { field: 'front.material', label: 'Drawer front' },
  ];
  protected readonly columns = [
    { dimension: 'box.width', label: 'Width' },
    { dimension: 'box.height', label: 'Height' },
    { dimension: 'box.length', label: 'Length' },
    { dimension: 'inside.width', label: 'Inside width' },
    { dimension: 'inside.wallHeight', label: 'Wall inside' },
  ];

  /** A joint that has a depth gets one to begin with. */
  protected readonly alongJoint = (joint: string): readonly Patch[] => {
    const wants = hasDepth(joint as Joint) && this.box().corner.depth === undefined;
    return wants ? [{ path: `${this.bank().path}.box.corner.depth`, value: this.small('1/4 in', '6 mm') }] : [];
  };

  /** A bottom in a groove needs the groove and its play; without one, a muntin has nothing to hold. */
  protected readonly alongFit = (fit: string): readonly Patch[] => {
    const { groove, play, muntin } = this.box();
    const path = `${this.bank().path}.box`;
    const { raised, onOutside } = BOTTOMS[fit as BottomFit];
    const without = muntin && !raised ? [{ path: `${path}.muntin`, value: undefined }] : [];
    if (onOutside) return without;
    const found = { depth: this.small('1/4 in', '6 mm'), offset: this.small('1/2 in', '12 mm') };
    return [
      ...without,
      ...(groove ? [] : [{ path: `${path}.groove`, value: found }]),
      ...(play === undefined ? [{ path: `${path}.play`, value: this.small('1/16 in', '1.5 mm') }] : []),
    ];
  };

  protected choose(drawer: DrawerPlan): void {
    this.store.dispatch(SessionActions.drawerChosen({ drawer: drawer.id }));
  }

  private small(inch: string, metric: string): string {
    return this.showing()?.unit === 'in' ? inch : metric;
  }
}
