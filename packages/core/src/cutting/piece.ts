import type { Length } from '../length';
import type { CutPart } from './cut-part';

/** Whether a piece lies in a sheet in its part's size, or over it by what parts are first cut over. */
export function isPieceOf(
  { length, width }: Pick<CutPart, 'length' | 'width'>,
  along: Length,
  across: Length,
  over: Length,
): boolean {
  const by = along - length.total;
  return by === across - width.total && (by === 0 || by === over);
}
