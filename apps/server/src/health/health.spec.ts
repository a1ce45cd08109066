import express from 'express';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { healthRouter } from './router';
import { HealthService } from './service';

describe('how the server is', () => {
  let away = false;
  const pool = {
    query: () => (away ? Promise.reject(new Error('away')) : Promise.resolve([[]])),
    execute: () => (away ? Promise.reject(new Error('away')) : Promise.resolve([[]])),
  } as unknown as Pool;
  const service = new HealthService(pool, '1.2.3');
  const app = express().use(healthRouter(service));
  const told = async (path: string) => {
    const { status, body } = await request(app).get(path);
    return [status, body as object];
  };

  it('is told with its version, and whether it is to be asked', async () => {
    expect(await told('/')).toEqual([200, { status: 'ok', database: 'answers', version: '1.2.3' }]);
    expect(await told('/ready')).toEqual([200, { ready: true }]);
    expect(await told('/live')).toEqual([200, { live: true }]);
  });

  it('is alive and not ready where the database is away', async () => {
    away = true;
    expect(await told('/')).toEqual([503, { status: 'degraded', database: 'does not answer', version: '1.2.3' }]);
    expect(await told('/ready')).toEqual([503, { ready: false, why: 'database' }]);
    expect(await told('/live')).toEqual([200, { live: true }]);
    away = false;
  });

  it('is not ready once it is about to end', async () => {
    service.drain();
    expect(await told('/ready')).toEqual([503, { ready: false, why: 'ending' }]);
    expect((await told('/'))[0]).toBe(200);
  });
});
