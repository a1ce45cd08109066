import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { asked } from './asked.spec-data';

describe('things dealt into heaps', () => {
  const dealt = (sizes: readonly number[], heaps: number) =>
    asked('jest-together.mjs', `m.dealt(${JSON.stringify(sizes)}, (size) => size, ${heaps})`) as number[][];

  it('are all there, each once, the heaps about as large as one another', () => {
    const heaps = dealt([9, 1, 8, 2, 7, 3], 3);
    expect(heaps.flat().sort()).toEqual([1, 2, 3, 7, 8, 9]);
    expect(heaps.map((heap) => heap.reduce((sum, size) => sum + size, 0))).toEqual([10, 10, 10]);
  });

  it('make no empty heap', () => {
    expect(dealt([4, 5], 6)).toEqual([[5], [4]]);
    expect(dealt([], 6)).toEqual([]);
  });
});

describe('test files run several to one', () => {
  let root: string;
  const files: Readonly<Record<string, string>> = {
    'src/a.spec.ts': 'it("a", () => {});',
    'src/deep/b.spec.ts': 'it("b", () => {});',
    'src/c.long.spec.ts': 'it("c", () => {});',
    'src/d.spec.ts': '// @alone: held by its name\nit("d", () => {});',
    'src/no-test.ts': 'export const one = 1;',
  };
  beforeEach(() => {
    root = mkdtempSync(join(tmpdir(), 'zabble-together-'));
    for (const [name, text] of Object.entries(files)) {
      mkdirSync(dirname(join(root, name)), { recursive: true });
      writeFileSync(join(root, name), text);
    }
  });
  afterEach(() => rmSync(root, { recursive: true }));

  /** The files that would be run, as `ZABBLE_TESTS` asks. */
  function run(how: string): readonly string[] {
    const module = pathToFileURL(join(__dirname, 'jest-together.mjs')).href;
    const project = JSON.stringify({ rootDir: root, displayName: 'two words', testMatch: ['as it was'] });
    const program = `const m = await import(${JSON.stringify(module)});
      const project = ${project};
      console.log(JSON.stringify(m.together(project, m.specsOf(project.rootDir), 4).testMatch));`;
    const answer = execFileSync(process.execPath, ['--input-type=module', '-e', program], {
      env: { ...process.env, ZABBLE_TESTS: how },
      encoding: 'utf8',
    });
    return JSON.parse(answer) as readonly string[];
  }
  const made = () =>
    readdirSync(join(root, '.together/two-words')).map((name) => join(root, '.together/two-words', name));

  it('only where that is asked for', () => expect(run('')).toEqual(['as it was']));

  it('but for those that are long, and those that say they stand alone', () => {
    const found = run('in-one');
    const [one] = made();
    expect([...found].sort()).toEqual([one, join(root, 'src/c.long.spec.ts'), join(root, 'src/d.spec.ts')].sort());
    const text = readFileSync(one ?? '', 'utf8');
    for (const name of ['src/a.spec', 'src/deep/b.spec'])
      expect(text).toContain(`describe('${name}.ts', () => {\n  require('../../${name}');\n});`);
    expect(text).not.toMatch(/c\.long|d\.spec|no-test/);
  });

  it('by another name as soon as they are others, what was before is gone', () => {
    run('in-one');
    const before = made();
    writeFileSync(join(root, 'src/e.spec.ts'), 'it("e", () => {});');
    run('in-one');
    expect(made()).toHaveLength(1);
    expect(made()).not.toEqual(before);
    run('together');
    expect(made()).toHaveLength(3);
  });
});
