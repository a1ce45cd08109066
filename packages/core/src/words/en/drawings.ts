import type { ReadAt } from '../../length';
import { whereRead } from './places';

/** What stands beside the sizes of a drawing. */
export const DRAWINGS = {
  'drawn/reading': (p: { size: 'width' | 'height'; index: number; at: ReadAt }) => {
    const where = whereRead(p.at);
    return where === '' ? `${p.size} ${p.index + 1}` : `${p.size}, ${where}`;
  },
  'drawn/pack': 'pack',
  'drawn/clear-below': 'clear below',
  'drawn/clear-above': 'clear above',
  'drawn/box': 'box',
  'drawn/wall-inside': 'wall inside',
  'drawn/bottom-up': 'bottom up',
  'drawn/box-length': 'box length',
  'drawn/behind-it': 'behind it',
  'drawn/set-back': 'set-back',
  'drawn/groove': 'groove',
  'drawn/rabbet': 'rabbet',
  'drawn/notch': 'notch',
  'drawn/bore': 'bore',
};

/** What a size of a drawing is called. */
export type DrawnSize = keyof typeof DRAWINGS;
