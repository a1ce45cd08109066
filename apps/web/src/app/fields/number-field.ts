import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import { asTold, fromTold, unitOf, valueAt, type Quantity } from '@zabble/core';
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
    <span class="caption" [class.sr-only]="hideLabel()">{{ titled() }}</span>
    <input
      class="write"
      [class.w-24]="!narrow()"
      [class.w-16]="narrow()"
      type="text"
      inputmode="decimal"
      autocomplete="off"
      [attr.data-path]="path()"
      [attr.placeholder]="unwritten() || null"
      [attr.aria-invalid]="says() !== ''"
      [readOnly]="!edits.open()"
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
  /** What is measured, where it has a unit: the file holds it in metric ones, the job's people tell it in theirs. */
  readonly measures = input<Quantity>();
  /** An empty field takes the number out of the job. */
  readonly optional = input(false);
  protected readonly writing = inject(Writing);
  protected readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  private readonly unit = computed(() => this.document()?.unit ?? 'mm');
  protected readonly titled = computed(() => {
    const measures = this.measures();
    return measures === undefined ? this.label() : `${this.label()}, ${unitOf(measures, this.unit())}`;
  });
  /** The metric value that holds while nothing is written, as it would be told. */
  protected readonly unwritten = computed(() => {
    const [text, measures] = [this.placeholder(), this.measures()];
    const value = Number(text);
    if (measures === undefined || text === '' || !Number.isFinite(value)) return text;
    return plainNumber(asTold(value, measures, this.unit()));
  });
  private readonly kept = computed(() => {
    const value = valueAt(this.document(), this.path()) as number | undefined;
    const measures = this.measures();
    if (value === undefined || measures === undefined) return String(value ?? '');
    return plainNumber(asTold(value, measures, this.unit()));
  });

  private readonly field = keptText(this.kept);
  protected readonly control = this.field.control;
  protected readonly says = this.field.says;
  protected readonly written = this.field.written;

  protected take(text: string): void {
    const read = readNumber(text, $localize`a plain number is wanted, like 1.25`);
    if (!read.ok) return this.says.set(read.says);
    if (read.value === undefined && !this.optional())
      return this.says.set($localize`Read ${JSON.stringify(text)}\: a plain number is wanted, like 1.25.`);
    const measures = this.measures();
    const value =
      read.value === undefined || measures === undefined ? read.value : fromTold(read.value, measures, this.unit());
    const patch = { path: this.path(), value };
    const refused = this.edits.apply(this.name() ?? this.label().toLowerCase(), [patch]) ?? '';
    this.says.set(refused === '' || value === read.value ? refused : `${this.inFile(text, value)} ${refused}`);
  }

  /** What was written as the file holds it: its limits are in metric units. */
  private inFile(text: string, value: number | undefined): string {
    const measures = this.measures();
    if (value === undefined || measures === undefined) return '';
    const [told, metric] = [unitOf(measures, this.unit()), unitOf(measures, 'mm')];
    return $localize`${text} ${told} is ${plainNumber(value)} ${metric} in the file.`;
  }
}

/** To a hundredth, as it was typed. */
function plainNumber(value: number): string {
  return value.toFixed(2).replace(/\.?0+$/, '');
}
