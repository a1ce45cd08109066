import { millimetres } from '../length';
import type { Drawer } from '../job';
import { contentsWeight, totalLoad, usualFill } from './loads';

const foot = millimetres(304.8);

describe('what is reckoned with where nothing is told', () => {
  // Clothes: 8.5 lb/ft³ (ASTM F2057, from memory) = 136.2 kg/m³; a cubic foot is 0.0283168 m³, a pound 0.45359237 kg.
  it('is eight and a half pounds to the cubic foot', () => {
    expect(usualFill(foot, foot, foot) / 0.45359237).toBeCloseTo(8.5, 2);
    expect(usualFill(millimetres(1000), millimetres(500), millimetres(200))).toBeCloseTo(13.62, 9);
  });

  it('is nothing in a box of no height', () => {
    expect(usualFill(foot, foot, millimetres(-3))).toBe(0);
  });
});

describe('what is stored', () => {
  const holding = (...contents: readonly object[]): Drawer => ({ contents }) as unknown as Drawer;

  it('weighs what is told of it, each as often as it is there', () => {
    expect(contentsWeight(holding({ weight_kg: 1.5, count: 4 }, { weight_kg: 2 }, { count: 9 }))).toBe(8);
  });

  it('has no weight where none is told, and one of nothing where that is told', () => {
    expect(contentsWeight(holding())).toBeUndefined();
    expect(contentsWeight({} as Drawer)).toBeUndefined();
    expect(contentsWeight(holding({ count: 3 }))).toBeUndefined();
    expect(contentsWeight(holding({ weight_kg: 0 }))).toBe(0);
  });

  it('counts with box and front', () => {
    expect(totalLoad({ box: 3, front: 2, contents: 4 })).toBe(9);
    expect(totalLoad({ box: 3, front: 2 })).toBe(5);
  });
});
