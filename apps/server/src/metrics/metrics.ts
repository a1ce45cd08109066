import type { Socket } from 'node:net';
import type { Request, RequestHandler } from 'express';
import type { Pool } from 'mysql2/promise';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';

/** Seconds a request takes; the goals of saving and of looking up lie between the first of them. */
const SECONDS = [0.002, 0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 1, 4, 10];

/** What is counted besides requests and the database. */
export interface Counted {
  /** Pages that follow a log now. */
  readonly following: () => number;
  /** Prints that wait for their turn now. */
  readonly printsWaiting: () => number;
}

/**
 * Figures of this process, as monitors read them: how many requests of which route took how long and ended how, how the pool of
 * the database stands, and (where `own` is asked for) memory, processor and event loop. Routes by their pattern alone: no id,
 * no name and no word that was looked for is in them.
 */
export class Metrics {
  readonly registry = new Registry();
  private readonly seconds = new Histogram({
    name: 'zabble_request_seconds',
    help: 'Seconds a request of the API took, by method, route and how it ended.',
    labelNames: ['method', 'route', 'status'],
    buckets: SECONDS,
    registers: [this.registry],
  });

  private readonly kinds = new Map<string, Histogram.Internal<string>>();

  constructor(pool: Pool, counted: Counted, { own = false }: { readonly own?: boolean } = {}) {
    if (own) collectDefaultMetrics({ register: this.registry });
    this.watchPool(pool);
    this.gauge('zabble_following', 'Pages that follow a log.', counted.following);
    this.gauge('zabble_prints_waiting', 'Prints that wait for their turn.', counted.printsWaiting);
  }

  /** Counts each request when its answer is over, also one whose client went before it was. */
  readonly count: RequestHandler = (request, response, next) => {
    const begun = performance.now();
    response.once('close', () => {
      const status = response.writableFinished ? `${response.statusCode}` : 'gone';
      this.of(request.method, routeOf(request), status).observe((performance.now() - begun) / 1000);
    });
    next();
  };

  /** Where requests of a kind are counted: looked up once, as it takes a while. */
  private of(method: string, route: string, status: string): Histogram.Internal<string> {
    const name = `${method} ${route} ${status}`;
    const kept = this.kinds.get(name) ?? this.seconds.labels({ method, route, status });
    this.kinds.set(name, kept);
    return kept;
  }

  private gauge(name: string, help: string, now: () => number): void {
    new Gauge({
      ...{ name, help, registers: [this.registry] },
      collect() {
        this.set(now());
      },
    });
  }

  private watchPool({ pool }: Pool): void {
    const registers = [this.registry];
    // By connection: one that is broken off while it is in use is never given back.
    const used = new Set<object>();
    this.gauge('zabble_database_connections', 'Connections to the database in use.', () => used.size);
    const made = new Counter({
      ...{ name: 'zabble_database_connections_made_total', help: 'Connections made to the database.', registers },
    });
    const waited = new Counter({
      ...{ name: 'zabble_database_waited_total', help: 'Statements that waited for a connection.', registers },
    });
    const known = new WeakSet<object>();
    pool.on('acquire', (connection) => {
      used.add(connection);
      if (known.has(connection)) return;
      known.add(connection);
      const { stream } = connection as unknown as { readonly stream: Socket };
      stream.once('close', () => used.delete(connection));
    });
    pool.on('release', (connection) => used.delete(connection));
    pool.on('connection', () => made.inc());
    pool.on('enqueue', () => waited.inc());
  }
}

/**
 * `/api/jobs/:id`; of what no route answered nothing is told but that. What stands before the pattern of the route is read from
 * the address: it is forgotten where the route ended in an error.
 */
function routeOf({ originalUrl, route }: Request): string {
  const pattern = (route as { readonly path?: unknown } | undefined)?.path;
  if (typeof pattern !== 'string') return 'none';
  if (pattern.startsWith('/api/')) return pattern;
  const parts = (path: string): readonly string[] => path.split('/').filter(Boolean);
  const [asked, own] = [parts(originalUrl.split('?')[0] ?? ''), parts(pattern)];
  return `/${[...asked.slice(0, Math.max(0, asked.length - own.length)), ...own].join('/')}`;
}
