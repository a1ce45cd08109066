import { ChangeDetectionStrategy, Component, input, model } from '@angular/core';

/** One of a few things, each by its id and its name. */
export interface Choice<T extends string = string> {
  readonly id: T;
  readonly name: string;
}

/** A row of presses of which one is in. */
@Component({
  selector: 'z-choice-row',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<span class="flex flex-wrap gap-1" role="group" [attr.aria-label]="label()">
    @for (each of choices(); track each.id) {
      <button
        type="button"
        class="press"
        [class.press-main]="each.id === chosen()"
        [attr.aria-pressed]="each.id === chosen()"
        (click)="chosen.set(each.id)"
      >
        {{ each.name }}
      </button>
    }
  </span>`,
})
export class ChoiceRow<T extends string> {
  readonly choices = input.required<readonly Choice<T>[]>();
  readonly chosen = model.required<T>();
  readonly label = input.required<string>();
}
