import { createConnection } from 'mysql2/promise';
import { OWN_HEADER } from '@zabble/contract';
import express, { type Express } from 'express';
import type { Pool } from 'mysql2/promise';
import { pino } from 'pino';
import { createApp, type AppParts } from './app';
import { openPool } from './db/pool';
import { JobRepository } from './jobs/repository';
import { JobService } from './jobs/service';
import { RevisionRepository } from './revisions/repository';
import { CostingRepository } from './costing/repository';
import { CostingService } from './costing/service';
import { LogRepository } from './log/repository';
import { LogService } from './log/service';
import { MoneyRepository } from './money/repository';
import { MoneyService } from './money/service';
import { QuoteRepository } from './quotes/repository';
import { QuoteService } from './quotes/service';
import { HealthService } from './health/service';
import { buyingOn } from './buying/assembled';
import { calendarOn } from './calendar/assembled';
import { SupplierClient } from './supplier/client';
import { Answers } from './looking/answers';
import { Door } from './network/door';
import { NetworkRepository } from './network/repository';
import { NetworkService } from './network/service';
import { printsHere } from './print/prints-here.spec-data';

/** A pool on a database of this name, new and empty, beside the one the tests were started with. */
export async function ownDatabase(name: string): Promise<Pool> {
  const url = new URL(process.env['TEST_DATABASE_URL'] ?? '');
  const connection = await createConnection(url.href);
  await connection.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4`);
  await connection.end();
  url.pathname = `/${name}`;
  return openPool(url.href);
}

/** The application on a pool, saying nothing and without the web; what is asked of it is asked as its own page does. */
export function quietApp(pool: Pool): Express {
  const asked = express();
  asked.use((request, _response, next) => {
    request.headers[OWN_HEADER] ??= '1';
    next();
  });
  return asked.use(bareApp(pool));
}

export function bareApp(pool: Pool): Express {
  return appWith(pool);
}

/** The application on a pool, with other parts than it usually has. */
export function appWith(pool: Pool, others: Partial<AppParts> = {}): Express {
  const revisions = new RevisionRepository(pool);
  const jobs = new JobService(new JobRepository(pool), revisions);
  const log = new LogService(new LogRepository(pool), jobs);
  const costing = new CostingService(new CostingRepository(pool));
  const money = new MoneyService(new MoneyRepository(pool));
  const supplier = others.supplier ?? new SupplierClient(() => undefined);
  const buying = buyingOn({ pool, jobs, log, supplier });
  return createApp({
    pool,
    looking: new Answers(pool),
    revisions,
    ...{ jobs, log },
    quotes: new QuoteService({ quotes: new QuoteRepository(pool), jobs, log, costing, money }),
    ...{ supplier, buying },
    ...calendarOn({ pool, jobs, log, costing, buying, printer: printsHere }),
    logger: pino({ level: 'silent' }),
    webRoot: 'no-such-folder',
    printer: printsHere,
    network: new NetworkService(new NetworkRepository(pool), new Door(1), undefined),
    health: new HealthService(pool, 'test'),
    names: [],
    ...others,
  });
}
