import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { jobFeature } from '../store/job/job.reducer';
import type { Option } from './choice';
import { Says } from '../ui/says';

/** Any of a few: ticks that write one list of the job. All of them, or none, takes the list out: it goes without saying. */
@Component({
  selector: 'z-many',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says],
  template: `<fieldset class="flex flex-col">
    <legend class="caption">{{ label() }}</legend>
    <div class="flex flex-wrap gap-x-4">
      @for (option of options(); track option.value) {
        <label class="flex min-h-11 cursor-pointer items-center gap-2">
          <input
            class="h-5 w-5 shrink-0 accent-ink"
            type="checkbox"
            [attr.data-path]="path()"
            [disabled]="!edits.open()"
            [checked]="chosen().includes(option.value)"
            (change)="take(option, $event)"
          />
          <span>{{ option.label }}</span>
        </label>
      }
    </div>
    <z-says [text]="says()" />
  </fieldset>`,
})
export class Many {
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  /** What the edit is called in undo, where the label alone would not tell. */
  readonly name = input<string>();
  readonly options = input.required<readonly Option[]>();
  /** What holds where the job says nothing: all of them, unless said otherwise. */
  readonly fallback = input<readonly string[]>();
  protected readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  private readonly usual = computed(() => this.fallback() ?? this.options().map(({ value }) => value));
  protected readonly chosen = computed(
    () => (valueAt(this.document(), this.path()) as readonly string[] | undefined) ?? this.usual(),
  );

  protected take({ value }: Option, event: Event): void {
    const { checked } = event.target as HTMLInputElement;
    const wanted = this.options().flatMap((each) =>
      (each.value === value ? checked : this.chosen().includes(each.value)) ? [each.value] : [],
    );
    const plain = wanted.length === 0 || wanted.join() === this.usual().join();
    const name = (this.name() ?? this.label()).toLowerCase();
    const refused = this.edits.apply(name, [{ path: this.path(), value: plain ? undefined : wanted }]);
    this.says.set(refused ?? '');
    (event.target as HTMLInputElement).checked = this.chosen().includes(value);
  }
}
