/** One thing wrong in a job file: where, as a path of fields, and a sentence saying what was read and what is wrong. */
export interface JobError {
  readonly path: string;
  readonly says: string;
}

/** More than this is not worth reading at once; the rest is counted. */
const MOST = 50;

/** Collects what is wrong while a file is read, so that all of it can be said at once. */
export class Report {
  private readonly kept: JobError[] = [];
  private more = 0;

  add(path: string, says: string): void {
    if (this.kept.length < MOST) this.kept.push({ path, says });
    else this.more += 1;
  }

  get clean(): boolean {
    return this.kept.length === 0;
  }

  get errors(): readonly JobError[] {
    if (this.more === 0) return this.kept;
    return [...this.kept, { path: '(file)', says: `and ${this.more} more like these` }];
  }
}
