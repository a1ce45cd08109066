import { assembly, fixingMarks, fixingTotals } from '../fixing';
import type { JobDocument } from '../job';
import { inches, inMillimetres, millimetres } from '../length';
import { caseFixings } from './case-fixings';
import { plan, readJobDocument } from './plan';
import { WHOLE_CASE, wholeJob } from './whole-case.spec-data';

function cased(build: object = {}, over: object = {}) {
  const reading = readJobDocument(
    wholeJob({ ...WHOLE_CASE, ...over, build: { ...WHOLE_CASE.build, ...build } }) as JobDocument,
  );
  if (!reading.ok) throw new Error(reading.errors.map(({ path, said }) => `${path} ${said.code}`).join(' '));
  const [first] = plan(reading.job).cases;
  if (!first?.casework) throw new Error('no case');
  return { ...caseFixings(reading.job, first), casework: first.casework };
}

/** `stretcher>case-side-left: 2 pocket-screw 31.75`. */
function told({ fixings }: ReturnType<typeof cased>): readonly string[] {
  return fixings.map(
    ({ kind, joint: { one, other }, places, long, glue }) =>
      `${one.role}>${other.role}: ${places.length} ${kind}${long ? ` ${inMillimetres(long)}` : ''}${glue ? ' +glue' : ''}`,
  );
}

describe('what holds a case', () => {
  it('is glue where panels are let in, pocket screws where they butt, brads at back and frame', () => {
    const all = told(cased());
    // By hand from the made-up bench. A stretcher of 101.6: 25 from the ends, 51.6 between → two.
    expect(all).toEqual(
      expect.arrayContaining([
        'case-bottom>case-side-left: 0 glue +glue',
        'divider>case-bottom: 0 glue +glue',
        'stretcher>case-side-left: 2 pocket-screw 31.75',
        'divider>stretcher: 2 pocket-screw 31.75',
        'case-rail>divider: 2 pocket-screw 31.75',
        // 768.35 long in its rabbet: 728.35 between, over 100 → 9; three times 5.6 is 16.8, 5/8 in is listed.
        'case-back>case-side-left: 9 brad 15.875 +glue',
        'frame-stile>case-side-left: 9 brad 38.1 +glue',
        'frame-rail>frame-stile: 2 pocket-screw 31.75',
        // A rail of 19.05 takes one, with glue.
        'frame-middle-rail>frame-stile: 1 pocket-screw 31.75 +glue',
        'kick-board>case-side-left: 2 pocket-screw 31.75',
      ]),
    );
  });

  it('follows what is chosen, and what is solid', () => {
    const { kind } = cased({ joint: { kind: 'butt', fixing: 'connector-screw' } }).fixings.find(
      ({ joint }) => joint.one.role === 'case-bottom',
    )!;
    expect(kind).toBe('connector-screw');
    expect(told(cased({ frame: { ...WHOLE_CASE.build.frame, tenon: '1/2 in' } }))).toContain(
      'frame-rail>frame-stile: 0 glue +glue',
    );
    expect(told(cased({ back: { kind: 'grooved', material: 'ply6', depth: '1/4 in', set: '1/2 in' } }))).toContain(
      'case-back>case-bottom: 0 glue +glue',
    );
    const solid = cased({ worktop: { material: 'ash19' } }).fixings.filter(({ joint }) => joint.one.role === 'worktop');
    expect(solid.map(({ slotted, long, kind: how }) => [how, slotted, long])).toEqual([
      ['screw', true, inches(5, 4)],
      ['screw', true, inches(5, 4)],
    ]);
  });

  it('counts pins, feet with their screws, and a screw a stud for each cleat', () => {
    const { hardware } = cased(
      {
        cleats: { material: 'ply18', width: '3 1/2 in' },
        place: { width: ['61 in'], studs: { first: '9 in', pitch: '16 in' } },
      },
      { shelves: [{ compartment: 'left', count: 2 }] },
    );
    // 60 in wide: four feet and, over 36 in by one further 24 in, a pair more. Studs at 9, 25, 41, 57 in, two cleats.
    expect(hardware).toEqual([
      { kind: 'shelf-pin', count: 8 },
      { kind: 'foot', count: 6 },
      { kind: 'foot-screw', count: 24 },
      { kind: 'wall-screw', count: 8 },
    ]);
  });

  it('is set where both members lie, and counted alike by steps and in all', () => {
    const whole = cased({ worktop: { material: 'ply18' } });
    for (const { joint, places } of whole.fixings)
      for (const place of places) {
        const { along } = joint.axes;
        expect(place).toBeGreaterThan(Math.max(joint.one[along].from, joint.other[along].from));
        expect(place).toBeLessThan(Math.min(joint.one[along].to, joint.other[along].to));
      }
    const inSteps = assembly(whole.casework, whole.fixings).flatMap(({ fixings }) => fixings);
    const sum = (rows: readonly { count: number }[]) => rows.reduce((all, { count }) => all + count, 0);
    expect(sum(inSteps)).toBe(sum(fixingTotals(whole.fixings)));
    expect(sum(inSteps)).toBe(whole.fixings.reduce((all, { places }) => all + places.length, 0));
  });

  it('stands on the part it is set in: a pocket back from the end, on the hidden face; the other hand is the mirror', () => {
    const { fixings, casework } = cased({ joint: { kind: 'butt' } });
    const body = (role: string) => casework.bodies.find((each) => each.role === role)!;
    const marks = fixingMarks(fixings, body('case-bottom')).filter(({ kind }) => kind === 'pocket-screw');
    // 17.7 thick at fifteen degrees: half of it, 8.85 / tan 15° = 33.03 in from either end.
    expect(new Set(marks.map(({ face }) => face))).toEqual(new Set(['lower']));
    expect(inMillimetres(marks[0]!.along)).toBeCloseTo(33.03, 2);
    expect(marks[0]!.in).toBe(millimetres(25));
    const layout = { id: 'front', across: [{ id: 'left' }, { id: 'right' }] };
    const screwed = cased({ joint: { kind: 'butt', fixing: 'screw' } }, { layout, banks: [] });
    const side = (role: string) =>
      fixingMarks(
        screwed.fixings,
        screwed.casework.bodies.find((each) => each.role === role)!,
      );
    expect(side('case-side-left').length).toBeGreaterThan(4);
    expect(side('case-side-left')).toEqual(side('case-side-right'));
  });
});
