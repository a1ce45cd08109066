import type { Health } from '@zabble/contract';
import type { Pool } from 'mysql2/promise';
import { answers } from '../db/pool';

/** Whether the database answers, and which version this is. */
export class HealthService {
  constructor(
    private readonly pool: Pool,
    private readonly version: string,
  ) {}

  async now(): Promise<Health> {
    const alive = await answers(this.pool);
    return {
      status: alive ? 'ok' : 'degraded',
      database: alive ? 'answers' : 'does not answer',
      version: this.version,
    };
  }
}
