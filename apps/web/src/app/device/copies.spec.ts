import { TestBed } from '@angular/core/testing';
import type { StoredJob } from '@zabble/contract';
import { newJob } from '../store/job/new-job';
import { Copies } from './copies';
import { DeviceStore } from './device-store';
import { MemoryStore } from './memory-store.spec-data';

const job = (id: string): StoredJob => ({ id, revision: 1, document: newJob('mm'), createdAt: '', updatedAt: '' });

describe('copies of jobs on this device', () => {
  let copies: Copies;
  beforeEach(() => {
    TestBed.configureTestingModule({ providers: [{ provide: DeviceStore, useValue: new MemoryStore() }] });
    copies = TestBed.inject(Copies);
  });

  it('stay of the four last worked on', async () => {
    for (const id of ['a', 'b', 'c', 'd', 'a', 'e']) await copies.write(job(id));
    const found = await Promise.all(['a', 'b', 'c', 'd', 'e'].map((id) => copies.read(id)));
    expect(found.map((each) => each?.id)).toEqual(['a', undefined, 'c', 'd', 'e']);
  });

  it('are what was last written', async () => {
    await copies.write(job('a'));
    await copies.write({ ...job('a'), revision: 2 });
    expect(await copies.read('a')).toMatchObject({ revision: 2 });
  });
});
