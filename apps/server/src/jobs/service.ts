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

  list(query: JobListQuery): Promise<JobList> {
    return this.jobs.list(query);
  }

  async read(id: string): Promise<StoredJob> {
    const job = await this.jobs.find(id);
    if (!job) throw noSuchJob();
    return job;
  }

  async create(document: object): Promise<StoredJob> {
    return this.keep(checked(readJobDocument(document)));
  }

  /** Takes the text of a job file. */
  async importFile(text: string): Promise<StoredJob> {
    return this.keep(checked(readJobFile(text)));
  }

  async replace(id: string, revision: number, document: object): Promise<StoredJob> {
    const yours = checked(readJobDocument(document));
    if (yours.log) throw refuse(422, said('log-not-replaced'));
    const outcome = await this.jobs.replace(id, revision, yours);
    if (!outcome) throw noSuchJob();
    if (outcome.replaced) return outcome.job;
    const conflict: Conflict = {
      ...problemOf(409, said('changed-elsewhere', { stands: outcome.job.revision, yours: revision })),
      kept: outcome.job,
      yours,
    };
    throw new Refusal(conflict);
  }

  async delete(id: string): Promise<void> {
    if (!(await this.jobs.delete(id))) throw noSuchJob();
  }

  async restore(id: string): Promise<StoredJob> {
    if (!(await this.jobs.restore(id))) throw refuse(404, said('no-deleted-job'));
    return this.read(id);
  }

  /** The log a document came with is kept beside it, where it only grows. */
  private async keep({ log = [], ...document }: JobDocument): Promise<StoredJob> {
    const id = randomUUID();
    const job = jobOf(document);
    const read = readLog(log);
    const entries = read.ok ? read.entries : [];
    const kept = entries.map((entry, index) => ({
      entry: log[index] as LogEntryDocument,
      words: searchTextOf(job, entry),
    }));
    await this.jobs.insert(id, document, kept);
    return this.read(id);
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
