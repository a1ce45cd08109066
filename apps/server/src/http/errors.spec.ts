import type { Problem } from '@zabble/contract';
import express from 'express';
import { pino } from 'pino';
import { pinoHttp } from 'pino-http';
import request from 'supertest';
import { answerTo, nothingHere, sayErrors } from './errors';

const app = express();
app.use(pinoHttp({ logger: pino({ level: 'silent' }) }));
app.get('/broken', () => {
  throw Object.assign(new Error('the password is hunter2'), { sql: 'SELECT secret FROM jobs' });
});
app.get('/half', (_request, response) => {
  response.write('half');
  throw new Error('and no more');
});
app.use(sayErrors);

describe('where nothing is', () => {
  it('is said by its path, without what was asked of it', async () => {
    const none = express().use(nothingHere);
    const { body } = (await request(none).put('/api/nowhere?secret=1').expect(404)) as { body: Problem };
    expect(body.said).toEqual({ code: 'nothing-at', params: { method: 'PUT', path: '/api/nowhere' } });
  });
});

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

describe('an answer that was begun', () => {
  it('is broken off: what came is not taken for the whole', async () => {
    await expect(request(app).get('/half')).rejects.toThrow(/aborted|hang up/);
  });
});

describe('what the database or who reads a body says', () => {
  const trouble = (more: object, method?: string) => answerTo(Object.assign(new Error('x'), more), method);

  it.each<[object, string | undefined, number, string]>([
    [{ type: 'entity.too.large', limit: 9 }, 'POST', 413, 'too-large'],
    [{ type: 'entity.parse.failed' }, 'POST', 400, 'sent-no-json'],
    [{ type: 'encoding.unsupported' }, 'POST', 415, 'sent-encoding'],
    [{ type: 'encoding' }, 'POST', 415, 'sent-encoding'],
    [{ type: 'charset.unsupported' }, 'POST', 500, 'server-wrong'],
    [{ code: 'ER_LOCK_DEADLOCK' }, 'POST', 503, 'too-busy'],
    [{ code: 'ER_LOCK_WAIT_TIMEOUT' }, 'PUT', 503, 'too-busy'],
    [{ code: 'ER_STATEMENT_TIMEOUT' }, 'GET', 503, 'too-busy'],
    [{ code: 'ER_DISK_FULL' }, 'POST', 503, 'disk-full'],
    [{ code: 'ER_BAD_FIELD_ERROR' }, 'POST', 500, 'server-wrong'],
    // What only looks changed nothing.
    [{ code: 'ECONNRESET' }, undefined, 503, 'database-away'],
    [{ code: 'ECONNRESET' }, 'HEAD', 503, 'database-away'],
    // A change that was sent may have been done.
    [{ code: 'ECONNRESET' }, 'POST', 503, 'outcome-unknown'],
    [{ code: 'PROTOCOL_CONNECTION_LOST' }, 'DELETE', 503, 'outcome-unknown'],
    [{ code: 'ETIMEDOUT' }, 'PUT', 503, 'outcome-unknown'],
    [{ code: 'ER_SERVER_SHUTDOWN' }, 'PUT', 503, 'outcome-unknown'],
    // One that was never sent, or was taken back, not.
    [{ code: 'ECONNREFUSED' }, 'POST', 503, 'database-away'],
    [{ code: 'ETIMEDOUT', syscall: 'connect' }, 'POST', 503, 'database-away'],
    [{ code: 'ER_CON_COUNT_ERROR' }, 'POST', 503, 'database-away'],
    [{ code: 'ECONNRESET', leftNothing: true }, 'POST', 503, 'database-away'],
  ])('%j of a %s is %i, %s', (more, method, status, code) =>
    expect(trouble(more, method)).toMatchObject({ status, said: { code } }),
  );

  it('more waiting than may is said so, and an address that can’t be read', () => {
    expect(answerTo(new Error('Queue limit reached.'))).toMatchObject({ status: 503, said: { code: 'too-busy' } });
    expect(answerTo(new Error('The Queue limit'))).toMatchObject({ status: 500 });
    expect(answerTo(new URIError('x'))).toMatchObject({ status: 400, said: { code: 'address-unreadable' } });
    expect(trouble({ type: 'entity.too.large', limit: 9 })).toMatchObject({ said: { params: { limit: 9 } } });
  });
});
