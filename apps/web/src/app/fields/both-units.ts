import { effect, Injectable, signal } from '@angular/core';
import { ON_A_RULE, writeLength, type Length, type Showing, type SizeKind } from '@zabble/core';

const KEY = 'zabble.both-units';

/** Whether sizes are shown in both units, as the person last asked. */
@Injectable({ providedIn: 'root' })
export class BothUnits {
  readonly shown = signal(remembered());

  constructor() {
    effect(() => {
      const shown = this.shown();
      try {
        localStorage.setItem(KEY, String(shown));
      } catch {
        // Not remembered, then; it holds until the page is closed.
      }
    });
  }

  turn(): void {
    this.shown.update((shown) => !shown);
  }
}

function remembered(): boolean {
  try {
    return localStorage.getItem(KEY) === 'true';
  } catch {
    return false;
  }
}

/** A length in the unit it is not shown in, with that unit. */
export function inOtherUnit(length: Length, kind: SizeKind, { unit }: Showing): string {
  const other = unit === 'in' ? 'mm' : 'in';
  return writeLength(length, kind, { unit: other, step: ON_A_RULE[other] }, { unit: true });
}
