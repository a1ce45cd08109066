import { patched, type JobDocument } from '@zabble/core';
import { newJob } from '../job/new-job';
import { bankIn, doorAway, doorOver, openIn, shelvesIn, traysIn } from './hold-edits';
import { alikeNodes, hasDoor, holds, mergeNode, splitNode, type LayoutEdit } from './layout-edits';
import { nodesOf, type WrittenCase, type WrittenNode } from './nodes';
import { planned } from './planned.spec-data';
import { caseAround } from './whole-case';

const PATH = 'cases[0]';

/** A frameless job with a case around its bank, in millimetres. */
function begun(): JobDocument {
  const document = newJob('mm');
  const around = caseAround(document, document.cases[0] as WrittenCase, planned(document).banks);
  return { ...document, cases: [around] };
}

const ownerOf = (document: JobDocument) => document.cases[0] as WrittenCase;
const done = (document: JobDocument, edit: LayoutEdit | undefined): JobDocument => {
  if (!edit || 'says' in edit) throw new Error(edit?.says ?? 'nothing to do');
  return patched(document, edit.patches);
};
const tree = ({ id, across, down, size }: WrittenNode): unknown => [
  `${id}${size === undefined ? '' : ` ${size}`}`,
  ...(across ? [{ across: across.map(tree) }] : []),
  ...(down ? [{ down: down.map(tree) }] : []),
];
const layout = (document: JobDocument) => tree(ownerOf(document).layout!);

describe('a case around what was measured', () => {
  it('has compartments just as large as the openings were, planned or as built', () => {
    const before = planned(newJob('mm')).banks[0]!.opening;
    const after = planned(begun()).banks[0]!.opening;
    expect([after.width.total, after.height.total, after.depth.total]).toEqual([
      before.width.total,
      before.height.total,
      before.depth.total,
    ]);
  });

  it('keeps a reading of an opening that is built', () => {
    const document = newJob('in');
    const built = patched(document, [{ path: `${PATH}.banks[0].basis`, value: 'as-built' }]);
    const around = caseAround(built, built.cases[0] as WrittenCase, planned(built).banks);
    expect(around.banks[0]).toMatchObject({ compartment: 'A', opening: document.cases[0]!.banks[0]!.opening });
  });

  it('frames it where it is built so, its edges at the openings', () => {
    const document = patched(newJob('in'), [{ path: `${PATH}.style`, value: 'face-frame' }]);
    const around = caseAround(document, document.cases[0] as WrittenCase, planned(document).banks);
    const whole = planned({ ...document, cases: [around] });
    expect(whole.banks[0]!.opening.width.total).toBe(24 * 25_400_000);
    expect(whole.banks[0]!.opening.height.total).toBe(30 * 25_400_000);
    expect(whole.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });
});

describe('dividing the front of a case', () => {
  it('splits a compartment, beside its neighbours where it shares with them', () => {
    let document = begun();
    document = done(document, splitNode(ownerOf(document), PATH, 'A', 'across'));
    expect(layout(document)).toEqual(['C', { across: [['A'], ['B']] }]);
    document = done(document, splitNode(ownerOf(document), PATH, 'B', 'across'));
    expect(layout(document)).toEqual(['C', { across: [['A'], ['B'], ['D']] }]);
    document = done(document, splitNode(ownerOf(document), PATH, 'D', 'down'));
    expect(layout(document)).toEqual(['C', { across: [['A'], ['B'], ['F', { down: [['D'], ['E']] }]] }]);
    expect(planned(document).banks[0]!.bank.compartment).toBe('A');
    expect(new Set(nodesOf(ownerOf(document).layout!, '').map(({ node }) => node.id)).size).toBe(6);
  });

  it('keeps a size that was given to the place of what is split', () => {
    let document = begun();
    document = done(document, splitNode(ownerOf(document), PATH, 'A', 'across'));
    document = patched(document, [{ path: `${PATH}.layout.across[0].size`, value: '200 mm' }]);
    document = done(document, splitNode(ownerOf(document), PATH, 'A', 'across'));
    expect(layout(document)).toEqual(['C', { across: [['E 200 mm', { across: [['A'], ['D']] }], ['B']] }]);
  });

  it('joins two again; the last of a split takes its place', () => {
    const whole = begun();
    const split = done(whole, splitNode(ownerOf(whole), PATH, 'A', 'down'));
    const joined = done(split, mergeNode(ownerOf(split), PATH, 'A'));
    expect(layout(joined)).toEqual(['A']);
    expect(planned(joined).banks).toHaveLength(1);
  });

  it('joins nothing where something stands in both, or the other is divided', () => {
    let document = begun();
    document = done(document, splitNode(ownerOf(document), PATH, 'A', 'across'));
    document = patched(document, shelvesIn(ownerOf(document), PATH, 'B', 2));
    expect(mergeNode(ownerOf(document), PATH, 'A')).toMatchObject({ says: expect.stringContaining('B open first') });
    document = done(document, splitNode(ownerOf(document), PATH, 'B', 'down'));
    expect(mergeNode(ownerOf(document), PATH, 'A')).toMatchObject({ says: expect.stringContaining('not divided') });
  });

  it('divides no split, and joins no last one', () => {
    let document = begun();
    expect(mergeNode(ownerOf(document), PATH, 'A')).toBeUndefined();
    expect(alikeNodes(ownerOf(document), PATH, 'A')).toBeUndefined();
    expect(splitNode(ownerOf(document), PATH, 'Z', 'down')).toBeUndefined();
    document = done(document, splitNode(ownerOf(document), PATH, 'A', 'across'));
    expect(splitNode(ownerOf(document), PATH, 'C', 'down')).toBeUndefined();
    expect(mergeNode(ownerOf(document), PATH, 'B')).toBeUndefined();
  });

  it('says what stands between two that are one over the other: a shelf, or a rail of its frame', () => {
    const document = begun();
    const owner = ownerOf(document);
    const between = (of: WrittenCase, way: 'across' | 'down') => {
      const edit = splitNode(of, PATH, 'A', way);
      return ownerOf(done(document, edit)).layout!.between;
    };
    expect([between(owner, 'down'), between(owner, 'across')]).toEqual(['shelf', undefined]);
    const framed = { ...owner, build: { ...owner.build, frame: {} } } as unknown as WrittenCase;
    expect(between(framed, 'down')).toBe('rail');
  });

  it('goes on with the new one of two; with what stands in either where they are one again', () => {
    let document = begun();
    const split = splitNode(ownerOf(document), PATH, 'A', 'across');
    expect(split).toMatchObject({ node: 'B' });
    document = done(document, split);
    expect(splitNode(ownerOf(document), PATH, 'A', 'across')).toMatchObject({ node: 'D' });
    expect(mergeNode(ownerOf(document), PATH, 'A')).toMatchObject({ node: 'A' });
    const moved = patched(document, [{ path: `${PATH}.banks[0].compartment`, value: 'B' }]);
    const joined = mergeNode(ownerOf(moved), PATH, 'A');
    expect(joined).toMatchObject({ node: 'B' });
    expect(layout(done(moved, joined))).toEqual(['B']);
    const doored = patched(moved, [{ path: `${PATH}.doors`, value: [{ id: 'o1', over: 'A' }] }]);
    expect(mergeNode(ownerOf(doored), PATH, 'A')).toMatchObject({ says: expect.stringContaining('B open first') });
  });

  it('joins two of three, the third as it was', () => {
    let document = begun();
    document = done(document, splitNode(ownerOf(document), PATH, 'A', 'across'));
    document = done(document, splitNode(ownerOf(document), PATH, 'B', 'across'));
    document = patched(document, [{ path: `${PATH}.layout.across[0].size`, value: '150 mm' }]);
    document = done(document, mergeNode(ownerOf(document), PATH, 'B'));
    expect(layout(document)).toEqual(['C', { across: [['A 150 mm'], ['B']] }]);
  });

  it('makes all of a split alike', () => {
    let document = begun();
    document = done(document, splitNode(ownerOf(document), PATH, 'A', 'across'));
    document = patched(document, [{ path: `${PATH}.layout.across[0].size`, value: '150 mm' }]);
    document = done(document, alikeNodes(ownerOf(document), PATH, 'B'));
    const widths = planned(document).casework!.openings.map(({ compartment }) => compartment.width.total);
    expect(Math.abs(widths[0]! - widths[1]!)).toBeLessThan(2);
  });
});

describe('what a compartment holds', () => {
  const split = (): JobDocument => {
    const document = begun();
    return done(document, splitNode(ownerOf(document), PATH, 'A', 'across'));
  };

  it('is a bank whose fronts lap half of what the gap leaves of a divider', () => {
    const document = split();
    const casework = planned(document).casework!;
    const put = bankIn(document, ownerOf(document), PATH, casework, 'B', 3, new Set(['b2']))!;
    const after = patched(document, put.patches);
    const bank = ownerOf(after).banks[1]!;
    // A divider of 17.8 mm and a gap of 3: laps of 7.4 on it.
    expect(bank).toMatchObject({ id: 'b3', compartment: 'B', front: { left: '7.4 mm', right: '12 mm' } });
    // The bank beside it laps the divider by as much.
    expect(ownerOf(after).banks[0]).toMatchObject({ front: { left: '12 mm', right: '7.4 mm' } });
    expect(bank.drawers).toHaveLength(3);
    expect(planned(after).banks[1]!.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });

  it('is a bank or a door that laps the case as its others do, whichever of them it is made as', () => {
    let document = begun();
    for (const id of ['A', 'B']) document = done(document, splitNode(ownerOf(document), PATH, id, 'across'));
    for (const compartment of ['B', 'D']) {
      const { casework } = planned(document);
      const put = bankIn(document, ownerOf(document), PATH, casework!, compartment, 2, new Set());
      document = patched(document, put.patches);
    }
    const laps = ownerOf(document).banks.map(({ front }) => [front.left, front.right]);
    // Common practice: half of what the gap leaves of a divider, all of the lap at the sides of the case.
    expect(laps).toEqual([
      ['12 mm', '7.4 mm'],
      ['7.4 mm', '7.4 mm'],
      ['7.4 mm', '12 mm'],
    ]);
    const [edit] = doorOver(document, ownerOf(document), PATH, planned(document).casework!, 'D');
    expect(edit?.value).toEqual([expect.objectContaining({ left: '7.4 mm', right: '12 mm', top: '12 mm' })]);
  });

  it('is shelves, or a door’s place, and nothing again', () => {
    const document = split();
    const casework = planned(document).casework!;
    const door = doorOver(document, ownerOf(document), PATH, casework, 'B')!;
    const all = patched(document, [...shelvesIn(ownerOf(document), PATH, 'B', 2), ...door]);
    expect(holds(ownerOf(all), 'B')).toBe('shelves');
    const open = patched(all, openIn(ownerOf(all), PATH, 'B'));
    expect(holds(ownerOf(open), 'B')).toBeUndefined();
    expect(hasDoor(ownerOf(open), 'B')).toBe(true);
    const bare = patched(open, doorAway(ownerOf(open), PATH, 'B'));
    expect(Object.keys(ownerOf(bare))).not.toContain('shelves');
    expect(Object.keys(ownerOf(bare))).not.toContain('doors');
  });

  it('is a bank of the sheets there are in a job that has none yet', () => {
    const document = patched(begun(), [{ path: `${PATH}.banks`, value: [] }]);
    const casework = planned(document).casework!;
    const put = bankIn(document, ownerOf(document), PATH, casework, 'A', 3, new Set())!;
    const whole = planned(patched(document, put.patches));
    expect(whole.banks[0]!.drawers).toHaveLength(3);
    expect(put.bank).toBe('cases[0].banks[0]');
  });

  it('is trays behind the door over it, or drawers with fronts again as those beside them have', () => {
    const document = split();
    const casework = planned(document).casework!;
    const put = bankIn(document, ownerOf(document), PATH, casework, 'B', 2, new Set());
    const doored = patched(patched(document, put.patches), doorOver(document, ownerOf(document), PATH, casework, 'B'));
    const [door] = ownerOf(doored).doors!;
    const trays = traysIn(doored, ownerOf(doored), put.bank, casework, false)!;
    const behind = patched(doored, trays);
    expect(ownerOf(behind).banks[1]).toMatchObject({ front: { mount: 'none' }, behind: door!.id });
    const fronted = patched(behind, traysIn(behind, ownerOf(behind), put.bank, casework, true)!);
    const bank = ownerOf(fronted).banks[1]!;
    expect(Object.keys(bank)).not.toContain('behind');
    expect(bank.front).toEqual(ownerOf(doored).banks[1]!.front);
    expect(traysIn(document, ownerOf(document), `${PATH}.banks[7]`, casework, false)).toBeUndefined();
  });

  it('is a door that lies in its place where the fronts beside it do, and no lap is halved then', () => {
    const document = patched(split(), [{ path: `${PATH}.banks[0].front.mount`, value: 'inset' }]);
    const casework = planned(document).casework!;
    const [{ value }] = doorOver(document, ownerOf(document), PATH, casework, 'B') as unknown as [{ value: unknown[] }];
    const { top, left, gap, material } = ownerOf(document).banks[0]!.front;
    expect(value).toEqual([
      expect.objectContaining({ id: 'o1', over: 'B', mount: 'inset', leaves: 1, top, left, gap, material }),
    ]);
  });

  it('is open already where nothing of its own is in it', () => {
    const document = split();
    expect(openIn(ownerOf(document), PATH, 'B')).toEqual([]);
    const shelved = patched(document, [
      ...shelvesIn(ownerOf(document), PATH, 'A', 1),
      ...shelvesIn(ownerOf(document), PATH, 'B', 2).map(({ path, value }) => ({
        path,
        value: [{ compartment: 'A', count: 1 }, ...(value as object[])],
      })),
    ]);
    const [edit] = openIn(ownerOf(shelved), PATH, 'B');
    expect(edit).toEqual({ path: `${PATH}.shelves`, value: [{ compartment: 'A', count: 1 }] });
    expect(holds(ownerOf(document), 'A')).toBe('drawers');
    expect(hasDoor(ownerOf(document), 'A')).toBe(false);
  });
});
