import { InjectionToken } from '@angular/core';

/** The first wait and the longest, in milliseconds; a wait is up to a fourth longer or shorter. */
const FIRST = 2000;
const LONGEST = 30_000;
const MORE_OR_LESS = 0.25;

/** From 0 to 1. */
export const CHANCE = new InjectionToken<() => number>('chance', { providedIn: 'root', factory: () => Math.random });

/**
 * How long until a server that is not reached is tried again: twice as long each time in a row, and never just as long as
 * everybody else waits, so that a server that comes back is not asked by all at once.
 */
export class Again {
  private inARow = 0;

  /** `chance` answers from 0 to 1. */
  constructor(private readonly chance: () => number) {}

  /** In milliseconds. */
  wait(): number {
    const usual = Math.min(LONGEST, FIRST * 2 ** this.inARow);
    this.inARow += 1;
    return usual * (1 + MORE_OR_LESS * (2 * this.chance() - 1));
  }

  /** It answered: the next row begins anew. */
  reached(): void {
    this.inARow = 0;
  }
}
