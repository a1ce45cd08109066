import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal, untracked } from '@angular/core';
import { FormControl, ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import { isListed, SPECIES, speciesOf, valueAt } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { Says } from '../../ui/says';
import { speciesWords } from './species-words';

/** The wood of a material: by its name, from the table; one nobody knows is answered with the nearest names. */
@Component({
  selector: 'z-species-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, Says],
  template: `<div class="flex flex-col gap-1">
    <label i18n class="caption" [for]="id()">Species</label>
    <input
      class="write w-full"
      type="text"
      autocomplete="off"
      maxlength="200"
      list="species-names"
      placeholder="not said: a careful figure"
      i18n-placeholder
      [id]="id()"
      [attr.data-path]="path()"
      [attr.aria-invalid]="says() !== ''"
      [formControl]="control"
      (change)="take()"
    />
    <datalist id="species-names">
      @for (each of all; track each.id) {
        <option [value]="each.name"></option>
      }
    </datalist>
    <z-says [text]="says()" />
    <p class="caption">{{ words() }}</p>
  </div>`,
})
export class SpeciesField {
  readonly path = input.required<string>();
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly all = SPECIES;
  protected readonly control = new FormControl('', { nonNullable: true });
  protected readonly says = signal('');
  protected readonly id = computed(() => `species-${this.path().replace(/[^A-Za-z0-9]+/g, '-')}`);
  private readonly kept = computed(() => {
    const written = valueAt(this.document(), this.path());
    return typeof written === 'string' ? speciesOf(written) : undefined;
  });
  protected readonly words = computed(() => speciesWords(this.kept(), this.document()?.unit ?? 'mm'));

  constructor() {
    effect(() => {
      const name = this.kept()?.name ?? '';
      untracked(() => this.control.setValue(name));
    });
  }

  /** What is not in the table stays as written, with a sentence. */
  protected take(): void {
    const text = this.control.value.trim();
    const value = text === '' ? undefined : isListed(text) ? speciesOf(text).id : text;
    this.says.set(this.edits.apply('species', [{ path: this.path(), value }]) ?? '');
  }
}
