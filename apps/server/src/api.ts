import { decideWhose } from './whose/decide';
import {
  readCustomer,
  readShopMaterial,
  readShopRow,
  readSupplier,
  type Customer,
  type MaterialOf,
  type OwnSlideOf,
  type Supplier,
} from '@zabble/core';
import { PriceService } from './prices/service';
import { StockService } from './stock/service';
import { ShopRowService } from './shop/service';
import { HabitService } from './habits/service';
import { PhotoService } from './photos/service';
import { JobFileService } from './job-file/service';
import { jobFileRouter } from './job-file/router';
import type { HealthService } from './health/service';
import { Metrics } from './metrics/metrics';
import { metricsRouter, watcher } from './metrics/router';
import compression from 'compression';
import { Router, type Express, type RequestHandler } from 'express';
import type { Pool } from 'mysql2/promise';
import type { Logger } from 'pino';
import { devicesRouter } from './devices/router';
import { simulatedCaliper, simulatedLaser } from './devices/simulated-device';
import { HabitRepository } from './habits/repository';
import { habitsRouter } from './habits/router';
import { healthRouter } from './health/router';
import { nothingHere } from './http/errors';
import type { RevisionRepository } from './revisions/repository';
import { RevisionService } from './revisions/service';
import { revisionsRouter } from './revisions/router';
import { guard } from './http/guard';
import { logRequests } from './http/log-requests';
import { gate, refusedHere } from './network/gate';
import { networkRouter } from './network/router';
import type { NetworkService } from './network/service';
import { allow } from './people/allow';
import type { People } from './people/assembled';
import { audit } from './people/audit';
import { limits } from './people/limits';
import { crewRouter, onlyOwners } from './people/crew-router';
import { ownSessionRouter, sessionRouter } from './people/session-router';
import { together } from './http/together';
import { jobsRouter, saveJobs } from './jobs/router';
import type { JobService } from './jobs/service';
import { recordRouter } from './log/record-router';
import { addToLogs, logRouter } from './log/router';
import { lookingUp } from './found/look-up';
import type { Looking } from './found/question';
import { Following } from './log/following';
import type { LogService } from './log/service';
import { calendarRouter } from './calendar/router';
import type { CalendarService } from './calendar/service';
import type { Weeks } from './calendar/week';
import { CostingRepository } from './costing/repository';
import { costingRouter } from './costing/router';
import { CostingService } from './costing/service';
import { SettledRepository } from './costing/settled-repository';
import { SettledService } from './costing/settled-service';
import { MoneyRepository } from './money/repository';
import { moneyRouter } from './money/router';
import { MoneyService } from './money/service';
import { PhotoRepository } from './photos/repository';
import { photosRouter } from './photos/router';
import { PresentRepository } from './present/repository';
import { presentRouter } from './present/router';
import { PresentService } from './present/service';
import { ShopFileRepository } from './shop-file/repository';
import { shopFileRouter } from './shop-file/router';
import { ShopFileService } from './shop-file/service';
import { PriceRepository } from './prices/repository';
import { pricesRouter } from './prices/router';
import { simulatedSupplier } from './prices/simulated-supplier';
import type { Printer } from './print/printer';
import { printRouter } from './print/router';
import { quotesRouter } from './quotes/router';
import type { QuoteService } from './quotes/service';
import { ShopRepository } from './shop/repository';
import { shopRouter } from './shop/router';
import { StockRepository } from './stock/repository';
import { stockRouter } from './stock/router';
import type { BuyingService } from './buying/service';
import { buyingRouter } from './buying/router';
import type { SupplierClient } from './supplier/client';
import { supplierRouter } from './supplier/router';

export interface ApiParts {
  readonly pool: Pool;
  readonly looking: Looking;
  readonly jobs: JobService;
  readonly log: LogService;
  readonly revisions: RevisionRepository;
  readonly logger: Logger;
  readonly printer: Printer;
  readonly network: NetworkService;
  readonly quotes: QuoteService;
  readonly buying: BuyingService;
  readonly supplier: SupplierClient;
  readonly calendar: CalendarService;
  readonly weeks: Weeks;
  readonly health: HealthService;
  /** Memory, processor and event loop are among the figures: once a process. */
  readonly measured?: boolean;
  /** Host names it is known by besides those of this machine. */
  readonly names: readonly string[];
  /** People sign in; without them it is a device of one's own. */
  readonly people?: People;
  /** Who shows this may read the figures for monitors, besides who is at this machine. */
  readonly metricsToken?: string;
}

/** Puts everything under /api on the application. */
export function useApi(app: Express, parts: ApiParts): void {
  const { pool, looking, jobs, log, revisions, logger, printer, network, names } = parts;
  const following = new Following(log, (problem) => logger.warn({ err: problem }, 'the logs could not be looked at'));
  const counted = { following: () => following.count, printsWaiting: () => printer.waiting };
  const metrics = new Metrics(pool, counted, { own: parts.measured === true });
  const { people } = parts;
  const open = together(metrics.count, logRequests(logger), guard(names), apiHeaders);
  const admitted = people ? signedIn(people) : together(gate(network, refusedHere), decideWhose());
  const first = together(open, admitted);
  const lookUp = lookingUp(looking);
  saveJobs(app, first, jobs);
  addToLogs(app, first, log);
  app.use('/api', beforeAnybody(parts, open, metrics));
  const api = Router();
  api.use('/jobs', jobsRouter(jobs, lookUp));
  api.use('/jobs', revisionsRouter(new RevisionService(revisions)));
  api.use('/jobs', jobFileRouter(new JobFileService(jobs, log)));
  api.use('/jobs', presentRouter(new PresentService(new PresentRepository(pool))));
  api.use('/jobs', logRouter(log, following));
  api.use('/jobs', photosRouter(new PhotoService(new PhotoRepository(pool), jobs)));
  api.use('/record', recordRouter(lookUp));
  shopRoutes(api, parts);
  api.use('/calendar', calendarRouter(parts.calendar, parts.weeks));
  api.use(quotesRouter(parts.quotes, printer));
  if (people) {
    api.use('/shop/crew', shopFileRouter(new ShopFileService(new ShopFileRepository(pool)), onlyOwners));
    api.use('/shop/crew', crewRouter(people.crew));
  }
  api.use('/network', networkRouter(network, people !== undefined));
  api.use('/print', printRouter(printer));
  api.use('/devices', devicesRouter({ laser: simulatedLaser(Math.random), caliper: simulatedCaliper(Math.random) }));
  api.use(nothingHere);
  app.use('/api', first, api);
}

/** Who asks is decided by their session, and what they may do by their role; what they did is written down. */
function signedIn({ sessions, crewRows, attempts, failed }: People): RequestHandler {
  const whoAsks = sessions.asking.bind(sessions);
  return together(decideWhose(whoAsks), allow, limits(attempts), audit(crewRows, failed));
}

/**
 * What touches no shop's data. On a device of one's own it is asked as everything is; where people sign in, whoever watches
 * the server does not, nor does who is about to.
 */
function beforeAnybody({ people, health, network, metricsToken }: ApiParts, open: RequestHandler, metrics: Metrics) {
  const router = Router();
  const gated = people ? open : together(open, gate(network, refusedHere));
  router.use('/health', gated, healthRouter(health));
  router.use('/metrics', open, people ? watcher(metricsToken) : gate(network, refusedHere), metricsRouter(metrics));
  router.use('/session', gated, people ? sessionRouter(people) : ownSessionRouter());
  return router;
}

/** What the shop keeps for all of its jobs. */
function shopRoutes(api: Router, { pool, jobs, buying, supplier, printer }: ApiParts): void {
  api.use('/shop/habits', habitsRouter(new HabitService(new HabitRepository(pool))));
  const slides = new ShopRowService<OwnSlideOf<string>>(new ShopRepository(pool, 'slides'), readShopRow, 'slide');
  const materials = new ShopRowService<MaterialOf<string>>(
    new ShopRepository(pool, 'materials'),
    readShopMaterial,
    'material',
  );
  api.use('/shop', shopRouter({ slides, materials, ...people(pool) }));
  api.use('/shop', stockRouter(new StockService(new StockRepository(pool))));
  api.use('/shop/money', moneyRouter(new MoneyService(new MoneyRepository(pool))));
  api.use(
    '/shop/costing',
    costingRouter(
      new CostingService(new CostingRepository(pool)),
      new SettledService(new SettledRepository(pool), jobs),
    ),
  );
  const rackSupplier = simulatedSupplier(Math.random, () => new Date());
  api.use('/shop/prices', pricesRouter(new PriceService(new PriceRepository(pool), rackSupplier)));
  api.use('/shop/buying', buyingRouter(buying, printer));
  api.use('/shop/supplier', supplierRouter(supplier));
}

/** Whom the shop buys from, and makes for. */
const people = (pool: Pool) => ({
  suppliers: new ShopRowService<Supplier>(new ShopRepository(pool, 'suppliers'), readSupplier, 'supplier'),
  customers: new ShopRowService<Customer>(new ShopRepository(pool, 'customers'), readCustomer, 'customer'),
});

const compressed = compression();

/** What it answers is of this moment, of nobody else's business and never a page; what is looked at comes compressed. */
const apiHeaders: RequestHandler = (request, response, next) => {
  response.setHeader('Cache-Control', 'no-store');
  response.setHeader('X-Content-Type-Options', 'nosniff');
  response.setHeader('Content-Security-Policy', "default-src 'none'; frame-ancestors 'none'");
  response.setHeader('Cross-Origin-Resource-Policy', 'same-origin');
  response.setHeader('Referrer-Policy', 'no-referrer');
  if (request.method === 'GET') compressed(request, response, next);
  else next();
};
