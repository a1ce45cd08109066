import { millimetres } from '../length';
import type { Part } from '../box';
import type { Drawer, Material } from '../job';
import { contentsWeight, partsWeight, totalLoad, usualFill } from './loads';

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

describe('what parts weigh', () => {
  const board = { id: 'm', kind: 'mdf', name: 'Board', thickness: millimetres(20) } as unknown as Material;
  const part = (more: object): Part =>
    ({ count: 1, thickness: millimetres(20), material: 'm', ...more }) as unknown as Part;
  const sides = { length: { total: millimetres(500) }, width: { total: millimetres(100) } };

  // 750 kg/m³ (common practice) × 0.5 m × 0.1 m × 0.02 m is 0.75 kg.
  it('is of each as often as it is there, and nothing of what has no size yet', () => {
    const weight = (...parts: readonly Part[]): number => partsWeight(parts, () => board);
    expect(weight(part(sides))).toBeCloseTo(0.75, 9);
    expect(weight(part({ ...sides, count: 2 }), part(sides))).toBeCloseTo(2.25, 9);
    expect(weight(part({ length: sides.length }), part({ width: sides.width }))).toBe(0);
    expect(weight()).toBe(0);
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
