import { ENGLISH, wordsIn } from '../words';
import { nm, millimetres, plain } from '../length';
import { BOTTOMS } from './bottoms';
import { CORNERS } from '../job';
import { lossOf, reachOf } from './corners';

const mm = millimetres;
const [side, end, depth] = [mm(12), mm(15), mm(4)];

describe('the corner joints', () => {
  // How far ends reach into a side of 12 and what a side loses at an end of 15, joint 4 deep; common practice.
  it.each([
    ['butt-sides-run', 0, 0],
    ['pocket-screw', 0, 0],
    ['butt-ends-run', 12, 15],
    ['rabbet', 12, 11],
    ['tongue-dado', 4, 0],
    ['half-blind', 12, 11],
    ['through', 12, 0],
  ] as const)('%s', (joint, reach, loss) => {
    expect([reachOf({ joint, depth }, side), lossOf({ joint, depth }, end)]).toEqual([mm(reach), mm(loss)]);
  });

  it('need no depth where they have none', () => {
    expect(lossOf({ joint: 'butt-ends-run' }, end)).toBe(end);
    expect(reachOf({ joint: 'through' }, side)).toBe(side);
    expect(reachOf({ joint: 'butt-sides-run' }, side)).toBe(nm(0));
  });

  it('and the bottoms each say what they are in one sentence', () => {
    const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(1) });
    for (const [kind, ids] of [
      ['joint', Object.keys(CORNERS)],
      ['bottom-fit', Object.keys(BOTTOMS)],
    ] as const)
      for (const id of ids) {
        expect(words.say(plain(`${kind}/${id}`))).toMatch(/^[A-Z][^/]{3,}$/);
        expect(words.say(plain(`${kind}-told/${id}`))).toMatch(/^[A-Z][^.]*\.$/);
      }
  });
});
