import type { Held } from '@zabble/core';

/** Why a front's height was not the scheme's to give, beside it. */
export const HELD: Readonly<Record<Exclude<Held, 'locked'>, string>> = {
  contents: $localize`held by contents`,
  least: $localize`at its least`,
  most: $localize`at its most`,
  line: $localize`kept to its line`,
};
