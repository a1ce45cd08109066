import { Injectable } from '@angular/core';
import type { StoredJob } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';
import { newId } from '../../server-api/new-id';

interface Attempt {
  readonly id: string;
  readonly revision: number;
  readonly document: JobDocument;
  readonly save: string;
}

/** So many are remembered: more are under way only while the server answers none. */
const MOST = 20;

/** Saves that were sent from this page: the same one sent again has the same id, and is known when it comes back. */
@Injectable({ providedIn: 'root' })
export class SaveAttempts {
  private attempts: readonly Attempt[] = [];

  /** The id of the save that puts this document in place of this revision. */
  idOf(id: string, revision: number, document: JobDocument): string {
    const same = this.attempts.find(
      (each) => each.id === id && each.revision === revision && each.document === document,
    );
    if (same) return same.save;
    const save = newId();
    this.attempts = [...this.attempts, { id, revision, document, save }].slice(-MOST);
    return save;
  }

  /** The last save sent from this revision of a job, where there was one. */
  lastOf(id: string, revision: number): string | undefined {
    return this.attempts.filter((each) => each.id === id && each.revision === revision).at(-1)?.save;
  }

  /** Whether what stands on the server was put there by a save of this page. */
  isOwn({ id, save }: StoredJob): boolean {
    return save !== undefined && this.attempts.some((each) => each.id === id && each.save === save);
  }
}
