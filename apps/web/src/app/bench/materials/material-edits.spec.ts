import { IN_ENGLISH } from '../../words/words.spec-data';
import { patched, readJobDocument } from '@zabble/core';
import { newJob } from '../../store/job/new-job';
import { copied, putIn, takenAway } from './material-edits';
import { materialStarts } from './material-starts';

const document = newJob('mm');
const ash = { name: 'Ash boards', kind: 'solid', thickness: '19.2 mm', species: 'ash-white' } as const;

describe('the job’s materials', () => {
  it('a new one gets an id of its own; one of the same name is that one', () => {
    const edit = putIn(document, ash);
    expect(edit.id).toBe('ash-boards');
    const after = patched(document, edit.patches);
    expect(after.materials.at(-1)).toEqual({ id: 'ash-boards', ...ash });
    expect(readJobDocument(after).ok).toBe(true);
    expect(putIn(after, { ...ash, name: 'ash Boards ' })).toEqual({ patches: [], id: 'ash-boards' });
    expect(putIn(after, { ...ash, name: 'Ash-boards' }).id).toBe('ash-boards-2');
    expect(putIn(after, { ...ash, name: '栗' }).id).toBe('material');
  });

  it('a copy stands right after it under another name', () => {
    const edit = copied(document, 0)!;
    const after = patched(document, edit.patches);
    expect(after.materials.map(({ id }) => id)).toEqual(['box', edit.id, 'bottom', 'front']);
    expect(after.materials[1]).toEqual({ ...document.materials[0]!, id: edit.id, name: '12 mm birch plywood, 2' });
    expect(patched(after, copied(after, 0)!.patches).materials[1]!.name).toBe('12 mm birch plywood, 3');
  });

  it('a used one stays and says where; an unused one goes; the last one stays', () => {
    expect(takenAway(document, 0, IN_ENGLISH)).toBe(
      '12 mm birch plywood stays: it is used for sides of Case; box fronts and backs of Case. Make those of something else first.',
    );
    const more = patched(document, putIn(document, ash).patches);
    expect(takenAway(more, 3, IN_ENGLISH)).toEqual([{ path: 'materials[3]', value: undefined }]);
    const one = { ...document, materials: [ash], cases: [] } as never;
    expect(takenAway(one, 0, IN_ENGLISH)).toContain('one material at least');
  });

  it('every start is named by its nominal size in the job’s unit', () => {
    expect(materialStarts('in').map(({ name }) => name)).toContain('1/2 in birch plywood');
    expect(materialStarts('mm').map(({ name }) => name)).toContain('12 mm birch plywood');
    for (const unit of ['in', 'mm'] as const)
      expect(new Set(materialStarts(unit).map(({ name }) => name)).size).toBe(materialStarts(unit).length);
  });
});
