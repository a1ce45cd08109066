import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

/**
 * What an expression over a module of the scripts comes to: they are modules of Node's own, which Jest does not load.
 * What it throws is answered as `{ threw }`.
 */
export function asked(module: string, expression: string): unknown {
  const script = `import * as m from ${JSON.stringify(join(__dirname, module))};
    let answer;
    try { answer = ${expression} ?? null; } catch ({ message }) { answer = { threw: message }; }
    process.stdout.write(JSON.stringify(answer));`;
  const { stdout, stderr } = spawnSync(process.execPath, ['--input-type=module', '-e', script], { encoding: 'utf8' });
  if (stdout === '') throw new Error(stderr);
  return JSON.parse(stdout);
}
