import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { CORNERS, LAID_FIXINGS, type BankPlan } from '@zabble/core';
import { Pick } from '../../fields/pick';
import { FIXING_NAMES } from '../case/held-by';
import { size, type WayField } from '../case/case-way';
import { WayFields } from '../case/way-fields';

/** Sizes boxes, or one of them, may have of their own: apart from the slide, of stock as it comes, with another back. */
@Component({
  selector: 'z-own-sizes',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Pick, WayFields],
  template: `<z-pick
      [path]="path() + '.fixing'"
      i18n-label
      label="Corners held by"
      i18n-name
      name="{{ title() }}: corners held by"
      [options]="fixings"
    />
    <z-way-fields [path]="path()" [title]="title()" [fields]="fields()" />`,
  host: { class: 'flex flex-col gap-2' },
})
export class OwnSizes {
  /** Path of the box in the job. */
  readonly path = input.required<string>();
  readonly title = input.required<string>();
  /** The corners that hold for it. */
  readonly corner = input.required<BankPlan['bank']['box']['corner']>();
  protected readonly fixings = [
    { value: '', label: $localize`what goes with the joint` },
    ...LAID_FIXINGS.map((value) => ({ value, label: FIXING_NAMES[value] })),
  ];
  protected readonly fields = computed((): readonly WayField[] => {
    const { joint, back } = this.corner();
    const inward = (of: keyof typeof CORNERS | undefined): boolean => of !== undefined && CORNERS[of].inward === true;
    return [
      size('length', $localize`Length of the box`, $localize`by the slide`),
      { kind: 'lengths', name: 'heights', label: $localize`Heights the stock comes in` },
      size('backHeight', $localize`Height of the back`, $localize`as the sides`),
      ...(inward(joint) ? [size('corner.short', $localize`Front in from the sides’ ends`, '0')] : []),
      ...(inward(back?.joint) ? [size('corner.back.short', $localize`Back in from the sides’ ends`, '0')] : []),
    ];
  });
}
