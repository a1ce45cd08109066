import { IN_ENGLISH } from '../../words/words.spec-data';
import { patched, type Patch } from '@zabble/core';
import { newJob } from './new-job';
import { differences } from './differences';

const document = newJob('mm');
const BANK = 'cases[0].banks[0]';
const between = (...patches: Patch[]) => differences(document, patched(document, patches), IN_ENGLISH);

describe('two versions of a job', () => {
  it('that are the same differ nowhere', () => expect(between()).toEqual([]));

  it('differ in words: where, mine, theirs', () => {
    const found = between(
      { path: 'name', value: 'Oar rack' },
      { path: `${BANK}.drawers[2].height`, value: '120 mm' },
      { path: `${BANK}.opening.height[0]`, value: '700 mm' },
      { path: 'materials[0].thickness', value: '11 mm' },
    );
    const [name, thickness, height, lock] = found;
    expect(name).toMatchObject({ path: 'name', where: 'Name', mine: document.name, theirs: 'Oar rack' });
    expect(thickness!.where).toBe(`${document.materials[0]!.name}, thickness`);
    expect(height).toMatchObject({
      where: expect.stringMatching(/, bank b1, opening, height 1$/) as string,
      theirs: '700 mm',
    });
    expect(lock).toMatchObject({
      where: expect.stringMatching(/, bank b1, drawer 3, height$/) as string,
      mine: 'nothing',
    });
  });

  it('slides and stock are told by their names', () => {
    const [slide, sides] = between(
      { path: `${BANK}.slide.family`, value: 'wood-runner' },
      { path: `${BANK}.box.sides`, value: document.materials[1]!.id },
    );
    expect(slide).toMatchObject({ theirs: 'Wooden runner' });
    expect(sides).toMatchObject({ mine: document.materials[0]!.name, theirs: document.materials[1]!.name });
  });

  it('taken one by one lead from mine to theirs', () => {
    const theirs = patched(document, [
      { path: `${BANK}.drawers[1].name`, value: 'Rowlocks' },
      { path: `${BANK}.division`, value: { scheme: 'equal', increment: '5 mm' } },
      { path: `${BANK}.drawers[0].boxSameAs`, value: 'd2' },
    ]);
    const patches = differences(document, theirs, IN_ENGLISH).map(({ path, value }) => ({ path, value }));
    expect(patched(document, patches)).toEqual(theirs);
  });

  it('sizes set aside are told as sizes', () => {
    const aside = { width: ['600 mm'], height: ['760 mm', { length: '761 mm', place: ['left'] }], depth: ['560 mm'] };
    const set = patched(document, [{ path: `${BANK}.aside`, value: aside }]);
    const [gone] = differences(set, document, IN_ENGLISH);
    expect(gone).toMatchObject({
      where: expect.stringMatching(/sizes set aside$/) as string,
      mine: 'width 600 mm; height 760 mm, 761 mm; depth 560 mm',
      theirs: 'nothing',
    });
  });

  it('a list of another length is one difference', () => {
    const [drawers, ...others] = between({ path: `${BANK}.drawers[3]`, value: undefined });
    expect(others).toEqual([]);
    expect(drawers).toMatchObject({ path: `${BANK}.drawers`, mine: '4: d1, d2, d3, d4', theirs: '3: d1, d2, d3' });
  });
});
