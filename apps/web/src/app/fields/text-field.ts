import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import { valueAt } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { jobFeature } from '../store/job/job.reducer';
import { keptText } from '../ui/kept-text';
import { Says } from '../ui/says';
import { Writing } from '../ui/writing';

/** Words of the job: a name on one line, or notes on several. */
@Component({
  selector: 'z-text-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, Says],
  template: `<div class="flex min-w-0 flex-col gap-1">
    <label class="caption" [class.sr-only]="hideLabel()" [for]="id()">{{ label() }}</label>
    @if (lines() > 1) {
      <textarea
        class="write w-full min-w-0 py-2"
        maxlength="20000"
        [rows]="lines()"
        [id]="id()"
        [attr.data-path]="path()"
        [attr.placeholder]="placeholder() || null"
        [readOnly]="!edits.open()"
        [formControl]="control"
        (change)="take()"
        (focus)="writing.entered(written)"
        (blur)="writing.left(written)"
        (keydown.escape)="written.settle()"
      ></textarea>
    } @else {
      <input
        class="write w-full min-w-0"
        type="text"
        autocomplete="off"
        maxlength="200"
        [id]="id()"
        [attr.data-path]="path()"
        [attr.placeholder]="placeholder() || null"
        [readOnly]="!edits.open()"
        [formControl]="control"
        (change)="take()"
        (focus)="writing.entered(written)"
        (blur)="writing.left(written)"
        (keydown.escape)="written.settle()"
      />
    }
    <z-says [text]="says()" />
  </div>`,
})
export class TextField {
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  /** What the edit is called in undo, where the label alone would not tell. */
  readonly name = input<string>();
  readonly hideLabel = input(false);
  readonly placeholder = input('');
  /** More than one line is a place for notes. */
  readonly lines = input(1);
  /** An empty text takes the field out of the job. */
  readonly optional = input(false);
  protected readonly writing = inject(Writing);
  protected readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly id = computed(() => `text-${this.path().replace(/[^A-Za-z0-9]+/g, '-')}`);
  private readonly kept = computed(() => String(valueAt(this.document(), this.path()) ?? ''));

  private readonly field = keptText(this.kept);
  protected readonly control = this.field.control;
  protected readonly says = this.field.says;
  protected readonly written = this.field.written;

  protected take(): void {
    const text = this.control.value.trim();
    const value = text === '' && this.optional() ? undefined : text;
    this.says.set(this.edits.apply(this.name() ?? this.label().toLowerCase(), [{ path: this.path(), value }]) ?? '');
  }
}
