import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt, type Patch } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { jobFeature } from '../store/job/job.reducer';
import { Says } from '../ui/says';

export interface Option {
  readonly value: string;
  readonly label: string;
}

/** An answer that is not a text: a count, or nothing said. */
export interface AnyOption {
  readonly value: string | number | boolean | undefined;
  readonly label: string;
}

let choices = 0;

/** One of a few, all in sight: a row of buttons that write one field of the job. */
@Component({
  selector: 'z-choice',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says],
  template: `<fieldset class="flex flex-col gap-1">
    <legend class="caption mb-1">{{ label() }}</legend>
    <div class="inline-flex flex-wrap gap-1">
      @for (option of options(); track option.label) {
        <label
          class="press relative cursor-pointer has-[:focus-visible]:outline-2 has-[:focus-visible]:outline-chalk"
          [class.press-main]="option.value === value()"
        >
          <input
            class="sr-only"
            type="radio"
            [name]="group"
            [attr.data-path]="path()"
            [disabled]="!edits.open()"
            [checked]="option.value === value()"
            (change)="choose(option)"
          />
          {{ option.label }}
        </label>
      }
    </div>
    <z-says [text]="says()" />
  </fieldset>`,
})
export class Choice {
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  readonly options = input.required<readonly AnyOption[]>();
  /** What holds where the job says nothing. */
  readonly fallback = input<AnyOption['value']>();
  /** What the edit is called in undo, where the label alone would not tell. */
  readonly name = input<string>();
  /** Changes that go with a choice. */
  readonly along = input<(value: string) => readonly Patch[]>(() => []);
  protected readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly group = `choice-${(choices += 1)}`;
  protected readonly value = computed(() => valueAt(this.document(), this.path()) ?? this.fallback());

  protected choose({ value, label }: AnyOption): void {
    const name = `${(this.name() ?? this.label()).toLowerCase()}: ${label.toLowerCase()}`;
    this.says.set(this.edits.apply(name, [{ path: this.path(), value }, ...this.along()(String(value))]) ?? '');
  }
}
