import { decideWhose } from './whose/decide';
import { readShopMaterial, readShopRow, type MaterialOf, type OwnSlideOf } from '@zabble/core';
import { PriceService } from './prices/service';
import { StockService } from './stock/service';
import { ShopRowService } from './shop/service';
import { HabitService } from './habits/service';
import { PhotoService } from './photos/service';
import { JobFileService } from './job-file/service';
import { jobFileRouter } from './job-file/router';
import { HealthService } from './health/service';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express, type Response } from 'express';
import helmet from 'helmet';
import type { Pool } from 'mysql2/promise';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { devicesRouter } from './devices/router';
import { simulatedCaliper, simulatedLaser } from './devices/simulated-device';
import { HabitRepository } from './habits/repository';
import { habitsRouter } from './habits/router';
import { healthRouter } from './health/router';
import { nothingHere, sayErrors } from './http/errors';
import { guard } from './http/guard';
import { jobsRouter } from './jobs/router';
import type { JobService } from './jobs/service';
import { LogRepository } from './log/repository';
import { logRouter, recordRouter } from './log/router';
import { Following } from './log/following';
import { LogService } from './log/service';
import { MoneyRepository } from './money/repository';
import { moneyRouter } from './money/router';
import { MoneyService } from './money/service';
import { PhotoRepository } from './photos/repository';
import { photosRouter } from './photos/router';
import { PriceRepository } from './prices/repository';
import { pricesRouter } from './prices/router';
import { simulatedSupplier } from './prices/simulated-supplier';
import type { Printer } from './print/printer';
import { printRouter } from './print/router';
import { ShopRepository } from './shop/repository';
import { shopRouter } from './shop/router';
import { StockRepository } from './stock/repository';
import { stockRouter } from './stock/router';

export interface AppParts {
  readonly pool: Pool;
  readonly jobs: JobService;
  readonly logger: Logger;
  readonly webRoot: string;
  readonly printer: Printer;
  readonly version: string;
  /** Host names it is known by besides those of this machine. */
  readonly names: readonly string[];
}

/** What is written down of a request: neither who asked nor what was looked for. */
const LOGGED = {
  req: ({ id, method, url }: { id: unknown; method: string; url: string }) => ({
    id,
    method,
    path: url.split('?')[0],
  }),
  res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
};

/** The API and the built web application on one address. */
export function createApp({ pool, jobs, logger, webRoot, printer, version, names }: AppParts): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(pinoHttp({ logger, serializers: LOGGED, autoLogging: { ignore: ({ url }) => !url?.startsWith('/api/') } }));
  app.use(guard(names));
  app.use(securityHeaders());
  app.use(compression());
  // What it answers is of this moment, and of nobody else's business.
  app.use('/api', (_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  app.use('/api/health', healthRouter(new HealthService(pool, version)));
  app.use('/api', decideWhose());
  const log = new LogService(new LogRepository(pool), jobs);
  app.use('/api/jobs', jobsRouter(jobs));
  app.use('/api/jobs', jobFileRouter(new JobFileService(jobs, log)));
  const following = new Following(log, (problem) => logger.warn({ err: problem }, 'the logs could not be looked at'));
  app.use('/api/jobs', logRouter(log, following));
  app.use('/api/jobs', photosRouter(new PhotoService(new PhotoRepository(pool), jobs)));
  app.use('/api/record', recordRouter(log));
  app.use('/api/shop/habits', habitsRouter(new HabitService(new HabitRepository(pool))));
  const slides = new ShopRowService<OwnSlideOf<string>>(new ShopRepository(pool, 'slides'), readShopRow, 'slide');
  const materials = new ShopRowService<MaterialOf<string>>(
    new ShopRepository(pool, 'materials'),
    readShopMaterial,
    'material',
  );
  app.use('/api/shop', shopRouter(slides, materials));
  app.use('/api/shop', stockRouter(new StockService(new StockRepository(pool))));
  app.use('/api/shop/money', moneyRouter(new MoneyService(new MoneyRepository(pool))));
  const supplier = simulatedSupplier(Math.random, () => new Date());
  app.use('/api/shop/prices', pricesRouter(new PriceService(new PriceRepository(pool), supplier)));
  app.use('/api/print', printRouter(printer));
  app.use(
    '/api/devices',
    devicesRouter({ laser: simulatedLaser(Math.random), caliper: simulatedCaliper(Math.random) }),
  );
  app.use('/api', nothingHere);
  serveWeb(app, webRoot);
  app.use(sayErrors);
  return app;
}

/** Everything comes from this server; styles are also set on elements by the framework. */
function securityHeaders() {
  return helmet({
    contentSecurityPolicy: {
      directives: { 'style-src': ["'self'", "'unsafe-inline'"], 'font-src': ["'self'"], upgradeInsecureRequests: null },
    },
    strictTransportSecurity: false,
  });
}

/** Without a hash in their name: what tells a browser that there is something newer. */
const AFRESH = /(?:index\.html|ngsw\.json|ngsw-worker\.js|safety-worker\.js|worker-basic\.min\.js)$/;

/** Files with a hash in their name never change; index.html is asked for afresh each time. */
function serveWeb(app: Express, webRoot: string): void {
  const index = join(webRoot, 'index.html');
  const setHeaders = (response: Response, path: string): void => {
    if (AFRESH.test(path)) response.set('Cache-Control', 'no-cache');
  };
  app.use(express.static(webRoot, { index: false, maxAge: '1y', immutable: true, setHeaders }));
  app.get('/{*path}', (request, response, next) => {
    // A file there is not is no page: an old page that asks for its script must hear so.
    if (/\.[a-z0-9]+$/i.test(request.path) || !existsSync(index)) {
      next();
      return;
    }
    response.set('Cache-Control', 'no-cache').sendFile(index);
  });
  app.use(nothingHere);
}
