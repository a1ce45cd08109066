import '@angular/localize/init';
import { nm } from '@zabble/core';
import { placedNear, placePatches, turnPatches } from './room-edits';

const MM = 1_000_000;
const stood = { path: 'cases[0]', x: 100 * MM, z: 200 * MM, across: 900 * MM, down: 600 * MM };
const to = (x: number, z: number, xs: readonly number[] = [], zs: readonly number[] = []) => {
  const lines = { xs: xs.map((at) => at * MM), zs: zs.map((at) => at * MM) };
  const place = placedNear(stood, { x: x * MM, z: z * MM }, lines, 20 * MM, 10 * MM);
  return [place.x / MM, place.z / MM];
};

describe('a case that is moved about its room', () => {
  it('goes in whole steps, and stands against what is near on either of its sides', () => {
    expect(to(13, -4)).toEqual([110, 200]);
    // Its left side to a wall at 0, its right side to a case at 1200, its back to a wall at 0.
    expect(to(-85, 0, [0, 1200])).toEqual([0, 200]);
    expect(to(190, 0, [0, 1200])).toEqual([300, 200]);
    expect(to(0, -190, [], [0])).toEqual([100, 0]);
    // Farther than near it is left where it is, in steps.
    expect(to(-75, 0, [0])).toEqual([30, 200]);
    // Of two that are near, the nearer.
    expect(to(-85, 0, [0, 12])).toEqual([12, 200]);
  });

  it('is written as the job writes lengths, and turns about its middle', () => {
    expect(placePatches(stood, { x: nm(-25_400_000), z: nm(0) }, 'in')).toEqual([
      { path: 'cases[0].at.x', value: '-1 in' },
      { path: 'cases[0].at.z', value: '0 in' },
    ]);
    expect(turnPatches(stood, 0, 'mm')).toEqual([
      { path: 'cases[0].at.x', value: '250 mm' },
      { path: 'cases[0].at.z', value: '50 mm' },
      { path: 'cases[0].at.turn', value: 270 },
    ]);
    expect(turnPatches(stood, 270, 'mm').at(-1)).toEqual({ path: 'cases[0].at.turn', value: 180 });
  });
});
