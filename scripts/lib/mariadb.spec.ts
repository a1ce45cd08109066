import { chmodSync, mkdirSync, mkdtempSync, rmSync, statSync, symlinkSync } from 'node:fs';
import { tmpdir, userInfo } from 'node:os';
import { join } from 'node:path';
import { asked } from './asked.spec-data';

describe('a folder among everybody’s temporary files', () => {
  const folder = mkdtempSync(join(tmpdir(), 'zabble-private-'));
  afterAll(() => rmSync(folder, { recursive: true }));
  const assertPrivate = (path: string): unknown =>
    asked('mariadb.mjs', `m.assertPrivate(${JSON.stringify(path)}, ${JSON.stringify(userInfo().username)})`);

  it('that is one’s own is closed to all others', () => {
    const own = join(folder, 'own');
    mkdirSync(own);
    chmodSync(own, 0o777);
    expect(assertPrivate(own)).toBeNull();
    expect(statSync(own).mode & 0o777).toBe(0o700);
  });

  it('that only leads elsewhere is not used', () => {
    const link = join(folder, 'link');
    symlinkSync('/', link);
    expect(assertPrivate(link)).toEqual({ threw: expect.stringContaining('is somebody else’s') as string });
  });
});
