import type { Health, Readiness } from '@zabble/contract';
import type { Pool } from 'mysql2/promise';
import { answers } from '../db/pool';

/** Whether the database answers, which version this is, and whether requests are taken. */
export class HealthService {
  private draining = false;

  constructor(
    private readonly pool: Pool,
    private readonly version: string,
  ) {}

  /** It is about to end: what is under way is answered, nothing new is wanted. */
  drain(): void {
    this.draining = true;
  }

  async now(): Promise<Health> {
    const alive = await answers(this.pool);
    return {
      status: alive ? 'ok' : 'degraded',
      database: alive ? 'answers' : 'does not answer',
      version: this.version,
    };
  }

  /** Whether requests should be sent here. */
  async ready(): Promise<Readiness> {
    if (this.draining) return { ready: false, why: 'ending' };
    return (await answers(this.pool)) ? { ready: true } : { ready: false, why: 'database' };
  }
}
