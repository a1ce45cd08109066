import type { JobDocument } from '@zabble/core';
import { readFileSync } from 'node:fs';
import { changesOf, merged } from './merged';

const file = (name: string): JobDocument =>
  JSON.parse(readFileSync(`${__dirname}/../../../../../../examples/${name}.json`, 'utf8')) as JobDocument;
const chest = file('flag-chest');
const bank = chest.cases[0]?.banks?.[0];
const without = JSON.stringify(chest);

/** The chest with something else in it. */
function changed(change: (document: Draft) => void): JobDocument {
  const document = JSON.parse(without) as Draft;
  change(document);
  return document as unknown as JobDocument;
}

interface Draft {
  name: string;
  customer?: string;
  notes?: string;
  cases: {
    name?: string;
    banks: { id: string; opening: { width: string[]; depth: string[] }; drawers: { id: string; note?: string }[] }[];
  }[];
}
const bankOf = (document: Draft) => document.cases[0]!.banks[0]!;

describe('two edits of one job', () => {
  it('stand side by side where they do not touch', () => {
    const mine = changed((each) => (bankOf(each).opening.width[0] = '870 mm'));
    const theirs = changed((each) => {
      bankOf(each).opening.depth[0] = '515 mm';
      each.notes = 'oiled';
    });
    const both = merged(chest, mine, theirs);
    expect(both?.document).toEqual(
      changed((each) => {
        bankOf(each).opening.width[0] = '870 mm';
        bankOf(each).opening.depth[0] = '515 mm';
        each.notes = 'oiled';
      }),
    );
    expect(both?.theirs).toHaveLength(2);
    // Whoever is asked first, it comes to the same.
    expect(merged(chest, theirs, mine)?.document).toEqual(both?.document);
  });

  it('are exactly the other’s where nothing was changed here', () => {
    const theirs = changed((each) => (each.notes = 'oiled'));
    expect(merged(chest, chest, theirs)?.document).toBe(theirs);
  });

  it.each([
    ['the same place', (each: Draft) => (bankOf(each).opening.width[0] = '871 mm')],
    ['the whole that a place is in', (each: Draft) => bankOf(each).opening.width.push('866 mm')],
    ['what stands there at all', (each: Draft) => (each.cases[0]!.banks = [{ ...bankOf(each), id: 'other' }])],
  ])('touch at %s: it is for the person to choose', (_, change) => {
    const mine = changed((each) => (bankOf(each).opening.width[0] = '870 mm'));
    expect(merged(chest, mine, changed(change))).toBeUndefined();
    expect(merged(chest, changed(change), mine)).toBeUndefined();
  });

  it('drawers put in another order are other drawers', () => {
    const mine = changed((each) => (bankOf(each).drawers[1]!.note = 'flags'));
    const theirs = changed((each) => bankOf(each).drawers.reverse());
    expect(bank?.drawers.length).toBeGreaterThan(1);
    expect(merged(chest, mine, theirs)).toBeUndefined();
  });

  it('that can’t be read together are not put together', () => {
    const mine = changed((each) => (each.name = ''));
    const theirs = changed((each) => (each.notes = 'oiled'));
    expect(merged(chest, mine, theirs)).toBeUndefined();
  });

  it('a change is told once, as near as it is', () => {
    const after = changed((each) => {
      bankOf(each).opening.width[0] = '870 mm';
      each.notes = 'oiled';
    });
    expect(
      changesOf(chest, after)
        .map(({ path }) => path)
        .sort(),
    ).toEqual(['cases[0].banks[0].opening.width[0]', 'notes']);
    expect(changesOf(chest, chest)).toEqual([]);
  });
});
