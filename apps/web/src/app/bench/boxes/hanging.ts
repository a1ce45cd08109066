import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { BankPlan } from '@zabble/core';
import { Choice } from '../../fields/choice';
import { LengthField } from '../../fields/length-field';

/** Where the slide sits on the box, how far back, and in which order the slides are hung. */
@Component({
  selector: 'z-hanging',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Choice, LengthField],
  template: `<section
    class="flex flex-wrap items-start gap-x-6 gap-y-3"
    i18n-aria-label
    aria-label="Where the slides sit"
  >
    @if (onSide()) {
      <z-choice [path]="path() + '.rise'" i18n-label label="Slide up the box" [options]="rises" fallback="half" />
      <z-length-field
        [path]="path() + '.rise'"
        i18n-label
        label="or by hand"
        i18n-name
        name="rise of the slide"
        [narrow]="true"
        [optional]="true"
        i18n-placeholder
        placeholder="by share"
      />
    }
    <z-length-field
      [path]="path() + '.setback'"
      i18n-label
      label="Set-back as marked"
      i18n-name
      name="set-back"
      [narrow]="true"
      [optional]="true"
      i18n-placeholder
      placeholder="by the slide"
    />
    @if (onSide()) {
      <z-choice [path]="path() + '.hanging'" i18n-label label="Slides set by" [options]="schools" fallback="spacers" />
    }
    <z-choice [path]="path() + '.order'" i18n-label label="Hung with spacers" [options]="orders" fallback="top-first" />
  </section>`,
})
export class Hanging {
  readonly bank = input.required<BankPlan>();
  protected readonly path = computed(() => `${this.bank().path}.mounting`);
  protected readonly onSide = computed(() => this.bank().drawers.some(({ family }) => family.seat === 'side'));
  protected readonly rises = [
    { value: 'half', label: $localize`Half way` },
    { value: 'third', label: $localize`A third` },
  ];
  protected readonly schools = [
    { value: 'spacers', label: $localize`Spacers` },
    { value: 'jig', label: $localize`One jig` },
    { value: 'standing', label: $localize`The box, standing` },
    { value: 'carried', label: $localize`The box, by rule` },
  ];
  protected readonly orders = [
    { value: 'top-first', label: $localize`Top first` },
    { value: 'bottom-up', label: $localize`Bottom up` },
  ];
}
