import type { StoredJob } from '@zabble/contract';
import { newJob } from '../store/job/new-job';
import { Copies } from './copies';

const job = (id: string): StoredJob => ({ id, revision: 1, document: newJob('mm'), createdAt: '', updatedAt: '' });

describe('copies of jobs on this device', () => {
  beforeEach(() => localStorage.clear());

  it('stay of the four last worked on', () => {
    const copies = new Copies();
    for (const id of ['a', 'b', 'c', 'd']) copies.write(job(id));
    copies.write(job('a'));
    copies.write(job('e'));
    expect(['a', 'b', 'c', 'd', 'e'].map((id) => copies.read(id)?.id)).toEqual(['a', undefined, 'c', 'd', 'e']);
  });

  it('are what was last written', () => {
    const copies = new Copies();
    copies.write(job('a'));
    copies.write({ ...job('a'), revision: 2 });
    expect(copies.read('a')).toMatchObject({ revision: 2 });
  });
});
