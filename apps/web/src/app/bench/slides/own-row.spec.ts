import { patched, readJobDocument } from '@zabble/core';
import { newJob } from '../../store/job/new-job';
import { withoutRow, withRow } from './own-row';

const row = { id: 'own-9', like: 'side-light', name: 'Loft light', side: '10.2 mm' };

describe('a row taken into a job', () => {
  const job = newJob('in');

  it('gets an id of its own there, and the job can be read', () => {
    const { id, patch } = withRow(job, row);
    const taken = patched(job, [patch, { path: 'cases[0].banks[0].slide.family', value: id }]);
    expect(taken.slides).toEqual([{ ...row, id: 'own-1' }]);
    expect(readJobDocument(taken)).toMatchObject({ ok: true });
  });

  it('stands in place of the one of its name, and beside one of another', () => {
    const once = patched(job, [withRow(job, row).patch]);
    const newer = withRow(once, { ...row, side: '10.4 mm' });
    expect(newer).toEqual({
      id: 'own-1',
      patch: { path: 'slides[0]', value: { ...row, id: 'own-1', side: '10.4 mm' } },
    });
    expect(withRow(once, { ...row, name: 'Other' })).toMatchObject({ id: 'own-2', patch: { path: 'slides[1]' } });
  });
});

describe('a row taken out of a job', () => {
  const bank = 'cases[0].banks[0]';
  const { patch, id } = withRow(newJob('in'), { ...row, lengths: { in: { list: ['11 in', '13 in'] } } });
  const used = patched(newJob('in'), [
    patch,
    { path: `${bank}.slide`, value: { family: id, length: '13 in' } },
    { path: `${bank}.drawers[1].slide`, value: { length: '11 in' } },
    { path: `${bank}.drawers[2].slide`, value: { family: 'side-heavy', length: '20 in' } },
  ]);

  it('leaves what used it on the kind it is like, and the job can be read', () => {
    expect(readJobDocument(used)).toMatchObject({ ok: true });
    const after = patched(used, withoutRow(used, id)!);
    expect(after.slides).toBeUndefined();
    expect(after.cases[0]!.banks[0]!.slide).toEqual({ family: 'side-light' });
    expect(after.cases[0]!.banks[0]!.drawers.map(({ slide }) => slide)).toEqual([
      undefined,
      undefined,
      { family: 'side-heavy', length: '20 in' },
      undefined,
    ]);
    expect(readJobDocument(after)).toMatchObject({ ok: true });
  });

  it('is none where the job has no such row', () => {
    expect(withoutRow(newJob('in'), 'own-1')).toBeUndefined();
  });
});
