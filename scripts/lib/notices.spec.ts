import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

const MODULE = JSON.stringify(join(__dirname, 'notices.mjs'));
interface Shipped {
  readonly name: string;
  readonly version: string;
  readonly everywhere: boolean;
}

/** What the module makes of a lock file, this one's own where none is given. */
function shipped(lock?: object): readonly Shipped[] {
  const argument = lock === undefined ? '' : JSON.stringify(lock);
  const script = `import { shippedPackages } from ${MODULE}; process.stdout.write(JSON.stringify(shippedPackages(${argument})));`;
  return JSON.parse(
    execFileSync(process.execPath, ['--input-type=module', '-e', script], { encoding: 'utf8' }),
  ) as Shipped[];
}

describe('the notices of what others made', () => {
  const text = readFileSync(join(__dirname, '../../THIRD-PARTY-NOTICES.md'), 'utf8');

  it('name every package that ships, in the version of the lock file, and none besides (npm run notices writes them)', () => {
    const noted = [...text.matchAll(/^\| (\S+) \| (\d\S*) \|/gm)].map(([, name, version]) => `${name} ${version}`);
    const all = shipped();
    const locked = all.map(({ name, version }) => `${name} ${version}`);
    expect(noted.filter((each) => !locked.includes(each))).toEqual([]);
    const everywhere = all.filter((each) => each.everywhere).map(({ name, version }) => `${name} ${version}`);
    expect(everywhere.filter((each) => !noted.includes(each))).toEqual([]);
  });

  it('hold the licence of the fonts and of the library of pictures', () => {
    for (const name of ['@fontsource/barlow', 'sharp']) expect(text).toMatch(new RegExp(`^### .*${name} \\d`, 'm'));
    expect(text).toContain('SIL Open Font License');
  });

  it('follow what a package stands on, the nearest of two versions, and leave out what only serves the building', () => {
    const lock = {
      packages: {
        'apps/web': { dependencies: { one: '1', '@zabble/core': '0' }, devDependencies: { tool: '1' } },
        'apps/server': {},
        'packages/cli': {},
        'packages/contract': {},
        'packages/core': {},
        'node_modules/@zabble/core': { link: true },
        'node_modules/one': {
          version: '1.0.0',
          dependencies: { two: '2' },
          optionalDependencies: { built: '1', gone: '1' },
        },
        'node_modules/one/node_modules/two': { version: '2.0.0', dependencies: { one: '1' } },
        'node_modules/two': { version: '1.0.0' },
        'node_modules/built': { version: '3.0.0', cpu: ['arm64'], optional: true, dependencies: { part: '1' } },
        'node_modules/part': { version: '4.0.0', optional: true },
        'node_modules/tool': { version: '9.0.0' },
      },
    };
    expect(shipped(lock).map(({ name, version, everywhere }) => [name, version, everywhere])).toEqual([
      ['built', '3.0.0', false],
      ['one', '1.0.0', true],
      ['part', '4.0.0', false],
      ['two', '2.0.0', true],
    ]);
  });
});
