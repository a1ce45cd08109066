import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { BankPlan } from '@zabble/core';
import { Choice } from '../../fields/choice';
import { LengthField } from '../../fields/length-field';

/** Where the slide sits on the box, how far back, and in which order the slides are hung. */
@Component({
  selector: 'z-hanging',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Choice, LengthField],
  template: `<section class="flex flex-wrap items-start gap-x-6 gap-y-3" aria-label="Where the slides sit">
    @if (onSide()) {
      <z-choice [path]="path() + '.rise'" label="Slide up the box" [options]="rises" fallback="half" />
      <z-length-field
        [path]="path() + '.rise'"
        label="or by hand"
        name="rise of the slide"
        [narrow]="true"
        [optional]="true"
        placeholder="by share"
      />
    }
    <z-length-field
      [path]="path() + '.setback'"
      label="Set-back as marked"
      name="set-back"
      [narrow]="true"
      [optional]="true"
      placeholder="by the slide"
    />
    <z-choice [path]="path() + '.order'" label="Hung with spacers" [options]="orders" fallback="top-first" />
  </section>`,
})
export class Hanging {
  readonly bank = input.required<BankPlan>();
  protected readonly path = computed(() => `${this.bank().path}.mounting`);
  protected readonly onSide = computed(() => this.bank().drawers.some(({ family }) => family.seat === 'side'));
  protected readonly rises = [
    { value: 'half', label: 'Half way' },
    { value: 'third', label: 'A third' },
  ];
  protected readonly orders = [
    { value: 'top-first', label: 'Top first' },
    { value: 'bottom-up', label: 'Bottom up' },
  ];
}
