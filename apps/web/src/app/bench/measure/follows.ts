import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { OPENING_SIZES, valueAt, writeExact, type BankPlan } from '@zabble/core';
import { Figure } from '../../fields/figure';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { Says } from '../../ui/says';
import { SIZE_NAMES } from '../../words/place-names';

/** A planned bank in a compartment: what it stands in follows from its case, until that stands and is measured. */
@Component({
  selector: 'z-follows',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Figure, Says],
  template: `<div class="flex flex-col items-start gap-4">
    <p i18n class="max-w-prose">
      These sizes follow from the case: this bank stands in its compartment “{{ bank().bank.compartment }}”. Once the
      case stands, measure it there.
    </p>
    <dl class="flex flex-wrap gap-x-8 gap-y-2" i18n-aria-label aria-label="The opening as planned">
      @for (size of sizes; track size) {
        <div class="flex items-center gap-2">
          <dt class="caption">{{ names[size] }}</dt>
          <dd><z-figure [asked]="{ kind: 'dimension', dimension: 'opening.' + size }" [label]="names[size]" /></dd>
        </div>
      }
    </dl>
    <button i18n type="button" class="press press-main" (click)="measured()">The case stands: measure it</button>
    <z-says [text]="says()" />
  </div>`,
})
export class Follows {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly sizes = OPENING_SIZES;
  protected readonly names = SIZE_NAMES;
  protected readonly says = signal('');

  /** The planned sizes are the first readings, to be written over by what the tape says. */
  protected measured(): void {
    const { path, opening } = this.bank();
    const written = valueAt(this.document(), `${path}.opening`);
    const planned = Object.fromEntries(
      OPENING_SIZES.map((size) => [size, [writeExact(opening[size].total, this.showing()?.unit ?? 'mm')]]),
    );
    this.says.set(
      this.edits.apply($localize`the case stands`, [
        ...(written === undefined ? [{ path: `${path}.opening`, value: planned }] : []),
        { path: `${path}.basis`, value: 'as-built' },
      ]) ?? '',
    );
  }
}
