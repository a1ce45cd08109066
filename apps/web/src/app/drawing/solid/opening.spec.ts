import type { Motion, Plan } from '@zabble/core';
import { allOpened, opened, stoppedIn, type Opening } from './opening';
import { splicingBench } from './solid.spec-data';

const { plan, owner, motions } = splicingBench();
const opening: Opening = { plan, owner, motions };
const door = motions.find(({ kind }) => kind === 'door')!;
const drawer = motions.find(({ name }) => name === 'c1/b1/d1')!;
const none = new Map<string, number>();

describe('opening what opens', () => {
  it('goes as far as it is pulled, and no farther than it comes', () => {
    expect(opened(opening, none, drawer.name, 100).get(drawer.name)).toBe(100);
    expect(opened(opening, none, drawer.name, Infinity).get(drawer.name)).toBe(drawer.reach);
    expect(opened(opening, none, drawer.name, 0).size).toBe(0);
    expect(opened(opening, none, 'c1/nobody', 10)).toBe(none);
  });

  it('stops a door at a drawer that stands open, and says at which', () => {
    const out = opened(opening, none, drawer.name, Infinity);
    const both = opened(opening, out, door.name, Infinity);
    expect(both.get(door.name)).toBeLessThan(door.reach);
    const tried = new Set([door.name]);
    expect(stoppedIn(opening, both, tried)).toEqual([{ name: door.name, by: drawer.name }]);
    // The drawer is out all its way: nothing stopped it.
    expect(stoppedIn(opening, out, new Set([drawer.name]))).toEqual([]);
    // A drawer behind the open leaf is stopped, but said so only when it was tried.
    const shut = opened(opening, none, door.name, Infinity);
    expect(stoppedIn(opening, shut, new Set([door.name]))).toEqual([]);
    const tries = opened(opening, shut, drawer.name, Infinity);
    expect(stoppedIn(opening, tries, new Set([drawer.name]))).toEqual([{ name: drawer.name, by: door.name }]);
  });

  it('opens everything one after the other, each past what is open already', () => {
    const all = allOpened(opening);
    for (const { name, reach } of motions) expect(all.get(name) ?? 0).toBeLessThanOrEqual(reach);
    expect([...all.keys()]).toEqual(expect.arrayContaining([drawer.name, door.name]));
    expect(all.get(door.name)).toBeLessThan(door.reach);
  });

  it('opens the doors before a tray first, and pushes it in with them', () => {
    const leaf: Motion = { ...door, name: 'c1/o9/left', behind: [], reach: 95, full: 95 };
    const tray: Motion = { name: 'c1/b9/t1', kind: 'tray', behind: [leaf.name], full: 400, reach: 400 };
    // A case nobody told the room of: everything comes all its way.
    const alone: Opening = { plan: { ...plan, worlds: [] } as Plan, owner, motions: [leaf, tray] };
    const out = opened(alone, none, tray.name, 200);
    expect([...out]).toEqual([
      [leaf.name, 95],
      [tray.name, 200],
    ]);
    expect([...opened(alone, out, leaf.name, 60)]).toEqual([[leaf.name, 60]]);
  });
});
