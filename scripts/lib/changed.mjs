import { execFile } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { ROOT } from './paths.mjs';

const run = promisify(execFile);

/** The files that are not as the last commit has them, and the new ones; nothing known where there is no repository. */
export async function changedFiles(root = ROOT) {
  const asked = [
    ['diff', '--name-only', '--no-renames', '-z', 'HEAD'],
    ['ls-files', '--others', '--exclude-standard', '-z'],
  ];
  try {
    const lists = await Promise.all(asked.map((args) => run('git', args, { cwd: root })));
    const names = lists.flatMap(({ stdout }) => stdout.split('\0')).filter(Boolean);
    return [...new Set(names)].filter((name) => existsSync(join(root, name))).sort();
  } catch {
    return undefined;
  }
}
