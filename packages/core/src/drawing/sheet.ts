import { inMillimetres, type Length } from '../length';
import { lyingIn, type SawRules, type SheetLayout } from '../sheets';
import type { Drawing, Shape } from './shapes';

/** Letters on a sheet, in millimetres; smaller where a part leaves less room. */
const LETTERS = 28;
const LEAST_LETTERS = 8;

/** What is written on a part, and whether it may be cut. */
export interface Labelled {
  readonly says: string;
  readonly held: boolean;
}

/**
 * A sheet cut up, its length lying along; what is left over large enough to keep is an off-cut. With `say` parts and
 * off-cuts have their sizes on them.
 */
export function drawSheet(
  sheet: SheetLayout,
  saw: SawRules & { readonly offcut: { readonly length: number; readonly width: number } },
  label: (part: string) => Labelled,
  say?: (length: Length) => string,
): Drawing {
  const [width, height] = [inMillimetres(sheet.length), inMillimetres(sheet.width)];
  const shapes = lyingIn(sheet, saw).flatMap(({ piece, x, y, long, wide }): readonly Shape[] => {
    const at = { x: x / 1e6, y: y / 1e6, width: long / 1e6, height: wide / 1e6 };
    const size = say ? { size: `${say(long)} × ${say(wide)}` } : {};
    if (piece !== undefined) {
      const { says, held } = label(piece);
      // What is held is never told as a number to cut by.
      const told = held ? {} : size;
      return [
        { kind: 'box', role: held ? 'held-part' : 'part', part: piece, ...at, ...told },
        ...wordsIn(says, at, piece, told.size),
      ];
    }
    if (!isOffcut(saw.offcut, long, wide)) return [];
    return [{ kind: 'box', role: 'off-cut', ...at, ...size }, ...(size.size ? wordsIn(size.size, at) : [])];
  });
  return { x: 0, y: 0, width, height, shapes: [{ kind: 'box', role: 'sheet', x: 0, y: 0, width, height }, ...shapes] };
}

/** Large enough to keep, whichever way it lies. */
export function isOffcut(
  least: { readonly length: number; readonly width: number },
  long: number,
  wide: number,
): boolean {
  const fits = (a: number, b: number): boolean => a >= least.length && b >= least.width;
  return fits(long, wide) || fits(wide, long);
}

interface Place {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A name, and under it how large it is where there is room for both. */
function wordsIn(text: string, at: Place, part?: string, size?: string): readonly Shape[] {
  const of = part === undefined ? {} : { part };
  const longest = Math.max(1, text.length, size?.length ?? 0);
  const lettersOf = (lines: number): number => Math.min((at.height * 0.6) / lines, (1.6 * at.width) / longest, LETTERS);
  const [x, y] = [at.x + at.width / 2, at.y + at.height / 2];
  const both = lettersOf(2.2);
  if (size === undefined || both < LEAST_LETTERS)
    return [{ kind: 'words', role: 'name', text, ...of, x, y, height: Math.max(LEAST_LETTERS, lettersOf(1)) }];
  return [
    { kind: 'words', role: 'name', text, ...of, x, y: y + both * 0.6, height: both },
    { kind: 'words', role: 'size', text: size, x, y: y - both * 0.6, height: both },
  ];
}
