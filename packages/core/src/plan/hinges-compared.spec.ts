import { plan, readJobDocument } from './plan';
import { demo } from './plan.spec-data';
import { BUILT_IN_HINGES } from '../doors/builtin';
import { compareHinges } from '../doors/compare';
import type { Hinge } from '../doors/hinge';
import { isContinuous } from '../doors/hinging';

describe('hinges side by side', () => {
  const reading = readJobDocument(demo('signal-locker'));
  if (!reading.ok) throw new Error('unread');
  const [door] = plan(reading.job).cases[0]!.doors;
  const table = new Map(BUILT_IN_HINGES.map((row) => [row.id, row]));
  const served = compareHinges(door!, table);

  it('are all of the table, in its order, each as it would serve this door', () => {
    expect(served.map(({ hinge }) => hinge.id)).toEqual([...table.keys()]);
    const own = served.find(({ hinge }) => hinge.id === door!.hinge.id)!;
    const [leaf] = door!.leaves;
    expect(own.reaches).toBe(true);
    expect(own.hung!.count).toBe(leaf!.hinges.length);
  });

  it('have a cup’s tab and plate only where there is one, and a number only where they are counted', () => {
    for (const { hinge, tab, plate, hung, protrusion } of served) {
      expect([hinge.id, hung === undefined]).toEqual([hinge.id, isContinuous(hinge)]);
      if (plate !== undefined) expect([hinge.id, hinge.bore === undefined]).toEqual([hinge.id, false]);
      if (tab !== undefined) expect(hinge.bore).toBeDefined();
      if (hung) expect(hung.carries_kg).toBeGreaterThan(0);
      expect(protrusion).toBeGreaterThanOrEqual(0);
    }
    expect(served.some(({ tab }) => tab !== undefined)).toBe(true);
    expect(served.some(({ reaches }) => !reaches)).toBe(true);
  });

  it('take the one in use as it was tried, and no leaf no hinge', () => {
    const tried = { ...door!.hinge, load_kg: 1 } as Hinge;
    const again = compareHinges({ ...door!, hinge: tried }, table).find(({ hinge }) => hinge.id === tried.id)!;
    expect(again.hinge).toBe(tried);
    expect(again.hung!.count).toBeGreaterThanOrEqual(served.find(({ hinge }) => hinge.id === tried.id)!.hung!.count);
    expect(compareHinges({ ...door!, leaves: [] }, table)).toEqual([]);
  });
});
