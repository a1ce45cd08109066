import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { jobFeature } from '../store/job/job.reducer';
import { Says } from '../ui/says';

/** Yes or no: a tick that writes one field of the job. What goes without saying is not written. */
@Component({
  selector: 'z-toggle',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says],
  template: `<label class="flex min-h-11 cursor-pointer items-center gap-2">
      <input
        class="h-5 w-5 shrink-0 accent-ink"
        type="checkbox"
        [attr.data-path]="path()"
        [disabled]="!edits.open()"
        [checked]="on()"
        (change)="take($event)"
      />
      <span>{{ label() }}</span>
    </label>
    <z-says [text]="says()" />`,
})
export class Toggle {
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  /** What the edit is called in undo, where the label alone would not tell. */
  readonly name = input<string>();
  /** What holds where the job says nothing. */
  readonly fallback = input(false);
  protected readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly on = computed(() => Boolean(valueAt(this.document(), this.path()) ?? this.fallback()));

  protected take(event: Event): void {
    const { checked } = event.target as HTMLInputElement;
    const patch = { path: this.path(), value: checked === this.fallback() ? undefined : checked };
    const name = `${checked ? '' : $localize`not `}${(this.name() ?? this.label()).toLowerCase()}`;
    this.says.set(this.edits.apply(name, [patch]) ?? '');
  }
}
