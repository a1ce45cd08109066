import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { LARGEST_PICTURE, type PhotoKept, type Problem, type StoredJob } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';
import type { Express } from 'express';
import type { Pool, RowDataPacket } from 'mysql2/promise';
import sharp from 'sharp';
import request from 'supertest';
import { migrate } from '../db/migrate';
import { ownDatabase, quietApp } from '../own-server.spec-data';
import { pictureFrom } from './picture';

const folder = (path: string): string => join(__dirname, '../..', path);
const document = JSON.parse(readFileSync(folder('../../examples/notions-bank.json'), 'utf8')) as JobDocument;
const grey = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#808080' } });
const SCRIPT = '<script>alert(1)</script>';

let pool: Pool;
let app: Express;
let job: string;

beforeAll(async () => {
  pool = await ownDatabase('zabble_photos');
  await migrate(pool, folder('migrations'));
  app = quietApp(pool);
  job = ((await request(app).post('/api/jobs').send({ document })).body as StoredJob).id;
});
afterAll(() => pool.end());

const put = (data: Buffer | string, type: string, id = randomUUID()) =>
  request(app).put(`/api/jobs/${job}/photos/${id}`).set('content-type', type).send(data);
const many = async (): Promise<number> => {
  const [[row]] = await pool.query<RowDataPacket[]>('SELECT COUNT(*) AS n FROM photos');
  return Number(row!['n']);
};

describe('photographs', () => {
  it('are kept once and shown as a JPEG and nothing else, without what else the file held', async () => {
    const id = randomUUID();
    const exif = { IFD0: { Copyright: 'where-it-was-taken' } };
    const data = await grey(3000, 1500).withExif(exif).png().toBuffer();
    const { body } = await put(data, 'image/png', id).expect(201);
    expect(body as PhotoKept).toEqual({ id, width: 2000, height: 1000 });
    await put(data, 'image/png', id).expect(201);
    expect(await many()).toBe(1);
    const shown = await request(app).get(`/api/jobs/${job}/photos/${id}`).expect(200);
    expect(shown.headers['content-type']).toBe('image/jpeg');
    expect(shown.headers['x-content-type-options']).toBe('nosniff');
    expect(shown.headers['content-security-policy']).toContain('sandbox');
    expect(shown.headers['content-disposition']).toBe('inline; filename="photograph.jpg"');
    expect(shown.headers['cache-control']).toBe('private, no-cache');
    await request(app).get(`/api/jobs/${job}/photos/${id}`).set('If-None-Match', `"${id}"`).expect(304);
    expect((await sharp(shown.body as Buffer).metadata()).format).toBe('jpeg');
    expect((shown.body as Buffer).includes('where-it-was-taken')).toBe(false);
  });

  it('of each kind there is are taken, and what is none is told which those are', async () => {
    const made = { jpeg: grey(4, 3).jpeg(), png: grey(4, 3).png(), webp: grey(4, 3).webp() };
    for (const [kind, picture] of Object.entries(made))
      expect((await put(await picture.toBuffer(), `image/${kind}`).expect(201)).body).toMatchObject({
        width: 4,
        height: 3,
      });
    await put(await grey(4, 3).png().toBuffer(), ' image/png ; a=b').expect(201);
    const { body } = await put('GIF89a', 'Image/GIF; a=b').expect(415);
    expect((body as Problem).said).toEqual({
      code: 'picture-type',
      params: { read: 'image/gif', types: ['JPEG', 'PNG', 'WEBP'] },
    });
  });

  it('are kept as small as they still look well: less than half of what the best quality takes', async () => {
    // Noise, which is as hard to keep small as a picture can be.
    const noise = await sharp({
      create: {
        width: 600,
        height: 400,
        channels: 3,
        background: '#808080',
        noise: { type: 'gaussian', mean: 128, sigma: 60 },
      },
    })
      .png()
      .toBuffer();
    const best = (await sharp(noise).jpeg({ quality: 95 }).toBuffer()).length;
    const usual = (await sharp(noise).jpeg({ quality: 80 }).toBuffer()).length;
    const kept = (await pictureFrom(noise, 'image/png')).data.length;
    expect(kept).toBeLessThan(best * 0.75);
    expect(kept).toBeGreaterThan(usual);
  });

  it('sent as nothing at all are refused', async () => {
    await expect(pictureFrom(Buffer.from('x'), undefined)).rejects.toMatchObject({
      problem: { status: 415, said: { params: { read: '' } } },
    });
    await expect(pictureFrom('x', 'image/png')).rejects.toMatchObject({ problem: { status: 415 } });
  });

  it('lose a script behind the picture', async () => {
    const id = randomUUID();
    const data = Buffer.concat([await grey(20, 20).jpeg().toBuffer(), Buffer.from(SCRIPT)]);
    await put(data, 'image/jpeg', id).expect(201);
    const shown = await request(app).get(`/api/jobs/${job}/photos/${id}`).expect(200);
    expect((shown.body as Buffer).includes('script')).toBe(false);
  });

  it.each<[string, () => Promise<Buffer | string>, string, number, string]>([
    ['a script dressed as a picture', async () => Promise.resolve(SCRIPT), 'image/jpeg', 422, 'no JPEG picture'],
    [
      'a drawing that can hold scripts',
      async () => Promise.resolve(`<svg>${SCRIPT}</svg>`),
      'image/svg+xml',
      415,
      'image/svg+xml',
    ],
    [
      'a drawing dressed as a picture',
      async () => Promise.resolve('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>'),
      'image/png',
      422,
      'no PNG picture',
    ],
    ['one kind called another', () => grey(9, 9).png().toBuffer(), 'image/jpeg', 422, 'no JPEG picture'],
    [
      'half a picture',
      async () => (await grey(900, 900).png({ compressionLevel: 0 }).toBuffer()).subarray(0, 9000),
      'image/png',
      422,
      'no PNG picture',
    ],
    ['a page', async () => Promise.resolve(SCRIPT), 'text/html', 415, 'text/html'],
    ['too much', async () => Promise.resolve(Buffer.alloc(LARGEST_PICTURE + 1)), 'image/png', 413, 'bytes'],
    ['nothing', async () => Promise.resolve(''), 'image/png', 422, 'no PNG picture'],
  ])('refuse %s with one sentence, and nothing is kept', async (_, data, type, status, part) => {
    const before = await many();
    const id = randomUUID();
    const { body } = (await put(await data(), type, id).expect(status)) as { body: Problem };
    expect(body.says).toContain(part);
    expect(await many()).toBe(before);
    await request(app).get(`/api/jobs/${job}/photos/${id}`).expect(404);
  });

  it('stay as they were first kept, and are shown in their own job alone', async () => {
    const id = randomUUID();
    const shown = async (of: string) => request(app).get(`/api/jobs/${of}/photos/${id}`);
    await put(await grey(30, 20).png().toBuffer(), 'image/png', id).expect(201);
    await put(await grey(99, 88).png().toBuffer(), 'image/png', id).expect(201);
    expect(await sharp((await shown(job)).body as Buffer).metadata()).toMatchObject({ width: 30, height: 20 });
    const { body } = (await request(app).post('/api/jobs').send({ document }).expect(201)) as { body: StoredJob };
    expect((await shown(body.id)).status).toBe(404);
  });

  it('of a deleted job are shown no more, until it is brought back', async () => {
    const id = randomUUID();
    const { body } = (await request(app).post('/api/jobs').send({ document })) as { body: StoredJob };
    const data = await grey(9, 9).png().toBuffer();
    const path = `/api/jobs/${body.id}/photos/${id}`;
    await request(app).put(path).set('content-type', 'image/png').send(data).expect(201);
    await request(app).delete(`/api/jobs/${body.id}`).expect(204);
    await request(app).get(path).expect(404);
    await request(app).post(`/api/jobs/${body.id}/restore`).expect(200);
    await request(app).get(path).expect(200);
  });

  it('belong to a job there is', async () => {
    const data = await grey(9, 9).png().toBuffer();
    await request(app)
      .put(`/api/jobs/${randomUUID()}/photos/${randomUUID()}`)
      .set('content-type', 'image/png')
      .send(data)
      .expect(404);
    await request(app).put(`/api/jobs/${job}/photos/photo.php`).set('content-type', 'image/png').send(data).expect(400);
  });
});
