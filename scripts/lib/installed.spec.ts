import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const INSTALLED = join(__dirname, 'installed.mjs');
const locked = {
  '': { name: 'whole' },
  'packages/one': { version: '1.0.0' },
  'node_modules/one': { resolved: 'packages/one', link: true },
  'node_modules/two': { version: '2.0.0', integrity: 'sha512-two' },
  'node_modules/elsewhere': { version: '3.0.0', integrity: 'sha512-three', optional: true },
};
const installed = {
  'node_modules/one': { resolved: 'packages/one', link: true },
  'node_modules/two': { version: '2.0.0', integrity: 'sha512-two' },
};

describe('whether all of a lock file is installed', () => {
  const folder = mkdtempSync(join(tmpdir(), 'zabble-installed-'));
  const write = (path: string, packages: object): void => {
    mkdirSync(join(folder, path, '..'), { recursive: true });
    writeFileSync(join(folder, path), JSON.stringify({ packages }));
  };
  afterAll(() => rmSync(folder, { recursive: true, force: true }));
  beforeEach(() => {
    write('package-lock.json', locked);
    write('node_modules/one/package.json', {});
    write('node_modules/two/package.json', {});
    write('node_modules/.package-lock.json', installed);
  });

  it('it is where every package is there at its version; one for another platform may be missing', () => {
    expect(ask()).toBe(true);
  });

  it.each<[string, () => void]>([
    ['nothing is installed', () => rmSync(join(folder, 'node_modules'), { recursive: true })],
    ['an install was broken off', () => rmSync(join(folder, 'node_modules/.package-lock.json'))],
    ['a package is gone', () => rmSync(join(folder, 'node_modules/two'), { recursive: true })],
    [
      'a package has another version',
      () =>
        write('package-lock.json', { ...locked, 'node_modules/two': { version: '2.1.0', integrity: 'sha512-two' } }),
    ],
    ['a package came', () => write('package-lock.json', { ...locked, 'node_modules/four': { version: '4.0.0' } })],
  ])('it is not where %s', (_, spoil) => {
    spoil();
    expect(ask()).toBe(false);
  });

  function ask(): boolean {
    const script = `import { isInstalled } from ${JSON.stringify(INSTALLED)}; console.log(isInstalled(process.argv[1]));`;
    const said = execFileSync(process.execPath, ['--input-type=module', '-e', script, folder], { encoding: 'utf8' });
    return JSON.parse(said) as boolean;
  }
});
