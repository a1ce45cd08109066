import type { ShopId } from '../whose/shop';
import { randomUUID } from 'node:crypto';
import type { Conflict, JobList, JobListQuery, StoredJob } from '@zabble/contract';
import {
  readJobDocument,
  readJobFile,
  readLog,
  type JobDocument,
  type JobReading,
  type LogEntryDocument,
  said,
} from '@zabble/core';
import { Refusal, refuse, problemOf, unreadable } from '../http/refusal';
import { jobOf, searchTextOf } from '../record/lines';
import type { JobRepository } from './repository';

/** What may be done with jobs, and what is refused with which sentence. */
export class JobService {
  constructor(private readonly jobs: JobRepository) {}

  list(shop: ShopId, query: JobListQuery): Promise<JobList> {
    return this.jobs.list(shop, query);
  }

  async read(shop: ShopId, id: string): Promise<StoredJob> {
    const job = await this.jobs.find(shop, id);
    if (!job) throw noSuchJob();
    return job;
  }

  async create(shop: ShopId, document: object): Promise<StoredJob> {
    return this.keep(shop, checked(readJobDocument(document)));
  }

  /** Takes the text of a job file. */
  async importFile(shop: ShopId, text: string): Promise<StoredJob> {
    return this.keep(shop, checked(readJobFile(text)));
  }

  async replace(shop: ShopId, id: string, revision: number, document: object): Promise<StoredJob> {
    const yours = checked(readJobDocument(document));
    if (yours.log) throw refuse(422, said('log-not-replaced'));
    const outcome = await this.jobs.replace(shop, id, revision, yours);
    if (!outcome) throw noSuchJob();
    if (outcome.replaced) return outcome.job;
    const conflict: Conflict = {
      ...problemOf(409, said('changed-elsewhere', { stands: outcome.job.revision, yours: revision })),
      kept: outcome.job,
      yours,
    };
    throw new Refusal(conflict);
  }

  async delete(shop: ShopId, id: string): Promise<void> {
    if (!(await this.jobs.delete(shop, id))) throw noSuchJob();
  }

  async restore(shop: ShopId, id: string): Promise<StoredJob> {
    if (!(await this.jobs.restore(shop, id))) throw refuse(404, said('no-deleted-job'));
    return this.read(shop, id);
  }

  /** The log a document came with is kept beside it, where it only grows. */
  private async keep(shop: ShopId, { log = [], ...document }: JobDocument): Promise<StoredJob> {
    const id = randomUUID();
    const job = jobOf(document);
    const read = readLog(log);
    const entries = read.ok ? read.entries : [];
    const kept = entries.map((entry, index) => ({
      entry: log[index] as LogEntryDocument,
      words: searchTextOf(job, entry),
    }));
    await this.jobs.insert(shop, id, document, kept);
    return this.read(shop, id);
  }
}

/** The document as it is kept: in this version, a newer file's fields untouched. */
function checked(reading: JobReading): JobDocument {
  if (!reading.ok) throw unreadable('job', reading.errors);
  return reading.document;
}

function noSuchJob(): Refusal {
  return refuse(404, said('no-such-job'));
}
