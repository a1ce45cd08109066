import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { CORNERS, type BankPlan } from '@zabble/core';
import type { WayField } from '../case/case-way';
import { WayFields } from '../case/way-fields';

/** Sizes a box may have of its own: apart from its slide, of stock as it comes, with another back. */
@Component({
  selector: 'z-own-sizes',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [WayFields],
  template: `<z-way-fields [path]="bank().path + '.box'" i18n-title title="boxes" [fields]="fields()" />`,
  host: { class: 'block' },
})
export class OwnSizes {
  readonly bank = input.required<BankPlan>();
  protected readonly fields = computed((): readonly WayField[] => {
    const { corner } = this.bank().bank.box;
    const inward = (joint: keyof typeof CORNERS | undefined): boolean =>
      joint !== undefined && CORNERS[joint].inward === true;
    const size = (name: string, label: string, placeholder: string): WayField => ({
      ...{ kind: 'length', name, label, placeholder, optional: true },
    });
    return [
      size('length', $localize`Length of boxes`, $localize`by the slide`),
      { kind: 'lengths', name: 'heights', label: $localize`Heights the stock comes in` },
      size('backHeight', $localize`Height of backs`, $localize`as the sides`),
      ...(inward(corner.joint) ? [size('corner.short', $localize`Front in from the sides’ ends`, '0')] : []),
      ...(inward(corner.back?.joint) ? [size('corner.back.short', $localize`Back in from the sides’ ends`, '0')] : []),
    ];
  });
}
