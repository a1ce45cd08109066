import type { LearnedByShop } from '@zabble/contract';
import { median, OPERATION_IDS, type Learned, type Median } from '@zabble/core';
import type { JobService } from '../jobs/service';
import type { ShopId } from '../whose/shop';
import type { SettledRepository } from './settled-repository';

/** What the shop learns from its jobs: the middle of them, by what was counted. */
export class SettledService {
  constructor(
    private readonly settled: SettledRepository,
    private readonly jobs: JobService,
  ) {}

  async learned(shop: ShopId): Promise<LearnedByShop> {
    const all = await this.settled.list(shop);
    const minutes = OPERATION_IDS.flatMap((id): readonly (readonly [string, Median])[] => {
      const each = all.flatMap(({ work }) =>
        work.flatMap((done) => (done.operation === id ? [done.minutes / done.count] : [])),
      );
      const middle = median(each);
      return middle ? [[id, middle]] : [];
    });
    const waste = median(all.flatMap(({ waste: lost }) => lost ?? []));
    return { minutes: Object.fromEntries(minutes), ...(waste ? { waste } : {}) };
  }

  async settle(shop: ShopId, job: string, learned: Learned): Promise<LearnedByShop> {
    await this.jobs.assert(shop, job);
    await this.settled.keep(shop, job, learned);
    return this.learned(shop);
  }
}
