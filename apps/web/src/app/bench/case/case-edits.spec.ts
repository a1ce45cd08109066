import { patched, plan, readJobDocument, type BankPlan, type JobDocument, type Patch } from '@zabble/core';
import { newJob } from '../../store/job/new-job';
import {
  addCase,
  bankBeside,
  bankPath,
  casePlace,
  duplicateBank,
  duplicateCase,
  moveBank,
  moveCase,
  removeBank,
  removeCase,
  sameBank,
  spokenOf,
  type CaseEdit,
} from './case-edits';

const PATH = 'cases[0].banks[0]';
const NONE: ReadonlySet<string> = new Set();
const at = (field: string, value: unknown): Patch => ({ path: `${PATH}.${field}`, value });
const done = (document: JobDocument, edit: CaseEdit | undefined): JobDocument => patched(document, edit!.patches);

function banksOf(document: JobDocument, owner = 0): readonly BankPlan[] {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return plan(reading.job).cases[owner]!.banks;
}
const ids = (document: JobDocument): unknown =>
  document.cases.map(({ id, banks }) => [id, banks.map((bank) => bank.id)]);

describe('banks of a case', () => {
  const document = newJob('in');

  it('a bank beside has as many drawers, an id of its own, and is only planned', () => {
    const named = patched(document, [
      at('name', 'By the door'),
      at('division.makeup', { drawer: 'd2' }),
      at('basis', 'as-built'),
      at('gates', { slides: { at: '2026-11-20T09:00:00Z' } }),
      at('opening.width', ['24 in', { length: '24 1/16 in', place: ['top'], drawer: 'd2' }]),
      at('drawers[0].name', 'Awls'),
    ]);
    const edit = bankBeside(named, PATH, NONE);
    const [first, second] = banksOf(done(named, edit));
    expect([first!.id, second!.id, edit!.bank]).toEqual(['b1', 'b2', 'cases[0].banks[1]']);
    expect(second!.bank).toMatchObject({
      basis: 'planned',
      drawers: [{ id: 'd1' }, { id: 'd2' }, { id: 'd3' }, { id: 'd4' }],
    });
    expect([second!.bank.name, second!.bank.gates, second!.bank.drawers[0]!.name]).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
    expect(done(named, edit).cases[0]!.banks[1]!.opening!.width).toEqual([
      '24 in',
      { length: '24 1/16 in', place: ['top'] },
    ]);
    const byHand = patched(document, [
      at('division', { scheme: 'manual' }),
      ...[0, 1, 2].map((i) => at(`drawers[${i}].height`, '5 in')),
    ]);
    const [, beside] = banksOf(done(byHand, bankBeside(byHand, PATH, NONE)));
    expect(beside!.findings.map(({ code }) => code)).not.toContain('DIVISION_IMPOSSIBLE');
  });

  it.each([
    ['in' as const, undefined, '3/4 in', '5/16 in'],
    ['in' as const, '1 in', '1 in', '7/16 in'],
    ['mm' as const, undefined, '18 mm', '7.5 mm'],
  ])(
    'a bank beside (%s) laps the divider with its neighbour, by half of what the gap leaves of it',
    (unit, given, divider, lap) => {
      const one = patched(newJob(unit), [
        at('front.gap', unit === 'in' ? '1/8 in' : '3 mm'),
        ...(given ? [{ path: 'cases[0].divider', value: given }] : []),
      ]);
      for (const edit of [bankBeside, duplicateBank]) {
        const two = done(one, edit(one, PATH, NONE));
        const [left, right] = two.cases[0]!.banks;
        expect([two.cases[0]!.divider, left!.front.right, right!.front.left]).toEqual([divider, lap, lap]);
        expect([left!.front.left, right!.front.right]).toEqual([
          one.cases[0]!.banks[0]!.front.left,
          one.cases[0]!.banks[0]!.front.right,
        ]);
        expect(banksOf(two).flatMap(({ findings }) => findings.map(({ code }) => code))).not.toContain(
          'FRONTS_COLLIDE',
        );
      }
    },
  );

  it('inset fronts beside keep their gaps; laps over too thin a divider stay', () => {
    const inset = patched(document, [at('front.mount', 'inset')]);
    expect(done(inset, bankBeside(inset, PATH, NONE)).cases[0]!.banks[1]!.front).toEqual(
      inset.cases[0]!.banks[0]!.front,
    );
    const thin = patched(document, [{ path: 'cases[0].divider', value: '1/16 in' }, at('front.gap', '1/8 in')]);
    expect(done(thin, bankBeside(thin, PATH, NONE)).cases[0]!.banks[1]!.front).toEqual(thin.cases[0]!.banks[0]!.front);
  });

  it('a bank beside has the build-outs mirrored, a copy as they are', () => {
    const framed = patched(document, [at('buildOut', { left: '3/4 in', right: '1/2 in', from: ['box'] })]);
    const built = (edit: CaseEdit | undefined): unknown => done(framed, edit).cases[0]!.banks[1]!.buildOut;
    expect(built(bankBeside(framed, PATH, NONE))).toEqual({ left: '1/2 in', right: '3/4 in', from: ['box'] });
    expect(built(duplicateBank(framed, PATH, NONE))).toEqual({ left: '3/4 in', right: '1/2 in', from: ['box'] });
  });

  it('are moved, copied and taken away; lines across from one go with it', () => {
    const two = done(document, bankBeside(document, PATH, NONE));
    const named = patched(two, [
      { path: 'cases[0].banks[1].name', value: 'Right' },
      { path: 'cases[0].banks[0].drawers[1].line', value: { bank: 'b2', drawer: 'd2' } },
    ]);
    expect(ids(done(named, moveBank(named, PATH, 1)))).toEqual([['c1', ['b2', 'b1']]]);
    const copied = done(named, duplicateBank(named, 'cases[0].banks[1]', NONE));
    expect(copied.cases[0]!.banks.map(({ id, name }) => [id, name])).toEqual([
      ['b1', undefined],
      ['b2', 'Right'],
      ['b3', 'Right, again'],
    ]);
    const edit = removeBank(named, 'cases[0].banks[1]');
    expect(edit!.bank).toBeUndefined();
    expect(done(named, edit).cases[0]!.banks.map(({ drawers }) => drawers[1])).toEqual([{ id: 'd2' }]);
    expect(banksOf(done(named, edit))).toHaveLength(1);
  });
});

describe('cases of a job', () => {
  const document = patched(newJob('mm'), [
    { path: 'cases[0].stand', value: { weight_kg: 40, depth: '560 mm', frontFeet: '0 mm' } },
  ]);

  it('one more is built as the last, with one bank; a copy has all the first has', () => {
    const added = done(document, addCase(document, NONE));
    expect(added.cases[1]).toMatchObject({ id: 'c2', name: 'Case 2', style: 'frameless' });
    expect(added.cases[1]!.stand).toBeUndefined();
    expect(banksOf(added, 1)).toHaveLength(1);
    const copied = done(document, duplicateCase(document, 0, NONE));
    expect(copied.cases[1]).toMatchObject({ id: 'c2', name: 'Case, again', stand: { weight_kg: 40 } });
  });

  it('are moved and taken away', () => {
    const three = done(document, addCase(document, NONE));
    const all = done(three, addCase(three, NONE));
    expect(ids(done(all, moveCase(all, 2, -1)))).toEqual([
      ['c1', ['b1']],
      ['c3', ['b1']],
      ['c2', ['b1']],
    ]);
    expect(ids(done(all, removeCase(all, 1)))).toEqual([
      ['c1', ['b1']],
      ['c3', ['b1']],
    ]);
  });

  it('are found by what they are called, and nothing is done to one that is gone', () => {
    const three = done(document, addCase(document, NONE));
    expect(casePlace(three, 'c2')).toBe(1);
    expect(bankPath(three, 'c2', 'b1')).toBe('cases[1].banks[0]');
    const gone = bankPath(three, 'c2', 'b9');
    for (const edit of [
      moveBank(three, gone, -1),
      removeBank(three, gone),
      duplicateBank(three, gone, NONE),
      bankBeside(three, gone, NONE),
      moveCase(three, casePlace(three, 'c9'), 1),
      removeCase(three, casePlace(three, 'c9')),
      duplicateCase(three, casePlace(three, 'c9'), NONE),
    ])
      expect(edit).toBeUndefined();
  });

  it('leave the bank on the bench that was there, wherever it stands afterwards', () => {
    const three = done(document, addCase(document, NONE));
    const all = done(three, bankBeside(three, PATH, NONE));
    const after = (edit: CaseEdit | undefined, path: string): string => sameBank(all, done(all, edit), path);
    expect(after(moveCase(all, 1, -1), 'cases[0].banks[1]')).toBe('cases[1].banks[1]');
    expect(after(moveBank(all, 'cases[0].banks[1]', -1), PATH)).toBe('cases[0].banks[1]');
    expect(after(removeBank(all, PATH), 'cases[0].banks[1]')).toBe(PATH);
    expect(after(removeCase(all, 0), 'cases[1].banks[0]')).toBe(PATH);
    // Where it is gone itself, the one before it.
    expect(after(removeBank(all, 'cases[0].banks[1]'), 'cases[0].banks[1]')).toBe(PATH);
    expect(after(removeCase(all, 1), 'cases[1].banks[0]')).toBe(PATH);
    expect(after(removeCase(all, 0), PATH)).toBe(PATH);
  });

  it('a copy of the longest name is told from it', () => {
    const long = 'x'.repeat(200);
    const named = patched(document, [{ path: 'cases[0].name', value: long }]);
    const names = done(named, duplicateCase(named, 0, NONE)).cases.map(({ name }) => name);
    expect(names[1]).not.toBe(long);
    expect(names[1]).toHaveLength(200);
  });

  it('never take over an id that the record still speaks of', () => {
    const cut = patched(document, [
      {
        path: 'cutting',
        value: { cut: [{ part: 'c2/b1/d1/side', length: '1 mm', width: '1 mm', at: '2026-11-20T09:00:00Z' }] },
      },
    ]);
    const reading = {
      kind: 'reading',
      id: 'r',
      at: '2026-11-20T09:00:00Z',
      what: 'width',
      bank: 'c3/b2',
      length: '1 mm',
    } as const;
    const spoken = spokenOf(cut, [reading]);
    expect(done(cut, addCase(cut, spoken)).cases[1]!.id).toBe('c4');
    expect(done(cut, bankBeside(cut, PATH, spoken)).cases[0]!.banks[1]!.id).toBe('b3');
  });
});
