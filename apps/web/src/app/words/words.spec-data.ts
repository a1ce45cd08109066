import { ENGLISH, millimetres, wordsIn } from '@zabble/core';

/** English for a job in millimetres, to half a millimetre. */
export const IN_ENGLISH = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(0.5) });
