import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { valueAt } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { Says } from '../../ui/says';
import type { WayField } from './case-way';
import { WayFields } from './way-fields';

/** A list of the job whose entries all have the same fields: each in a line, one more, one less. */
@Component({
  selector: 'z-row-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says, WayFields],
  template: `<div class="flex flex-col gap-2" role="group" [attr.aria-label]="title()">
    @for (_ of rows(); track $index; let i = $index) {
      <div class="flex flex-wrap items-end gap-2 border-b border-line pb-2">
        <z-way-fields [path]="at(i)" [title]="title() + ' ' + (i + 1)" [fields]="fields()" />
        <button
          type="button"
          class="min-h-11 min-w-11 rounded text-soft hover:text-lead"
          i18n-ariaLabel
          ariaLabel="Take away {{ title() }} {{ i + 1 }}"
          (click)="takeAway(i)"
        >
          ×
        </button>
      </div>
    }
    <div>
      <button type="button" class="press" (click)="add()">+ {{ one() }}</button>
    </div>
    <z-says [text]="says()" />
  </div>`,
  host: { class: 'block' },
})
export class RowList {
  /** Path of the list. */
  readonly path = input.required<string>();
  readonly title = input.required<string>();
  /** What one more of them is called. */
  readonly one = input.required<string>();
  readonly fields = input.required<readonly WayField[]>();
  /** What a new entry begins with. */
  readonly fresh = input.required<() => object>();
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly says = signal('');
  protected readonly rows = computed(() => (valueAt(this.document(), this.path()) ?? []) as readonly unknown[]);

  protected at(index: number): string {
    return `${this.path()}[${index}]`;
  }

  protected add(): void {
    this.put(this.one(), [...this.rows(), this.fresh()()]);
  }

  /** The last one takes the list away. */
  protected takeAway(index: number): void {
    const left = this.rows().filter((_, at) => at !== index);
    this.put($localize`take away ${this.title()} ${index + 1}`, left.length > 0 ? left : undefined);
  }

  private put(name: string, value: readonly unknown[] | undefined): void {
    this.says.set(this.edits.apply(name.toLowerCase(), [{ path: this.path(), value }]) ?? '');
  }
}
