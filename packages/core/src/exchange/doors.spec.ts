import {
  drawHingeTemplates,
  ENGLISH,
  partsOf,
  plan,
  readJobDocument,
  sawCuts,
  sawOf,
  wordsIn,
  type JobDocument,
} from '..';
import { millimetres } from '../length';
import { wholeBank, wholeJob } from '../plan/whole-case.spec-data';
import { caseCardText } from './bench-card-text';
import { caseCards } from './case-card';

const AT = '2026-11-20T10:00:00Z';
const FRAME = { stile: '57 mm', groove: '10 mm', play: '3 mm', panel: 'ply12', grooveWidth: '6 mm' };
const DOOR = {
  ...{ id: 'o1', over: 'left', mount: 'overlay', top: '10 mm', bottom: '10 mm', left: '16 mm', right: '16 mm' },
  ...{ gap: '3 mm', material: 'ash19', leaves: 2, hinge: { family: 'cup-110-full' }, pull: {} },
};
const FRAMELESS = {
  style: 'frameless',
  build: {
    ...{ width: '1000 mm', height: '700 mm', depth: '560 mm', panel: 'ply18' },
    joint: { kind: 'butt' },
    back: { kind: 'applied', material: 'ply6' },
  },
  layout: { id: 'front', across: [{ id: 'left' }, { id: 'right' }] },
};

function made(door: object = {}, over: object = {}) {
  const document = wholeJob({ ...FRAMELESS, ...over, doors: [{ ...DOOR, ...door }] }, [wholeBank('b1', 'right', 2)]);
  const read = readJobDocument(document as JobDocument);
  if (!read.ok) throw new Error(JSON.stringify(read.errors));
  const { job } = read;
  const planned = plan(job);
  const parts = partsOf(job, planned).parts.filter(({ use }) => use.role.startsWith('door'));
  return { job, planned, parts, words: wordsIn(ENGLISH, planned) };
}

describe('doors at the saw', () => {
  it('are parts with names of their own, framed pieces with their grooves, tongues and rabbets', () => {
    const { parts, job } = made({ frame: FRAME });
    expect(parts.map(({ name }) => name).filter((name) => name.includes('door-panel'))).toEqual([
      'c1/door-panel o1 1',
      'c1/door-panel o1 2',
    ]);
    const kinds = (role: string) => parts.find(({ use }) => use.role === role)!.machining.map(({ kind }) => kind);
    // What lies across is seen from the front, where its left end is at the left.
    const seen = (role: string) => parts.find(({ use }) => use.role === role)!.seen;
    expect([seen('door-stile'), seen('door-rail')]).toEqual(['back', 'front']);
    expect([kinds('door-stile'), kinds('door-rail'), kinds('door-panel')]).toEqual([
      ['groove'],
      ['groove', 'tongue'],
      ['rabbet'],
    ]);
    // 6 in the middle of 3/4 in: fence 6.525, turned round; the blade's own passes.
    const groove = sawCuts(parts, sawOf(job).kerf).find(({ kind }) => kind === 'groove')!;
    expect([groove.first, groove.depth, groove.centred]).toEqual([6_525_000, millimetres(10), true]);
  });

  it('of a pair one is bored as the other’s mirror', () => {
    const { parts, planned } = made();
    const [left, right] = parts;
    const across = (cuts: typeof left) => cuts!.cuts!.filter(({ kind }) => kind === 'cup').map((cut) => cut.in.total);
    const width = planned.cases[0]!.doors[0]!.leaves[1]!.width.total;
    expect(across(right)).toEqual(across(left).map((each) => width - each));
    // The plates: two screws a hinge in the wall each leaf hangs on.
    const all = partsOf(made().job, planned).parts;
    const side = all.find(({ use }) => use.role === 'case-side-left')!;
    expect(side.cuts!.filter(({ kind }) => kind === 'plate')).toHaveLength(4);
    expect(all.find(({ use }) => use.role === 'divider')!.cuts!.filter(({ kind }) => kind === 'plate')).toHaveLength(4);
  });

  it('wait for the case standing, their opening measured at both ends, and their hinges', () => {
    const opening = { width: ['470 mm', '471 mm'], height: ['660 mm', '661 mm'] };
    const release = (door: object, gates: object, hinges?: readonly object[]) => {
      const document = wholeJob({ ...FRAMELESS, gates, doors: [{ ...DOOR, ...door }] }, [], hinges ? { hinges } : {});
      const read = readJobDocument(document as JobDocument);
      if (!read.ok) throw new Error(JSON.stringify(read.errors));
      return partsOf(read.job, plan(read.job)).parts.find(({ use }) => use.role === 'door')!.release;
    };
    const deed = { at: AT };
    const built = { basis: 'as-built', opening };
    expect(release({}, {})).toBe('standing');
    expect(release({}, { standing: deed })).toBe('door-measured');
    expect(release({ ...built, opening: { ...opening, width: ['470 mm'] } }, { standing: deed })).toBe('door-measured');
    expect(release(built, { standing: deed })).toBe('hinges');
    expect(release(built, { standing: deed, hinges: deed })).toBe('now');
    expect(
      release({ ...built, hinge: { family: 'mine' } }, { standing: deed }, [{ id: 'mine', like: 'cup-110-full' }]),
    ).toBe('now');
    expect(release({ ...built, material: 'ply12' }, { standing: deed, hinges: deed })).toBe('mend');
  });
});

describe('doors on paper', () => {
  it('stand on the bench card of their case, with hinges and screws among what is needed', () => {
    const { job, planned, words } = made();
    const [card] = caseCards(job, planned);
    const text = caseCardText(card!, words).replace(/\s+/g, ' ');
    expect(text).toMatch(/“o1” on concealed, 110°, full overlay/);
    expect(text).toContain('hinged left, cups');
    expect(text).toContain('4 hinges');
    expect(text).toContain('16 screws for hinges');
    expect(text).toContain('2 pulls');
  });

  it('have a template of their boring at full size; leaves alike one, hinges without cups none', () => {
    const { planned, words } = made();
    const drawn = (doors: typeof planned.cases) => drawHingeTemplates(doors[0]!.doors, words);
    expect(drawn(planned.cases)).toHaveLength(1);
    const bores = drawn(planned.cases)[0]!.drawing.shapes.filter(({ kind }) => kind === 'circle');
    // Tab 16 - 13 + 2 = 5, and half of 35.
    expect(bores.map((each) => (each as { x: number }).x)).toEqual([22.5, 22.5]);
    expect(drawn(made({ hinge: { family: 'butt' } }).planned.cases)).toEqual([]);
  });
});
