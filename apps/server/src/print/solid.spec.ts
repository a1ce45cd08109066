import { crc32, deflateSync } from 'node:zlib';
import request from 'supertest';
import { app, demo, Printer, text, wish } from './printed.spec-data';
import { readPng } from './png';

/** A picture of one colour, row by row, as PNGs are: https://www.w3.org/TR/png-3/ */
function png(width: number, height: number, { rows = height, kind = 2 } = {}): Buffer {
  const chunk = (name: string, body: Buffer): Buffer => {
    const named = Buffer.concat([Buffer.from(name, 'latin1'), body]);
    const [length, sum] = [Buffer.alloc(4), Buffer.alloc(4)];
    length.writeUInt32BE(body.length);
    sum.writeUInt32BE(crc32 ? crc32(named) : 0);
    return Buffer.concat([length, named, sum]);
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, kind, 0, 0, 0], 8);
  const row = Buffer.concat([Buffer.from([0]), Buffer.alloc(width * (kind === 2 ? 3 : 4), 0x40)]);
  const body = deflateSync(Buffer.concat(Array.from({ length: rows }, () => row)));
  const signature = Buffer.from('89504e470d0a1a0a', 'hex');
  return Buffer.concat([signature, chunk('IHDR', head), chunk('IDAT', body), chunk('IEND', Buffer.alloc(0))]);
}
const sent = (picture: Buffer): string => picture.toString('base64');

describe('a picture that is sent', () => {
  it('is read with its size, with or without what is seen through', () => {
    expect(readPng(sent(png(40, 30)))).toMatchObject({ width: 40, height: 30 });
    expect(readPng(sent(png(3, 2, { kind: 6 })))).toMatchObject({ width: 3, height: 2 });
  });

  it.each([
    ['nothing', Buffer.alloc(0)],
    ['text', Buffer.from('a picture')],
    ['one broken off', png(40, 30).subarray(0, 60)],
    ['one without its last rows', png(40, 30, { rows: 20 })],
    ['one of more rows than it says', png(40, 30, { rows: 31 })],
    ['one larger than can be', png(9000, 1)],
    ['one of a kind of colour there is none of', png(4, 4, { kind: 5 })],
  ])('is none where it is %s', (_, picture) => {
    expect(readPng(sent(picture))).toBeUndefined();
  });
});

describe('printing the solid view', () => {
  const printer = new Printer();
  afterAll(() => printer.end());
  const document = demo('splicing-bench');

  it('has the picture as wide as there is room, what stops what once, and the order it goes together in', async () => {
    const path = await printer.printed('solid-view.pdf', {
      ...{ document, picture: sent(png(400, 200)), pictured: 'c1' },
    });
    const words = text(path);
    expect(words).toContain('Splicing bench · Splicing bench');
    expect(words.match(/Door “o1” and drawers 1, 2, 3 and 4 of Fids and palms meet/g)).toHaveLength(1);
    expect(words).toMatch(/1\.\s+case bottom/);
    expect(words).toMatch(/13\.\s+door/);
    // Dark from margin to margin, half as high: 186 mm by 93 mm on A4.
    const page = printer.page(path, 1);
    const dark = page.along(Math.round(((12 + 9 + 40) / 297) * page.height));
    expect(Math.max(...dark.map(({ from, to }) => to - from))).toBeCloseTo(186, 0);
  });

  it.each([
    ['without a picture', { pictured: 'c1' }],
    ['of a picture that can’t be read', { picture: sent(Buffer.from('no picture')), pictured: 'c1' }],
    ['of a case the job has not', { picture: sent(png(4, 4)), pictured: 'c9' }],
  ])('%s is refused with one sentence', async (_, more) => {
    const { body } = await request(app)
      .post('/api/print/solid-view.pdf')
      .send({ ...wish, document, ...more })
      .expect(422);
    expect(body).toMatchObject({ said: { code: 'sent-no-picture' } });
  });
});
