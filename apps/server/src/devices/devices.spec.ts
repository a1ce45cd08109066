import type { DeviceReading } from '@zabble/contract';
import type { AddressInfo } from 'node:net';
import { once } from 'node:events';
import { createServer } from 'node:http';
import { openPool } from '../db/pool';
import { quietApp } from '../own-server.spec-data';
import { simulatedCaliper, simulatedLaser } from './simulated-device';

describe('the simulated laser', () => {
  const steady = simulatedLaser(() => 0.5);

  it('reads the same made-up case for the same size and place, a little off what was planned', () => {
    const at = (about: number, place: number): number => steady({ about, place }).mm;
    for (const about of [120, 508, 609.6, 1200])
      for (const place of [0, 1, 2]) {
        expect(at(about, place)).toBe(at(about, place));
        expect(Math.abs(at(about, place) - about)).toBeLessThanOrEqual(2.05);
      }
    expect(new Set([0, 1, 2].map((place) => at(609.6, place))).size).toBeGreaterThan(1);
  });

  it('reads what it read before, and more or less than that as it shakes', () => {
    // As it was: by these figures people have learned to use it.
    const at = (chance: number) => [120, 609.6].map((about) => simulatedLaser(() => chance)({ about, place: 1 }).mm);
    expect([at(0.05), at(0.5), at(0.95)]).toEqual([
      [118.8, 608.5],
      [119, 608.7],
      [119.3, 609],
    ]);
    const shaken = (device: typeof simulatedLaser, ...chances: readonly number[]) => {
      let turn = 0;
      const read = device(() => chances[(turn += 1) % chances.length] as number);
      return [0, 2].map((place) => read({ about: 11.8, place }).mm);
    };
    expect(shaken(simulatedLaser, 0.9, 0.2)).toEqual([12.1, 12.6]);
    expect(shaken(simulatedCaliper, 0.1, 0.2)).toEqual([11.79, 11.84]);
  });

  it('has noise, counts its readings, and its battery runs down', () => {
    let turn = 0;
    const laser = simulatedLaser(() => [0.1, 0.9, 0.3, 0.8, 0.2][(turn += 1) % 5]!);
    const read = Array.from({ length: 300 }, () => laser({ about: 600, place: 0 }));
    expect(new Set(read.map(({ mm }) => mm)).size).toBeGreaterThan(1);
    expect(read.map(({ number }) => number).slice(0, 3)).toEqual([1, 2, 3]);
    expect(read.at(-1)!.battery).toBeLessThan(read[0]!.battery);
    expect(read.every(({ simulated }) => simulated)).toBe(true);
  });
});

describe('the simulated caliper', () => {
  it('reads to the hundredth, near what it is held about, and its battery runs low soon', () => {
    let turn = 0;
    const caliper = simulatedCaliper(() => [0.1, 0.9, 0.4][(turn += 1) % 3]!);
    const read = Array.from({ length: 200 }, () => caliper({ about: 11.8, place: 0 }));
    for (const { mm, device } of read) {
      expect(device).toBe('caliper');
      expect(Math.abs(mm - 11.8)).toBeLessThan(0.45);
      expect(Math.round(mm * 100)).toBeCloseTo(mm * 100, 6);
    }
    expect(read.at(-1)!.battery).toBeLessThan(15);
    expect(caliper({ about: 0.5, place: 1 }).mm).toBeGreaterThanOrEqual(0);
  });
});

describe('the stream of readings', () => {
  const pool = openPool(process.env['TEST_DATABASE_URL'] ?? '');
  const server = createServer(quietApp(pool));
  let base = '';

  beforeAll(async () => {
    server.listen(0, '127.0.0.1');
    await once(server, 'listening');
    base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  });
  afterAll(async () => {
    server.closeAllConnections();
    server.close();
    await pool.end();
  });

  it('sends one event after another until nobody listens', async () => {
    const leave = new AbortController();
    const answer = await fetch(`${base}/api/devices/laser?about=609.6&place=1`, { signal: leave.signal });
    expect(answer.headers.get('content-type')).toContain('text/event-stream');
    const reader = answer.body!.getReader();
    let text = '';
    while (text.split('\n\n').length < 4) text += new TextDecoder().decode((await reader.read()).value);
    leave.abort();
    const readings = text
      .split('\n\n')
      .slice(0, 3)
      .map((event) => JSON.parse(event.replace(/^data: /, '')) as DeviceReading);
    expect(readings.map(({ device }) => device)).toEqual(['laser', 'laser', 'laser']);
    expect(readings[1]!.number).toBe(readings[0]!.number + 1);
  });

  it.each(['about=wide', 'about=0.1', 'about=600&place=1.5', 'about=600&where=top', ''])(
    'refuses ?%s',
    async (query) => {
      const answer = await fetch(`${base}/api/devices/laser?${query}`);
      expect(answer.status).toBe(400);
      expect(((await answer.json()) as { says: string }).says).toContain('Nothing was changed.');
    },
  );
});
