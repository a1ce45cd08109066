import type { JobDocument } from '../job';
import { inMillimetres, millimetres } from '../length';
import { readJobDocument } from '../plan';
import { demo, IN_ENGLISH } from '../plan/plan.spec-data';
import { WHOLE_CASE, wholeJob } from '../plan/whole-case.spec-data';
import { lessonsOf } from './lessons';
import { madeOf, sumsOf, trendsOf, type MadeSize } from './against-plan';
import { recordLines } from './record-lines';
import { stepsDone } from './steps-done';

const day = (n: number): string => `2026-11-${String(n).padStart(2, '0')}T10:00:00Z`;

describe('the record of a job', () => {
  const document: JobDocument = {
    ...demo('notions-bank'),
    cutting: { cut: [{ part: 'c1/b1/d2/side 1', length: '22 in', width: '2 in', wrong: 'ripped narrow', at: day(4) }] },
    log: [
      {
        id: '1',
        kind: 'reading',
        at: day(9),
        by: 'Ann',
        bank: 'c1/b1',
        drawer: 'd3',
        what: 'width',
        place: 'front',
        length: '23 in',
        against: '24 in',
        device: 'laser',
      },
      { id: '2', kind: 'step', at: day(6), bank: 'c1/b1', step: 'd1/left' },
      { id: '3', kind: 'fault', at: day(7), bank: 'c1/b1', drawer: 'd2', fault: 'front-tight', mended: 'planed' },
      { id: '4', kind: 'time', at: day(8), minutes: 40 },
      { id: '5', kind: 'step', at: day(10), bank: 'c1/b1', step: 'd1/left', undone: true },
      { id: '6', kind: 'photo', at: day(11), photo: 'p1' },
    ],
  };
  const reading = readJobDocument(document);
  const job = reading.ok ? reading.job : undefined;

  it('has everything in its order, in words', () => {
    const lines = recordLines(job!);
    expect(lines.map(({ kind }) => kind)).toEqual([
      'gate',
      'wrong',
      'step',
      'fault',
      'time',
      'reading',
      'step',
      'photo',
    ]);
    expect(lines.map(({ said }) => IN_ENGLISH.say(said))).toEqual([
      'the slides are in hand',
      'cut to 558.8 mm × 50.8 mm, came out wrong: ripped narrow',
      'done: left slide hung, drawer 1',
      'a front came out tight; mended: planed',
      '40 minutes',
      'width of the opening, front: 584.2 mm by laser, planned 609.5 mm',
      'taken back: left slide hung, drawer 1',
      'photograph',
    ]);
    expect(lines[5]!.by).toBe('Ann');
    expect(IN_ENGLISH.say(lines[1]!.where!)).toMatch(/b1 d2 .*side 1$/);
    expect(IN_ENGLISH.say(lines[5]!.where!)).toBe('Notions bench, drawer 3');
  });

  it('knows which steps are done now', () => {
    expect([...stepsDone(job!.log!, 'c1/b1').keys()]).toEqual([]);
    expect([...stepsDone(job!.log!.slice(0, 3), 'c1/b1').keys()]).toEqual(['d1/left']);
    expect(stepsDone(job!.log!, 'c1/b2').size).toBe(0);
  });

  it('finds what was measured against the plan', () => {
    expect(madeOf(job!.log!)).toMatchObject([{ what: 'width', planned: 609_600_000, made: 584_200_000 }]);
  });
});

describe('what to do otherwise next time', () => {
  const boxes = (...over: number[]): MadeSize[] =>
    over.map((each, index) => ({
      what: 'box-width',
      at: day(index + 1),
      planned: millimetres(500),
      made: millimetres(500 + each),
    }));

  const trends = (...over: number[]) => trendsOf(sumsOf(boxes(...over)));

  it('reckons mean and spread of what came out', () => {
    const [trend] = trendsOf(sumsOf(boxes(0.5, 0.7, 0.6)));
    expect([trend!.count, inMillimetres(trend!.mean)]).toEqual([3, 0.6]);
    expect(inMillimetres(trend!.spread)).toBeCloseTo(0.1, 6);
  });

  it('raises the ease where boxes come out wide beyond chance', () => {
    const forty = trends(...Array.from({ length: 40 }, (_, index) => 0.6 + (index % 2 ? 0.2 : -0.2)));
    const [lesson] = lessonsOf(forty, [], {});
    expect(lesson).toMatchObject({
      about: 'box-width',
      trend: { count: 40, mean: millimetres(0.6) },
      change: { setting: 'ease', from: 0, to: millimetres(0.6) },
    });
    expect(lessonsOf(forty, [], { ease: millimetres(1) })[0]!.change!.to).toBe(millimetres(1.6));
  });

  it('says nothing of a few, of little, or of what may be chance', () => {
    expect(lessonsOf(trends(0.6, 0.6, 0.6, 0.6), [], {})).toEqual([]);
    expect(lessonsOf(trends(0.1, 0.1, 0.1, 0.1, 0.1, 0.1), [], {})).toEqual([]);
    expect(lessonsOf(trends(2, -2, 2, -2, 1.5), [], {})).toEqual([]);
  });

  it('gathers faults by kind; written down twice, one proposes its setting', () => {
    const faults = [
      { fault: 'split', times: 1 },
      { fault: 'front-tight', times: 2 },
    ] as const;
    const [tight, split] = lessonsOf([], faults, { gap: millimetres(2) });
    expect(tight).toMatchObject({
      about: 'front-tight',
      times: 2,
      change: { setting: 'gap', from: millimetres(2), to: millimetres(2.4) },
    });
    expect(split).toMatchObject({ about: 'split', times: 1, otherwise: { code: 'otherwise/split' } });
    expect(split).not.toHaveProperty('change');
    expect(lessonsOf([], [{ fault: 'box-narrow', times: 2 }], {})[0]).not.toHaveProperty('change');
  });
});

describe('the record of a whole case', () => {
  it('tells its gates, and its parts by their kind and compartment', () => {
    const deed = { at: '2026-11-28T09:00:00.000Z', by: 'Mo' };
    const document = wholeJob({ ...WHOLE_CASE, gates: { survey: deed } }, [], {
      cutting: { cut: [{ part: 'c1/divider left', length: '29 in', width: '22 in', ...deed }] },
      log: [{ id: 'e1', kind: 'fault', fault: 'wrong-face', part: 'c1/case-side-left', ...deed }],
    }) as JobDocument;
    const reading = readJobDocument(document);
    if (!reading.ok) throw new Error('unread');
    const told = recordLines(reading.job).map(
      ({ said, where }) => `${where ? IN_ENGLISH.say(where) : ''}: ${IN_ENGLISH.say(said)}`,
    );
    expect(told[0]).toBe('Bench: the space is surveyed, thicknesses are measured');
    expect(told[1]).toMatch(/^divider right of left: /);
    expect(told[2]).toBe('left side of the case: bored or cut on the wrong face');
  });
});

it('a note, a photograph, a hinge and a step nobody knows are told as they were written; parts cut before their turn with why', () => {
  const at = day(9);
  const reading = readJobDocument({
    ...demo('signal-locker'),
    cutting: { released: [{ part: 'c1/b1/d1/bottom', reason: 'the saw was set', at, by: 'Runa' }] },
    log: [
      { id: '1', kind: 'note', at, bank: 'c1/b1', drawer: 'd2', note: 'runs well' },
      { id: '2', kind: 'photo', at, photo: 'p1', note: 'the corner' },
      { id: '3', kind: 'step', at, bank: 'c1/b1', step: 'd1/sung' },
      { id: '4', kind: 'reading', at, door: 'c1/d1', what: 'hinge-y', place: 'left', hinge: 2, length: '400 mm' },
    ],
  } as JobDocument);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const lines = recordLines(reading.job).filter(({ kind }) => kind !== 'gate');
  expect(lines.map(({ kind, said }) => [kind, IN_ENGLISH.say(said)])).toEqual([
    ['released', expect.stringContaining('the saw was set')],
    ['note', 'runs well'],
    ['photo', 'the corner'],
    ['step', expect.stringContaining('d1/sung')],
    ['reading', expect.stringMatching(/400\.0 mm|400 mm|15 3\/4/)],
  ]);
  expect(lines[4]?.said.params).toMatchObject({ hinge: 2 });
  expect(lines.map(({ where }) => where?.params)).toEqual([
    { at: ['b1', 'd1'], part: 'part/bottom' },
    expect.objectContaining({ drawer: 1 }),
    undefined,
    expect.not.objectContaining({ drawer: expect.anything() }),
    expect.objectContaining({ bank: { id: 'd1', door: true } }),
  ]);
  expect(lines[0]?.by).toBe('Runa');
});
