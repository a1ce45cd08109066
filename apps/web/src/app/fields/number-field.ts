import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import { valueAt } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { jobFeature } from '../store/job/job.reducer';
import { readNumber } from '../ui/read-number';
import { keptText } from '../ui/kept-text';
import { Says } from '../ui/says';
import { Writing } from '../ui/writing';

/** A plain number of the job: a count, a weight, a ratio. */
@Component({
  selector: 'z-number-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, Says],
  template: `<label class="flex flex-col gap-1">
    <span class="caption" [class.sr-only]="hideLabel()">{{ label() }}</span>
    <input
      class="write"
      [class.w-24]="!narrow()"
      [class.w-16]="narrow()"
      type="text"
      inputmode="decimal"
      autocomplete="off"
      [attr.data-path]="path()"
      [attr.placeholder]="placeholder() || null"
      [attr.aria-invalid]="says() !== ''"
      [formControl]="control"
      (change)="take(control.value)"
      (focus)="writing.entered(written)"
      (blur)="writing.left(written)"
      (keydown.escape)="written.settle()"
    />
    <z-says [text]="says()" />
  </label>`,
})
export class NumberField {
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  /** What the edit is called in undo, where the label alone would not tell. */
  readonly name = input<string>();
  readonly hideLabel = input(false);
  readonly narrow = input(false);
  readonly placeholder = input('');
  /** An empty field takes the number out of the job. */
  readonly optional = input(false);
  protected readonly writing = inject(Writing);
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  private readonly kept = computed(() => String(valueAt(this.document(), this.path()) ?? ''));

  private readonly field = keptText(this.kept);
  protected readonly control = this.field.control;
  protected readonly says = this.field.says;
  protected readonly written = this.field.written;

  protected take(text: string): void {
    const read = readNumber(text, $localize`a plain number is wanted, like 1.25`);
    if (!read.ok) return this.says.set(read.says);
    if (read.value === undefined && !this.optional())
      return this.says.set($localize`Read ${JSON.stringify(text)}\: a plain number is wanted, like 1.25.`);
    const patch = { path: this.path(), value: read.value };
    this.says.set(this.edits.apply(this.name() ?? this.label().toLowerCase(), [patch]) ?? '');
  }
}
