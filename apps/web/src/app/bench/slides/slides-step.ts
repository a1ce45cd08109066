import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { BankPlan } from '@zabble/core';
import { DrawerSlides } from './drawer-slides';
import { OwnSlide } from './own-slide';
import { ShopSlides } from './shop-slides';
import { SlideCard } from './slide-card';
import { SlideCompare } from './slide-compare';

/** Slides: the family of the bank, all families side by side, and a row from the sheet in hand. */
@Component({
  selector: 'z-slides-step',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [DrawerSlides, OwnSlide, ShopSlides, SlideCard, SlideCompare],
  template: `<div class="flex flex-col gap-5">
    <z-slide-card [bank]="bank()" />
    <z-slide-compare [bank]="bank()" />
    <z-drawer-slides [bank]="bank()" />
    <z-own-slide [bank]="bank()" />
    <z-shop-slides [bank]="bank()" />
  </div>`,
})
export class SlidesStep {
  readonly bank = input.required<BankPlan>();
}
