import { millimetres as mm } from '../length';
import { fill, stripsFor, type Habit } from './constructive';
import type { Node } from './node';
import type { LayoutTask, Piece } from './types';

/** 1000 × 600 with 5 trimmed: 990 × 590 is left of a sheet, sawn with a kerf of 3. */
const task = (pieces: readonly Piece[], more: Partial<LayoutTask['rules']> = {}): LayoutTask => ({
  pieces,
  stock: [{ id: 'ply', length: mm(1000), width: mm(600) }],
  rules: { kerf: mm(3), trim: mm(5), stages: 3, ripFirst: false, ...more },
});
const piece = (id: string, length: number, width: number, mayTurn = false): Piece => ({
  ...{ id, length: mm(length), width: mm(width), mayTurn },
});
const told = (node: Node): string =>
  node.cut
    ? `${node.cut.direction}(${told(node.cut.first)} ${told(node.cut.second)})`
    : `${node.piece?.id ?? '-'}${node.piece?.turned ? '!' : ''}`;
const filled = (pieces: readonly Piece[], habit: Partial<Habit> = {}, rules = {}) => {
  const { sheets, left } = fill(task(pieces, rules), pieces, { fit: 'short', split: 'rip', ...habit });
  return [...sheets.map(({ root }) => told(root)), ...left.map(({ id }) => `no ${id}`)];
};

describe('sheets filled piece by piece', () => {
  it('a piece is turned where only so there is room for it, and only if it may be', () => {
    expect(filled([piece('a', 590, 990, true)])).toEqual(['a!']);
    expect(filled([piece('a', 590, 990)])).toEqual(['no a']);
    // The better way of the two: across a strip that is just as wide.
    expect(filled([piece('a', 590, 100, true)])).toEqual(['cross(a! -)']);
    expect(filled([piece('a', 590, 100)])).toEqual(['rip(cross(a -) -)']);
  });

  it('a square is not turned; of two places as good the first is taken', () => {
    expect(filled([piece('a', 400, 400, true)])).toEqual(['rip(cross(a -) -)']);
    // 7 over at one side of either.
    expect(filled([piece('a', 500, 300), piece('b', 480, 280)])).toEqual(['rip(cross(a -) rip(cross(b -) -))']);
  });

  it('each lies where the habit likes it best, wherever that stands in the row', () => {
    const pieces = [piece('a', 500, 300), piece('b', 482, 270)];
    // Beside the first it is crosscut before it is ripped: the other way would take a fourth stage.
    const beside = 'rip(cross(a cross(rip(b -) -)) -)';
    const below = 'rip(cross(a -) rip(cross(b -) -))';
    expect(filled(pieces)).toEqual([beside]);
    const other = [piece('a', 500, 300), piece('b', 470, 286)];
    expect(filled(other)).toEqual([below]);
    expect(filled(other, { fit: 'long' })).toEqual([beside]);
    expect(filled(other, { fit: 'area' })).toEqual([beside]);
  });

  it('no more stages than are allowed, and a rip first where that is wanted', () => {
    const one = [piece('a', 400, 590)];
    expect(filled(one)).toEqual(['cross(a -)']);
    expect(filled(one, {}, { ripFirst: true })).toEqual(['no a']);
    const both = [piece('a', 400, 300)];
    expect(filled(both, { split: 'cross' })).toEqual(['cross(rip(a -) -)']);
    expect(filled(both, { split: 'cross' }, { ripFirst: true })).toEqual(['rip(cross(a -) -)']);
    expect(filled(both, {}, { stages: 1 })).toEqual(['no a']);
  });

  it('strips worth a first cut: so many alike, or two kinds, side by side, less than the sheet is wide', () => {
    const pieces = [piece('a', 500, 97), piece('b', 400, 247)];
    expect(stripsFor(task(pieces))).toEqual([]);
    const widths = stripsFor(task(pieces, { ripFirst: true })).map((width) => width / 1e6);
    expect(widths).toEqual([100, 200, 300, 400, 500, 350, 250]);
    const turned = stripsFor(task([piece('a', 297, 97, true)], { ripFirst: true })).map((width) => width / 1e6);
    expect(turned).toEqual([100, 200, 300, 400, 500]);
  });
});
