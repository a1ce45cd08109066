import { Injectable } from '@angular/core';
import type { JobDocument } from '@zabble/core';
import type { History } from './undo';

/** A browser keeps only so much: these steps back and on, of the jobs last worked on. */
const MOST_STEPS = 40;
const MOST_JOBS = 4;
const PREFIX = 'zabble.history.';
const ORDER = `${PREFIX}order`;

/** Keeps what can be undone on this machine, so that it is there after a reload. */
@Injectable({ providedIn: 'root' })
export class Histories {
  /** The steps that lead to just this document; none where it has moved on elsewhere. */
  read(id: string, document: JobDocument): History | undefined {
    try {
      const text = localStorage.getItem(`${PREFIX}${id}`);
      if (text === null) return undefined;
      const { tip, past, future } = JSON.parse(text) as History & { readonly tip: JobDocument };
      return JSON.stringify(tip) === JSON.stringify(document) ? { past, future } : undefined;
    } catch {
      return undefined;
    }
  }

  write(id: string, document: JobDocument, { past, future }: History): void {
    try {
      const kept = { tip: document, past: past.slice(-MOST_STEPS), future: future.slice(-MOST_STEPS) };
      this.makeRoom(id);
      localStorage.setItem(`${PREFIX}${id}`, JSON.stringify(kept));
    } catch {
      // No room: the work itself is kept elsewhere, only its undoing is not.
    }
  }

  private makeRoom(id: string): void {
    const before = JSON.parse(localStorage.getItem(ORDER) ?? '[]') as readonly string[];
    const order = [id, ...before.filter((each) => each !== id)];
    for (const old of order.slice(MOST_JOBS)) localStorage.removeItem(`${PREFIX}${old}`);
    localStorage.setItem(ORDER, JSON.stringify(order.slice(0, MOST_JOBS)));
  }
}
