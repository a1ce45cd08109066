import { Speech } from '../../words/speech';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import {
  BOTTOMS,
  drawerSettings,
  hasDepth,
  JOINTS,
  type BankPlan,
  type BottomFit,
  type DrawerPlan,
  type Joint,
  type Patch,
} from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import type { Option } from '../../fields/choice';
import { LengthField } from '../../fields/length-field';
import { Pick } from '../../fields/pick';
import { Says } from '../../ui/says';
import { MaterialPick } from '../materials/material-pick';
import { BackCorner } from './back-corner';
import { OwnSizes } from './own-sizes';

const AS_BANK: Option = { value: '', label: $localize`as the bank` };

/** What one box has of its own: its height by hand, another it is cut as high as, its stock, corners and bottom. */
@Component({
  selector: 'z-box-card',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [BackCorner, LengthField, MaterialPick, OwnSizes, Pick, Says],
  templateUrl: './box-card.html',
})
export class BoxCard {
  readonly bank = input.required<BankPlan>();
  readonly drawer = input.required<DrawerPlan>();
  private readonly edits = inject(JobEdits);
  private readonly speech = inject(Speech);
  protected readonly says = signal('');
  protected readonly number = computed(() => this.drawer().place + 1);
  protected readonly path = computed(() => `${this.drawer().path}.box`);
  private readonly written = computed(() => this.bank().bank.drawers[this.drawer().place]);
  /** What holds for this drawer: the bank’s values with its own laid over them. */
  protected readonly settings = computed(() => drawerSettings(this.bank().bank, this.written() ?? { id: '' }));
  protected readonly own = computed(() => {
    const { box, boxHeight, boxSameAs, front } = this.written() ?? {};
    return [box, boxHeight, boxSameAs, front].some((each) => each !== undefined);
  });
  protected readonly likes = computed(() => [
    { value: '', label: $localize`no other` },
    ...this.bank()
      .drawers.filter(({ id }) => id !== this.drawer().id)
      .map(({ id, place, name }) => ({ value: id, label: $localize`box ${place + 1}${name ? `, ${name}` : ''}` })),
  ]);
  protected readonly joints: readonly Option[] = [AS_BANK, ...this.speech.options('joint', JOINTS)];
  protected readonly fits: readonly Option[] = [AS_BANK, ...this.speech.options('bottom-fit', Object.keys(BOTTOMS))];
  protected readonly uses = [
    { field: 'box.sides', label: $localize`Sides` },
    { field: 'box.ends', label: $localize`Front and back` },
    { field: 'box.back', label: $localize`Back alone` },
    { field: 'box.bottom', label: $localize`Bottom of` },
    { field: 'front.material', label: $localize`Drawer front of` },
  ];
  protected readonly deep = computed(() => hasDepth(this.settings().box.corner.joint));
  protected readonly grooved = computed(() => BOTTOMS[this.settings().box.bottomFit].raised);
  protected readonly lengths = computed(() => {
    const fit = BOTTOMS[this.settings().box.bottomFit];
    return [
      ...(fit.onOutside ? [] : [{ path: 'groove.depth', label: $localize`Its groove, deep` }]),
      ...(fit.raised ? [{ path: 'groove.offset', label: $localize`Its groove, up` }] : []),
      ...(fit.onOutside ? [] : [{ path: 'play', label: $localize`Its play` }]),
      { path: 'ease', label: $localize`Its ease` },
      { path: 'heightStep', label: $localize`Its height in steps of` },
    ];
  });

  /** A joint of its own that has a depth gets one to begin with, where the bank has none. */
  protected readonly alongJoint = (joint: string): readonly Patch[] => {
    const path = `${this.path()}.corner.depth`;
    if (joint === '' || !hasDepth(joint as Joint)) return [{ path, value: undefined }];
    return this.bank().bank.box.corner.depth === undefined ? [{ path, value: this.edits.usual('1/4 in', '6 mm') }] : [];
  };

  /** A bottom of its own that wants a groove gets one to begin with, where the bank has none. */
  protected readonly alongFit = (fit: string): readonly Patch[] => {
    if (fit === '' || BOTTOMS[fit as BottomFit].onOutside) return [];
    const { groove, play } = this.bank().bank.box;
    const usual = { depth: this.edits.usual('1/4 in', '6 mm'), offset: this.edits.usual('1/2 in', '12 mm') };
    return [
      ...(groove ? [] : [{ path: `${this.path()}.groove`, value: usual }]),
      ...(play === undefined ? [{ path: `${this.path()}.play`, value: this.edits.usual('1/16 in', '1.5 mm') }] : []),
    ];
  };

  /** What the list offers for the bank’s own muntin. */
  protected readonly likeMuntin = computed(() => (this.bank().bank.box.muntin ? AS_BANK.label : undefined));

  protected muntin(on: boolean): void {
    const value = on ? { material: this.settings().box.sides, width: this.edits.usual('2 in', '50 mm') } : undefined;
    const number = this.number();
    const name = on ? $localize`a muntin in drawer ${number}` : $localize`without a muntin in drawer ${number}`;
    this.take(name, [{ path: `${this.path()}.muntin`, value }]);
  }

  protected forget(): void {
    const patches = ['boxHeight', 'boxSameAs', 'box', 'front'].map((field) => ({
      path: `${this.drawer().path}.${field}`,
      value: undefined,
    }));
    this.take($localize`box ${this.number()} as the others`, patches);
  }

  private take(name: string, patches: readonly Patch[]): void {
    this.says.set(this.edits.apply(name, patches) ?? '');
  }
}
