import { join } from 'node:path';
import { makePrint } from './make';
import type { Printer } from './printer';

/** Folder of the font packages. */
export const FONTS = join(__dirname, '../../../../node_modules/@fontsource');

/** Prints here and now, without threads. */
export const printsHere: Printer = {
  waiting: 0,
  print: (order, { onPages }) => {
    let pages = 0;
    return makePrint({ ...order, fonts: FONTS }, () => onPages((pages += 1)));
  },
};
