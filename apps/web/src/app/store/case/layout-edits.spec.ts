import { patched, plan, readJobDocument, type JobDocument } from '@zabble/core';
import { newJob } from '../job/new-job';
import { bankIn, doorAway, doorOver, openIn, shelvesIn } from './hold-edits';
import { alikeNodes, hasDoor, holds, mergeNode, splitNode, type LayoutEdit } from './layout-edits';
import { nodesOf, type WrittenCase, type WrittenNode } from './nodes';
import { caseAround } from './whole-case';

const PATH = 'cases[0]';

function planned(document: JobDocument) {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(reading.errors.map(({ path, said }) => `${path} ${said.code}`).join('; '));
  const [whole] = plan(reading.job).cases;
  if (!whole) throw new Error('no case');
  return whole;
}

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
});
