import { fork } from 'node:child_process';
import { once } from 'node:events';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { text } from 'node:stream/consumers';

const ROOT = join(__dirname, '../../..');
const LIST = join(ROOT, 'examples/prices.csv');

it('ends without a word where whoever began it goes before it listens', async () => {
  const child = fork(join(__dirname, 'main.ts'), [LIST, 'Hardware'], {
    cwd: ROOT,
    execArgv: ['--import', 'tsx'],
    stdio: ['ignore', 'ignore', 'pipe', 'ipc'],
  });
  const over = once(child, 'exit');
  child.disconnect();
  expect([await text(child.stderr as Readable), await over]).toEqual(['', [0, null]]);
});
