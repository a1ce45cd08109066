import 'reflect-metadata';
import { once } from 'node:events';
import { createServer, type RequestListener, type Server } from 'node:http';
import type { Pool } from 'mysql2/promise';
import { pino, type Logger } from 'pino';
import { createApp, type AppParts } from './app';
import { readConfig, type Config } from './config';
import { migrate } from './db/migrate';
import { openPatientPool, openPool } from './db/pool';
import { CostingRepository } from './costing/repository';
import { CostingService } from './costing/service';
import { buyingOn } from './buying/assembled';
import { calendarOn } from './calendar/assembled';
import { CalendarRepository } from './calendar/repository';
import { addDemoDays, addDemoJobs, addDemoPrices, addDemoSuppliers, BY_SERVICE } from './demo/demo';
import { ErasingRepository } from './erasing/repository';
import { HealthService } from './health/service';
import { Door } from './network/door';
import { NetworkRepository } from './network/repository';
import { NetworkService } from './network/service';
import { OWN_SHOP } from './whose/shop';
import { LookingThread } from './looking/thread';
import { JobRepository } from './jobs/repository';
import { mailBy } from './mail/mail';
import { Mailbox } from './mail/mailbox-repository';
import { peopleOn } from './people/assembled';
import { LogRepository } from './log/repository';
import { LogService } from './log/service';
import { MoneyRepository } from './money/repository';
import { MoneyService } from './money/service';
import { QuoteRepository } from './quotes/repository';
import { QuoteService } from './quotes/service';
import { RevisionRepository } from './revisions/repository';
import { JobService } from './jobs/service';
import { PrinterProcesses } from './print/printer';
import { ShopRepository } from './shop/repository';
import { SupplierClient } from './supplier/client';
import { SupplierStandIn } from './supplier/stand-in';

/** Sessions nobody can use any more are taken away so often, in milliseconds. */
const SWEPT = 6 * 3_600_000;

try {
  await start(readConfig(process.env, new URL('../../../', import.meta.url)));
} catch (problem) {
  process.stderr.write(`${whyNot(problem as { code?: string; message: string })}\n`);
  process.exit(1);
}

async function start(config: Config): Promise<void> {
  const logger = pino({ level: config.logLevel, base: { version: config.version } });
  const pool = openPool(config.databaseUrl);
  const revisions = new RevisionRepository(pool);
  const jobs = new JobService(new JobRepository(pool), revisions);
  const { wasNew } = await broughtUpToDate(config);
  if (wasNew) await putInDemo(config, { pool, jobs, logger });
  const printer = new PrinterProcesses(config.printWorker, config.fonts);
  const looking = new LookingThread(config.lookingWorker, config.databaseUrl);
  const door = new Door(config.networkPort);
  const network = new NetworkService(new NetworkRepository(pool), door, config.publicAddress);
  const { webRoot, version, names } = config;
  const health = new HealthService(pool, version);
  const log = new LogService(new LogRepository(pool), jobs);
  const costing = new CostingService(new CostingRepository(pool));
  const money = new MoneyService(new MoneyRepository(pool));
  const quotes = new QuoteService({ quotes: new QuoteRepository(pool), jobs, log, costing, money });
  const { supplier, standIn } = supplierOf(config);
  const buying = buyingOn({ pool, jobs, log, supplier });
  const days = calendarOn({ pool, jobs, log, costing, buying, printer });
  const parts = { pool, looking, jobs, log, revisions, logger, printer, network, quotes, buying, supplier, ...days };
  const shared = config.mode === 'shared' ? sharedOn(config, pool, logger) : {};
  const app = createApp({ ...parts, ...shared, webRoot, health, names, measured: true });
  const answering = heardBy(looking, app);
  const server = await listen(answering, config);
  if (config.mode === 'own') {
    door.answer(answering);
    if (!(await network.begin(OWN_SHOP)))
      logger.warn({ port: config.networkPort }, 'the network can’t be let in: its port is taken');
  }
  logger.info({ port: config.port }, 'listening');
  process.send?.('listening');
  const erased = new ErasingRepository(pool).byAndBy((problem) =>
    logger.warn({ err: problem }, 'deleted jobs could not be erased'),
  );
  const swept = setInterval(() => void shared.people?.rows.sweep().catch(() => undefined), SWEPT).unref();
  const begin = (): void => health.drain();
  stopOnSignal(server, { begin, after: config.drain }, () => {
    erased();
    clearInterval(swept);
    void door.set(false);
    standIn?.end();
    return Promise.all([printer.end(), looking.end(), pool.end()]);
  });
}

/** What a new database begins with. */
async function putInDemo(
  { demo: folder }: Config,
  { pool, jobs, logger }: Pick<AppParts, 'pool' | 'jobs' | 'logger'>,
): Promise<void> {
  const prices = await addDemoPrices(new CostingService(new CostingRepository(pool)), folder);
  await addDemoSuppliers(new ShopRepository(pool, 'suppliers'));
  const demo = await addDemoJobs(jobs, folder);
  await addDemoDays(new CalendarRepository(pool), demo, Date.now());
  logger.info({ jobs: demo.size, prices }, 'demo jobs put in');
}

/** What a server has besides where people sign in. */
function sharedOn(config: Config, pool: Pool, logger: Logger): Partial<AppParts> {
  const { databaseUrl, mailServer, mailFrom, publicAddress, port, proxies, metricsToken } = config;
  const people = peopleOn({
    pool,
    database: new URL(databaseUrl.split(',')[0] ?? '').pathname.slice(1),
    mail: mailServer === undefined ? new Mailbox(pool) : mailBy(mailServer, mailFrom),
    address: publicAddress ?? `http://127.0.0.1:${port}`,
    failed: (problem) => logger.error({ err: problem }, 'mail or audit could not be kept'),
  });
  return {
    people,
    overTls: publicAddress?.startsWith('https:') === true,
    ...(proxies === undefined ? {} : { proxies }),
    ...(metricsToken === undefined ? {} : { metricsToken }),
  };
}

/** The supplier that is asked: another one’s service, or the stand-in that ships. */
function supplierOf({ supplierAddress, supplierProgram, supplierList }: Config) {
  if (supplierAddress !== undefined) return { supplier: new SupplierClient(() => supplierAddress) };
  const standIn = new SupplierStandIn({ program: supplierProgram, list: supplierList, supplier: BY_SERVICE });
  standIn.begin();
  return { supplier: new SupplierClient(standIn.address), standIn };
}

/** On a connection of its own: to change a filled table may take longer than any request may. */
async function broughtUpToDate({ databaseUrl, migrations }: Config): Promise<{ readonly wasNew: boolean }> {
  const pool = openPatientPool(databaseUrl);
  try {
    return await migrate(pool, migrations);
  } finally {
    await pool.end();
  }
}

/** Whatever is asked is counted, so that what is done beside gives way where much is. */
function heardBy(looking: LookingThread, app: RequestListener): RequestListener {
  return (request, response) => {
    looking.heard();
    app(request, response);
  };
}

async function listen(answering: RequestListener, { port, host }: Config): Promise<Server> {
  const server = createServer(answering).listen(port, host);
  // Rejects where it can’t: the port is taken, say.
  await once(server, 'listening');
  return server;
}

/** How it comes to an end: what is told at once, and how long it still answers then, in milliseconds. */
interface Draining {
  readonly begin: () => void;
  readonly after: number;
}

/** Says that it ends, answers what is under way, takes nothing new, lets go of the database. */
function stopOnSignal(server: Server, { begin, after }: Draining, letGo: () => Promise<unknown>): void {
  const close = (): void => {
    server.close(() => void letGo().finally(() => process.exit(0)));
    // Nothing holds it up longer, a database that does not answer neither.
    setTimeout(() => process.exit(0), 8000).unref();
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), 2000).unref();
  };
  const stop = (): void => {
    begin();
    if (after > 0) setTimeout(close, after);
    else close();
  };
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
  // Whoever started it is gone without a word: it does not stay behind.
  process.once('disconnect', close);
}

/** One sentence for a server that can't start. */
function whyNot({ code, message }: { code?: string; message: string }): string {
  if (code === 'EADDRINUSE') return `Port ${process.env['PORT'] ?? 4870} is taken: set PORT to another.`;
  if (code === 'ER_ACCESS_DENIED_ERROR' || code === 'ER_DBACCESS_DENIED_ERROR')
    return 'The database of DATABASE_URL does not let this user in: check its name, password and rights.';
  if (/CERT|SSL|TLS|SIGNATURE/.test(code ?? ''))
    return `The certificate of the database of DATABASE_URL is not by the authority in its ca= (${message || code}).`;
  if (code?.startsWith('E')) return `The database of DATABASE_URL can’t be used: ${message || code}.`;
  return message;
}
