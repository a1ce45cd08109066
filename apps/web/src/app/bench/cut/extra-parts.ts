import { newId } from '../../server-api/new-id';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt, type ExtraPartOf, type Patch } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { Choice } from '../../fields/choice';
import { LengthField } from '../../fields/length-field';
import { NumberField } from '../../fields/number-field';
import { Says } from '../../ui/says';
import { TextField } from '../../fields/text-field';
import { MaterialPick } from '../materials/material-pick';

/** Parts besides the drawers’, from a list or typed: each can be made over or taken away, and one more typed. */
@Component({
  selector: 'z-extra-parts',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Choice, LengthField, MaterialPick, NumberField, Says, TextField],
  template: `<section
    class="flex flex-col gap-2 border-t border-line pt-3"
    i18n-aria-label
    aria-label="Other parts of this job"
  >
    <div class="flex flex-wrap items-center gap-3">
      <h3 i18n class="mr-auto text-lg font-semibold">Other parts of this job</h3>
      @if (parts().length > 1) {
        <button i18n type="button" class="press" (click)="clear()">Take all {{ parts().length }} away</button>
      }
      <button i18n type="button" class="press" (click)="add()">+ One part</button>
    </div>
    @for (part of parts(); track part.id; let i = $index) {
      <div
        class="flex flex-wrap items-start gap-x-3 gap-y-1 border-b border-line pb-2"
        role="group"
        [attr.aria-label]="part.name"
      >
        <z-text-field
          class="min-w-36 flex-1"
          [path]="path(i) + '.name'"
          i18n-label
          label="Part"
          i18n-name
          name="name of {{ part.name }}"
        />
        <z-length-field
          [path]="path(i) + '.length'"
          i18n-label
          label="Long"
          i18n-name
          name="{{ part.name }}, long"
          [narrow]="true"
        />
        <z-length-field
          [path]="path(i) + '.width'"
          i18n-label
          label="Wide"
          i18n-name
          name="{{ part.name }}, wide"
          [narrow]="true"
        />
        <z-number-field
          [path]="path(i) + '.count'"
          i18n-label
          label="Count"
          i18n-name
          name="{{ part.name }}, count"
          [narrow]="true"
        />
        <z-material-pick
          class="w-56"
          [path]="path(i) + '.material'"
          i18n-label
          label="Of"
          i18n-name
          name="material of {{ part.name }}"
        />
        <z-choice
          [path]="path(i) + '.mayTurn'"
          i18n-label
          label="On the sheet"
          i18n-name
          name="{{ part.name }} on the sheet"
          [options]="turns"
        />
        <button
          type="button"
          class="mt-6 min-h-11 min-w-11 rounded text-soft hover:text-lead"
          i18n-ariaLabel
          ariaLabel="Take away {{ part.name }}"
          (click)="remove(i, part.name)"
        >
          ×
        </button>
      </div>
    } @empty {
      <p i18n class="caption">None yet. Type one, or take a list from a file below.</p>
    }
    <z-says [text]="says()" />
  </section>`,
})
export class ExtraParts {
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly turns = [
    { value: undefined, label: $localize`by its grain` },
    { value: true, label: $localize`either way` },
    { value: false, label: $localize`along it` },
  ];
  protected readonly parts = computed(
    () => (valueAt(this.document(), 'cutting.extra') ?? []) as readonly ExtraPartOf<string>[],
  );

  protected path(index: number): string {
    return `cutting.extra[${index}]`;
  }

  protected add(): void {
    const material = this.document()?.materials[0]?.id;
    if (material === undefined) return;
    const value = {
      id: newId().slice(0, 8),
      name: $localize`part ${this.parts().length + 1}`,
      material,
      length: this.edits.usual('12 in', '300 mm'),
      width: this.edits.usual('4 in', '100 mm'),
      count: 1,
    };
    const at = this.parts().length;
    this.take($localize`one part`, [{ path: 'cutting.extra', value: [...this.parts(), value] }]);
    requestAnimationFrame(() =>
      document.querySelector<HTMLInputElement>(`[data-path="cutting.extra[${at}].name"]`)?.select(),
    );
  }

  protected remove(index: number, name: string): void {
    const left = this.parts().filter((_, place) => place !== index);
    this.take($localize`take away ${name}`, [{ path: 'cutting.extra', value: left.length === 0 ? undefined : left }]);
  }

  protected clear(): void {
    this.take($localize`take all other parts away`, [{ path: 'cutting.extra', value: undefined }]);
  }

  private take(name: string, patches: readonly Patch[]): void {
    this.says.set(this.edits.apply(name, patches) ?? '');
  }
}
