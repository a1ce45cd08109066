import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

const RUN = join(__dirname, 'run.mjs');
/** Something that starts something of its own, as an install does. */
const WORK = 'sleep 61 & sleep 62 & echo "$! $$"; wait';

describe('a command that is run', () => {
  it.each(['SIGTERM', 'SIGINT'] as const)('leaves no process behind when its script gets a %s', async (signal) => {
    const script = `import { run } from ${JSON.stringify(RUN)};
      await run('sh', ['-c', ${JSON.stringify(WORK)}]).catch((problem) => console.log(problem.constructor.name));`;
    const child = spawn(process.execPath, ['--input-type=module', '-e', script], { stdio: ['ignore', 'pipe', 'pipe'] });
    let text = '';
    child.stdout.on('data', (chunk: Buffer) => (text += String(chunk)));
    while (!text.includes('\n')) await once(child.stdout, 'data');
    const pids = text.trim().split(' ').map(Number);
    expect(pids.every(isAlive)).toBe(true);
    child.kill(signal);
    await once(child, 'close');
    for (let i = 0; i < 50 && pids.some(isAlive); i += 1) await new Promise((resolve) => setTimeout(resolve, 20));
    expect(pids.filter(isAlive)).toEqual([]);
    expect(text).toContain('Interrupted');
  });

  it('tells its exit code and what it printed', async () => {
    const script = `import { run } from ${JSON.stringify(RUN)};
      const { code, text } = await run('sh', ['-c', 'echo there; exit 3'], { quiet: true });
      console.log(JSON.stringify({ code, text }));`;
    const child = spawn(process.execPath, ['--input-type=module', '-e', script], { stdio: ['ignore', 'pipe', 'pipe'] });
    let said = '';
    child.stdout.on('data', (chunk: Buffer) => (said += String(chunk)));
    await once(child, 'close');
    expect(JSON.parse(said)).toEqual({ code: 3, text: 'there\n' });
  });
});

/** A process that has ended and only waits to be fetched is not alive. */
function isAlive(pid: number): boolean {
  try {
    return !/^State:\s+Z/m.test(readFileSync(`/proc/${pid}/status`, 'utf8'));
  } catch {
    return false;
  }
}
