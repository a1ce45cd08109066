import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import type { BankPlan } from '@zabble/core';
import { BankDrawing } from '../../drawing/bank-drawing';
import { CutState } from './cut-state';
import { SheetSide } from './sheet-side';

/** Beside the cutting: the sheet in hand; while there is none, the face of the bank. */
@Component({
  selector: 'z-cut-side',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [BankDrawing, SheetSide],
  template: `@if (state.shown()) {
      <z-sheet-side class="min-h-0 flex-1" />
    } @else {
      <z-bank-drawing class="min-h-0 flex-1" [bank]="bank()" [withPulls]="false" />
    }`,
  host: { class: 'flex min-h-0 flex-1 flex-col' },
})
export class CutSide {
  readonly bank = input.required<BankPlan>();
  protected readonly state = inject(CutState);
}
