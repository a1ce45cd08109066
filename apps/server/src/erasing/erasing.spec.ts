import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { DELETED_FOR_DAYS, SHOP_DELETED_FOR_DAYS, type MadeList, type StoredJob } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';
import type { Express } from 'express';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ownDatabase, quietApp } from '../own-server.spec-data';
import { OWN_SHOP } from '../whose/shop';
import { ErasingRepository } from './repository';

const folder = (path: string): string => join(__dirname, '../..', path);
const document = JSON.parse(readFileSync(folder('../../examples/notions-bank.json'), 'utf8')) as JobDocument;

describe('deleted jobs', () => {
  let pool: Pool;
  let app: Express;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_erasing');
    await migrate(pool, folder('migrations'));
    app = quietApp(pool);
  });
  afterAll(() => pool.end());

  const rowsWith = async (job: string): Promise<Record<string, number>> => {
    const [columns] = await pool.query<RowDataPacket[]>(
      "SELECT table_name AS t FROM information_schema.columns WHERE table_schema = DATABASE() AND column_name = 'job_id'",
    );
    const found: Record<string, number> = {};
    for (const { t } of columns) {
      const [[row]] = await pool.query<RowDataPacket[]>(`SELECT COUNT(*) AS n FROM ${String(t)} WHERE job_id = ?`, [
        job,
      ]);
      found[String(t)] = Number(row!['n']);
    }
    const [[words]] = await pool.query<RowDataPacket[]>('SELECT COUNT(*) AS n FROM line_words');
    return { ...found, line_words: Number(words!['n']) };
  };
  const full = async (): Promise<string> => {
    const { body } = await request(app).post('/api/jobs').send({ document }).expect(201);
    const { id } = body as StoredJob;
    const at = '2026-11-20T09:00:00Z';
    const entries = [
      { id: 'r', kind: 'reading', at, bank: 'c1/b1', what: 'width', place: 'front', length: '24 in', against: '23 in' },
      { id: 'f', kind: 'fault', at, bank: 'c1/b1', drawer: 'd2', fault: 'split' },
    ];
    await request(app).post(`/api/jobs/${id}/log`).send({ entries }).expect(201);
    await request(app)
      .put(`/api/jobs/${id}`)
      .send({ revision: 1, document: { ...document, name: 'Saved' } })
      .expect(200);
    await pool.query(
      "INSERT INTO photos (shop, job_id, id, width, height, picture, kept_at) SELECT shop, id, ?, 1, 1, 'x', NOW() FROM jobs WHERE id = ?",
      [randomUUID(), id],
    );
    await pool.query('INSERT INTO laid_aside SELECT shop, ?, id, ?, 1, NOW() FROM jobs WHERE id = ?', [
      ...[randomUUID(), 'catch', id],
    ]);
    await request(app).post(`/api/jobs/${id}/here`).send({ page: randomUUID(), step: 'cut' }).expect(200);
    await pool.query('INSERT INTO calendar_jobs SELECT shop, id, 1, NULL FROM jobs WHERE id = ?', [id]);
    await pool.query("INSERT INTO calendar_fixed SELECT shop, id, 'hang', '2026-12-01T08:00' FROM jobs WHERE id = ?", [
      id,
    ]);
    await pool.query("INSERT INTO settled SELECT shop, id, '{}', NOW() FROM jobs WHERE id = ?", [id]);
    await pool.query('INSERT INTO order_for SELECT shop, ?, 1, id, 1 FROM jobs WHERE id = ?', [randomUUID(), id]);
    await pool.query(
      "INSERT INTO bookings (shop, id, job_id, material, taken, brought, booked_at) SELECT shop, ?, id, 'm', '[]', '[]', NOW() FROM jobs WHERE id = ?",
      [randomUUID(), id],
    );
    await pool.query(
      "INSERT INTO quotes (shop, id, job_id, number, job_revision, body, costs, made_at, valid_until, state_at) SELECT shop, ?, id, 1, 1, '{}', '[]', NOW(), NOW(), NOW() FROM jobs WHERE id = ?",
      [randomUUID(), id],
    );
    await request(app).get('/api/record').expect(200);
    return id;
  };

  it('go after their time, with everything that was of them, and nothing of the others', async () => {
    const [gone, stays] = [await full(), await full()];
    const other = await rowsWith(stays);
    await request(app).delete(`/api/jobs/${gone}`).expect(204);
    const erasing = new ErasingRepository(pool);
    const later = (days: number) => new Date(Date.now() + days * 86_400_000);
    expect(await erasing.due(later(DELETED_FOR_DAYS - 1))).toBe(0);
    expect(Object.values(await rowsWith(gone)).every((count) => count > 0)).toBe(true);
    expect(await erasing.due(later(DELETED_FOR_DAYS + 1))).toBe(1);
    const { line_words: words, ...left } = await rowsWith(gone);
    expect(Object.values(left).every((count) => count === 0)).toBe(true);
    expect(words).toBe(other['line_words']! / 2);
    expect(await rowsWith(stays)).toEqual({ ...other, line_words: words });
    await request(app).post(`/api/jobs/${gone}/restore`).expect(404);
    const { body } = (await request(app).get('/api/record/made').expect(200)) as { body: MadeList };
    expect(body.sums.map(({ count }) => count)).toEqual([1]);
    expect(body.faults).toEqual([{ fault: 'split', times: 1 }]);
  });
});

describe('what was deleted long ago', () => {
  let pool: Pool;
  beforeAll(async () => {
    pool = await ownDatabase('zabble_erasing_more');
    await migrate(pool, folder('migrations'));
  });
  afterAll(() => pool.end());

  const put = (shop: string, many: number, deleted: Date | null, from = 0) =>
    pool.query(
      `INSERT INTO jobs (shop, id, name, customer, document, revision, created_at, updated_at, deleted_at) VALUES ?`,
      [
        Array.from({ length: many }, (_, n) => [
          ...[shop, `00000000-0000-4000-8000-${String(from + n).padStart(12, '0')}`, `Rope ${n}`, '', '{}', 1],
          ...[new Date(), new Date(), deleted],
        ]),
      ],
    );
  const count = async (sql: string, ...values: readonly string[]): Promise<number> => {
    const [[row]] = await pool.query<RowDataPacket[]>(`SELECT COUNT(*) AS n FROM ${sql}`, [...values]);
    return Number(row!['n']);
  };
  const ago = (days: number) => new Date(Date.now() - days * 86_400_000);

  it('goes however much it is, what is there stays, and what was brought back meanwhile too', async () => {
    const erasing = new ErasingRepository(pool);
    await put(OWN_SHOP, 45, ago(DELETED_FOR_DAYS + 1));
    await put(OWN_SHOP, 3, ago(DELETED_FOR_DAYS - 1), 100);
    await put(OWN_SHOP, 2, null, 200);
    expect(await erasing.due()).toBe(45);
    expect(await count('jobs')).toBe(5);
    expect(await erasing.due()).toBe(0);
    // Listed as due, and brought back before its turn came.
    let listed = false;
    const before = Object.create(pool, {
      query: {
        value: (sql: string, values: never) => {
          if (listed) return pool.query(sql, values);
          listed = true;
          return Promise.resolve([[{ id: '00000000-0000-4000-8000-000000000200' }]]);
        },
      },
    }) as Pool;
    expect(await new ErasingRepository(before).due()).toBe(0);
    expect(await count('jobs')).toBe(5);
  });

  it('a shop goes whole after its time, its people first, and no other', async () => {
    const shop = (n: number) => `00000000-0000-4000-9000-00000000000${n}`;
    for (const [n, deleted] of [ago(SHOP_DELETED_FOR_DAYS + 1), ago(SHOP_DELETED_FOR_DAYS - 1), null].entries()) {
      await pool.query('INSERT INTO shops (id, name, created_at, deleted_at) VALUES (?, ?, NOW(), ?)', [
        ...[shop(n), `Shop ${n}`, deleted],
      ]);
      await put(shop(n), 510, null, 1000 * (n + 1));
    }
    const jobs = () => Promise.all([0, 1, 2].map((n) => count('jobs WHERE shop = ?', shop(n))));
    expect(await jobs()).toEqual([510, 510, 510]);
    const asked: string[] = [];
    const heard = Object.create(pool, {
      execute: {
        value: (sql: string, values: never) => {
          asked.push(sql.replace(/ WHERE.*/s, ''));
          return pool.execute(sql, values);
        },
      },
    }) as Pool;
    expect(await new ErasingRepository(heard).dueShops()).toBe(1);
    expect(await jobs()).toEqual([0, 510, 510]);
    expect(await count('shops WHERE id IN (?, ?, ?)', shop(0), shop(1), shop(2))).toBe(2);
    expect(asked.slice(0, 2)).toEqual(['SELECT id FROM shops', 'DELETE FROM members']);
    expect(asked.filter((sql) => sql === 'DELETE FROM jobs')).toHaveLength(2);
    expect(asked.at(-1)).toBe('DELETE FROM shops');
    expect(await new ErasingRepository(pool).dueShops()).toBe(0);
  });
});

describe('erasing by and by', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  it('looks soon after the start and every six hours, shops after jobs; what fails is told, and it is looked again', async () => {
    const erasing = new ErasingRepository({} as never);
    const looked: string[] = [];
    let fails = true;
    jest.spyOn(erasing, 'due').mockImplementation(() => {
      looked.push('jobs');
      return fails ? Promise.reject(new Error('away')) : Promise.resolve(0);
    });
    jest.spyOn(erasing, 'dueShops').mockImplementation(() => Promise.resolve(looked.push('shops')));
    const told: unknown[] = [];
    const end = erasing.byAndBy((problem) => told.push(problem));
    await jest.advanceTimersByTimeAsync(29_000);
    expect(looked).toEqual([]);
    await jest.advanceTimersByTimeAsync(2000);
    expect([looked, told]).toEqual([['jobs'], [new Error('away')]]);
    fails = false;
    await jest.advanceTimersByTimeAsync(6 * 3_600_000);
    expect([looked, told.length]).toEqual([['jobs', 'jobs', 'shops'], 1]);
    end();
    await jest.advanceTimersByTimeAsync(24 * 3_600_000);
    expect(looked).toHaveLength(3);
  });
});
