import { said } from '@zabble/core';
import type { Pool } from 'mysql2/promise';
import { RateLimiterMySQL, RateLimiterRes } from 'rate-limiter-flexible';
import { refuse } from '../http/refusal';
import { fingerprint } from '../http/secrets';

/** So many attempts in so many seconds. */
interface Limit {
  readonly points: number;
  readonly duration: number;
}

const QUARTER = 15 * 60;
const DAY = 24 * 3600;

export interface AttemptLimits {
  readonly account: Limit;
  readonly address: Limit;
  /** Of what sends a mail, to one address. */
  readonly mail: Limit;
  /** Of what brings much in (photographs, job files), by one person. */
  readonly upload: Limit;
}

export const LIMITS: AttemptLimits = {
  account: { points: 10, duration: QUARTER },
  address: { points: 100, duration: QUARTER },
  mail: { points: 3, duration: QUARTER },
  upload: { points: 1000, duration: DAY },
};

/**
 * Counts attempts in the database, so that all servers count together, by what nobody is known by: the fingerprint of the
 * account or address. Over the limit: 429 with how long to wait.
 */
export class Attempts {
  private readonly limiters: Readonly<Record<keyof AttemptLimits, RateLimiterMySQL>>;

  constructor(pool: Pool, database: string, limits: AttemptLimits = LIMITS) {
    const limiter = (kind: keyof AttemptLimits): RateLimiterMySQL =>
      new RateLimiterMySQL({
        storeClient: pool.pool,
        storeType: 'pool',
        dbName: database,
        tableName: 'attempts',
        tableCreated: true,
        keyPrefix: kind,
        ...limits[kind],
      });
    this.limiters = {
      account: limiter('account'),
      address: limiter('address'),
      mail: limiter('mail'),
      upload: limiter('upload'),
    };
  }

  /** One more. Refuses where it is one too many. */
  async count(kind: keyof AttemptLimits, of: string): Promise<void> {
    try {
      await this.limiters[kind].consume(fingerprint(of.trim().toLowerCase()).slice(0, 40));
    } catch (problem) {
      if (!(problem instanceof RateLimiterRes)) throw problem;
      throw refuse(429, said('too-many-attempts', { minutes: Math.max(1, Math.ceil(problem.msBeforeNext / 60_000)) }));
    }
  }

  /** It went well: what was tried before counts no more. */
  async forget(kind: keyof AttemptLimits, of: string): Promise<void> {
    await this.limiters[kind].delete(fingerprint(of.trim().toLowerCase()).slice(0, 40));
  }
}
