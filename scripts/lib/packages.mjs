import { existsSync } from 'node:fs';
import { browserProgram } from './browser.mjs';
import { has, isRoot, run } from './run.mjs';
import { say, Stop } from './say.mjs';

/** Where packages put Galera. */
const GALERA = [
  '/usr/lib/galera/libgalera_smm.so',
  '/usr/lib/libgalera_smm.so',
  '/usr/lib64/galera-4/libgalera_smm.so',
];
export const galera = () => GALERA.find((path) => existsSync(path));

/** System packages, and how to see that they are there. */
const PACKAGES = {
  'mariadb-server': () => has('mariadbd') && has('mariadb-install-db') && has('mariadb'),
  'galera-4': () => galera() !== undefined,
  openssl: () => has('openssl'),
  rsync: () => has('rsync'),
  'poppler-utils': () => has('pdftotext') && has('pdftoppm'),
  'chromium-headless-shell': () => browserProgram() !== undefined,
};

/** Installs the system packages that are missing; without the right to, says the exact line to run. */
export async function ensurePackages(...names) {
  const missing = names.filter((name) => !PACKAGES[name]());
  if (missing.length === 0) return;
  const line = `apt-get update && apt-get install -y ${missing.join(' ')}`;
  if (!isRoot() || !has('apt-get'))
    throw new Stop(`Missing on this machine: ${missing.join(', ')}. Run: sudo sh -c '${line}'`);
  say(`Installing ${missing.join(' and ')} …`);
  const env = { DEBIAN_FRONTEND: 'noninteractive' };
  await run('apt-get', ['update', '-qq'], { quiet: true, env });
  const { code, text } = await run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...missing], {
    quiet: true,
    env,
  });
  if (code !== 0 || missing.some((name) => !PACKAGES[name]()))
    throw new Stop(
      `${missing.join(' and ')} could not be installed. Run: ${line}\n${text.trim().split('\n').slice(-3).join('\n')}`,
    );
}
