import { Injectable } from '@angular/core';
import type { JobDocument } from '@zabble/core';

/** Edits of one job that the server may not have yet. */
export interface Draft {
  readonly document: JobDocument;
  /** The server's revision they were made from. */
  readonly revision: number;
}

/** Keeps edits on this machine until the server has them, across a reload too. */
@Injectable({ providedIn: 'root' })
export class Drafts {
  read(id: string): Draft | undefined {
    try {
      const text = localStorage.getItem(key(id));
      return text === null ? undefined : (JSON.parse(text) as Draft);
    } catch {
      return undefined;
    }
  }

  /** False where the browser won't keep anything: then the server is the only place. */
  write(id: string, draft: Draft): boolean {
    try {
      localStorage.setItem(key(id), JSON.stringify(draft));
      return true;
    } catch {
      return false;
    }
  }

  drop(id: string): void {
    try {
      localStorage.removeItem(key(id));
    } catch {
      // A browser that keeps nothing has nothing to drop.
    }
  }
}

function key(id: string): string {
  return `zabble.draft.${id}`;
}
