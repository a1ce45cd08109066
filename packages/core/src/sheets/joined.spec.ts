import { millimetres as mm } from '../length';
import { joinUp } from './joined';
import type { Node } from './node';
import type { LayoutTask, Piece } from './types';

const KERF = 3;
/** 1000 × 600 with 5 trimmed: 990 × 590 is left of a sheet. */
const task = (pieces: readonly Piece[], more: Partial<LayoutTask['rules']> = {}): LayoutTask =>
  ({
    pieces,
    stock: [{ id: 'ply', length: mm(1000), width: mm(600) }],
    rules: { kerf: mm(KERF), trim: mm(5), stages: 3, ripFirst: false, ...more },
  }) as unknown as LayoutTask;
const piece = (id: string, length: number, width: number, mayTurn = false): Piece => ({
  ...{ id, length: mm(length), width: mm(width), mayTurn },
});
const half = () => 0.5;
/** Its pieces from the first cut on, as they lie. */
const told = (node: Node): string =>
  node.cut
    ? `${node.cut.direction}(${told(node.cut.first)} ${told(node.cut.second)})`
    : `${node.piece?.id ?? '-'}${node.piece?.turned ? '!' : ''}`;
const joined = (pieces: readonly Piece[], rules = {}): readonly string[] | undefined =>
  joinUp(task(pieces, rules), half)?.map(told);

describe('pieces of sheets that were cut up without waste', () => {
  it('are a sheet of their own where one is as large, as it lies or turned', () => {
    expect(joined([piece('a', 990, 590), piece('b', 990, 590)])).toEqual(['a', 'b']);
    expect(joined([piece('a', 590, 990, true)])).toEqual(['a!']);
    expect(joined([piece('a', 590, 990)])).toBeUndefined();
    expect(joined([piece('a', 990, 589)])).toBeUndefined();
  });

  it('go together again side by side and end to end, a kerf between', () => {
    expect(joined([piece('a', 990, 200), piece('b', 990, 387)])).toEqual(['rip(a b)']);
    expect(joined([piece('a', 400, 590), piece('b', 587, 590)])).toEqual(['cross(a b)']);
    expect(joined([piece('a', 200, 990, true), piece('b', 990, 387)])).toEqual(['rip(a! b)']);
    // A square is not turned, so it is no pair with itself: two halves of a sheet twice as long as wide.
    const squares = [piece('a', 590, 590, true), piece('b', 590, 590, true)];
    const stock = [{ id: 'ply', length: mm(1193), width: mm(600) }];
    expect(joinUp({ ...task(squares), stock }, half)?.map(told)).toEqual(['cross(a b)']);
    // What may not be turned is joined as it lies.
    expect(joined([piece('a', 200, 990), piece('b', 990, 387)])).toBeUndefined();
    // Without the kerf they would be too large together.
    expect(joined([piece('a', 990, 200), piece('b', 990, 390)])).toBeUndefined();
  });

  it('go together from more than two, whole sheets apart from one another', () => {
    const strip = [piece('a', 300, 200), piece('b', 687, 200)];
    expect(joined([...strip, piece('c', 990, 387)])).toEqual(['rip(c cross(a b))']);
    expect(joined([...strip, piece('c', 990, 387), piece('d', 990, 590)])).toEqual(['d', 'rip(c cross(a b))']);
    expect(joined([...strip, piece('c', 990, 387), piece('d', 990, 100)])).toBeUndefined();
  });

  it('do not where the saw may not be turned so often, or must begin along the sheet', () => {
    const pieces = [piece('a', 300, 200), piece('b', 687, 200), piece('c', 990, 387)];
    expect(joined(pieces, { stages: 2 })).toEqual(['rip(c cross(a b))']);
    expect(joined(pieces, { stages: 1 })).toBeUndefined();
    const ends = [piece('a', 400, 590), piece('b', 587, 590)];
    expect(joined(ends, { ripFirst: true })).toBeUndefined();
    expect(joined(pieces, { ripFirst: true })).toEqual(['rip(c cross(a b))']);
  });
});
