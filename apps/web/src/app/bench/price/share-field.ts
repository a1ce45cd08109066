import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { ReactiveFormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import { valueAt } from '@zabble/core';
import { JobEdits } from '../../store/job/job-edits';
import { jobFeature } from '../../store/job/job.reducer';
import { keptText } from '../../ui/kept-text';
import { readNumber } from '../../ui/read-number';
import { Says } from '../../ui/says';

/** One way of telling a share: `id` is how it is kept, `begins` what it begins with. */
export interface ShareWay {
  readonly id: string;
  readonly label: string;
  readonly begins: number;
}

/** A share of a price as a job keeps it: how it is told, and how much. */
export interface ShareShape {
  readonly read: (value: unknown) => { readonly way: string; readonly amount: number } | undefined;
  readonly write: (way: string, amount: number) => unknown;
}

let fields = 0;

/** A number with how it is meant, or nothing: then the shop’s own holds. */
@Component({
  selector: 'z-share-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, Says],
  template: `<div class="flex flex-col gap-1" role="group" [attr.aria-label]="label()">
    <label class="caption" [for]="id">{{ label() }}</label>
    <div class="flex gap-2">
      @if (now(); as share) {
        <input
          class="write w-20 text-right"
          type="text"
          inputmode="decimal"
          autocomplete="off"
          [attr.aria-label]="label() + ', ' + unit(share.way)"
          [attr.data-path]="path()"
          [formControl]="control"
          (change)="take(control.value)"
          (keydown.escape)="field.written.settle()"
        />
      }
      <select
        class="write min-w-0 flex-1"
        [id]="id"
        [value]="now()?.way ?? ''"
        (change)="choose($any($event.target).value)"
      >
        <option value="">{{ none() }}</option>
        @for (way of ways(); track way.id) {
          <option [value]="way.id" [selected]="way.id === now()?.way">{{ way.label }}</option>
        }
      </select>
    </div>
    <z-says [text]="says()" />
  </div>`,
})
export class ShareField {
  readonly path = input.required<string>();
  readonly label = input.required<string>();
  readonly ways = input.required<readonly ShareWay[]>();
  readonly shape = input.required<ShareShape>();
  readonly none = input.required<string>();
  protected readonly id = `share-${(fields += 1)}`;
  private readonly edits = inject(JobEdits);
  private readonly document = inject(Store).selectSignal(jobFeature.selectDocument);
  protected readonly now = computed(() => this.shape().read(valueAt(this.document(), this.path())));
  protected readonly field = keptText(computed(() => String(this.now()?.amount ?? '')));
  protected readonly control = this.field.control;
  protected readonly says = signal('');

  protected unit(way: string): string {
    return this.ways().find(({ id }) => id === way)?.label ?? '';
  }

  protected choose(way: string): void {
    const begins = this.ways().find(({ id }) => id === way)?.begins;
    this.put(begins === undefined ? undefined : this.shape().write(way, this.now()?.amount ?? begins));
  }

  protected take(text: string): void {
    const wanted = $localize`a number is wanted, as 20 or 7.5`;
    const read = readNumber(text, wanted);
    const way = this.now()?.way;
    if (!read.ok || way === undefined) return this.says.set(read.ok ? '' : read.says);
    this.put(read.value === undefined ? undefined : this.shape().write(way, read.value));
  }

  private put(value: unknown): void {
    this.says.set(this.edits.apply(this.label().toLowerCase(), [{ path: this.path(), value }]) ?? '');
  }
}
