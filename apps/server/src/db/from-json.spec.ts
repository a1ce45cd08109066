import { fromJson } from './from-json';

describe('what a column of JSON holds', () => {
  it('is what was kept, sent as text or read already', () => {
    const kept = { size: 3 };
    expect(fromJson<{ size: number }>('{"size":3}')).toEqual(kept);
    expect(fromJson(kept)).toBe(kept);
    expect(fromJson(null)).toBeNull();
  });
});
