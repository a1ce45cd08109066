import type { Held } from '@zabble/core';

/** Why a front's height was not the scheme's to give, beside it. */
export const HELD: Readonly<Record<Exclude<Held, 'locked'>, string>> = {
  contents: 'held by contents',
  least: 'at its least',
  most: 'at its most',
  line: 'kept to its line',
};
