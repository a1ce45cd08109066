import { Injectable } from '@angular/core';
import type { StoredJob } from '@zabble/contract';

/** Copies of the jobs last worked on, as the server last had them: so many. */
const MOST_JOBS = 4;
const PREFIX = 'zabble.copy.';
const ORDER = `${PREFIX}order`;

/** Keeps what the server last had on this machine, so that a job can be opened while it is away. */
@Injectable({ providedIn: 'root' })
export class Copies {
  read(id: string): StoredJob | undefined {
    try {
      const text = localStorage.getItem(`${PREFIX}${id}`);
      return text === null ? undefined : (JSON.parse(text) as StoredJob);
    } catch {
      return undefined;
    }
  }

  write(job: StoredJob): void {
    try {
      const before = JSON.parse(localStorage.getItem(ORDER) ?? '[]') as readonly string[];
      const order = [job.id, ...before.filter((each) => each !== job.id)];
      for (const old of order.slice(MOST_JOBS)) localStorage.removeItem(`${PREFIX}${old}`);
      localStorage.setItem(ORDER, JSON.stringify(order.slice(0, MOST_JOBS)));
      localStorage.setItem(`${PREFIX}${job.id}`, JSON.stringify(job));
    } catch {
      // No room: the job is opened from the server alone.
    }
  }
}
