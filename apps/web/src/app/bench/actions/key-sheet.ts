import { DIALOG_DATA, DialogRef } from '@angular/cdk/dialog';
import { ChangeDetectionStrategy, Component, computed, inject, type Signal } from '@angular/core';
import { keyOf, type Action } from './action';

/** Keys that belong to a field or a drawing rather than to an action. */
const OTHERS = [
  ['t', $localize`take a reading, while the laser is on`],
  [$localize`Arrow keys on a joint`, $localize`move it by an increment; with Shift by four`],
  [$localize`Any figure`, $localize`touched: the sum that makes it; each term leads to where it came from`],
  ['← →', $localize`in Fit, look back and ahead`],
  [$localize`Enter`, $localize`take what is written in a field`],
  [$localize`Esc`, $localize`put back what stood in the field`],
  [$localize`Ctrl Z`, $localize`undo, in a field too; with Shift do it again`],
] as const;

/** The keys of the bench. */
@Component({
  selector: 'z-key-sheet',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<div
    class="flex max-h-[90vh] max-w-xl flex-col overflow-y-auto rounded border border-edge bg-sheet p-6 text-ink shadow-xl"
    tabindex="-1"
  >
    <h2 i18n class="mb-3 text-xl font-semibold">Keys of the bench</h2>
    <dl class="grid grid-cols-[auto_1fr] items-baseline gap-x-5 gap-y-1.5">
      @for (row of rows(); track row[0]) {
        <dt class="font-semibold">{{ row[0] }}</dt>
        <dd>{{ row[1] }}</dd>
      }
    </dl>
    <p i18n class="caption mt-4">Single letters work when no field is being written in.</p>
    <div class="mt-4"><button i18n type="button" class="press" (click)="dialog.close()">Close</button></div>
  </div>`,
})
export class KeySheet {
  protected readonly dialog = inject(DialogRef);
  private readonly actions = inject<Signal<readonly Action[]>>(DIALOG_DATA);
  protected readonly rows = computed(() => [
    ...this.actions().flatMap((action) => (keyOf(action) === '' ? [] : [[keyOf(action), action.name] as const])),
    ...OTHERS,
  ]);
}
