import { Again } from './again';

describe('trying the server again', () => {
  const waits = (chance: number, many: number): number[] => {
    const again = new Again(() => chance);
    return Array.from({ length: many }, () => again.wait());
  };

  it('waits twice as long each time, up to half a minute', () => {
    expect(waits(0.5, 6)).toEqual([2000, 4000, 8000, 16_000, 30_000, 30_000]);
  });

  it('waits a little more or less than others do', () => {
    expect([waits(0, 1)[0], waits(1, 1)[0]]).toEqual([1500, 2500]);
  });

  it('begins anew once it was reached', () => {
    const again = new Again(() => 0.5);
    again.wait();
    again.wait();
    again.reached();
    expect(again.wait()).toBe(2000);
  });
});
