import { spawn, spawnSync } from 'node:child_process';
import { ROOT } from './paths.mjs';
import { Interrupted } from './say.mjs';

// Debian keeps servers where an ordinary user's path does not look.
process.env.PATH = `${process.env.PATH ?? ''}:/usr/sbin:/sbin`;

const SIGNALS = ['SIGINT', 'SIGTERM', 'SIGHUP'];
/** How long a command asked to end may take before it is made to. */
const PATIENCE = 5_000;
const running = new Set();
let interrupted = false;

/**
 * Runs a command to its end with its output shown (or kept); answers its exit code and what it printed. A signal to
 * this process ends the command with everything it started, and then rejects as Interrupted.
 */
export function run(command, args, { quiet = false, env = {}, cwd = ROOT, keep = false } = {}) {
  if (interrupted) return Promise.reject(new Interrupted());
  return new Promise((resolve, reject) => {
    // A group of its own, so that what the command starts ends with it.
    const child = spawn(command, args, {
      cwd,
      env: { ...process.env, ...env },
      stdio: ['ignore', 'pipe', 'pipe'],
      detached: true,
    });
    if (running.size === 0) for (const signal of SIGNALS) process.on(signal, endAll);
    running.add(child);
    let text = '';
    const take = (to) => (chunk) => {
      text += chunk;
      if (!quiet) to.write(chunk);
    };
    const settle = (answer) => {
      running.delete(child);
      if (running.size === 0) for (const signal of SIGNALS) process.off(signal, endAll);
      if (interrupted) reject(new Interrupted());
      else resolve(answer);
    };
    child.stdout.on('data', take(process.stdout));
    child.stderr.on('data', take(process.stderr));
    child.on('error', (problem) => settle({ code: 127, text: String(problem) }));
    child.on('close', (code, signal) =>
      settle({ code: code ?? (signal ? 1 : 0), text: keep || quiet ? text : text.slice(-20000) }),
    );
  });
}

function endAll() {
  interrupted = true;
  const groups = [...running].flatMap(({ pid }) => (pid === undefined ? [] : [pid]));
  for (const group of groups) signalGroup(group, 'SIGTERM');
  setTimeout(() => groups.forEach((group) => signalGroup(group, 'SIGKILL')), PATIENCE).unref();
}

function signalGroup(group, signal) {
  try {
    process.kill(-group, signal);
  } catch {
    // Gone already.
  }
}

export function has(command) {
  return spawnSync('sh', ['-c', `command -v ${command}`], { stdio: 'ignore' }).status === 0;
}

export const isRoot = () => process.getuid?.() === 0;
