import { Injectable } from '@angular/core';
import type { KeptEntry } from '@zabble/contract';
import type { LogEntryDocument } from '@zabble/core';

/** The jobs whose log is remembered on this device, newest first. */
const JOBS = 4;
const ORDER = 'zabble.log.jobs';

/** Entries that wait to be sent, and what the server had when it was last heard: kept on this device across a reload. */
@Injectable({ providedIn: 'root' })
export class Outbox {
  waiting(job: string): readonly LogEntryDocument[] {
    return read<readonly LogEntryDocument[]>(`zabble.log.waiting.${job}`) ?? [];
  }

  /** False where the browser won’t keep it. */
  write(job: string, waiting: readonly LogEntryDocument[]): boolean {
    return waiting.length > 0 ? keep(`zabble.log.waiting.${job}`, waiting) : drop(`zabble.log.waiting.${job}`);
  }

  copy(job: string): readonly KeptEntry[] {
    return read<readonly KeptEntry[]>(`zabble.log.copy.${job}`) ?? [];
  }

  writeCopy(job: string, kept: readonly KeptEntry[]): void {
    const order = [job, ...(read<string[]>(ORDER) ?? []).filter((each) => each !== job)];
    for (const old of order.splice(JOBS)) drop(`zabble.log.copy.${old}`);
    keep(ORDER, order);
    if (!keep(`zabble.log.copy.${job}`, kept)) drop(`zabble.log.copy.${job}`);
  }
}

function read<T>(key: string): T | undefined {
  try {
    const text = localStorage.getItem(key);
    return text === null ? undefined : (JSON.parse(text) as T);
  } catch {
    return undefined;
  }
}

function keep(key: string, value: unknown): boolean {
  try {
    localStorage.setItem(key, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
}

function drop(key: string): boolean {
  try {
    localStorage.removeItem(key);
    return true;
  } catch {
    return false;
  }
}
