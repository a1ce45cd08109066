import { hadBy, onOrderBy, type CalendarKept, type FixTask, type KeepCalendarJob } from '@zabble/contract';
import {
  readShopCalendar,
  said,
  type JobDocument,
  type JobRead,
  type Lead,
  type ShopRead,
  type Supplier,
} from '@zabble/core';
import type { BuyingService } from '../buying/service';
import type { CostingService } from '../costing/service';
import { Refusal, refuse, unreadable } from '../http/refusal';
import { newSecret } from '../http/secrets';
import type { JobFileService } from '../job-file/service';
import type { JobService } from '../jobs/service';
import type { ShopRepository } from '../shop/repository';
import type { StockService } from '../stock/service';
import type { ShopId } from '../whose/shop';
import type { CalendarRepository } from './repository';

export interface CalendarParts {
  readonly calendar: CalendarRepository;
  readonly jobs: JobService;
  readonly files: JobFileService;
  readonly costing: CostingService;
  readonly buying: BuyingService;
  readonly stock: StockService;
  readonly suppliers: ShopRepository<Supplier>;
}

/** The days of a shop: what an order of work is made from. Nothing that follows from it is kept. */
export class CalendarService {
  constructor(private readonly parts: CalendarParts) {}

  async read(shop: ShopId): Promise<CalendarKept> {
    const { calendar: kept, costing, buying, stock, suppliers } = this.parts;
    const [{ calendar, revision }, feed, jobs, fixed, prices, bought, rack, sellers] = await Promise.all([
      ...([kept.calendar(shop), kept.feed(shop), kept.jobs(shop), kept.fixed(shop)] as const),
      ...([costing.read(shop), buying.read(shop), stock.list(shop), suppliers.list(shop)] as const),
    ]);
    const ids = new Set(jobs.map(({ id }) => id));
    const ofThem = ({ job }: { readonly job: string }): boolean => ids.has(job);
    const documents: JobRead[] = [];
    // One after the other: the pool is everybody’s.
    for (const { id, due } of jobs) {
      const own = fixed.filter(({ job }) => job === id).map(({ task, at }) => [task, at] as const);
      const document = await this.wholeOrGone(shop, id);
      if (document)
        documents.push({ id, document, ...(due === undefined ? {} : { due }), fixed: Object.fromEntries(own) });
    }
    const read: ShopRead = {
      ...{ calendar, costing: prices.settings, prices: prices.prices, jobs: documents },
      ...{ rack: rack.items.map(({ item }) => item), drawer: bought.drawer.map(({ key, count }) => ({ key, count })) },
      ...{
        had: hadBy(bought).filter(ofThem),
        onOrder: onOrderBy(bought).filter(ofThem),
        suppliers: sellers.map(({ row }): Lead => row),
      },
    };
    const by = Object.fromEntries(jobs.map((job) => [job.id, job.by]));
    return { revision, calendar, by, read, ...(feed === undefined ? {} : { feed }) };
  }

  /** Nothing where the job was deleted since it was listed: the days of the others are no worse for it. */
  private async wholeOrGone(shop: ShopId, id: string): Promise<JobDocument | undefined> {
    try {
      return await this.parts.files.whole(shop, id);
    } catch (problem) {
      if (problem instanceof Refusal && problem.problem.status === 404) return undefined;
      throw problem;
    }
  }

  /** In place of what stood at `revision`; another change in between is told (409) and nothing is overwritten. */
  async keep(shop: ShopId, calendar: object, revision: number): Promise<CalendarKept> {
    const read = readShopCalendar(calendar);
    if (!read.ok) throw unreadable('calendar', read.errors, 'kept');
    if (!(await this.parts.calendar.keep(shop, read.calendar, revision))) throw refuse(409, said('calendar-changed'));
    return this.read(shop);
  }

  async keepJob(shop: ShopId, job: string, { atWork, due }: KeepCalendarJob): Promise<CalendarKept> {
    await this.parts.jobs.assert(shop, job);
    if (atWork !== undefined) await this.parts.calendar.sayAtWork(shop, job, atWork);
    if (due !== undefined) await this.parts.calendar.sayDue(shop, job, due);
    return this.read(shop);
  }

  async fix(shop: ShopId, job: string, { task, at }: FixTask): Promise<CalendarKept> {
    await this.parts.jobs.assert(shop, job);
    await this.parts.calendar.fix(shop, job, task, at ?? null);
    return this.read(shop);
  }

  /** A link in place of the one there was: whoever had that follows no more. */
  async link(shop: ShopId): Promise<CalendarKept> {
    await this.parts.calendar.link(shop, newSecret());
    return this.read(shop);
  }

  async withdraw(shop: ShopId): Promise<CalendarKept> {
    await this.parts.calendar.link(shop, null);
    return this.read(shop);
  }

  async followed(link: string): Promise<ShopRead | undefined> {
    const shop = await this.parts.calendar.followed(link);
    return shop && (await this.read(shop)).read;
  }
}
