import { inject, Injectable } from '@angular/core';
import type { JobDocument } from '@zabble/core';
import { DeviceStore } from './device-store';

/** Edits of one job that the server may not have yet. */
export interface Draft {
  readonly document: JobDocument;
  /** The server's revision they were made from. */
  readonly revision: number;
  /** The save from this revision that was sent and may have been kept, its answer not heard. */
  readonly save?: string;
}

/** Keeps edits on this machine until the server has them, across a reload too. */
@Injectable({ providedIn: 'root' })
export class Drafts {
  private readonly store = inject(DeviceStore);

  read(id: string): Promise<Draft | undefined> {
    return this.store.read(key(id));
  }

  /** False where the browser won't keep anything: then the server is the only place. */
  write(id: string, draft: Draft): Promise<boolean> {
    return this.store.write(key(id), draft);
  }

  drop(id: string): Promise<void> {
    return this.store.drop(key(id));
  }
}

function key(id: string): string {
  return `zabble.draft.${id}`;
}
