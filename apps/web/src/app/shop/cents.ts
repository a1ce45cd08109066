import { inject, Pipe, type PipeTransform } from '@angular/core';
import type { Cents } from '@zabble/core';
import { ShopMoney } from './money';

/** Says whole cents in the shop’s currency; a dash where there is no sum. */
@Pipe({ name: 'cents', pure: false })
export class CentsPipe implements PipeTransform {
  private readonly money = inject(ShopMoney);

  transform(amount: Cents | undefined): string {
    return amount === undefined ? '–' : this.money.say(amount / 100);
  }
}
