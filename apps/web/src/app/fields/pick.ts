import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import { valueAt, type Patch } from '@zabble/core';
import { JobEdits } from '../store/job/job-edits';
import { jobFeature } from '../store/job/job.reducer';
import type { Option } from './choice';
import { Says } from '../ui/says';

/** No id holds a line break. */
const OTHER = '\n';

/** One of many: a list that writes one field of the job. An empty value takes the field out. */
@Component({
  selector: 'z-pick',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, Says],
  template: `<div class="flex flex-col gap-1">
    <label class="caption" [class.sr-only]="hideLabel()" [for]="id()">{{ label() }}</label>
    <select class="write w-full" [id]="id()" [attr.data-path]="path()" [formControl]="control" (change)="choose()">
      @for (option of options(); track option.value) {
        <option [value]="option.value">{{ option.label }}</option>
      }
      @if (more(); as other) {
        <option [value]="OTHER">{{ other.label }}</option>
      }
    </select>
    <z-says [text]="says()" />
  </div>`,
})
export class Pick {
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  /** What the edit is called in undo, where the label alone would not tell. */
  readonly name = input<string>();
  readonly hideLabel = input(false);
  readonly options = input.required<readonly Option[]>();
  /** What holds where the job says nothing. */
  readonly fallback = input('');
  /** Something else than these, to be made there and then. */
  readonly more = input<{ readonly label: string; readonly run: () => void }>();
  /** A chosen text as the job writes it, and back; as it is where nothing else is said. */
  readonly written = input<(value: string) => unknown>((value) => value);
  readonly read = input<(value: unknown) => string>(String);
  readonly along = input<(value: string) => readonly Patch[]>(() => []);
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly control = new FormControl('', { nonNullable: true });
  protected readonly OTHER = OTHER;
  protected readonly says = signal('');
  protected readonly id = computed(() => `pick-${this.path().replace(/[^A-Za-z0-9]+/g, '-')}`);
  private readonly kept = computed(() => {
    const value = valueAt(this.document(), this.path());
    return value === undefined ? this.fallback() : this.read()(value);
  });

  /** The list only when what it offers is another: it is worked out anew with every frame of a drag. */
  private readonly offered = computed(() => this.options(), {
    equal: (a, b) =>
      a.length === b.length && a.every(({ value, label }, i) => value === b[i]?.value && label === b[i]?.label),
  });

  constructor() {
    effect(() => {
      if (this.edits.open()) this.control.enable({ emitEvent: false });
      else this.control.disable({ emitEvent: false });
    });
    effect(() => {
      const kept = this.kept();
      this.offered();
      untracked(() => this.control.setValue(kept));
    });
  }

  /** What is refused goes back to what holds. */
  protected choose(): void {
    const value = this.control.value;
    if (value === OTHER) {
      this.control.setValue(this.kept());
      this.more()?.run();
      return;
    }
    const chosen = this.options().find((option) => option.value === value);
    const name = `${(this.name() ?? this.label()).toLowerCase()}: ${(chosen?.label ?? value).toLowerCase()}`;
    const patch = { path: this.path(), value: value === '' ? undefined : this.written()(value) };
    const refused = this.edits.apply(name, [patch, ...this.along()(value)]);
    this.says.set(refused ?? '');
    if (refused !== undefined) this.control.setValue(this.kept());
  }
}
