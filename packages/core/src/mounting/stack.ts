import { readingLength, readingPath, type BuildOutRest, type Material, type OpeningReading } from '../job';
import {
  inches,
  minus,
  plus,
  plusTimes,
  share,
  tally,
  type Length,
  type Source,
  type Tally,
  label,
  ofField,
} from '../length';

/** A build-out made up from stock at hand. */
export interface Stack {
  /** From case wall to frame edge. */
  readonly wanted: Length;
  /** The pieces and what they come to. */
  readonly made: Tally;
  readonly pieces: readonly { readonly material: string; readonly count: number }[];
  /** Made less wanted: positive stands proud of the frame’s edge. */
  readonly off: Tally;
  /** How what it lacks is made up; then it comes out as wanted. */
  readonly rest?: BuildOutRest;
  /** What of it is packing, where it is packed. */
  readonly packing?: Length;
}

/** A stack may stand over the frame's edge by this and no more. Common practice. */
const MOST_OVER = inches(1, 64);
/** More pieces than this are not a build-out but a pile; of more thicknesses than this, the first are tried. */
const MOST_PIECES = 6;
const MOST_KINDS = 16;

interface Pick {
  readonly sum: number;
  readonly counts: readonly number[];
  readonly pieces: number;
}

/**
 * The pieces whose actual thicknesses sum closest to what is wanted, never over it by more than 1/64 in; fewest pieces
 * first among equals, and the thicker stock first among those.
 */
export function buildOutStack(
  wanted: Length,
  stock: readonly Material[],
  thickness: (material: Material) => Source,
  from: Source,
): Stack {
  const usable = stock.filter((each) => each.thickness <= wanted + MOST_OVER);
  const kinds = [...new Map([...usable].reverse().map((each) => [each.thickness, each])).values()]
    .reverse()
    .slice(0, MOST_KINDS);
  kinds.sort((a, b) => b.thickness - a.thickness);
  const best = closest(
    wanted,
    kinds.map((each) => each.thickness),
  );
  const used = kinds.flatMap((material, index) => {
    const count = best.counts[index] ?? 0;
    return count === 0 ? [] : [{ material, count }];
  });
  const made = tally(
    ...used.map(({ material, count }) =>
      plusTimes(label('material', { name: material.name }), count, material.thickness, thickness(material)),
    ),
  );
  return {
    wanted,
    made,
    pieces: used.map(({ material, count }) => ({ material: material.id, count })),
    off: tally(...made.terms, minus('wanted', wanted, from)),
  };
}

/** Tries the stock thickest first; what can no longer come closer than the best so far is not tried. */
function closest(wanted: Length, sizes: readonly Length[]): Pick {
  let best: Pick = { sum: 0, counts: [], pieces: 0 };
  const counts = sizes.map(() => 0);
  const search = (from: number, sum: number, pieces: number): void => {
    if (isCloser({ sum, counts, pieces }, best, wanted)) best = { sum, counts: [...counts], pieces };
    const left = MOST_PIECES - pieces;
    for (let index = from; index < sizes.length && left > 0; index += 1) {
      const size = sizes[index] ?? 0;
      if (sum + left * size < wanted - Math.abs(wanted - best.sum)) return;
      if (sum + size > wanted + MOST_OVER) continue;
      counts[index] = (counts[index] ?? 0) + 1;
      search(index, sum + size, pieces + 1);
      counts[index] = (counts[index] ?? 0) - 1;
    }
  };
  search(0, 0, 0);
  return best;
}

function isCloser(a: Pick, b: Pick, wanted: Length): boolean {
  const [offA, offB] = [Math.abs(wanted - a.sum), Math.abs(wanted - b.sum)];
  return offA < offB || (offA === offB && a.pieces < b.pieces);
}

/** Where the opening is wider than its narrowest reading: what to pack out there in all, and on each side. */
export interface Packing {
  /** Which reading, counted from 0. */
  readonly reading: number;
  readonly total: Tally;
  readonly eachSide: Length;
}

export function packings(widths: readonly OpeningReading[], narrowest: Tally, path: string): readonly Packing[] {
  const least = narrowest.total;
  return widths.flatMap((read, reading) => {
    const width = readingLength(read);
    if (width === least) return [];
    const total = tally(
      plus('reading', width, ofField(readingPath(path, 'width', reading, read))),
      minus('narrowest-reading', least, narrowest.terms[0]?.from),
    );
    return [{ reading, total, eachSide: share(total.total, 2) }];
  });
}
