import type { ShopId } from '../whose/shop';
import { EventEmitter } from 'node:events';
import type { EntriesKept, EntryRefused, LogPage, MadeList, RecordPage, RecordQuery } from '@zabble/contract';
import { readLog, type Job, type LogEntryDocument, type LogReading, said } from '@zabble/core';
import { refuse, unreadable } from '../http/refusal';
import type { ToKeep } from '../record/entries';
import type { JobService } from '../jobs/service';
import type { LogRepository } from './repository';
import { jobOf, lineOf, searchTextOf } from '../record/lines';

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
    const job = jobOf((await this.jobs.read(shop, id)).document);
    const wished: ToKeep[] = [];
    const refused: EntryRefused[] = [];
    // Each by itself: one that can't be read keeps no other from being kept.
    entries.forEach((entry, index) => {
      const read = readLog([entry]);
      const [first] = read.ok ? read.entries : [];
      if (first) wished.push({ entry: entry as LogEntryDocument, words: searchTextOf(job, first) });
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

  async find(shop: ShopId, query: RecordQuery): Promise<RecordPage> {
    const { items, total } = await this.log.find(shop, query);
    const jobs = new Map<string, Job>();
    for (const { job } of items) if (!jobs.has(job)) jobs.set(job, jobOf((await this.jobs.read(shop, job)).document));
    return {
      items: items.flatMap(({ job: id, entry }) => {
        const [job, read] = [jobs.get(id), readLog([entry])];
        const [first] = read.ok ? read.entries : [];
        return job && first ? [{ ...lineOf(job, first), job: id, jobName: job.name }] : [];
      }),
      total,
      page: query.page,
      size: query.size,
    };
  }

  async made(shop: ShopId): Promise<MadeList> {
    const [readings, faults] = [await this.log.ofKind(shop, 'reading'), await this.log.ofKind(shop, 'fault')];
    return {
      made: readings.flatMap((each) =>
        each.kind === 'reading' && each.against !== undefined
          ? [{ what: each.what, at: each.at, planned: each.against, made: each.length }]
          : [],
      ),
      faults: faults.flatMap((each) => (each.kind === 'fault' ? [{ fault: each.fault, at: each.at }] : [])),
    };
  }
}

function whyRefused(reading: LogReading): Pick<EntryRefused, 'said' | 'says'> {
  const { problem } = unreadable('log', reading.ok ? [] : reading.errors, 'kept');
  return { said: problem.said, says: problem.says };
}
