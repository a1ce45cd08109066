import { dayIn } from './day';

describe('a day', () => {
  it('is the same wherever it is read', () => {
    // Tests run where the clock is behind UTC by hours.
    expect(new Date('2026-11-30T00:00:00Z').getDate()).toBe(29);
    expect(dayIn('en-GB', '2026-12-29')).toBe('29 Dec 2026');
    expect(dayIn('en-GB', '2026-11-30T00:10:00.000Z')).toBe('30 Nov 2026');
    expect(dayIn('de', '2026-12-29')).toBe('29.12.2026');
  });
});
