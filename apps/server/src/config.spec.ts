import { pathToFileURL } from 'node:url';
import { readConfig } from './config';
import { jobFileName } from './job-file/file-name';

const root = pathToFileURL('/somewhere else/');

describe('the server’s settings', () => {
  it('have defaults, and folders under the project, spaces and all', () => {
    expect(readConfig({ DATABASE_URL: 'mysql://x' }, root)).toMatchObject({
      port: 4870,
      logLevel: 'info',
      webRoot: '/somewhere else/apps/web/dist/browser/',
      migrations: '/somewhere else/apps/server/migrations/',
    });
  });

  it.each(['0', '65536', '48.5', 'abc', ''])('refuse PORT %j in a sentence', (PORT) => {
    expect(() => readConfig({ PORT, DATABASE_URL: 'mysql://x' }, root)).toThrow(
      'a port is a whole number from 1 to 65535.',
    );
  });

  it('have a port of its own for the network, and the names it is called by', () => {
    const settings = (more: object) => readConfig({ DATABASE_URL: 'mysql://x', ...more }, root);
    expect(settings({ PORT: '5000' }).networkPort).toBe(5001);
    expect(settings({ PORT: '65535' }).networkPort).toBe(65_534);
    expect(settings({ NETWORK_PORT: '80' }).networkPort).toBe(80);
    expect(() => settings({ NETWORK_PORT: '4870' })).toThrow('the network has a port of its own');
    const { names, publicAddress } = settings({ ZABBLE_ADDRESS: 'https://zabble.example/' });
    expect([names[0], publicAddress]).toEqual(['zabble.example', 'https://zabble.example']);
    expect(() => settings({ ZABBLE_ADDRESS: 'zabble.example' })).toThrow('an address begins with http');
  });

  it.each(['-1', '301', '1.5', 'soon', ''])('refuse DRAIN_SECONDS %j in a sentence', (DRAIN_SECONDS) => {
    const settings = (more: object) => readConfig({ DATABASE_URL: 'mysql://x', ...more }, root);
    expect(() => settings({ DRAIN_SECONDS })).toThrow('a whole number from 0 to 300 is wanted.');
    expect([settings({}).drain, settings({ DRAIN_SECONDS: '20' }).drain]).toEqual([0, 20_000]);
  });

  it('want a database', () => {
    expect(() => readConfig({}, root)).toThrow('DATABASE_URL is not set');
  });
});

describe('a job’s file name', () => {
  it.each([
    ['Notions bank', 'notions-bank'],
    ['Ünïcode  ½/“drawer”', 'unicode-1-2-drawer'],
    ['../../etc/passwd', 'etc-passwd'],
    ['抽屉', 'job'],
    ['x'.repeat(200), 'x'.repeat(60)],
  ])('%s', (name, expected) => {
    expect(jobFileName(name)).toBe(`${expected}.zabble.json`);
  });
});
