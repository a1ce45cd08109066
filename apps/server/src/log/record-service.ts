import type { FoundEntry, MadeList, MadeReadings, RecordPage, RecordQuery } from '@zabble/contract';
import { readLog, type JobDocument } from '@zabble/core';
import type { SettlingRepository } from '../found/settling-repository';
import { jobOf, lineOf } from '../record/lines';
import type { ShopId } from '../whose/shop';
import type { Found, RecordFindingRepository } from './finding-repository';
import type { MadeRepository } from './made-repository';

/** The record of all jobs of a shop: looked up, and what came out otherwise than planned. */
export class RecordService {
  constructor(
    private readonly finding: RecordFindingRepository,
    private readonly madeSizes: MadeRepository,
    private readonly settling: SettlingRepository,
  ) {}

  async find(shop: ShopId, query: RecordQuery): Promise<RecordPage> {
    const settling = await this.settling.atOnce(shop);
    const { items, jobs, next, lookedTo } = await this.finding.find(shop, query);
    return { items: linesOf(items, jobs), next, lookedTo, settling };
  }

  async made(shop: ShopId): Promise<MadeList> {
    const settling = await this.settling.atOnce(shop);
    return { ...(await this.madeSizes.sums(shop)), settling };
  }

  async readings(shop: ShopId, what: string): Promise<MadeReadings> {
    return { made: await this.madeSizes.readings(shop, what) };
  }
}

/** As the unit of each job says it. */
function linesOf(items: readonly Found[], documents: ReadonlyMap<string, JobDocument>): readonly FoundEntry[] {
  const jobs = new Map([...documents].map(([id, document]) => [id, jobOf(document)]));
  return items.flatMap(({ job: id, entry }) => {
    const [job, read] = [jobs.get(id), readLog([entry])];
    const [first] = read.ok ? read.entries : [];
    return job && first ? [{ ...lineOf(job, first), job: id, jobName: job.name }] : [];
  });
}
