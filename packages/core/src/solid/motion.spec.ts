import { amountOf, travelOf } from './motion';

const BIN = { tilts: { high: 400, face: 18 }, full: 35 } as never;
const LEAF = { turning: { axis: 'y', at: 0, back: 0, hand: 1 }, full: 110 } as never;
const DRAWER = { full: 450 } as never;

describe('what a mover comes by', () => {
  it('is millimetres of a drawer, degrees of a leaf', () => {
    expect(travelOf(DRAWER, 120.5)).toBe(120_500_000);
    expect(amountOf(DRAWER, 120_500_000)).toBe(120.5);
    expect(travelOf(LEAF, 90)).toBe(90);
    expect(amountOf(LEAF, 90)).toBe(90);
  });

  it('is of what tilts how far its upper edge comes out: its height and the thickness of its face at that angle', () => {
    // By hand, at 30°: 400 · sin 30° + 18 · (cos 30° − 1) = 200 − 2.4115.
    expect(travelOf(BIN, 30) / 1e6).toBeCloseTo(200 - 18 * (1 - Math.sqrt(3) / 2), 6);
    expect(travelOf(BIN, 0)).toBe(0);
    for (const degrees of [0, 7.5, 20, 35]) expect(amountOf(BIN, travelOf(BIN, degrees))).toBeCloseTo(degrees, 6);
    // It opens no further, however far something is.
    expect(amountOf(BIN, 399e6)).toBe(35);
    expect(amountOf({ tilts: { high: 0, face: 0 }, full: 35 } as never, 5e6)).toBe(0);
  });
});
