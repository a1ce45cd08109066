import type { ShopId } from '../whose/shop';
import type { JobDocument } from '@zabble/core';
import type { JobService } from '../jobs/service';
import type { LogService } from '../log/service';

/** A job as a file: its document with all of its log. */
export class JobFileService {
  constructor(
    private readonly jobs: JobService,
    private readonly log: LogService,
  ) {}

  async whole(shop: ShopId, id: string): Promise<JobDocument> {
    const [{ document }, entries] = [await this.jobs.read(shop, id), await this.log.whole(shop, id)];
    return entries.length > 0 ? { ...document, log: entries } : document;
  }
}
