import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { asked } from './asked.spec-data';

const answer = (expression: string): unknown => asked('mutants.mjs', expression);
const sampleOf = (from: readonly Mutant[], most: number, seed: number): unknown =>
  answer(`m.sampleOf(${JSON.stringify(from)}, ${most}, ${seed})`);

interface Mutant {
  readonly id: number;
  readonly fileName: string;
  readonly location: { start: { line: number; column: number }; end: { line: number; column: number } };
}
const at = (id: number, from: number, to: number, fileName = 'a.ts'): Mutant => ({
  id,
  fileName,
  location: { start: { line: 1, column: from }, end: { line: 1, column: to } },
});
const many = Array.from({ length: 200 }, (_, id) => at(id, id * 10, id * 10 + 5));
const ids = (chosen: unknown): readonly number[] => (chosen as readonly Mutant[]).map(({ id }) => id);

describe('a sample of changes', () => {
  it('is as large as asked for, the same for the same seed and another for another', () => {
    const once = ids(sampleOf(many, 30, 1));
    expect(once).toHaveLength(30);
    expect(new Set(once).size).toBe(30);
    expect(ids(sampleOf(many, 30, 1))).toEqual(once);
    expect(ids(sampleOf(many, 30, 2))).not.toEqual(once);
    expect(ids(sampleOf(many, 500, 1))).toHaveLength(200);
  });

  it('counts what lies within a place that is chosen, in the same file only', () => {
    const nested = [at(0, 0, 100), at(1, 10, 20), at(2, 30, 40), at(3, 10, 20, 'b.ts')];
    for (let seed = 1; seed < 6; seed += 1) {
      const chosen = ids(sampleOf(nested, 4, seed));
      expect(chosen).toContain(0);
      expect(chosen).toContain(3);
    }
  });

  it('leaves out what nobody could tell: a field that is undefined instead of left out', () => {
    const told = (line: string, was: string, replacement: string): unknown => {
      const column = line.indexOf(was);
      const location = { start: { line: 1, column }, end: { line: 1, column: column + was.length } };
      return answer(`m.isTold(${JSON.stringify({ replacement, location })}, ${JSON.stringify(`\n${line}\n`)})`);
    };
    const [absent, there] = ['  ...(step === undefined ? {} : { step }),', '  ...(thread ? { thread } : {}),'];
    expect(told(absent, 'step === undefined', 'false')).toBe(false);
    expect(told(absent, 'step === undefined', 'true')).toBe(true);
    expect(told(there, 'thread', 'true')).toBe(false);
    expect(told(there, 'thread', 'false')).toBe(true);
    // What it is made of is asked only where it is there.
    expect(told('  ...(cup ? { line: lineOf(cup) } : {}),', 'cup', 'true')).toBe(true);
    expect(told('  return step === undefined ? {} : { step };', 'step === undefined', 'false')).toBe(true);
  });

  it('is taken from folders of the code, without tests and faces', () => {
    const folders = answer(`m.foldersOf(['core', 'web'])`) as {
      workspace: string;
      name: string;
      folder: string;
    }[];
    expect(folders.map(({ workspace, name }) => `${workspace}/${name}`)).toEqual(
      expect.arrayContaining(['core/length', 'core/plan', 'web/store']),
    );
    expect(folders.some(({ name }) => name === 'bench')).toBe(false);
    const files = answer(`m.sourcesOf('packages/core/src/length')`) as string[];
    expect(files).toContain('packages/core/src/length/tally.ts');
    expect(files.filter((name) => /spec|index/.test(name))).toEqual([]);
  });
});

it('no source says of what type something is just before it compares it: changed, that can’t be read any more', () => {
  // `a as T <= b` is taken for a list of types that is not closed, and what prints changes leaves brackets out.
  const before = /\bas [\w.]+\)* (?:<|>|<=|>=) /;
  const names = answer(
    "m.foldersOf(['core', 'server', 'web']).flatMap(({ folder }) => m.sourcesOf(folder))",
  ) as string[];
  expect(names.length).toBeGreaterThan(500);
  const lines = names.flatMap((name) =>
    readFileSync(join(__dirname, '../..', name), 'utf8')
      .split('\n')
      .flatMap((line, at) => (before.test(line) ? [`${name}:${at + 1}`] : [])),
  );
  expect(lines).toEqual([]);
  expect(before.test('if ((this.to[at] as Moment) <= now)')).toBe(true);
});
