/**
 * How often it is looked for what is not settled, in milliseconds: what came meanwhile is settled together, which costs far
 * less than each on its own. Who looks something up has it settled then.
 */
export const LOOK = 3000;
/** Where there is more than can be settled in one go it rests so many times as long as that took. */
const REST = { words: 1, summaries: 8 };
/** More requests a second than this, and the machine is theirs: one go each time it is looked is all they give way to. */
const BUSY = 100;

/** One turn of settling. */
export interface Turn {
  /** How long it took, in milliseconds. */
  readonly took: number;
  /** Whether much was asked of the server since the turn before. */
  readonly busy: boolean;
  /** What there is more of than was settled, if anything. */
  readonly more: keyof typeof REST | undefined;
}

/** How long it rests after a turn, in milliseconds. */
export function restAfter({ took, busy, more }: Turn): number {
  return more === undefined || busy ? LOOK : Math.min(LOOK, REST[more] * took);
}

/** Whether so many requests in so many milliseconds are many. */
export function isBusy(asked: number, since: number): boolean {
  return asked * 1000 > BUSY * since;
}
