import { effect, Injectable, signal } from '@angular/core';
import { inches, millimetres, writeLength, type Length, type Showing } from '@zabble/core';

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

/** The finest step of the unit shown beside. */
const FINEST = { in: inches(1, 64), mm: millimetres(0.1) } as const;

/** A length in the unit it is not shown in, with that unit. */
export function inOtherUnit(length: Length, { unit, round = 'nearest' }: Showing): string {
  const other = unit === 'in' ? 'mm' : 'in';
  return writeLength(length, { unit: other, step: FINEST[other], round }, { unit: true });
}
