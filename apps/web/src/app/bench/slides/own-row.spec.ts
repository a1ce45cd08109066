import { patched, readJobDocument } from '@zabble/core';
import { newJob } from '../../jobs/new-job';
import { withRow } from './own-row';

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
