import { EventEmitter } from 'node:events';
import type { LogEntryDocument } from '@zabble/core';
import { OWN_SHOP } from '../whose/shop';
import { Following } from './following';
import type { LogService } from './service';

/** Logs with so many entries each, read a page of a thousand at a time. */
class FakeLog {
  readonly grown = new EventEmitter();
  readonly sizes = new Map<string, number>();
  looks = 0;
  reads = 0;

  endsOf(jobs: readonly string[]): Promise<ReadonlyMap<string, number>> {
    this.looks += 1;
    return Promise.resolve(new Map(jobs.map((job) => [job, this.sizes.get(job) ?? 0])));
  }

  after(_shop: string, job: string, after: number) {
    this.reads += 1;
    const left = (this.sizes.get(job) ?? 0) - after;
    const entries = Array.from({ length: Math.min(1000, left) }, (_, at) => ({
      seq: after + at + 1,
      entry: {} as LogEntryDocument,
    }));
    return Promise.resolve({ entries, more: left > 1000 });
  }
}

describe('following logs', () => {
  let log: FakeLog;
  let following: Following;
  beforeEach(() => {
    jest.useFakeTimers();
    log = new FakeLog();
    following = new Following(log as unknown as LogService, () => undefined);
  });
  afterEach(() => jest.useRealTimers());
  const follow = (job: string, takes: (seq: number) => boolean = () => true) => {
    const heard: number[] = [];
    const send = (_: object, seq: number): boolean => (takes(seq) ? (heard.push(seq), true) : false);
    return { heard, follower: following.add({ shop: OWN_SHOP, job, after: 0, send }) };
  };
  const later = (time: number) => jest.advanceTimersByTimeAsync(time);

  it('looks once at the database for all who follow, and reads only what grew', async () => {
    const all = Array.from({ length: 300 }, (_, at) => follow(`j${at % 3}`));
    await later(0);
    const read = log.reads;
    await later(2100);
    expect([log.looks, log.reads - read]).toEqual([3, 0]);
    log.sizes.set('j1', 2);
    await later(700);
    expect(log.reads - read).toBe(100);
    expect(all.filter(({ heard }) => heard.join() === '1,2')).toHaveLength(100);
  });

  it('tells everything there is at once, however much, and what is kept here without waiting', async () => {
    log.sizes.set('j', 5000);
    const { heard } = follow('j');
    await later(0);
    expect(heard).toEqual(Array.from({ length: 5000 }, (_, at) => at + 1));
    log.sizes.set('j', 5001);
    log.grown.emit('grown', 'j');
    await later(0);
    expect(heard.at(-1)).toBe(5001);
  });

  it('lets go of one that is too slow, and of the timer with the last', async () => {
    log.sizes.set('j', 10);
    const slow = follow('j', (seq) => seq < 4);
    await later(800);
    expect(slow.heard).toEqual([1, 2, 3]);
    expect(jest.getTimerCount()).toBe(0);
  });

  it('takes only so many pages of one person', () => {
    const add = (person: string) => following.add({ shop: OWN_SHOP, job: 'j', after: 0, person, send: () => true });
    const all = Array.from({ length: 30 }, () => add('runa'));
    expect([following.isFull('runa'), following.isFull('oli'), following.isFull(undefined)]).toEqual([
      true,
      false,
      false,
    ]);
    for (const each of all) following.remove(each);
    expect(following.isFull('runa')).toBe(false);
  });

  it('takes only so many', () => {
    const all = Array.from({ length: 1000 }, () => {
      expect(following.isFull(undefined)).toBe(false);
      return follow('j').follower;
    });
    expect(following.isFull(undefined)).toBe(true);
    following.remove(all[0]!);
    expect(following.isFull(undefined)).toBe(false);
  });
});
