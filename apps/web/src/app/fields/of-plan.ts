import { Directive, inject } from '@angular/core';
import { Rights } from '../device/rights';

/** A control that changes the plan: it rests where who is at this device may not. */
@Directive({
  selector: 'button[zOfPlan], input[zOfPlan], select[zOfPlan]',
  host: { '[disabled]': '!rights.plan()' },
})
export class OfPlan {
  protected readonly rights = inject(Rights);
}
