import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { BankPlan } from '@zabble/core';
import type { WayField } from '../case/case-way';
import { WayFields } from '../case/way-fields';

const REVEALS: readonly WayField[] = (
  [
    ['top', $localize`Seen above`],
    ['bottom', $localize`Seen below`],
    ['left', $localize`Seen at the left`],
    ['right', $localize`Seen at the right`],
  ] as const
).map(([edge, label]) => ({
  ...{ kind: 'length', name: `front.reveals.${edge}`, label, optional: true, placeholder: $localize`by the lap` },
}));

const OWN: WayField = { kind: 'yes', name: 'front.asBox', label: $localize`It is the box’s own front` };

const HELD: WayField = {
  ...{ kind: 'choice', name: 'mounting.holding', label: $localize`Held while it is fixed`, fallback: undefined },
  options: [
    { value: undefined, label: $localize`as usual` },
    { value: 'pull-bores', label: $localize`screws through the pull’s bores` },
    { value: 'pins', label: $localize`pins` },
    { value: 'tape', label: $localize`tape on both sides` },
    { value: 'clamps', label: $localize`clamps, bored from inside` },
    { value: 'wedges', label: $localize`wedges all round, then brads` },
    { value: 'drop-of-glue', label: $localize`a drop of quick glue` },
    { value: 'wide-holes', label: $localize`wide holes and washers` },
  ],
};

/** Of a pull-out that stands on the floor and carries its door on brackets. */
const BRACKETS: readonly WayField[] = [
  { kind: 'lengths', name: 'front.brackets.up', label: $localize`Bracket holes over the opening’s floor` },
  {
    ...{ kind: 'length', name: 'front.brackets.in', label: $localize`In from the box’s sides` },
    ...{ optional: true, placeholder: '0' },
  },
];

/** Ways fronts are made and put on: a box’s own, by what is seen of the case beside them, held by this or that. */
@Component({
  selector: 'z-front-ways',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [WayFields],
  template: `<z-way-fields [path]="bank().path" i18n-title title="fronts" [fields]="fields()" />`,
  host: { class: 'block border-t border-line pt-4' },
})
export class FrontWays {
  readonly bank = input.required<BankPlan>();
  protected readonly fields = computed((): readonly WayField[] => {
    const { front, compartment } = this.bank().bank;
    const seen = front.mount === 'overlay' && compartment !== undefined ? REVEALS : [];
    const onFloor = this.bank().drawers.some(({ family }) => family.onFloor === true);
    const onBrackets = front.brackets !== undefined || (front.mount !== 'none' && onFloor);
    return [OWN, HELD, ...seen, ...(onBrackets ? BRACKETS : [])];
  });
}
