import { ChangeDetectionStrategy, Component, input, signal } from '@angular/core';
import { ReactiveFormsModule, type FormControl } from '@angular/forms';

/** A password: hidden unless it is asked to be shown, and left to whatever keeps passwords for the person. */
@Component({
  selector: 'z-secret-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule],
  template: `<label class="flex flex-col gap-1">
      <span class="caption">{{ label() }}</span>
      <input
        class="write w-full"
        [type]="seen() ? 'text' : 'password'"
        [autocomplete]="fresh() ? 'new-password' : 'current-password'"
        spellcheck="false"
        maxlength="200"
        [formControl]="control()"
      />
    </label>
    <label class="flex min-h-11 cursor-pointer items-center gap-2">
      <input type="checkbox" class="h-5 w-5 accent-chalk" [checked]="seen()" (change)="seen.set(!seen())" />
      <span i18n>Show it</span>
    </label>`,
  host: { class: 'flex flex-col gap-1' },
})
export class SecretField {
  readonly label = input.required<string>();
  readonly control = input.required<FormControl<string>>();
  /** One that is chosen now. */
  readonly fresh = input(false);
  protected readonly seen = signal(false);
}
