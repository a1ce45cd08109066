import { ENGLISH, millimetres, plan, planDocument, readJobDocument, wordsIn, writtenHere, type JobDocument } from '..';
import { WHOLE_CASE, wholeBank, wholeJob } from './whole-case.spec-data';

const WORDS = wordsIn(ENGLISH, { unit: 'in', step: millimetres(0.5) });
const { build, layout } = WHOLE_CASE;
const bank = wholeBank;
const job = (over: object = {}, banks?: readonly object[]) => wholeJob({ ...WHOLE_CASE, ...over }, banks);
const read = (document: object) => {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(reading.errors.map(({ path, said }) => `${path} ${said.code}`).join('; '));
  return { ...reading, plan: plan(reading.job) };
};
const errors = (document: object): readonly string[] => {
  const reading = readJobDocument(document);
  return reading.ok ? [] : reading.errors.map(({ path, said }) => `${path}: ${WORDS.say(said)}`);
};
const codes = (document: object): readonly string[] => read(document).plan.cases[0]!.findings.map(({ code }) => code);

describe('banks in the compartments of a case', () => {
  it('stand in the openings that follow from it, built out to the edge of its frame', () => {
    const [whole] = planDocument(read(job()).plan, WORDS).cases;
    expect(whole!.banks.map(({ opening }) => opening)).toEqual([
      { width: 971.55, height: 114.3, depth: 584.95 },
      { width: 971.55, height: 558.8, depth: 584.95 },
    ]);
    expect(whole!.banks[0]!.buildOut).toMatchObject({ left: { wanted: 10.2 }, right: { wanted: 23.575 } });
    expect((whole as { openings?: readonly object[] }).openings).toHaveLength(3);
    expect((whole as { parts?: readonly { role: string }[] }).parts?.[0]).toMatchObject({
      ...{ role: 'case-side-left', count: 1, length: 857.25, width: 571.5, thickness: 17.7, material: 'ply18' },
    });
  });

  it('keep what was measured in them once they stand', () => {
    const opening = { width: ['38 1/8 in'], height: ['4 1/2 in'], depth: ['23 in'] };
    const measured = job({}, [bank('b1', 'upper', 1, { basis: 'as-built', opening })]);
    expect(read(measured).plan.cases[0]!.banks[0]!.opening.width.total).toBe(millimetres(968.375));
  });

  it('take what their build-outs are made of, and what is done with the rest, beside how much follows', () => {
    const banks = [bank('b1', 'upper', 1, { buildOut: { rest: 'packed' } })];
    const { buildOut } = read(job({}, banks)).plan.cases[0]!.banks[0]!;
    expect([buildOut?.left.wanted, buildOut?.left.rest]).toEqual([millimetres(10.2), 'packed']);
    const loose = {
      ...banks[0],
      compartment: undefined,
      opening: { width: ['9 in'], height: ['9 in'], depth: ['9 in'] },
    };
    expect(errors(job({}, [loose])).map((each) => each.split(':')[0])).toEqual([
      'cases[0].banks[0].buildOut.left',
      'cases[0].banks[0].buildOut.right',
    ]);
  });

  it('make the file one of minor 1 when it is written; one without stays what an older Zabble knows', () => {
    const document = job() as unknown as JobDocument;
    expect(writtenHere(document).minor).toBe(1);
    const opening = { width: ['9 in'], height: ['9 in'], depth: ['9 in'] };
    const banks = [bank('b1', 'x', 1, { compartment: undefined, opening })];
    const measured = job({ build: undefined, layout: undefined }, banks) as unknown as JobDocument;
    expect(writtenHere(measured)).toBe(measured);
  });

  it('of minor 2 with what came after whole cases: trays, packing, boxes and doors made in more ways', () => {
    const minor = (over: object): number | undefined =>
      writtenHere(job({}, [bank('b1', 'upper', 1, over)]) as unknown as JobDocument).minor;
    const of = bank('b1', 'upper', 1);
    const news: readonly object[] = [
      ...[{ pack: { left: '1 in' } }, { front: { mount: 'none' } }, { front: { ...of.front, top: '-1/8 in' } }],
      ...[{ box: { ...of.box, length: '20 in' } }, { box: { ...of.box, corner: { joint: 'mitre' } } }],
      ...[{ slide: { ...of.slide, cut: '1 in' } }, { mounting: { holding: 'tape' } }],
      { drawers: [{ id: 'd1', contents: [{ name: 'x', height: '1 in', files: 'a4' }] }] },
    ];
    expect(minor({})).toBe(1);
    for (const each of news) expect([each, minor(each)]).toEqual([each, 2]);
    // Of minor 3: what holds boxes, by what slides are hung, and what is written of doors.
    for (const each of [{ box: { ...of.box, fixing: 'screw' } }, { mounting: { hanging: 'jig' } }])
      expect([each, minor(each)]).toEqual([each, 3]);
    const log = [{ id: '1', kind: 'step', at: '2026-11-28T09:00:00Z', door: 'c1/o1', step: 'open' }];
    expect(writtenHere({ ...job(), log } as unknown as JobDocument).minor).toBe(3);
  });

  it('are the same objects again while nothing changes what they stand in', () => {
    const document = job() as unknown as JobDocument;
    const [one, other] = [read(document).job, read(document).job];
    expect(other.cases[0]!.banks[0]).toBe(one.cases[0]!.banks[0]);
  });

  it('are planned no further where the sizes of the case don’t add up, and nothing falls over', () => {
    const wide = job({ layout: { ...layout, across: [{ id: 'left', size: '70 in' }, layout.across[1]] } });
    const { plan: planned } = read(wide);
    expect(codes(wide)[0]).toBe('SIZES_DO_NOT_ADD_UP');
    expect(planned.cases[0]!.banks[0]!.findings.map(({ code }) => code)).toContain('SIZES_DO_NOT_ADD_UP');
  });
});

describe('a case that can’t be read', () => {
  it.each<[string, object, string]>([
    ['no layout', { layout: undefined }, 'cases[0].layout: '],
    ['no width and no space', { build: { ...build, width: undefined } }, 'cases[0].build.width: '],
    [
      'a material nobody has',
      { build: { ...build, back: { kind: 'applied', material: 'oak' } } },
      'build.back.material: ',
    ],
    [
      'a node twice',
      { layout: { id: 'a', across: [{ id: 'upper' }, { id: 'upper' }, { id: 'lower' }] } },
      'across[1].id: ',
    ],
    ['a node split both ways', { layout: { ...layout, down: layout.across } }, 'it is split across or down, not both'],
    ['shelves nowhere', { shelves: [{ compartment: 'right', count: 1 }] }, 'shelves[0].compartment: '],
    ['a door over nothing', { doors: [{ ...wholeBank('o', 'x', 1).front, id: 'o1', over: 'x' }] }, 'doors[0].over: '],
  ])('%s is told where it is', (_, over, says) => {
    expect(errors(job(over)).join('\n')).toContain(says);
  });

  it('two banks in one compartment, one in none and one without any opening are', () => {
    const banks = [bank('b1', 'upper', 1), bank('b2', 'upper', 1), bank('b3', 'right', 1)];
    expect(errors(job({}, [...banks, { ...bank('b4', 'x', 1), compartment: undefined }]))).toEqual([
      'cases[0].banks[1].compartment: read "upper": bank b1 stands in it already',
      'cases[0].banks[2].compartment: read "right": no compartment of this case has this id',
      expect.stringMatching(/^cases\[0\]\.banks\[3\]\.opening: /) as string,
    ]);
  });

  it('a case without banks is one, where it is told how it is made', () => {
    expect(errors(job({}, []))).toEqual([]);
    expect(errors(job({ build: undefined, layout: undefined }, []))).toEqual([
      expect.stringContaining('cases[0].banks: ') as string,
    ]);
  });
});

describe('what is said of a case', () => {
  const with_ = (over: object) => job({ build: { ...build, ...over } });
  it.each<[string, object, readonly string[]]>([
    ['a sound one', job(), []],
    ['one that nothing keeps square', with_({ back: undefined, frame: undefined }), ['CASE_RACKS', 'EDGE_SHOWS']],
    [
      'one kept square by its cleats',
      with_({ back: undefined, frame: undefined, cleats: { material: 'ply18', width: '3 in' } }),
      ['EDGE_SHOWS'],
    ],
    ['little room for toes', with_({ base: { kind: 'toe-kick', height: '2 in', setback: '3 in' } }), ['KICK_LOW']],
    ['a bottom under sides with a recess', with_({ bottom: { kind: 'under' } }), ['UNDER_WITH_KICK']],
    ['tenons that come through', with_({ frame: { ...build.frame, tenon: '3/4 in' } }), ['TENON_TOO_LONG']],
    [
      'a stile that ends behind the wall',
      with_({ frame: { ...build.frame, stile: '1/2 in', over: '0 in' } }),
      ['FRAME_BEHIND_WALL', 'FRAME_BEHIND_WALL', 'FRAME_BEHIND_WALL'],
    ],
    [
      'a compartment nothing is kept in',
      job({ layout: { ...layout, across: [{ id: 'left', size: '1 in' }, layout.across[1]] } }),
      ['SIZES_DO_NOT_ADD_UP'],
    ],
  ])('%s: %p', (_, document, said) => expect(codes(document)).toEqual(said));

  it('stands in a sentence with its amounts', () => {
    const [finding] = read(with_({ frame: { ...build.frame, tenon: '3/4 in' } })).plan.cases[0]!.findings;
    expect(WORDS.say(finding!)).toContain('5/8 in');
    const across = [
      { id: 'left', size: '17 in' },
      { ...layout.across[1], size: '40 in' },
    ];
    const short = read(job({ layout: { id: 'front', across } })).plan.cases[0]!.findings[0];
    // 56 3/4 clear, less 1 1/2, less 57.
    expect(WORDS.say(short!)).toContain('1 3/4 in more than there is');
  });

  it('has for a stile behind its wall the sum of how far, on either side', () => {
    const { findings } = read(with_({ frame: { ...build.frame, stile: '1/2 in', over: '0 in' } })).plan.cases[0]!;
    // 12.7 less 17.7.
    expect(findings.map(({ because }) => because?.total)).toEqual([-1, -1, -1].map((sign) => sign * millimetres(5)));
  });

  it('columns beside rows that nothing parts have nothing to stand against', () => {
    const down = [
      { id: 'upper', size: '5 in' },
      { id: 'low', across: [{ id: 'left' }, { id: 'lower' }] },
    ];
    expect(codes(job({ layout: { id: 'front', down, between: 'none' } }))).toEqual(['NOTHING_TO_STAND_ON']);
  });
});

describe('what else stands in and around a case', () => {
  const around = {
    tiltOuts: [{ id: 't1', compartment: 'left', bin: { width: '12 in', depth: '9 in', height: '20 in' }, angle: 30 }],
    boards: [{ id: 'w1', compartment: 'upper', material: 'ply18', length: '18 in' }],
    keepOuts: [
      {
        ...{ compartment: 'left', name: 'Still', x: '2 in', y: '0 in', z: '4 in' },
        ...{ width: '10 in', height: '14 in', depth: '12 in' },
      },
    ],
    cutOuts: [{ member: 'case-back', x: '2 in', y: '3 in', width: '4 in', height: '4 in', radius: '1/2 in' }],
    uprights: [{ compartment: 'left', count: 5, material: 'ply6', groove: '1/4 in' }],
    gates: { glued: { at: '2026-11-03T08:00:00Z' } },
    at: { x: '-4 in', z: '0 in', turn: 90 },
  };

  it('is read and kept, and makes its parts where it stands in the case', () => {
    const reading = readJobDocument(job(around));
    expect(reading.ok && reading.document.cases[0]).toMatchObject(around);
    expect(reading.ok && reading.job.cases[0]?.at?.x).toBe(-4 * 25_400_000);
    const { casework, things } = read(job(around)).plan.cases[0]!;
    expect(casework?.members.filter(({ role }) => role === 'upright')).toMatchObject([{ count: 5, node: 'left' }]);
    expect(things.map(({ kind, id }) => [kind, id])).toEqual([
      ['tilt-out', 't1'],
      ['board', 'w1'],
    ]);
  });

  it.each([
    ['a bin nowhere', { tiltOuts: [{ ...around.tiltOuts[0], compartment: 'right' }] }, 'tiltOuts[0].compartment: '],
    ['a board of nothing', { boards: [{ ...around.boards[0], material: 'x' }] }, 'boards[0].material: '],
    ['uprights nowhere', { uprights: [{ ...around.uprights[0], compartment: 'x' }] }, 'uprights[0].compartment: '],
    ['a quarter of a turn and a half', { at: { ...around.at, turn: 135 } }, 'at.turn: '],
    ['two things of one id', { boards: [{ ...around.boards[0], id: 'b1' }] }, 'boards[0].id: '],
    ['a gate without its moment', { gates: { glued: {} } }, 'gates.glued.at: '],
  ])('%s is told where it is', (_, over, says) => {
    expect(errors(job(over)).join('\n')).toContain(says);
  });

  it('a shelf keeps clear of a door that is set in before it', () => {
    const shelves = [{ compartment: 'left', count: 1 }];
    const door = { ...wholeBank('o', 'x', 1).front, id: 'o1', over: 'front', mount: 'inset' };
    const width = (over: object) =>
      read(job(over)).plan.cases[0]!.casework?.members.find(({ role }) => role === 'shelf')?.width.total;
    // By hand: 590.55 deep less a back of 5.6; a frame of 3/4 in and 1/4 in behind it, or a door of 3/4 in and 3 mm.
    expect(width({ shelves })).toBe(millimetres(584.95 - 25.4));
    expect(width({ shelves, doors: [door] })).toBe(millimetres(584.95 - 25.4));
    const thick = { ...door, material: 'ply18' };
    const bare = { ...build, frame: undefined };
    expect(width({ shelves, build: bare, doors: [thick] })).toBe(millimetres(584.95 - 17.7 - 3));
  });
});
