import fc from 'fast-check';
import { millimetres, nm } from '../length';
import { STEADY, tipping, type Weighed } from './tipping';

const stand = { weight_kg: 38, depth: millimetres(500), frontFeet: millimetres(0) };
const drawer = (id: string, weight: number, shut: number, travel: number): Weighed => ({
  id,
  masses: [{ weight, shut: millimetres(shut) }],
  travel: millimetres(travel),
});

describe('the tipping ratio', () => {
  // Common practice, moments about the front feet: 38 kg × 0.25 m behind; 47.66 kg in all × 0.085 m before, when out; flat, no child.
  it('is what holds over what tips: 9.50 over 4.05', () => {
    const drawers = [1, 2, 3, 4, 5].map((n) => drawer(`d${n}`, 47.66 / 5, 215, 300));
    expect(tipping(stand, drawers).ratio).toBeCloseTo(9.5 / 4.0511, 3);
  });

  it('has the front hang before the box', () => {
    const masses = [
      { weight: 10, shut: millimetres(250) },
      { weight: 4, shut: millimetres(-9) },
    ];
    // 38 × 0.25 behind; 10 × (0.4 − 0.25) and 4 × (0.4 + 0.009) before.
    expect(tipping(stand, [{ id: 'd', masses, travel: millimetres(400) }]).ratio).toBeCloseTo(9.5 / (1.5 + 1.636), 9);
  });

  it('counts only the one drawer that can be out behind an interlock: the worst', () => {
    const drawers = [drawer('light', 5, 200, 400), drawer('heavy', 30, 200, 400), drawer('short', 30, 200, 250)];
    const all = tipping(stand, drawers);
    const one = tipping({ ...stand, interlock: true }, drawers);
    expect(one.worst).toBe('heavy');
    // 38 × 0.25 + 5 × 0.2 + 30 × 0.2 behind, 30 × 0.2 before.
    expect(one.ratio).toBeCloseTo((9.5 + 1 + 6) / 6, 9);
    expect(one.ratio).toBeGreaterThan(all.ratio);
  });

  it('is boundless when nothing comes before the feet', () => {
    expect(tipping(stand, [drawer('d', 20, 300, 200)])).toMatchObject({ ratio: Infinity, ballast: 0 });
    expect(tipping({ ...stand, interlock: true }, [])).toMatchObject({ ratio: Infinity });
  });

  it('has what no interlock holds out besides the one drawer', () => {
    const board = { ...drawer('board', 20, 0, 300), free: true as const };
    const drawers = [drawer('light', 5, 200, 400), drawer('heavy', 30, 200, 400)];
    // 38 × 0.25 and 5 × 0.2 behind; 30 × 0.2 and, out with it, 20 × 0.3 before.
    expect(tipping({ ...stand, interlock: true }, [...drawers, board]).ratio).toBeCloseTo((9.5 + 1) / (6 + 6), 9);
    expect(tipping({ ...stand, interlock: true }, [board]).ratio).toBeCloseTo(9.5 / 6, 9);
  });

  it('names a ballast that steadies it just so', () => {
    const any = fc.record({
      weight: fc.integer({ min: 5, max: 60 }),
      travel: fc.integer({ min: 100, max: 600 }),
      feet: fc.integer({ min: 0, max: 100 }),
    });
    fc.assert(
      fc.property(any, ({ weight, travel, feet }) => {
        const set = { ...stand, frontFeet: millimetres(feet) };
        const drawers = [drawer('a', weight, 250, travel), drawer('b', weight, 250, travel)];
        const { ratio, ballast } = tipping(set, drawers);
        if (!Number.isFinite(ratio) || ratio >= STEADY) return;
        // The ballast as a drawer that stays in, right at the back.
        const held = tipping(set, [
          ...drawers,
          { id: 'c', masses: [{ weight: ballast, shut: stand.depth }], travel: nm(0) },
        ]);
        expect(held.ratio).toBeCloseTo(STEADY, 6);
      }),
    );
  });

  it('is steadied by no ballast at the back where the back stands before the feet', () => {
    for (const feet of [500, 600])
      expect(tipping({ ...stand, frontFeet: millimetres(feet) }, [drawer('d', 20, 300, 200)])).toMatchObject({
        ratio: 0,
        ballast: Infinity,
      });
  });

  it('names the first of two that are alike', () => {
    const alike = [drawer('upper', 20, 200, 400), drawer('lower', 20, 200, 400)];
    expect(tipping({ ...stand, interlock: true }, alike).worst).toBe('upper');
  });

  it('never falls when a drawer comes out less', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 600 }), fc.integer({ min: 0, max: 100 }), (travel, less) => {
        const ratio = (by: number) => tipping(stand, [drawer('d', 40, 250, by)]).ratio;
        expect(ratio(Math.max(0, travel - less))).toBeGreaterThanOrEqual(ratio(travel));
      }),
    );
  });
});
