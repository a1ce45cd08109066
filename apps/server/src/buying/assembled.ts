import type { Supplier } from '@zabble/core';
import type { Pool } from 'mysql2/promise';
import type { JobService } from '../jobs/service';
import type { LogService } from '../log/service';
import { ShopRepository } from '../shop/repository';
import type { SupplierClient } from '../supplier/client';
import { DrawerRepository } from './drawer-repository';
import { GateOpening } from './gate-opening';
import { OrderRepository } from './order-repository';
import { buyingRevision } from './revision';
import { BuyingService } from './service';

export interface BuyingNeeds {
  readonly pool: Pool;
  readonly jobs: JobService;
  readonly log: LogService;
  readonly supplier: SupplierClient;
}

/** Buying on a pool, with the jobs whose gates it opens and the supplier it asks. */
export const buyingOn = ({ pool, jobs, log, supplier }: BuyingNeeds): BuyingService =>
  new BuyingService({
    revision: (shop) => buyingRevision(pool, shop),
    drawer: new DrawerRepository(pool),
    orders: new OrderRepository(pool),
    suppliers: new ShopRepository<Supplier>(pool, 'suppliers'),
    client: supplier,
    gates: new GateOpening(jobs, log),
  });
