import type { ShopId } from '../whose/shop';
import { randomUUID } from 'node:crypto';
import type { Conflict, JobSaved, ReplaceJob, StoredJob } from '@zabble/contract';
import { readJobDocument, readJobFile, type JobDocument, type JobReading, said } from '@zabble/core';
import { Refusal, refuse, problemOf, unreadable } from '../http/refusal';
import type { RevisionRepository } from '../revisions/repository';
import type { JobRepository } from './repository';

/** What may be done with jobs, and what is refused with which sentence. */
export class JobService {
  constructor(
    private readonly jobs: JobRepository,
    private readonly revisions: RevisionRepository,
  ) {}

  async read(shop: ShopId, id: string): Promise<StoredJob> {
    const job = await this.jobs.find(shop, id);
    if (!job) throw noSuchJob();
    return job;
  }

  /** Refuses where there is no such job. */
  async assert(shop: ShopId, id: string): Promise<void> {
    if (!(await this.jobs.has(shop, id))) throw noSuchJob();
  }

  /** A new job under this id, if it is to have one: asked again it is the job there is. */
  async create(shop: ShopId, document: object, id?: string): Promise<StoredJob> {
    return this.keep(shop, checked(readJobDocument(document)), id);
  }

  /** Takes the text of a job file. */
  async importFile(shop: ShopId, text: string, id?: string): Promise<StoredJob> {
    return this.keep(shop, checked(readJobFile(text)), id);
  }

  /** A save that was kept already is answered as done, whatever stands in its place by now is not overwritten. */
  async replace(shop: ShopId, id: string, { revision, document, save }: ReplaceJob): Promise<JobSaved> {
    const yours = checked(readJobDocument(document));
    if (yours.log) throw refuse(422, said('log-not-replaced'));
    await this.revisions.before(shop, id, revision);
    const saved = await this.jobs.replace(shop, id, { revision, document: yours, save });
    if (saved) return saved;
    const kept = await this.jobs.find(shop, id);
    if (!kept) throw noSuchJob();
    if (save !== undefined && kept.save === save && kept.revision === revision + 1)
      return { id, revision: kept.revision, updatedAt: kept.updatedAt };
    const conflict: Conflict = {
      ...problemOf(409, said('changed-elsewhere', { stands: kept.revision, yours: revision })),
      kept,
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
  private async keep(shop: ShopId, sent: JobDocument, id: string = randomUUID()): Promise<StoredJob> {
    const { log = [], ...rest } = sent;
    const document = sent.log ? rest : sent;
    const stored = (await this.jobs.insert(shop, id, document, log)) ?? (await this.jobs.find(shop, id));
    // Deleted since, or of someone else.
    if (!stored) throw refuse(409, said('job-id-taken'));
    return stored;
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
