import { randomInt } from 'node:crypto';

/** So long a code is good, in milliseconds. */
export const GOOD_FOR = 10 * 60_000;
/** After so many wrong ones it is good for nothing any more: six digits are not to be guessed. */
const MOST_WRONG = 5;
const MOST = 1_000_000;

export interface Code {
  readonly code: string;
  readonly until: number;
}

/** The one code there is at a time: shown at the machine itself, it lets one device in, once, for a while. */
export class Codes {
  #now: (Code & { wrong: number }) | undefined;

  constructor(private readonly clock: () => number = Date.now) {}

  /** A new one in place of the one there was. */
  make(): Code {
    const code = String(randomInt(MOST)).padStart(6, '0');
    this.#now = { code, until: this.clock() + GOOD_FOR, wrong: 0 };
    return { code, until: this.#now.until };
  }

  /** Whether it is the one, which is then used up. Spaces don’t count. */
  take(said: string): boolean {
    const now = this.#now;
    if (!now || now.until <= this.clock()) return false;
    if (said.replace(/\s/g, '') === now.code) {
      this.#now = undefined;
      return true;
    }
    now.wrong += 1;
    if (now.wrong >= MOST_WRONG) this.#now = undefined;
    return false;
  }

  forget(): void {
    this.#now = undefined;
  }
}
