import fc from 'fast-check';
import { level } from '../travel';
import { areaShared, stoodAt } from '../travel/travel.spec-data';
import { plan, readJobDocument } from './plan';
import { wholeBank, wholeJob } from './whole-case.spec-data';

const FRONT = { mount: 'overlay', top: '8 mm', bottom: '8 mm', left: '8 mm', right: '8 mm', gap: '3 mm' };

const projection = fc.constantFrom(undefined, '12 mm', '35 mm', '60 mm');
const aCase = fc.record({
  x: fc.integer({ min: 0, max: 2200 }),
  z: fc.integer({ min: 0, max: 2200 }),
  turn: fc.constantFrom(0, 90, 180, 270),
  side: fc.constantFrom('left', 'right'),
  family: fc.constantFrom('cup-110-full', 'cup-165-full', 'piano'),
  mount: fc.constantFrom('overlay', 'inset'),
  pull: projection,
  drawn: projection,
});
type ACase = typeof aCase extends fc.Arbitrary<infer T> ? T : never;

function caseOf({ x, z, turn, side, family, mount, pull, drawn }: ACase, index: number) {
  const laps = mount === 'inset' ? { top: '3 mm', bottom: '3 mm', left: '3 mm', right: '3 mm' } : {};
  const front = {
    ...{ ...FRONT, material: 'ash19' },
    ...(drawn === undefined ? {} : { pull: { school: 'centre', purchase: '10 mm', projection: drawn } }),
  };
  return {
    ...{ id: `c${index}`, name: `c${index}`, style: 'frameless', at: { x: `${x} mm`, z: `${z} mm`, turn } },
    build: {
      width: '1000 mm',
      height: '800 mm',
      depth: '560 mm',
      panel: 'ply18',
      joint: { kind: 'butt' },
      back: { kind: 'applied', material: 'ply6' },
    },
    layout: { id: 'front', across: [{ id: 'l' }, { id: 'r' }] },
    banks: [
      wholeBank('b1', 'l', 2, { front, slide: { family: 'side-ball-bearing', length: '500 mm', lengths: 'mm' } }),
    ],
    doors: [
      {
        ...{ ...FRONT, ...laps, id: 'o1', over: 'r', mount, material: 'ash19', hinge: { family, side } },
        ...(pull === undefined ? {} : { pull: { projection: pull } }),
      },
    ],
  };
}

describe('a room of cases standing anyhow', () => {
  it('nothing that is told as free overlaps anything that is closed, wherever on its way one looks', () => {
    const thing = fc.record({ x: fc.integer({ min: 0, max: 3000 }), z: fc.integer({ min: 0, max: 3000 }) });
    fc.assert(
      fc.property(fc.array(aCase, { minLength: 1, maxLength: 3 }), thing, (cases, { x, z }) => {
        const room = {
          height: '2400 mm',
          walls: [
            {
              id: 'n',
              from: ['0 mm', '0 mm'],
              to: ['3300 mm', '0 mm'],
              casings: [{ at: '900 mm', width: '800 mm', out: '20 mm' }],
            },
            { id: 'slant', from: ['3300 mm', '0 mm'], to: ['2900 mm', '3300 mm'] },
          ],
          things: [
            {
              id: 't',
              x: `${x} mm`,
              z: `${z} mm`,
              width: '500 mm',
              depth: '400 mm',
              height: '700 mm',
              handle: '30 mm',
            },
          ],
        };
        const read = readJobDocument({ ...wholeJob({}, [], { unit: 'mm' }), room, cases: cases.map(caseOf) });
        if (!read.ok) throw new Error(JSON.stringify(read.errors));
        const [world] = plan(read.job).worlds;
        for (const { mover, travel } of world!.ways) {
          if (travel === 0) continue;
          // What stands in it is passed one by one; walls have no area of their own.
          const others = world!.solids.filter(
            ({ name, shape, heights }) =>
              !mover.own.has(name) && level(mover.heights, heights) && shape.points.length > 2,
          );
          for (let step = 0; step <= 24; step += 1)
            for (const piece of stoodAt(mover, (travel * step) / 24))
              for (const { name, shape } of others) {
                const shared = areaShared(piece, shape.points);
                // A tenth of a square millimetre is what doubles make of touching along a metre.
                expect([mover.name, name, step, shared < 1e11]).toEqual([mover.name, name, step, true]);
              }
        }
      }),
      { numRuns: 15 },
    );
  });
});
