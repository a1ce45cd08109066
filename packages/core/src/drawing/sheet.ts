import { inMillimetres } from '../length';
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

/** A sheet cut up, its length lying along; what is left over large enough to keep is an off-cut. */
export function drawSheet(
  sheet: SheetLayout,
  saw: SawRules & { readonly offcut: { readonly length: number; readonly width: number } },
  label: (part: string) => Labelled,
): Drawing {
  const [width, height] = [inMillimetres(sheet.length), inMillimetres(sheet.width)];
  const shapes = lyingIn(sheet, saw).flatMap(({ piece, x, y, long, wide }): readonly Shape[] => {
    const at = { x: x / 1e6, y: y / 1e6, width: long / 1e6, height: wide / 1e6 };
    if (piece !== undefined) {
      const { says, held } = label(piece);
      return [{ kind: 'box', role: held ? 'held-part' : 'part', part: piece, ...at }, wordsIn(says, at, piece)];
    }
    return isOffcut(saw.offcut, long, wide) ? [{ kind: 'box', role: 'off-cut', ...at }] : [];
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

function wordsIn(text: string, at: { x: number; y: number; width: number; height: number }, part: string): Shape {
  const room = Math.min(at.height * 0.6, (1.6 * at.width) / Math.max(1, text.length));
  const height = Math.max(LEAST_LETTERS, Math.min(LETTERS, room));
  return { kind: 'words', role: 'name', text, part, x: at.x + at.width / 2, y: at.y + at.height / 2, height };
}
