import type { JobDocument } from '@zabble/core';
import type { ShopId } from '../whose/shop';
import { jobFileName } from './file-name';
import { JobFileService } from './service';

const SHOP = 'there' as ShopId;
const document = { name: 'Rope bench', unit: 'in' } as unknown as JobDocument;

describe('a job as a file', () => {
  const wholeWith = async (log: readonly object[]) => {
    const jobs = { read: jest.fn(() => Promise.resolve({ document })) };
    const logs = { whole: jest.fn(() => Promise.resolve(log)) };
    const whole = await new JobFileService(jobs as never, logs as never).whole(SHOP, 'j');
    for (const asked of [jobs.read, logs.whole]) expect(asked).toHaveBeenCalledWith(SHOP, 'j');
    return whole;
  };

  it('has all of its log, where there is one', async () => {
    const log = [{ id: 'n', kind: 'note', note: 'oiled' }];
    expect(await wholeWith(log)).toEqual({ ...document, log });
    expect(await wholeWith([])).toEqual(document);
  });

  it('is called as the job is', () => {
    expect(jobFileName('Rope bench, 2nd')).toBe('rope-bench-2nd.zabble.json');
  });
});
