import { DialogRef } from '@angular/cdk/dialog';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { plan, readJobDocument, type JobDocument, type Unit } from '@zabble/core';
import { Wall } from './wall';
import { WAYS } from './ways-of-building';

const ROOM = { width: 150, height: 120 };

/** A new job from a sound way of building: which one, and in which unit. */
@Component({
  selector: 'z-new-job-sheet',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Wall],
  template: `<div
    class="flex max-h-[92vh] w-[46rem] max-w-[96vw] flex-col rounded border border-edge bg-sheet text-ink shadow-xl"
  >
    <div class="flex flex-wrap items-center gap-3 border-b border-line px-5 py-3">
      <h2 class="mr-auto text-xl font-semibold">Start from a way of building</h2>
      <div class="flex gap-1" role="group" aria-label="Lengths in">
        @for (each of units; track each.unit) {
          <button
            type="button"
            class="press"
            [class.press-main]="each.unit === unit()"
            [attr.aria-pressed]="each.unit === unit()"
            (click)="unit.set(each.unit)"
          >
            {{ each.label }}
          </button>
        }
      </div>
      <button type="button" class="press" (click)="dialog.close()">Close</button>
    </div>
    <ul class="overflow-y-auto px-5 py-2" tabindex="-1" aria-label="Ways of building">
      @for (way of ways(); track way.name) {
        <li class="border-b border-line last:border-0">
          <button
            type="button"
            class="grid w-full grid-cols-[10rem_1fr] items-center gap-4 rounded px-2 py-3 text-left hover:bg-chalk-wash max-sm:grid-cols-1"
            [attr.aria-label]="way.name"
            (click)="dialog.close(way.document)"
          >
            <z-wall class="flex justify-center" [banks]="way.banks" [room]="room" />
            <span>
              <span class="block text-lg font-semibold">{{ way.name }}</span>
              <span class="caption block">{{ way.says }}</span>
            </span>
          </button>
        </li>
      }
    </ul>
  </div>`,
})
export class NewJobSheet {
  protected readonly dialog = inject<DialogRef<JobDocument>>(DialogRef);
  protected readonly room = ROOM;
  protected readonly unit = signal<Unit>('in');
  protected readonly units = [
    { unit: 'in', label: 'Inches' },
    { unit: 'mm', label: 'Millimetres' },
  ] as const;
  protected readonly ways = computed(() =>
    WAYS.map(({ name, says, begin }) => {
      const document = begin(this.unit());
      const reading = readJobDocument(document);
      const banks = reading.ok ? plan(reading.job).cases.flatMap((each) => each.banks) : [];
      return { name, says, document, banks };
    }),
  );
}
