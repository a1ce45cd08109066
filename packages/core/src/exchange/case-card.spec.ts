import {
  drawCaseStick,
  drawCaseTemplates,
  ENGLISH,
  inMillimetres,
  partsOf,
  plan,
  readJobDocument,
  sawCuts,
  wordsIn,
  type JobDocument,
} from '..';
import { caseStockOf } from '../plan';
import { millimetres } from '../length';
import { WHOLE_CASE, wholeJob } from '../plan/whole-case.spec-data';
import { benchCards } from './bench-card';
import { caseCards } from './case-card';
import { caseCardText } from './bench-card-text';

function carded(over: object = {}) {
  const reading = readJobDocument(wholeJob({ ...WHOLE_CASE, ...over }) as JobDocument);
  if (!reading.ok) throw new Error(reading.errors.map(({ path, said }) => `${path} ${said.code}`).join(' '));
  const { job } = reading;
  const planned = plan(job);
  const words = wordsIn(ENGLISH, planned);
  const [whole] = planned.cases;
  if (!whole?.casework) throw new Error('no case');
  return { job, planned, words, casework: whole.casework, stock: caseStockOf(job, job.cases[0]!, 'cases[0]')! };
}

const cardText = (over: object = {}): string => {
  const { job, planned, words } = carded(over);
  return caseCards(job, planned)
    .map((card) => caseCardText(card, words))
    .join('\n');
};

describe('the bench card of a case', () => {
  it('tells the order with what holds it, blocks, sharp edges, diagonals, where to measure, and what waits', () => {
    const text = cardText();
    expect(text).toContain('PLANNED: a forecast');
    // By hand √(60² + 33.75²) = 68.841 in.
    expect(text).toMatch(/Square\s+when both diagonals over the outer corners are .*68\.841/);
    // 706.2 under the rail at 723.9, less the floor at 125.65: 580.55 mm = 22.856 in, nearest 64th 22 55/64.
    expect(text).toMatch(/Blocks\s+under “upper” .*22 55\/64 high; in “left” /);
    expect(text).toMatch(/Sharp .*front edges under the face frame/);
    expect(text).toMatch(/Measure\s+stretchers at the bottom/);
    expect(text).toMatch(/Waits .*case back[^:]*: held until the case is\s+glued/);
    expect(text).toMatch(/1\. case bottom/);
    expect(text).toMatch(/divider to case bottom: glue/);
    expect(text).toContain('case back to side of the case (2 joints): 18 brads 5/8 in and glue');
    for (const line of text.split('\n')) expect(line.length).toBeLessThanOrEqual(100);
  });

  it('holds a top of solid wood in slots, one of sheet without', () => {
    const topped = (material: string) => cardText({ build: { ...WHOLE_CASE.build, worktop: { material } } });
    expect(topped('ash19')).toMatch(/worktop to stretcher [^:]*: \d+ wood screws .*, in\s+slots/);
    expect(topped('ply18')).not.toMatch(/slots/);
  });

  it('lets cut what the survey releases, its dados by the blade', () => {
    const deed = { at: '2026-11-28T10:00:00.000Z', by: 'Mo' };
    const text = cardText({ gates: { survey: deed } });
    expect(text).toContain('SURVEYED');
    expect(text).toMatch(/Blade\s+dado .* deep/);
    // Sides, alike to the hair.
    expect(text).toMatch(/Alike\s+fence 22 1\/2: left side of the case, right side of the case/);
  });

  it('says how high each foot is set, or what is shimmed, where the floor falls away', () => {
    const floor = ['0 in', '1/4 in', '0 in', '3/8 in'];
    const build = { ...WHOLE_CASE.build, floor };
    // Feet of 3/4 in at the highest corner.
    expect(cardText({ build })).toContain('feet set to front left 3/4, front right 1, back left 3/4, back right 1 1/8');
    const { stands: _feet, ...onFloor } = build;
    expect(cardText({ build: onFloor })).toContain('shims: front left 0, front right 1/4, back left 0, back right 3/8');
  });

  it('says by how much a lower case is raised beside a higher one', () => {
    const at = { x: '0 in', z: '0 in', turn: 0 };
    const low = { ...WHOLE_CASE, at, build: { ...WHOLE_CASE.build, height: '34 1/4 in' } };
    const high = { id: 'c2', name: 'High', style: 'face-frame', ...WHOLE_CASE, at: { ...at, x: '60 in' }, banks: [] };
    const document = wholeJob(low, []) as JobDocument;
    const reading = readJobDocument({ ...document, cases: [...document.cases, high] } as JobDocument);
    if (!reading.ok) throw new Error('unread');
    const planned = plan(reading.job);
    const [first, second] = caseCards(reading.job, planned).map((card) =>
      caseCardText(card, wordsIn(ENGLISH, planned)),
    );
    expect(first).toMatch(/Level\s+every foot 1\/4 higher brings its top level with High/);
    expect(second).not.toContain('Level');
  });

  it('has dividers wait for the glued case in the second school', () => {
    const waits = (text: string): string =>
      /Waits ([^:]*): held until the case is glued/.exec(text.replace(/\s+/g, ' '))?.[1] ?? '';
    expect(waits(cardText())).not.toContain('divider');
    expect(waits(cardText({ build: { ...WHOLE_CASE.build, dividersLast: true } }))).toContain('divider');
  });

  it('is there for cases that are told how they are made, and no bank’s card has the case’s parts', () => {
    const { job, planned, words } = carded();
    expect(caseCards(job, planned)).toHaveLength(1);
    for (const card of benchCards(job, planned))
      expect(card.parts.rows.map((row) => words.say(row[0]!)).join(' ')).not.toContain('case side');
  });
});

describe('grooves and dados of members by the blade', () => {
  it('are set once for both hands, from the edge they are nearer to', () => {
    const { job, planned } = carded();
    const parts = partsOf(job, planned).parts.filter(({ name }) => name.startsWith('c1/case-side'));
    const told = sawCuts(parts, millimetres(3)).map(({ kind, width, depth, first, parts: served }) =>
      [kind, ...[width, depth, first].map(inMillimetres), served.length].join(' '),
    );
    // The bottom's dado 88.9 up the side; the back's rabbet from the edge itself.
    expect(told).toEqual(['dado 17.7 6.35 88.9 2', 'rabbet 5.6 9.525 0 2']);
  });
});

describe('what goes to the case at full size', () => {
  it('is a stick up and one across, with both faces of every member', () => {
    const { casework, words } = carded();
    const up = drawCaseStick(casework, 'up', words);
    const ticks = up.shapes.flatMap((shape) => (shape.kind === 'line' && shape.role === 'tick' ? [shape.y1] : []));
    // Bottom 107.95 to 125.65; rail's upper face 723.9; the frame's middle rail 704.85 to 723.9.
    for (const height of [107.95, 125.65, 723.9, 704.85]) expect(ticks).toContain(height);
    const text = up.shapes.flatMap((shape) => (shape.kind === 'words' ? [shape.text] : [])).join('\n');
    expect(text).toMatch(/case bottom, top {2}/);
    const across = drawCaseStick(casework, 'across', words);
    expect(across.shapes.some((shape) => shape.kind === 'line' && shape.y1 === 1524 - 17.7)).toBe(true);
  });

  it('is a template of every row of pins and every notch, notches of both hands once', () => {
    const shelves = [{ compartment: 'left', count: 2, pins: { from: '6 in', to: '12 in', pitch: '3 in' } }];
    const { casework, stock, words } = carded({ shelves });
    const all = drawCaseTemplates(stock, casework, words);
    expect(all.map(({ title }) => words.say(title))).toEqual(['Pin row of “left”', 'Notch, left side of the case']);
    const bores = all[0]!.drawing.shapes.flatMap((shape) => (shape.kind === 'circle' ? [shape.y] : []));
    // Up from the compartment's floor: 6, 9 and 12 in.
    bores.forEach((y, index) => expect(y).toBeCloseTo([152.4, 228.6, 304.8][index]!, 6));
    expect(words.say(all[1]!.says[0]!)).toContain('lower front corner');
  });
});
