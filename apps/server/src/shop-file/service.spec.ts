import { Readable } from 'node:stream';
import { gzipSync } from 'node:zlib';
import { OWN_SHOP } from '../whose/shop';
import type { Putting, ShopFileRepository } from './repository';
import { ShopFileService } from './service';

const FIRST = '{"zabble":"shop","version":1,"currency":"NOK"}';
const PIN = '{"table":"hardware_drawer","row":{"price_key":"pin","count":3}}';

/** A repository that keeps what it is told, so often from the start. */
function kept(times = 1, rowFails?: object) {
  const done: unknown[] = [];
  const repository = {
    bring: async (_: string, each: (put: Putting) => Promise<void>) => {
      const put: Putting = {
        row: (table, row) => (rowFails ? Promise.reject(rowFails) : Promise.resolve(void done.push([table, row]))),
        currency: (currency) => Promise.resolve(void done.push(currency)),
      };
      for (let time = 0; time < times; time += 1) await each(put);
      return true;
    },
  };
  return { done, service: new ShopFileService(repository as unknown as ShopFileRepository) };
}
const bring = (service: ShopFileService, packed: Buffer) => service.bring(OWN_SHOP, Readable.from([packed]));
const why = (service: ShopFileService, packed: Buffer): Promise<unknown> =>
  bring(service, packed).then(
    () => 'brought',
    (problem: unknown) => (problem as { problem?: object }).problem ?? problem,
  );

describe('a file of a shop that is brought in', () => {
  it('is read line by line, with or without an end of the last', async () => {
    for (const end of ['', '\n']) {
      const { done, service } = kept();
      expect(await bring(service, gzipSync(`${FIRST}\n${PIN}\n${PIN}${end}`))).toBe(2);
      expect(done).toEqual(['NOK', ...[1, 2].map(() => ['hardware_drawer', { price_key: 'pin', count: 3 }])]);
    }
  });

  it('can be read once: where a transaction would begin again it is to be sent again', async () => {
    const { service } = kept(2);
    expect(await why(service, gzipSync(`${FIRST}\n`))).toMatchObject({ status: 503, said: { code: 'too-busy' } });
  });

  it('is said to be broken off, or to be none, with the line it was at', async () => {
    const whole = gzipSync(`${FIRST}\n${PIN}\n`);
    const broken = { status: 422, said: { params: { why: { code: 'shop-file/broken' } } } };
    expect(await why(kept().service, whole.subarray(0, 20))).toMatchObject(broken);
    expect(await why(kept().service, Buffer.from('no gzip at all'))).toMatchObject(broken);
    expect(await why(kept().service, gzipSync(''))).toMatchObject({ ...broken, said: { params: { line: 0 } } });
    for (const line of ['x', '[]', 'null', '7', '{"table":"stock"}', '{"row":{}}', '{"table":"stock","row":7}'])
      expect(await why(kept().service, gzipSync(`${FIRST}\n${line}\n`))).toMatchObject({
        ...{ status: 422, said: { params: { line: 2, why: { code: 'shop-file/row' } } } },
      });
  });

  it('has a row the database does not take told with its line; whatever else is wrong is said as it is', async () => {
    const row = { status: 422, said: { params: { line: 2, why: { code: 'shop-file/row' } } } };
    const packed = gzipSync(`${FIRST}\n${PIN}\n`);
    for (const code of ['ER_DUP_ENTRY', 'ER_BAD_NULL_ERROR', 'ER_DATA_TOO_LONG', 'WARN_DATA_TRUNCATED'])
      expect([code, await why(kept(1, { code }).service, packed)]).toMatchObject([code, row]);
    const away = Object.assign(new Error('away'), { code: 'ECONNREFUSED' });
    expect(await why(kept(1, away).service, packed)).toBe(away);
    const plain = new Error('odd');
    expect(await why(kept(1, plain).service, packed)).toBe(plain);
  });
});
