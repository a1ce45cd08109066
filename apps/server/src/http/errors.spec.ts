import type { Problem } from '@zabble/contract';
import express from 'express';
import { pino } from 'pino';
import { pinoHttp } from 'pino-http';
import request from 'supertest';
import { answerTo, sayErrors } from './errors';

const app = express();
app.use(pinoHttp({ logger: pino({ level: 'silent' }) }));
app.get('/broken', () => {
  throw Object.assign(new Error('the password is hunter2'), { sql: 'SELECT secret FROM jobs' });
});
app.use(sayErrors);

describe('an error nobody foresaw', () => {
  it('is one sentence; its details stay inside', async () => {
    const { status, body } = (await request(app).get('/broken')) as { status: number; body: Problem };
    expect(status).toBe(500);
    expect(body).toEqual({
      status: 500,
      said: { code: 'server-wrong', params: {} },
      says: 'Something went wrong in the server. Nothing was changed; its log has the details.',
    });
  });
});

describe('a disk that is full', () => {
  it('is said, and that nothing was changed', () => {
    const full = Object.assign(new Error('The table is full'), { code: 'ER_RECORD_FILE_FULL' });
    expect(answerTo(full, 'POST')).toMatchObject({ status: 503, said: { code: 'disk-full' } });
  });
});
