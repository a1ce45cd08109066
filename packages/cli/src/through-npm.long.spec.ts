import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '../../..');
const folder = mkdtempSync(join(tmpdir(), 'zabble-npm-'));
const plan = (file: string) => spawnSync('npm', ['run', '-s', 'plan', '--', file], { cwd: root, encoding: 'utf8' });

afterAll(() => rmSync(folder, { recursive: true, force: true }));

it('plan goes through npm, from wherever one stands', () => {
  const ran = plan(join(root, 'examples/notions-bank.json'));
  expect(ran.status).toBe(0);
  expect(JSON.parse(ran.stdout)).toMatchObject({ format: 'zabble-plan' });
  const nothing = join(folder, 'x.json');
  writeFileSync(nothing, '{}');
  const broken = plan(nothing);
  expect(broken.status).toBe(2);
  expect(broken.stdout).toBe('');
  expect(broken.stderr).toContain('format: ');
}, 60_000);
