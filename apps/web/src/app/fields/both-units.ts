import { inject, Injectable, signal } from '@angular/core';
import { Settings } from '../device/settings';
import { ON_A_RULE, writeLength, type Length, type Showing, type SizeKind } from '@zabble/core';

/** Whether sizes are shown in both units, as the person last asked. */
@Injectable({ providedIn: 'root' })
export class BothUnits {
  private readonly settings = inject(Settings);
  readonly shown = signal(this.settings.read('bothUnits') === 'true');

  turn(): void {
    this.shown.update((shown) => !shown);
    this.settings.write('bothUnits', String(this.shown()));
  }
}

/** A length in the unit it is not shown in, with that unit. */
export function inOtherUnit(length: Length, kind: SizeKind, { unit }: Showing): string {
  const other = unit === 'in' ? 'mm' : 'in';
  return writeLength(length, kind, { unit: other, step: ON_A_RULE[other] }, { unit: true });
}
