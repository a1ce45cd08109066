import { inject, Injectable } from '@angular/core';
import type { KeptEntry } from '@zabble/contract';
import type { LogEntryDocument } from '@zabble/core';
import { DeviceStore } from './device-store';
import { NewestJobs } from './newest';

/** The jobs whose log is remembered on this device. */
const MOST_JOBS = 4;
const COPY = 'zabble.log.copy.';

/** An entry the server does not take, with why. */
export interface RefusedEntry {
  readonly entry: LogEntryDocument;
  readonly says: string;
}

/** What of a job's log is on this device alone. */
export interface OutboxOfJob {
  /** To be sent. */
  readonly waiting: readonly LogEntryDocument[];
  /** Sent, not taken by the server: to be mended, copied, or put away by who wrote it. */
  readonly refused: readonly RefusedEntry[];
}

/** Entries that wait to be sent, and what the server had when it was last heard: kept on this device across a reload. */
@Injectable({ providedIn: 'root' })
export class Outbox {
  private readonly store = inject(DeviceStore);
  private readonly newest = inject(NewestJobs);

  async read(job: string): Promise<OutboxOfJob> {
    const [waiting, refused] = await Promise.all([
      this.store.read<readonly LogEntryDocument[]>(waitingOf(job)),
      this.store.read<readonly RefusedEntry[]>(refusedOf(job)),
    ]);
    return { waiting: waiting ?? [], refused: refused ?? [] };
  }

  /** False where the browser won’t keep it. */
  async write(job: string, { waiting, refused }: OutboxOfJob): Promise<boolean> {
    const kept = await Promise.all([this.keep(waitingOf(job), waiting), this.keep(refusedOf(job), refused)]);
    return kept.every(Boolean);
  }

  async copy(job: string): Promise<readonly KeptEntry[]> {
    return (await this.newest.read<readonly KeptEntry[]>(COPY, job)) ?? [];
  }

  async writeCopy(job: string, kept: readonly KeptEntry[]): Promise<void> {
    await this.newest.write(COPY, job, kept, MOST_JOBS);
  }

  private async keep(key: string, list: readonly unknown[]): Promise<boolean> {
    if (list.length > 0) return this.store.write(key, list);
    await this.store.drop(key);
    return true;
  }
}

const waitingOf = (job: string): string => `zabble.log.waiting.${job}`;
const refusedOf = (job: string): string => `zabble.log.refused.${job}`;
