import { one, told } from './plan.spec-data';
import type { Patch } from '../reading';

const at = (path: string, value: unknown): Patch => ({ path: `BANK.${path}`, value });
const found = (...patches: Patch[]) => {
  const finding = one(...patches).findings.find(({ code }) => code === 'SLIDE_OFF_BOX');
  return finding && { ...(finding.params as object), says: told(finding), sum: finding.because?.total };
};

/** A slide 45 high, common practice: 22.5 to either side of its line. */
describe('a slide that reaches past the side of its box', () => {
  it('below, by what half of it is more than its line lies over the lower edge', () => {
    expect(found(at('mounting', { rise: '20 mm' }))).toMatchObject({
      ...{ height: 45_000_000, by: 2_500_000, under: true },
      sum: 2_500_000,
    });
    expect(found(at('mounting', { rise: '22.5 mm' }))).toBeUndefined();
  });

  it('above, by what its line and half of it are more than the box', () => {
    const high = [at('mounting', { rise: '40 mm' }), at('drawers[0].boxHeight', '60 mm')] as const;
    expect(found(...high)).toMatchObject({ by: 2_500_000, under: false, sum: 2_500_000 });
    expect(found(high[0], at('drawers[0].boxHeight', '62.5 mm'))).toBeUndefined();
  });

  it('on either side alike it is told as above; the more where they differ', () => {
    const low = at('drawers[0].boxHeight', '40 mm');
    expect(found(low)).toMatchObject({ by: 2_500_000, under: false });
    expect(found(low, at('mounting', { rise: '19 mm' }))).toMatchObject({ by: 3_500_000, under: true });
    expect(found(low, at('mounting', { rise: '21 mm' }))).toMatchObject({ by: 3_500_000, under: false });
  });
});
