import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Patch } from '@zabble/core';
import { jobFeature } from '../../store/job/job.reducer';
import { unitPatches } from '../../store/job/unit-patches';
import { Choice } from '../../fields/choice';
import { Pick } from '../../fields/pick';
import { TextField } from '../../fields/text-field';
import { JobCommands } from '../job-commands';
import { MaterialsState } from '../materials/materials-state';

const STEPS = {
  in: ['1/16 in', '1/32 in', '1/64 in'],
  mm: ['1 mm', '0.5 mm', '0.1 mm'],
} as const;

/** Whose job it is, in which unit it is written, and what is to be remembered. */
@Component({
  selector: 'z-job-details',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Choice, Pick, TextField],
  template: `<section class="grid grid-cols-2 gap-x-8 gap-y-4 max-sm:grid-cols-1" i18n-aria-label aria-label="The job">
    <z-text-field
      class="col-span-full"
      path="customer"
      i18n-label
      label="Customer"
      [optional]="true"
      i18n-placeholder
      placeholder="nobody yet"
    />
    <z-choice path="unit" i18n-label label="Lengths in" [options]="units" [along]="alongUnit" />
    <z-pick path="step" i18n-label label="Shown to the nearest" [options]="steps()" [fallback]="usual()" />
    <z-text-field
      class="col-span-full"
      path="notes"
      i18n-label
      label="Notes"
      [lines]="2"
      [optional]="true"
      i18n-placeholder
      placeholder="nothing noted yet"
    />
    <div class="flex flex-wrap gap-2 col-span-full">
      <button i18n type="button" class="press" (click)="materials.open()">Materials</button>
      <button i18n type="button" class="press" (click)="job.duplicate()">Duplicate this job</button>
      <button i18n type="button" class="press" (click)="job.download()">Download its file</button>
      <button i18n type="button" class="press" (click)="job.versions()">How it stood before</button>
    </div>
  </section>`,
})
export class JobDetails {
  protected readonly job = inject(JobCommands);
  protected readonly materials = inject(MaterialsState);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly units = [
    { value: 'in', label: $localize`Inches` },
    { value: 'mm', label: $localize`Millimetres` },
  ];
  private readonly unit = computed(() => this.document()?.unit ?? 'mm');
  protected readonly usual = computed(() => STEPS[this.unit()][1]);
  protected readonly steps = computed(() => {
    const usual: readonly string[] = STEPS[this.unit()];
    const own = this.document()?.step;
    const all = own === undefined || usual.includes(own) ? usual : [...usual, own];
    return all.map((value) => ({ value, label: value }));
  });
  protected readonly alongUnit = (unit: string): readonly Patch[] => {
    const document = this.document();
    return document ? unitPatches(document, unit === 'in' ? 'in' : 'mm') : [];
  };
}
