import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt, type Patch } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { jobFeature } from '../store/job/job.reducer';
import type { Option } from './choice';

/** One of many: a list that writes one field of the job. An empty value takes the field out. */
@Component({
  selector: 'z-pick',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<div class="flex flex-col gap-1">
    <label class="caption" [for]="id()">{{ label() }}</label>
    <select class="write w-full" [id]="id()" [attr.data-path]="path()" (change)="choose($any($event.target).value)">
      @for (option of options(); track option.value) {
        <option [value]="option.value" [selected]="option.value === value()">{{ option.label }}</option>
      }
    </select>
    @if (says()) {
      <span class="text-sm font-medium text-lead" role="alert">{{ says() }}</span>
    }
  </div>`,
})
export class Pick {
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  readonly options = input.required<readonly Option[]>();
  /** What holds where the job says nothing. */
  readonly fallback = input('');
  readonly along = input<(value: string) => readonly Patch[]>(() => []);
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly id = computed(() => `pick-${this.path().replace(/[^A-Za-z0-9]+/g, '-')}`);
  protected readonly value = computed(() => valueAt(this.document(), this.path()) ?? this.fallback());

  protected choose(value: string): void {
    const chosen = this.options().find((option) => option.value === value);
    const name = `${this.label().toLowerCase()}: ${(chosen?.label ?? value).toLowerCase()}`;
    const patch = { path: this.path(), value: value === '' ? undefined : value };
    this.says.set(this.edits.apply(name, [patch, ...this.along()(value)]) ?? '');
  }
}
