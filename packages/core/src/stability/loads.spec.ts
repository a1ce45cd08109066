import { millimetres } from '../length';
import { usualFill } from './loads';

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
