import type { JobRevision, JobRevisionList } from '@zabble/contract';
import { said } from '@zabble/core';
import { refuse } from '../http/refusal';
import type { ShopId } from '../whose/shop';
import type { RevisionRepository } from './repository';

/** How jobs stood before, looked at. What is brought back is saved as any other edit. */
export class RevisionService {
  constructor(private readonly revisions: RevisionRepository) {}

  async list(shop: ShopId, job: string): Promise<JobRevisionList> {
    const list = await this.revisions.list(shop, job);
    if (!list) throw refuse(404, said('no-such-job'));
    return list;
  }

  async read(shop: ShopId, job: string, revision: number): Promise<JobRevision> {
    const found = await this.revisions.find(shop, job, revision);
    if (!found) throw refuse(404, said('no-such-revision', { revision }));
    return found;
  }
}
