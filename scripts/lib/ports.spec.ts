import { createServer, type AddressInfo } from 'node:net';
import { once } from 'node:events';
import { asked } from './asked.spec-data';

describe('ports', () => {
  it('are found so many at once, none of them twice, and all free', () => {
    const found = asked('ports.mjs', 'await m.freePorts(60)') as readonly number[];
    expect(new Set(found).size).toBe(60);
    expect(asked('ports.mjs', `await Promise.all(${JSON.stringify(found)}.map(m.isFree))`)).toEqual(
      found.map(() => true),
    );
  });

  it('that another listens at are not free', async () => {
    const other = createServer().listen(0, '127.0.0.1');
    await once(other, 'listening');
    const { port } = other.address() as AddressInfo;
    expect(asked('ports.mjs', `await m.isFree(${port})`)).toBe(false);
    other.close();
  });
});
