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
  /** Whether the last thing that was to be kept here was. */
  readonly keeps = signal(true);

  async read<T>(key: string): Promise<T | undefined> {
    // Newer than what is kept, or kept nowhere else.
    if (this.held.has(key)) return this.held.get(key) as T;
    try {
      return (await inTime(get<T>(key, this.store()))) ?? older<T>(key);
    } catch {
      return older<T>(key);
    }
  }

  /** True once it is kept across a reload; false where it is held only while the page is open. */
  async write(key: string, value: unknown): Promise<boolean> {
    this.held.set(key, value);
    const kept = await this.tried(() => set(key, value, this.store()));
    if (kept && this.held.get(key) === value) {
      this.held.delete(key);
      forgetOlder(key);
    }
    return kept;
  }

  async drop(key: string): Promise<void> {
    this.held.delete(key);
    forgetOlder(key);
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
    return (this.opened ??= createStore('zabble', 'kept'));
  }
}

function inTime<T>(work: Promise<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    const late = setTimeout(() => reject(new Error('the browser does not answer')), PATIENCE);
    work.finally(() => clearTimeout(late)).then(resolve, reject);
  });
}

/** What an older Zabble kept under the same key, as text. */
function older<T>(key: string): T | undefined {
  try {
    const text = localStorage.getItem(key);
    return text === null ? undefined : (JSON.parse(text) as T);
  } catch {
    return undefined;
  }
}

function forgetOlder(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch {
    // A browser that keeps nothing has nothing to forget.
  }
}
