import type { Length } from '../../length';
import type { Words } from '../words';

/** Ways to divide a bank, with their figures. */
export const DIVISIONS = {
  'divided-equally': 'equal',
  'divided-by-step': (p: { step: Length }, w: Words) => `step of ${w.exact(p.step)}`,
  'divided-by-ratio': (p: { ratio: number }) => `ratio of ${p.ratio}`,
  'divided-by-contents': 'by contents',
};
