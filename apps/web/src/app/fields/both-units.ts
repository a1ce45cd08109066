import { effect, Injectable, signal } from '@angular/core';
import { settings } from '../device/settings';
import { ON_A_RULE, writeLength, type Length, type Showing, type SizeKind } from '@zabble/core';

const KEY = 'zabble.both-units';

/** Whether sizes are shown in both units, as the person last asked. */
@Injectable({ providedIn: 'root' })
export class BothUnits {
  readonly shown = signal(settings.read(KEY) === 'true');

  constructor() {
    effect(() => settings.write(KEY, String(this.shown())));
  }

  turn(): void {
    this.shown.update((shown) => !shown);
  }
}

/** A length in the unit it is not shown in, with that unit. */
export function inOtherUnit(length: Length, kind: SizeKind, { unit }: Showing): string {
  const other = unit === 'in' ? 'mm' : 'in';
  return writeLength(length, kind, { unit: other, step: ON_A_RULE[other] }, { unit: true });
}
