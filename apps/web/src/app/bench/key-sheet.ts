import { DialogRef } from '@angular/cdk/dialog';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';

const KEYS = [
  ['Alt 1 to Alt 6', 'go to Measure, Slides, Divide, Boxes, Fronts, Cut'],
  ['u', 'undo'],
  ['r', 'redo'],
  ['l', 'light or dim'],
  ['Arrow keys on a joint', 'move it by an increment; with Shift by four'],
  ['Enter', 'take what is written in a field'],
  ['Esc', 'put back what stood in the field'],
  ['?', 'this sheet'],
] as const;

/** The keys of the bench. */
@Component({
  selector: 'z-key-sheet',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<div class="max-w-md rounded border border-edge bg-sheet p-6 text-ink shadow-xl">
    <h2 class="mb-3 text-xl font-semibold">Keys of the bench</h2>
    <dl class="grid grid-cols-[auto_1fr] items-baseline gap-x-5 gap-y-2">
      @for (key of keys; track key[0]) {
        <dt class="font-semibold">{{ key[0] }}</dt>
        <dd>{{ key[1] }}</dd>
      }
    </dl>
    <p class="caption mt-4">Single letters work when no field is being written in.</p>
    <button type="button" class="press mt-4" (click)="dialog.close()">Close</button>
  </div>`,
})
export class KeySheet {
  protected readonly dialog = inject(DialogRef);
  protected readonly keys = KEYS;
}
