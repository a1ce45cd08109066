import type { IncomingMessage } from 'node:http';
import { cameThroughDoor, isNear, isThroughDoor, nameOf } from './near';

const asked = (remoteAddress: string | undefined, host: string | undefined, headers = {}): IncomingMessage =>
  ({ socket: { remoteAddress }, headers: { host, ...headers } }) as unknown as IncomingMessage;

describe('a person at this very machine', () => {
  it.each([
    ['127.0.0.1', 'localhost:3000'],
    ['127.8.9.1', '127.0.0.1'],
    ['::1', '[::1]:3000'],
    ['::ffff:127.0.0.1', 'LOCALHOST'],
  ])('asks from %s by %s', (address, host) => {
    expect(isNear(asked(address, host))).toBe(true);
  });

  it.each([
    ['192.168.1.7', 'localhost'],
    ['10.127.0.1', 'localhost'],
    ['::ffff:10.0.0.1', 'localhost'],
    ['fe80::ffff:127.0.0.1', 'localhost'],
    ['::1:1', 'localhost'],
    [undefined, 'localhost'],
    ['127.0.0.1', undefined],
    ['127.0.0.1', 'shop.test:3000'],
    ['127.0.0.1', 'localhost.shop.test'],
    ['127.0.0.1', '192.168.1.7'],
  ])('does not ask from %s by %s', (address, host) => {
    expect(isNear(asked(address, host))).toBe(false);
  });

  it.each(['forwarded', 'via', 'x-forwarded-for', 'x-forwarded-host', 'x-forwarded-proto', 'x-real-ip', 'x-client-ip'])(
    'does not ask through a proxy that says %s, whatever it says',
    (name) => {
      expect(isNear(asked('127.0.0.1', 'localhost', { [name]: '' }))).toBe(false);
      expect(isNear(asked('127.0.0.1', 'localhost', { [name]: '127.0.0.1' }))).toBe(false);
    },
  );

  it('does not come in by the door for the network', () => {
    const request = asked('127.0.0.1', 'localhost');
    expect([isThroughDoor(request), isNear(request)]).toEqual([false, true]);
    cameThroughDoor(request);
    expect([isThroughDoor(request), isNear(request)]).toEqual([true, false]);
  });

  it('is called by a name, whatever its letters and its port', () => {
    expect(['Shop.Test:8080', 'shop.test:', '[::1]:3000', 'shop.test'].map(nameOf)).toEqual([
      ...['shop.test', 'shop.test', '[::1]', 'shop.test'],
    ]);
  });
});
