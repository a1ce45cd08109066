import { inject, Injectable } from '@angular/core';
import type { StoredJob } from '@zabble/contract';
import { NewestJobs } from './newest';

/** Copies of the jobs last worked on, as the server last had them: so many. */
const MOST_JOBS = 4;
const PREFIX = 'zabble.copy.';

/** Keeps what the server last had on this machine, so that a job can be opened while it is away. */
@Injectable({ providedIn: 'root' })
export class Copies {
  private readonly newest = inject(NewestJobs);

  read(id: string): Promise<StoredJob | undefined> {
    return this.newest.read(PREFIX, id);
  }

  async write(job: StoredJob): Promise<void> {
    await this.newest.write(PREFIX, job.id, job, MOST_JOBS);
  }
}
