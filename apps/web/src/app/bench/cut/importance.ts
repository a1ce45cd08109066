import { OfPlan } from '../../fields/of-plan';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';

/** What counts as usual where the job says nothing. */
const USUAL = 0.3;
const WORDS: readonly (readonly [number, string])[] = [
  [0, $localize`not at all`],
  [0.5, $localize`a little`],
  [1.5, $localize`much`],
  [Infinity, $localize`as much as a sheet`],
];

/** How much something counts, from nothing to as much as a sheet. */
@Component({
  selector: 'z-weigh',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [OfPlan],
  template: `<label class="flex flex-col">
    <span class="flex justify-between"
      ><span class="caption">{{ label() }}</span
      ><span class="text-sm font-medium">{{ word() }}</span></span
    >
    <input
      zOfPlan
      class="h-11 w-full accent-ink"
      type="range"
      min="0"
      max="3"
      step="0.1"
      [value]="value()"
      [attr.data-path]="path()"
      [attr.aria-valuetext]="word()"
      (change)="take($event)"
    />
  </label>`,
})
export class Importance {
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly value = computed(() => Number(valueAt(this.document(), this.path()) ?? USUAL));
  protected readonly word = computed(() => WORDS.find(([most]) => this.value() <= most)?.[1] ?? '');

  protected take(event: Event): void {
    const value = Number((event.target as HTMLInputElement).value);
    this.edits.apply(this.label().toLowerCase(), [{ path: this.path(), value }]);
  }
}
