import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';

/** How many times its neighbour above each front is. */
@Component({
  selector: 'z-ratio-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<label class="flex flex-col gap-1">
    <span class="caption">Each is so many times the one above</span>
    <input
      class="write w-24"
      type="text"
      inputmode="decimal"
      [attr.data-path]="path()"
      [attr.aria-invalid]="says() !== ''"
      [value]="value()"
      (change)="take($any($event.target).value)"
    />
    @if (says()) {
      <span class="max-w-72 text-sm font-medium text-lead" role="alert">{{ says() }}</span>
    }
  </label>`,
})
export class RatioField {
  readonly path = input.required<string>();
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly value = computed(() => String(valueAt(this.document(), this.path()) ?? ''));

  protected take(text: string): void {
    const number = /^\s*\d+(?:[.,]\d+)?\s*$/.test(text) ? Number(text.trim().replace(',', '.')) : NaN;
    if (Number.isNaN(number)) {
      this.says.set(`Read ${JSON.stringify(text)}: a plain number is wanted, like 1.25.`);
      return;
    }
    this.says.set(this.edits.apply('ratio', [{ path: this.path(), value: number }]) ?? '');
  }
}
