import type { Line, Shape } from './shapes';

/** How high letters on a template are, in millimetres. */
export const LETTERS = 3.6;

export const line = (role: Line['role'], x1: number, y1: number, x2: number, y2: number): Line => ({
  ...{ kind: 'line', role, x1, y1, x2, y2 },
});

/** Words that begin at a place. */
export const note = (text: string, x: number, y: number): Extract<Shape, { kind: 'words' }> => ({
  ...{ kind: 'words', role: 'note', text, begins: true, x, y, height: LETTERS },
});
