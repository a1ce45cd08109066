import { readFileSync } from 'node:fs';
import { isIP } from 'node:net';
import type { PoolOptions } from 'mysql2/promise';
import { Nodes } from './nodes';

/** How a database is reached, and its nodes where it has several. */
export interface Reached {
  readonly options: PoolOptions;
  readonly nodes: Nodes | undefined;
}

/**
 * How the database of these URLs is reached: one, or those of its nodes with commas between; `?ca=FILE` after the first asks
 * for TLS, with a certificate by the authority in that file.
 * @throws one sentence where the file can’t be read
 */
export function reachedBy(urls: string): Reached {
  const all = urls.split(',').map((url) => new URL(url.trim()));
  const [first] = all;
  if (!first) throw new Error('no database is named');
  const file = first.searchParams.get('ca');
  first.searchParams.delete('ca');
  const nodes = all.length > 1 ? new Nodes(all) : undefined;
  // Certificates are made out to names. Of several nodes each has its own, and whoever has one by that authority is one.
  const named = nodes === undefined && isIP(first.hostname) === 0;
  const ssl = file === null ? {} : { ssl: { ca: authorityIn(file), rejectUnauthorized: true, verifyIdentity: named } };
  const options = { uri: first.href, charset: 'utf8mb4', timezone: 'Z', supportBigNumbers: true, ...ssl };
  return { options: nodes ? { ...options, stream: nodes.stream } : options, nodes };
}

function authorityIn(file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch (problem) {
    throw new Error(`the file of ca=${file} can’t be read (${(problem as NodeJS.ErrnoException).code ?? 'no file'})`, {
      cause: problem,
    });
  }
}
