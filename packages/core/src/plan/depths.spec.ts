import { ENGLISH, millimetres, plan, planDocument, readJobDocument, wordsIn, type JobDocument } from '..';
import { WHOLE_CASE, wholeBank, wholeJob } from './whole-case.spec-data';

const WORDS = wordsIn(ENGLISH, { unit: 'in', step: millimetres(0.5) });
const planned = (build: object, bank: object = {}, more: object = {}) => {
  const made = { ...WHOLE_CASE.build, frame: undefined, base: undefined, stands: undefined, top: undefined, ...build };
  const owner = { build: made, layout: { id: 'A' }, ...more };
  const reading = readJobDocument(wholeJob(owner, [wholeBank('b1', 'A', 5, bank)]) as JobDocument);
  if (!reading.ok) throw new Error(reading.errors.map(({ path, said }) => `${path} ${said.code}`).join('; '));
  return planDocument(plan(reading.job), WORDS).cases[0]!;
};
const slides = ({ banks }: ReturnType<typeof planned>) => banks[0]!.drawers.map(({ slide }) => slide['length']);

// A case 23 1/4 in deep (590.55 mm) with a back of 5.6 mm in a rabbet: 584.95 inside; floor at 17.7, ceiling at 858.6.
describe('a compartment that is not as deep everywhere', () => {
  it('is shallower where cleats stand in it: the bank by the least, each drawer by its own bay', () => {
    const { openings, banks } = planned({ cleats: { material: 'ply18', width: '90 mm', count: 2 }, depth: '525 mm' });
    expect(openings?.[0]).toMatchObject({ depth: 519.4 });
    expect(openings?.[0]?.depths).toEqual([
      { from: 0, to: 90, depth: 501.7 },
      { from: 750.9, to: 840.9, depth: 501.7 },
    ]);
    expect(banks[0]!.opening.depth).toBe(501.7);
    // Slides of 20 in (508 mm) want 510.. mm: only between the cleats there is as much.
    const lengths = banks[0]!.drawers.map(({ slide }) => slide['length'] as number);
    expect(lengths[2]).toBeGreaterThan(lengths[0]!);
    expect(lengths[0]).toBe(lengths[4]);
  });

  it('is as deep as ever where cleats stand behind a back that is set in', () => {
    const back = { kind: 'grooved', material: 'ply6', depth: '9 mm', set: '18 mm' };
    const whole = planned({ cleats: { material: 'ply18', width: '90 mm', count: 2 }, back });
    expect(whole.openings?.[0]).not.toHaveProperty('depths');
  });

  it('loses what its members are notched for, and what is kept clear of', () => {
    const notches = [{ member: 'case-side-left', steps: [{ height: '100 mm', depth: '16 mm' }] }];
    expect(planned({ notches }).openings?.[0]?.depths).toEqual([{ from: 0, to: 82.3, depth: 568.95 }]);
    const keepOut = {
      ...{ compartment: 'A', name: 'Still', x: '0 mm', y: '200 mm', z: '400 mm' },
      ...{ width: '100 mm', height: '50 mm', depth: '100 mm', room: '10 mm' },
    };
    const whole = planned({}, {}, { keepOuts: [keepOut] });
    expect(whole.openings?.[0]?.depths).toEqual([{ from: 190, to: 260, depth: 390 }]);
    expect(Math.min(...slides(whole).map(Number))).toBeLessThan(Math.max(...slides(whole).map(Number)));
  });

  it('is what was measured once it stands', () => {
    const opening = { width: ['1400 mm'], height: ['800 mm'], depth: ['560 mm'] };
    const cleats = { material: 'ply18', width: '90 mm', count: 2 };
    const { banks } = planned({ cleats }, { basis: 'as-built', opening });
    expect(banks[0]!.opening.depth).toBe(560);
    expect(new Set(banks[0]!.drawers.map(({ slide }) => slide['length'])).size).toBe(1);
  });
});
