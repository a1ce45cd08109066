import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { jobFeature } from '../store/job/job.reducer';

/** A line of text of the job: a name. */
@Component({
  selector: 'z-text-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<label class="flex min-w-0 flex-col gap-1">
    <span class="caption" [class.sr-only]="hideLabel()">{{ label() }}</span>
    <input
      class="write w-full min-w-0"
      type="text"
      autocomplete="off"
      maxlength="200"
      [attr.data-path]="path()"
      [attr.placeholder]="placeholder() || null"
      [value]="value()"
      (change)="take($any($event.target))"
    />
    @if (says()) {
      <span class="text-sm font-medium text-lead" role="alert">{{ says() }}</span>
    }
  </label>`,
})
export class TextField {
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  readonly hideLabel = input(false);
  readonly placeholder = input('');
  /** An empty text takes the field out of the job. */
  readonly optional = input(false);
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly value = computed(() => String(valueAt(this.document(), this.path()) ?? ''));

  protected take(field: HTMLInputElement): void {
    const text = field.value.trim();
    const value = text === '' && this.optional() ? undefined : text;
    this.says.set(this.edits.apply(this.label().toLowerCase(), [{ path: this.path(), value }]) ?? '');
  }
}
