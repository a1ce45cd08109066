import type { Supplier } from '@zabble/core';
import type { Pool } from 'mysql2/promise';
import type { BuyingService } from '../buying/service';
import type { CostingService } from '../costing/service';
import { JobFileService } from '../job-file/service';
import type { JobService } from '../jobs/service';
import type { LogService } from '../log/service';
import type { Printer } from '../print/printer';
import { ShopRepository } from '../shop/repository';
import { StockRepository } from '../stock/repository';
import { StockService } from '../stock/service';
import { CalendarRepository } from './repository';
import { CalendarService } from './service';
import { Weeks } from './week';

export interface CalendarNeeds {
  readonly pool: Pool;
  readonly jobs: JobService;
  readonly log: LogService;
  readonly costing: CostingService;
  readonly buying: BuyingService;
  readonly printer: Printer;
}

/** The days of a shop on a pool, with everything they are made from. */
export function calendarOn({ pool, jobs, log, costing, buying, printer }: CalendarNeeds) {
  const calendar = new CalendarService({
    ...{ calendar: new CalendarRepository(pool), jobs, costing, buying },
    files: new JobFileService(jobs, log),
    stock: new StockService(new StockRepository(pool)),
    suppliers: new ShopRepository<Supplier>(pool, 'suppliers'),
  });
  return { calendar, weeks: new Weeks(printer) };
}
