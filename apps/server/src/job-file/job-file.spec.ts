import type { JobDocument } from '@zabble/core';
import express from 'express';
import request from 'supertest';
import { sayErrors } from '../http/errors';
import { decideWhose } from '../whose/decide';
import { OWN_SHOP, type ShopId } from '../whose/shop';
import { jobFileName } from './file-name';
import { jobFileRouter } from './router';
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

  it('goes out as a file of its name, to be read by people too', async () => {
    const whole = { ...document, log: [{ id: 'n' }] };
    const asked: unknown[] = [];
    const files = { whole: (...of: unknown[]) => Promise.resolve((asked.push(of), whole)) };
    const app = express().use(decideWhose(), jobFileRouter(files as never), sayErrors);
    const id = '7a52bf0f-5d7e-4c8e-9bb1-111111111111';
    const { headers, text } = await request(app).get(`/${id}/file`).expect(200);
    expect(headers['content-type']).toMatch(/^application\/json/);
    expect(headers['content-disposition']).toBe('attachment; filename=rope-bench.zabble.json');
    expect(text).toBe(`${JSON.stringify(whole, null, 2)}\n`);
    expect(asked).toEqual([[OWN_SHOP, id]]);
    await request(app).get('/nobody/file').expect(400);
    await request(app).get(`/${id}`).expect(404);
  });

  it('is called as the job is', () => {
    expect(jobFileName('Rope bench, 2nd')).toBe('rope-bench-2nd.zabble.json');
  });
});
