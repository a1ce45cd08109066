import { readingLengths, readingPath, type Bank, type OpeningSize, readAt } from '../job';
import {
  largest,
  minus,
  nm,
  plus,
  smallest,
  subtract,
  tally,
  ZERO,
  type Length,
  type Source,
  type Tally,
  label,
  ofField,
} from '../length';
import { levelsOf, looseReadings, type Level } from './levels';

/** The sizes everything in a bank follows from. */
export interface Opening {
  readonly width: Tally;
  readonly height: Tally;
  readonly depth: Tally;
  /** Widest less narrowest width, what was measured between hung slides among them. */
  readonly taper: Tally;
  /** The same of the case alone. */
  readonly caseTaper: Tally;
  /** How far the top leans sideways, positive to the right; absent without diagonals. */
  readonly rack?: Length;
  /** The drawers' levels that were measured back, from the top down. */
  readonly levels: readonly Level[];
}

/**
 * Readings → governing sizes: the smallest of each, those measured back at the drawers' levels among them. Common
 * practice. `path` is the bank's, for following back; `taken` what a drawer's slides take of the width
 * (the bank's own, where no drawer is named).
 */
export function governOpening(bank: Bank, path: string, taken: (drawer?: string) => Length = () => ZERO): Opening {
  const { diagonals } = bank.opening;
  const levels = levelsOf(bank, taken);
  const loose = looseReadings(bank, taken());
  const widths = [...loose.widths, ...levels.flatMap((level) => level.widths)];
  const measured = [...widths, ...loose.between, ...levels.flatMap(({ between }) => between)];
  const sizes = {
    width: narrowest(smallestReading(bank, 'width', path), measured),
    height: smallestReading(bank, 'height', path),
    depth: smallestReading(bank, 'depth', path),
    taper: taperOf(bank, path, measured),
    caseTaper: taperOf(bank, path, widths),
    levels,
  };
  const [first, second] = diagonals ?? [];
  if (first === undefined || second === undefined) return sizes;
  return { ...sizes, rack: rackOf(first, second, sizes.width.total) };
}

function smallestReading({ opening, drawers }: Bank, size: OpeningSize, path: string): Tally {
  const readings = opening[size];
  const lengths = readingLengths(readings);
  const least = smallest(lengths);
  const index = lengths.indexOf(least);
  const called = label('size-of-opening', { size, of: readings.length, at: readAt(readings[index], drawers) });
  return tally(plus(called, least, ofField(readingPath(path, size, index, readings[index]))));
}

function narrowest(width: Tally, measured: readonly Tally[]): Tally {
  return measured.reduce((best, each) => (each.total < best.total ? each : best), width);
}

function taperOf({ opening }: Bank, path: string, measured: readonly Tally[]): Tally {
  const readings = readingLengths(opening.width).map((length, index) => ({
    length,
    from: ofField(readingPath(path, 'width', index, opening.width[index])) as Source | undefined,
  }));
  const back = measured.map(({ total, terms }) => ({ length: total, from: terms[0]?.from }));
  const ordered = [...readings, ...back].sort((a, b) => a.length - b.length);
  const least = ordered[0];
  const most = ordered.find(({ length }) => length === ordered.at(-1)?.length);
  return tally(
    most && plus('widest-reading', most.length, most.from),
    least && minus('narrowest-reading', least.length, least.from),
  );
}

/**
 * `(d1² − d2²) / (4·W)`, rounded half up to the nanometre; d1 runs from bottom left to top right. Squares of
 * nanometres pass the safe whole numbers, hence the big ones.
 */
function rackOf(d1: Length, d2: Length, width: Length): Length {
  const [a, b, over] = [BigInt(d1), BigInt(d2), 4n * BigInt(width)];
  const twice = 2n * (a * a - b * b) + over;
  const down = twice / (2n * over);
  return nm(Number(twice < 0n && down * 2n * over !== twice ? down - 1n : down));
}

/** How far the second diagonal is from the one a square opening of these sizes has, and the widest spread of readings. */
export function doubts(bank: Bank, opening: Opening): { readonly diagonalOff?: Length; readonly spread: Length } {
  const { width, height, depth, diagonals } = bank.opening;
  const spread = largest(
    [width, height, depth].map(readingLengths).map((each) => subtract(largest(each), smallest(each))),
  );
  if (!diagonals) return { spread };
  const square = Math.hypot(opening.width.total, opening.height.total);
  const off = Math.max(...diagonals.map((each) => Math.abs(each - square)));
  return { spread, diagonalOff: nm(Math.round(off)) };
}
