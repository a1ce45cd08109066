import { Injectable, signal } from '@angular/core';
import { createStore, del, get, set, type UseStore } from 'idb-keyval';

/** A browser that does not answer within this keeps nothing, in milliseconds. */
const PATIENCE = 4_000;

/**
 * The one place on this device where work is kept across a reload. What could not be kept there is held while the page is
 * open, so that the application works on where a browser keeps nothing; whoever writes is told which it is.
 */
@Injectable({ providedIn: 'root' })
export class DeviceStore {
  private readonly held = new Map<string, unknown>();
  private opened: UseStore | undefined;
  /** The page is going: nothing that takes a moment is sure to be done. */
  private leaving = false;
  /** Whose it is: what is kept for one person in one shop is nobody else’s to see. Empty on a device of one’s own. */
  private whom = '';
  /** Whether the last thing that was to be kept here was. */
  readonly keeps = signal(true);

  constructor() {
    addEventListener('pagehide', () => {
      this.leaving = true;
      for (const [key, value] of this.held) setDown(key + this.whom, value);
    });
    addEventListener('pageshow', () => (this.leaving = false));
  }

  /** From now on what is kept here is this one’s. To be said before anything is read. */
  keepFor(whom: string): void {
    this.whom = `.${whom}`;
    this.opened = undefined;
  }

  async read<T>(key: string): Promise<T | undefined> {
    // Newer than what is kept, or kept nowhere else.
    if (this.held.has(key)) return this.held.get(key) as T;
    const down = setDownBefore<T>(key + this.whom);
    if (down !== undefined) return down;
    try {
      return await inTime(get<T>(key, this.store()));
    } catch {
      return undefined;
    }
  }

  /** True once it is kept across a reload; false where it is held only while the page is open. */
  async write(key: string, value: unknown): Promise<boolean> {
    this.held.set(key, value);
    if (this.leaving) setDown(key + this.whom, value);
    const kept = await this.tried(() => set(key, value, this.store()));
    if (kept && this.held.get(key) === value) {
      this.held.delete(key);
      forget(key + this.whom);
    }
    return kept;
  }

  async drop(key: string): Promise<void> {
    this.held.delete(key);
    forget(key + this.whom);
    await this.tried(() => del(key, this.store()));
  }

  private async tried(work: () => Promise<void>): Promise<boolean> {
    try {
      await inTime(work());
      this.keeps.set(true);
      return true;
    } catch {
      this.keeps.set(false);
      return false;
    }
  }

  private store(): UseStore {
    return (this.opened ??= createStore(`zabble${this.whom}`, 'kept'));
  }
}

function inTime<T>(work: Promise<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    const late = setTimeout(() => reject(new Error('the browser does not answer')), PATIENCE);
    work.finally(() => clearTimeout(late)).then(resolve, reject);
  });
}

/** At once, as text: for what was on its way here when the page went. It is let go of when something newer is kept. */
function setDown(key: string, value: unknown): void {
  try {
    localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // No room, or none allowed: it was never said to be kept.
  }
}

/** What was set down as a page went, or by an older Zabble, and nothing was kept here since. */
function setDownBefore<T>(key: string): T | undefined {
  try {
    const text = localStorage.getItem(key);
    return text === null ? undefined : (JSON.parse(text) as T);
  } catch {
    return undefined;
  }
}

function forget(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch {
    // A browser that keeps nothing has nothing to forget.
  }
}
