import { TestBed } from '@angular/core/testing';
import type { LogEntryDocument } from '@zabble/core';
import { DeviceStore } from './device-store';
import { Drafts } from './drafts';
import { MemoryStore } from './memory-store.spec-data';
import { NewestJobs } from './newest';
import { Outbox } from './outbox';

const entry = (id: string) => ({ id, kind: 'note', at: '2026-11-30T08:00:00Z', note: id }) as LogEntryDocument;
const refused = { entry: entry('r'), says: 'no such drawer' };

describe('what of a job is on this device alone', () => {
  let device: MemoryStore;
  let outbox: Outbox;
  beforeEach(() => {
    TestBed.configureTestingModule({ providers: [{ provide: DeviceStore, useValue: (device = new MemoryStore()) }] });
    outbox = TestBed.inject(Outbox);
  });

  it('is kept for each job, what waits and what was refused by itself', async () => {
    expect(await outbox.read('a')).toEqual({ waiting: [], refused: [] });
    expect(await outbox.write('a', { waiting: [entry('1'), entry('2')], refused: [refused] })).toBe(true);
    await outbox.write('b', { waiting: [], refused: [refused] });
    expect(await outbox.read('a')).toEqual({ waiting: [entry('1'), entry('2')], refused: [refused] });
    expect(await outbox.read('b')).toEqual({ waiting: [], refused: [refused] });
  });

  it('leaves nothing behind once nothing waits', async () => {
    await outbox.write('a', { waiting: [entry('1')], refused: [refused] });
    expect(device.kept.size).toBe(2);
    expect(await outbox.write('a', { waiting: [], refused: [] })).toBe(true);
    expect([...device.kept.keys()]).toEqual([]);
  });

  it('is said not to be kept where the browser won’t: either of the two is enough', async () => {
    device.full = true;
    expect(await outbox.write('a', { waiting: [entry('1')], refused: [] })).toBe(false);
    expect(await outbox.write('a', { waiting: [], refused: [refused] })).toBe(false);
    // There is nothing to keep.
    expect(await outbox.write('a', { waiting: [], refused: [] })).toBe(true);
  });

  it('has a copy of what the server had, of the four jobs last worked on', async () => {
    const kept = (seq: number) => [{ seq, entry: entry(`k${seq}`) }] as never;
    for (const [at, job] of ['a', 'b', 'c', 'd', 'e'].entries()) await outbox.writeCopy(job, kept(at));
    const found = await Promise.all(['a', 'b', 'c', 'd', 'e'].map((job) => outbox.copy(job)));
    expect(found).toEqual([[], kept(1), kept(2), kept(3), kept(4)]);
  });

  it('is a draft until the server has it', async () => {
    const drafts = TestBed.inject(Drafts);
    const draft = { document: { name: 'chest' } as never, revision: 3, save: 's1' };
    expect(await drafts.write('a', draft)).toBe(true);
    expect([await drafts.read('a'), await drafts.read('b')]).toEqual([draft, undefined]);
    await drafts.drop('a');
    expect(await drafts.read('a')).toBeUndefined();
    device.full = true;
    expect(await drafts.write('a', draft)).toBe(false);
  });
});

describe('what is kept of the jobs last worked on', () => {
  it('is let go of in the order they were worked on, and of each prefix by itself', async () => {
    const device = new MemoryStore();
    TestBed.configureTestingModule({ providers: [{ provide: DeviceStore, useValue: device }] });
    const newest = TestBed.inject(NewestJobs);
    for (const id of ['a', 'b', 'a', 'c']) expect(await newest.write('one.', id, id.toUpperCase(), 2)).toBe(true);
    await newest.write('other.', 'b', 'still', 2);
    const read = (prefix: string) => Promise.all(['a', 'b', 'c'].map((id) => newest.read(prefix, id)));
    expect(await read('one.')).toEqual(['A', undefined, 'C']);
    expect(await read('other.')).toEqual([undefined, 'still', undefined]);
    expect(device.kept.get('one.order')).toEqual(['c', 'a']);
    device.full = true;
    expect(await newest.write('one.', 'd', 'D', 2)).toBe(false);
  });
});
