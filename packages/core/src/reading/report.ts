import { said } from '../words';
import { type Said, quoted } from '../length';

/** One thing wrong in a document: where, as a path of fields, and what was read and what is wrong. */
export interface JobError {
  readonly path: string;
  readonly said: Said;
}

/** More than this is not worth reading at once; the rest is counted. */
const MOST = 50;

/** What becomes of a field the reader does not know: an error, or left where it stands and listed. */
export type Strangers = 'refused' | 'kept';

/** Collects what is wrong while a document is read, so that all of it can be said at once. */
export class Report {
  private readonly kept: JobError[] = [];
  private readonly unread: string[] = [];
  private more = 0;
  private passed = 0;

  constructor(private readonly strangers: Strangers = 'refused') {}

  add(path: string, what: Said): void {
    if (this.kept.length < MOST) this.kept.push({ path, said: what });
    else this.more += 1;
  }

  /** A field nobody here knows: wrong, or of a newer file and left untouched. */
  stranger(path: string): void {
    if (this.strangers === 'refused') this.add(path, said('unknown-field', { version: 1 }));
    else {
      this.passed += 1;
      if (this.unread.length < MOST) this.unread.push(path);
    }
  }

  /** How much was said so far, of any kind. */
  get said(): number {
    return this.kept.length + this.more + this.passed;
  }

  get clean(): boolean {
    return this.kept.length === 0;
  }

  /** Paths of the fields that were left untouched. */
  get untouched(): readonly string[] {
    return this.unread;
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
