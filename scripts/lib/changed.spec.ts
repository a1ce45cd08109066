import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { asked } from './asked.spec-data';

describe('what is not as it was committed', () => {
  const folder = mkdtempSync(join(tmpdir(), 'zabble-changed-'));
  afterAll(() => rmSync(folder, { recursive: true, force: true }));
  const changed = () => asked('changed.mjs', `await m.changedFiles(${JSON.stringify(folder)})`);
  const git = (...args: string[]) => execFileSync('git', args, { cwd: folder, stdio: 'ignore' });

  it('is what was changed, what is staged and what is new; neither what is gone nor what is ignored', async () => {
    expect(await changed()).toBeNull();
    for (const name of ['kept.txt', 'changed.txt', 'gone.txt', 'staged.txt']) writeFileSync(join(folder, name), 'one');
    writeFileSync(join(folder, '.gitignore'), 'ignored.txt\n');
    git('init');
    git('add', '.');
    git('-c', 'user.name=Ida', '-c', 'user.email=ida@loft.example', 'commit', '-m', 'first');
    expect(await changed()).toEqual([]);
    for (const name of ['changed.txt', 'staged.txt', 'new ü.txt', 'ignored.txt'])
      writeFileSync(join(folder, name), 'two');
    git('add', 'staged.txt');
    rmSync(join(folder, 'gone.txt'));
    expect(await changed()).toEqual(['changed.txt', 'new ü.txt', 'staged.txt']);
  });
});
