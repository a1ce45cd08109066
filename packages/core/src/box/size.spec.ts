import { millimetres as mm, plus, tally } from '../length';
import type { SlideFamily } from '../slides';
import { boxHeight, type HeightWish } from './size';

const FAMILY = { id: 'f', top: mm(10), bottom: mm(15) } as SlideFamily;
const height = (bay: number, wish: HeightWish = {}) => {
  const { height: high, greatest, over } = boxHeight(FAMILY, tally(plus('bay', mm(bay))), 'd1', wish);
  return [high.total / 1e6, greatest.total / 1e6, over === undefined ? undefined : over / 1e6];
};
const byHand = (high: number) => ({ height: mm(high), path: 'box.height' });
const step = (high: number) => ({ height: mm(high), path: 'box.heightStep' });
const listed = (...heights: number[]) => ({ heights: heights.map(mm), path: 'stock.heights' });

describe('how high a box is', () => {
  it('is its bay less what the slide wants above and below, down to a step', () => {
    expect(height(125)).toEqual([100, 100, undefined]);
    expect(height(125, { step: step(30) })).toEqual([90, 100, undefined]);
    expect(height(125, { step: step(25) })).toEqual([100, 100, undefined]);
  });

  it('is what was asked for by hand up to the greatest, whatever the step; over it that, and by how much', () => {
    expect(height(125, { byHand: byHand(81), step: step(30) })).toEqual([81, 100, undefined]);
    expect(height(125, { byHand: byHand(100), step: step(30) })).toEqual([100, 100, undefined]);
    expect(height(125, { byHand: byHand(100.5) })).toEqual([100, 100, 0.5]);
    expect(height(125, { byHand: byHand(101), step: step(30) })).toEqual([90, 100, 1]);
  });

  it('is the highest stock that fits, where none was asked for; where none fits it is made', () => {
    expect(height(125, { listed: listed(120, 60, 100, 80) })).toEqual([100, 100, undefined]);
    expect(height(125, { listed: listed(100.1), step: step(30) })).toEqual([90, 100, undefined]);
    expect(height(125, { listed: listed(80), byHand: byHand(70) })).toEqual([70, 100, undefined]);
  });
});
