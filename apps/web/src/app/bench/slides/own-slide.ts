import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { slideTable, writeExact, type BankPlan } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectJob } from '../../store/job/job.selectors';
import { LengthField } from '../../ui/length-field';
import { NumberField } from '../../ui/number-field';
import { TextField } from '../../ui/text-field';
import { Says } from '../../ui/says';
import { withRow } from './own-row';

/** Figures a sheet gives as lengths; those the family does not use are left out. */
const LENGTHS = [
  ['side', 'Each side'],
  ['insideDeduction', 'Opening less inside'],
  ['narrowBy', 'Narrower by'],
  ['parallel', 'Case true to'],
  ['maxSide', 'Sides up to'],
  ['top', 'Clear above'],
  ['bottom', 'Clear below'],
  ['recess', 'Bottom raised'],
  ['profile', 'Its own height'],
  ['setback', 'Set-back'],
  ['minBox', 'Lowest box'],
  ['maxWidth', 'Widest'],
] as const;

/** A slide of one's own: the row in use copied, and its figures written over from the sheet that came with it. */
@Component({
  selector: 'z-own-slide',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [LengthField, NumberField, Says, TextField],
  template: `<section class="flex flex-col gap-3 border-t border-line pt-4" aria-label="From its sheet">
    <h3 class="text-lg font-semibold">From its sheet</h3>
    @if (row(); as own) {
      <z-text-field class="w-80 max-sm:w-full" [path]="own.path + '.name'" label="Name of this slide" />
      <div class="flex flex-wrap items-start gap-3">
        @for (each of figures(); track each.figure) {
          <z-length-field [path]="own.path + '.' + each.figure" [label]="each.label" [narrow]="true" />
        }
        <z-number-field [path]="own.path + '.load_kg'" label="Carries, kg" />
        <z-number-field [path]="own.path + '.price'" label="A pair costs" />
      </div>
    } @else {
      <p class="caption">The slide in hand has its own figures: copy this row and write them over.</p>
      <div><button type="button" class="press" (click)="copy()">Write a row from its sheet</button></div>
    }
    <z-says [text]="says()" />
  </section>`,
})
export class OwnSlide {
  readonly bank = input.required<BankPlan>();
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly job = this.store.selectSignal(selectJob);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  private readonly family = computed(() => {
    const job = this.job();
    return job && slideTable(job).get(this.bank().bank.slide.family);
  });
  protected readonly row = computed(() => {
    const index = (this.job()?.slides ?? []).findIndex(({ id }) => id === this.bank().bank.slide.family);
    return index < 0 ? undefined : { path: `slides[${index}]` };
  });
  protected readonly figures = computed(() => {
    const family = this.family();
    return LENGTHS.flatMap(([figure, label]) => (family?.[figure] === undefined ? [] : { figure, label }));
  });

  /** The row in use under a name of its own, every figure written out, and taken for this bank. */
  protected copy(): void {
    const [document, family] = [this.document(), this.family()];
    if (!document || !family) return;
    const figures = Object.fromEntries(
      LENGTHS.flatMap(([figure]) => {
        const size = family[figure];
        return size === undefined ? [] : [[figure, writeExact(size, document.unit)]];
      }),
    );
    const { id: like, load_kg, price, name } = family;
    const row = { id: like, like, name: `${name}, from its sheet`, ...figures, load_kg, price };
    const { id, patch } = withRow(document, row);
    const used = { path: `${this.bank().path}.slide.family`, value: id };
    this.says.set(this.edits.apply('a row from its sheet', [patch, used]) ?? '');
  }
}
