import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import type { BankPlan } from '@zabble/core';
import { BankDrawing } from '../../drawing/bank-drawing';
import { CutDesk } from './cut-desk';
import { SheetDesk } from './sheet-desk';

/** Beside the cutting: the sheet in hand; while there is none, the face of the bank. */
@Component({
  selector: 'z-cut-side',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [BankDrawing, SheetDesk],
  template: `@if (desk.shown()) {
      <z-sheet-desk class="min-h-0 flex-1" />
    } @else {
      <z-bank-drawing class="min-h-0 flex-1" [bank]="bank()" [withPulls]="false" />
    }`,
  host: { class: 'flex min-h-0 flex-1 flex-col' },
})
export class CutSide {
  readonly bank = input.required<BankPlan>();
  protected readonly desk = inject(CutDesk);
}
