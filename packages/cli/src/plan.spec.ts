import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { planCommand } from './plan';

const root = join(__dirname, '../../..');
const demo = (name: string): string => join(root, 'examples', `${name}.json`);
const folder = mkdtempSync(join(tmpdir(), 'zabble-cli-'));
const file = (name: string, content: string | Buffer): string => {
  writeFileSync(join(folder, name), content);
  return join(folder, name);
};

afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('plan', () => {
  it.each(['notions-bank', 'flag-chest', 'rope-bench'])('prints the plan of %s', (name) => {
    const { out, err, code } = planCommand([demo(name)]);
    expect([err, code]).toEqual(['', 0]);
    expect(JSON.parse(out)).toMatchObject({
      format: 'zabble-plan',
      version: 1,
      cases: [{ banks: expect.any(Array) as unknown }],
    });
  });

  it('plans a file of a newer minor, and says beside it what it did not know', () => {
    const job = { ...(JSON.parse(readFileSync(demo('flag-chest'), 'utf8')) as object), minor: 999, motto: 'twice' };
    const { out, err, code } = planCommand([file('newer-minor.json', JSON.stringify(job))]);
    expect(code).toBe(0);
    expect(out).toBe(planCommand([demo('flag-chest')]).out);
    expect(err).toContain('stays in the file and is not planned: motto.');
  });

  it('prints the best few divisions of every bank, each as changes that can be made', () => {
    const { out, code } = planCommand(['--alternatives', demo('rope-bench')]);
    expect(code).toBe(0);
    const banks = JSON.parse(out) as { bank: string; alternatives: { heights: number[]; patches: unknown[] }[] }[];
    expect(banks.map(({ bank }) => bank)).toEqual(['left', 'right']);
    for (const { alternatives } of banks) {
      expect(alternatives.length).toBeGreaterThan(2);
      for (const { heights, patches } of alternatives) {
        expect(heights.every((height) => height > 0)).toBe(true);
        expect(patches.length).toBeGreaterThan(0);
      }
    }
  });

  it.each<[string, string | Buffer, string]>([
    ['empty.json', '', '(file)'],
    ['broken.json', '{"format":', '(file)'],
    ['bytes.json', Buffer.from([0x7b, 0xff, 0xfe, 0x00]), '(file)'],
    ['deep.json', '['.repeat(300_000), '(file)'],
    ['junk.json', 'z'.repeat(20_000_000), '(file)'],
    ['huge.json', Buffer.alloc(33_000_000, 32), '(file)'],
    ['proto.json', '{"__proto__":{"a":1},"constructor":2}', 'format'],
    ['newer.json', '{"format":"zabble-job","version":7}', 'version'],
  ])('%s: exit 2, one error a line, each with its field', (name, content, path) => {
    const started = Date.now();
    const { out, err, code } = planCommand([file(name, content)]);
    expect([out, code]).toEqual(['', 2]);
    for (const line of err.trimEnd().split('\n')) expect(line).toMatch(/^[^ ].*: \S/);
    expect(err.startsWith(path)).toBe(true);
    expect(err).not.toMatch(/at .*\.ts:\d+|Error:/);
    expect(Date.now() - started).toBeLessThan(10_000);
  });

  it.each([[[]], [['a.json', 'b.json']], [['no-such-file.json']], [[folder]]])('refuses %j in a sentence', (args) => {
    const { out, err, code } = planCommand(args);
    expect([out, code]).toEqual(['', 2]);
    expect(err.trimEnd().split('\n')).toHaveLength(1);
  });
});

describe('plan --cards', () => {
  it('prints a card for each bank, and refuses as plan does', () => {
    const { out, err, code } = planCommand(['--cards', demo('rope-bench')]);
    expect([err, code]).toEqual(['', 0]);
    expect(out.match(/^Rope bench · Bench, bank (left|right)$/gm)).toHaveLength(2);
    expect(planCommand(['--cards']).code).toBe(2);
    expect(planCommand(['--card', demo('rope-bench')])).toMatchObject({ out: '', code: 2 });
    expect(planCommand(['--cards', file('again.json', '{}')])).toMatchObject({ out: '', code: 2 });
  });
});
