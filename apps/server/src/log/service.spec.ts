import type { LogEntryDocument } from '@zabble/core';
import { OWN_SHOP } from '../whose/shop';
import type { LogRepository } from './repository';
import { LogService } from './service';

const note = (id: string): LogEntryDocument => ({ id, kind: 'note', at: '2026-11-20T09:00:00Z', note: id });

describe('entries that are added', () => {
  const begun = (known: readonly string[] = []) => {
    const asked: string[][] = [];
    const log = {
      add: (_: string, job: string, entries: readonly LogEntryDocument[]) => {
        asked.push(entries.map(({ id }) => id));
        if (job === 'gone') return Promise.resolve(undefined);
        return Promise.resolve(
          entries.filter(({ id }) => !known.includes(id)).map(({ id }, at) => ({ id, seq: at + 1 })),
        );
      },
    };
    const service = new LogService(log as unknown as LogRepository, {} as never);
    const heard: unknown[] = [];
    service.grown.on('grown', (job) => heard.push(job));
    return { service, heard, asked };
  };

  it('are told to those who follow the job, once for all of them', async () => {
    const { service, heard } = begun();
    await service.add(OWN_SHOP, 'j', [note('a'), note('b')]);
    expect(heard).toEqual(['j']);
  });

  it('tell nobody anything where nothing is new', async () => {
    const { service, heard } = begun(['a']);
    await service.add(OWN_SHOP, 'j', [note('a')]);
    await service.add(OWN_SHOP, 'j', []);
    await service.add(OWN_SHOP, 'j', [{ id: 'x', kind: 'rumour' }]);
    expect(heard).toEqual([]);
  });

  it('that can’t be read keep no others from being kept; each is told with why and that nothing was kept', async () => {
    const { service, asked } = begun();
    const { kept, refused } = await service.add(OWN_SHOP, 'j', [
      note('a'),
      { ...note('b'), kind: 'rumour' },
      note('c'),
    ]);
    expect(asked).toEqual([['a', 'c']]);
    expect(kept.map(({ id }) => id)).toEqual(['a', 'c']);
    expect(refused).toMatchObject([{ index: 1, said: { code: 'unreadable', params: { what: 'log', done: 'kept' } } }]);
    expect(refused[0]?.says).toContain('Nothing was kept');
  });

  it('of no job are refused', async () => {
    const { service, heard } = begun();
    await expect(service.add(OWN_SHOP, 'gone', [note('a')])).rejects.toMatchObject({ problem: { status: 404 } });
    expect(heard).toEqual([]);
  });
});
