import { said } from '../words';
import { type Said, quoted } from '../length';
/** One thing wrong in a job file: where, as a path of fields, and what was read and what is wrong. */
export interface JobError {
  readonly path: string;
  readonly said: Said;
}

/** More than this is not worth reading at once; the rest is counted. */
const MOST = 50;

/** Collects what is wrong while a file is read, so that all of it can be said at once. */
export class Report {
  private readonly kept: JobError[] = [];
  private more = 0;

  add(path: string, what: Said): void {
    if (this.kept.length < MOST) this.kept.push({ path, said: what });
    else this.more += 1;
  }

  get clean(): boolean {
    return this.kept.length === 0;
  }

  get errors(): readonly JobError[] {
    if (this.more === 0) return this.kept;
    return [...this.kept, { path: '(file)', said: said('and-more-errors', { count: this.more }) }];
  }
}

/** What was read, quoted, and what is wrong with it. */
export function readWrong(read: unknown, why: Said): Said {
  return said('read-wrong', { read: { quoted: quoted(read) }, why });
}
