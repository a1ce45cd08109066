import type { ShopId } from '../whose/shop';
import { EventEmitter } from 'node:events';
import type { EntriesKept, EntryRefused, LogPage } from '@zabble/contract';
import { readLog, type LogEntryDocument, type LogReading, said } from '@zabble/core';
import { refuse, unreadable } from '../http/refusal';
import type { JobService } from '../jobs/service';
import type { LogRepository } from './repository';

/** What may be done with the logs of jobs. Entries are only ever added. */
export class LogService {
  /** Tells of jobs whose log grew here; other processes are asked in a while. */
  readonly grown = new EventEmitter();

  constructor(
    private readonly log: LogRepository,
    private readonly jobs: JobService,
  ) {}

  /** Refuses where there is no such job. */
  async assertJob(shop: ShopId, id: string): Promise<void> {
    await this.jobs.assert(shop, id);
  }

  /** The number of the last entry of each of these jobs that has any. */
  endsOf(jobs: readonly string[]): Promise<ReadonlyMap<string, number>> {
    return this.log.endsOf(jobs);
  }

  after(shop: ShopId, job: string, seq: number): Promise<LogPage> {
    return this.log.after(shop, job, seq);
  }

  async add(shop: ShopId, id: string, entries: readonly object[]): Promise<EntriesKept> {
    const wished: LogEntryDocument[] = [];
    const refused: EntryRefused[] = [];
    // Each by itself: one that can't be read keeps no other from being kept.
    entries.forEach((entry, index) => {
      const read = readLog([entry]);
      if (read.ok) wished.push(entry as LogEntryDocument);
      else refused.push({ index, ...whyRefused(read) });
    });
    const kept = await this.log.add(shop, id, wished);
    if (!kept) throw refuse(404, said('no-such-job'));
    if (kept.length > 0) this.grown.emit('grown', id);
    return { kept, refused };
  }

  /** All of a job’s log, oldest first. */
  async whole(shop: ShopId, job: string): Promise<readonly LogEntryDocument[]> {
    const all: LogEntryDocument[] = [];
    for (let seq = 0, more = true; more;) {
      const page = await this.log.after(shop, job, seq);
      all.push(...page.entries.map(({ entry }) => entry));
      more = page.more;
      seq = page.entries.at(-1)?.seq ?? seq;
    }
    return all;
  }
}

function whyRefused(reading: LogReading): Pick<EntryRefused, 'said' | 'says'> {
  const { problem } = unreadable('log', reading.ok ? [] : reading.errors, 'kept');
  return { said: problem.said, says: problem.says };
}
