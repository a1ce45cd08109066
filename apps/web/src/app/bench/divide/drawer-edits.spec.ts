import { IN_ENGLISH } from '../../words/words.spec-data';
import { patched, plan, readJobDocument, type BankPlan, type JobDocument, type Patch } from '@zabble/core';
import { newJob } from '../../store/job/new-job';
import { bankBeside } from '../case/case-edits';
import { duplicatePatch, lineChoices, linePatch, movePatch } from './drawer-edits';

const PATH = 'cases[0].banks[0]';
const at = (field: string, value: unknown): Patch => ({ path: `${PATH}.${field}`, value });

function banksOf(document: JobDocument): readonly BankPlan[] {
  const reading = readJobDocument(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return plan(reading.job).cases[0]!.banks;
}
const ids = (document: JobDocument): string[] => banksOf(document)[0]!.drawers.map(({ id }) => id);

describe('what is done to one drawer', () => {
  const document = newJob('in');
  const [bank] = banksOf(document);

  it('moves to another place, and the others close up', () => {
    expect(ids(patched(document, [movePatch(document, bank!, 0, 2)]))).toEqual(['d2', 'd3', 'd1', 'd4']);
    expect(ids(patched(document, [movePatch(document, bank!, 3, 0)]))).toEqual(['d4', 'd1', 'd2', 'd3']);
  });

  it('is had once more, without what only one can have', () => {
    const full = patched(document, [
      at('drawers[1].height', '5 in'),
      at('drawers[1].boxHeight', '4 in'),
      at('drawers[1].contents', [{ name: 'awl', height: '1 in' }]),
      at('drawers[2].sameAs', 'd1'),
    ]);
    const more = patched(full, [duplicatePatch(full, banksOf(full)[0]!, 1)]);
    expect(ids(more)).toEqual(['d1', 'd2', 'd5', 'd3', 'd4']);
    expect(banksOf(more)[0]!.bank.drawers[2]).toMatchObject({ id: 'd5', contents: [{ name: 'awl' }] });
    expect(banksOf(more)[0]!.bank.drawers[2]!.height).toBeUndefined();
    const tied = patched(full, [
      at('drawers[2].boxSameAs', 'd4'),
      at('drawers[2].line', { y: '9 in' }),
      duplicatePatch(patched(full, [at('drawers[2].boxSameAs', 'd4')]), banksOf(full)[0]!, 2),
    ]);
    const like = tied.cases[0]!.banks[0]!.drawers[3]!;
    expect(like.id).toBe('d5');
    for (const field of ['sameAs', 'boxSameAs', 'line', 'height']) expect(like).not.toHaveProperty(field);
  });

  it('carries a line from a height or another bank, and lets it go', () => {
    const [first, second] = banksOf(patched(document, bankBeside(document, bank!.path, new Set())!.patches));
    const choices = lineChoices(second!, [first!], IN_ENGLISH);
    expect(choices.map(({ value }) => value)).toEqual(['', 'y', 'b1/d1', 'b1/d2', 'b1/d3', 'b1/d4']);
    expect(linePatch(bank!, 1, 'b1/d3', 'in').value).toEqual({ bank: 'b1', drawer: 'd3' });
    expect(linePatch(bank!, 1, '', 'in').value).toBeUndefined();
    const kept = patched(document, [linePatch(bank!, 1, 'y', 'in')]);
    expect(banksOf(kept)[0]!.drawers.map(({ dimensions }) => dimensions['front.bottomY']!.total)).toEqual(
      bank!.drawers.map(({ dimensions }) => dimensions['front.bottomY']!.total),
    );
  });
});
