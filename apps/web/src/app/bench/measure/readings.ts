import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt, writeExact, type BankPlan } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { selectShowing } from '../../store/job/job.selectors';
import { Figure } from '../../ui/figure';
import { LengthField } from '../../ui/length-field';
import { Says } from '../../ui/says';

/** The readings of one size of the opening, and the one that governs. */
@Component({
  selector: 'z-readings',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Figure, LengthField, Says],
  template: `<div
    class="grid grid-cols-[5.5rem_1fr_auto] items-start gap-x-3 border-b border-line py-2.5 max-sm:grid-cols-1"
  >
    <h3 class="flex min-h-11 items-center text-lg font-semibold">{{ label() }}</h3>
    <ul class="flex flex-wrap items-start gap-2">
      @for (reading of readings(); track $index; let i = $index, last = $last) {
        <li class="flex items-start">
          <z-length-field
            [path]="path() + '[' + i + ']'"
            [label]="label() + ', reading ' + (i + 1)"
            [hideLabel]="true"
            [narrow]="true"
          />
          @if (readings().length > 1) {
            <button
              type="button"
              class="min-h-11 min-w-11 rounded text-soft hover:text-lead"
              [attr.aria-label]="'Take away ' + label().toLowerCase() + ' reading ' + (i + 1)"
              (click)="remove(i)"
            >
              ×
            </button>
          }
        </li>
      }
      <li>
        <button
          type="button"
          class="press"
          (click)="add()"
          [attr.aria-label]="'Another ' + label().toLowerCase() + ' reading'"
        >
          + reading
        </button>
      </li>
    </ul>
    <div class="flex min-h-11 items-center gap-1 text-right max-sm:justify-start">
      <span class="caption">{{ readings().length > 1 ? 'least governs' : 'governs' }}</span>
      <span class="text-2xl"><z-figure [asked]="asked()" [label]="label() + ' that governs'" round="down" /></span>
    </div>
    <z-says [text]="says()" />
  </div>`,
})
export class Readings {
  readonly bank = input.required<BankPlan>();
  readonly size = input.required<'width' | 'height' | 'depth'>();
  readonly label = input.required<string>();
  private readonly edits = inject(JobEdits);
  private readonly store = inject(Store);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly showing = this.store.selectSignal(selectShowing);
  protected readonly says = signal('');
  protected readonly path = computed(() => `${this.bank().path}.opening.${this.size()}`);
  protected readonly readings = computed(() => valueAt(this.document(), this.path()) as readonly string[]);
  protected readonly asked = computed(() => ({ kind: 'dimension', dimension: `opening.${this.size()}` }) as const);

  /** A new reading starts from the governing one: it changes nothing until something else is written. */
  protected add(): void {
    const governing = this.bank().opening[this.size()].total;
    const value = writeExact(governing, this.showing()?.unit ?? 'mm');
    const at = `${this.path()}[${this.readings().length}]`;
    this.says.set(this.edits.apply(`another ${this.size()} reading`, [{ path: at, value }]) ?? '');
    requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-path="${at}"]`)?.focus());
  }

  protected remove(index: number): void {
    const patch = { path: `${this.path()}[${index}]`, value: undefined };
    this.says.set(this.edits.apply(`take away ${this.size()} reading ${index + 1}`, [patch]) ?? '');
  }
}
