import fc from 'fast-check';
import { thinned, type KeptRevision } from './thin';

const NOW = new Date('2026-11-27T12:00:00Z');
const ago = (hours: number, revision = 1): KeptRevision => ({
  revision,
  savedAt: new Date(NOW.getTime() - hours * 3_600_000),
});

describe('older versions, thinned', () => {
  it('are all kept for two days', () => {
    expect(
      thinned(
        [1, 2, 3, 30, 47].map((hours) => ago(hours)),
        NOW,
      ),
    ).toEqual([]);
  });

  it('then the last of each day, and after two months the last of each thirty days', () => {
    const day = [ago(72 + 1, 3), ago(72 + 2, 2), ago(72 + 3, 1)];
    expect(thinned(day, NOW).map(({ revision }) => revision)).toEqual([2, 1]);
    const months = Array.from({ length: 365 }, (_, n) => ago(24 * n + 12, 1000 - n));
    const stay = months.length - thinned(months, NOW).length;
    expect([stay > 65, stay < 80]).toEqual([true, true]);
  });

  it('are never more than three hundred, the newest among them', () => {
    const many = Array.from({ length: 400 }, (_, n) => ago(n / 10, 400 - n));
    const gone = thinned(many, NOW);
    expect(gone).toHaveLength(100);
    expect(gone.every(({ revision }) => revision <= 100)).toBe(true);
  });

  it('thinned once are not thinned more at the same moment, and the newest always stays', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 20_000 }), { maxLength: 80 }), (hours) => {
        const kept = hours.map((each, index) => ago(each, index));
        const gone = new Set(thinned(kept, NOW));
        const rest = kept.filter((each) => !gone.has(each));
        expect(thinned(rest, NOW)).toEqual([]);
        const newest = Math.min(...hours, Infinity);
        if (kept.length > 0)
          expect(rest.some(({ savedAt }) => savedAt.getTime() === ago(newest).savedAt.getTime())).toBe(true);
      }),
    );
  });
});
