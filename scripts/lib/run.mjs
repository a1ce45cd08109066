import { spawn, spawnSync } from 'node:child_process';
import { ROOT } from './paths.mjs';

// Debian keeps servers where an ordinary user's path does not look.
process.env.PATH = `${process.env.PATH ?? ''}:/usr/sbin:/sbin`;

/** Runs a command to its end with its output shown (or kept); answers its exit code and what it printed. */
export function run(command, args, { quiet = false, env = {}, cwd = ROOT, keep = false } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd, env: { ...process.env, ...env }, stdio: ['ignore', 'pipe', 'pipe'] });
    let text = '';
    const take = (to) => (chunk) => {
      text += chunk;
      if (!quiet) to.write(chunk);
    };
    child.stdout.on('data', take(process.stdout));
    child.stderr.on('data', take(process.stderr));
    child.on('error', (problem) => resolve({ code: 127, text: String(problem) }));
    child.on('close', (code, signal) =>
      resolve({ code: code ?? (signal ? 1 : 0), text: keep || quiet ? text : text.slice(-20000) }),
    );
  });
}

export function has(command) {
  return spawnSync('sh', ['-c', `command -v ${command}`], { stdio: 'ignore' }).status === 0;
}

export const isRoot = () => process.getuid?.() === 0;
