import { randomUUID } from 'node:crypto';
import { setTimeout as wait } from 'node:timers/promises';
import type { Pool, ResultSetHeader } from 'mysql2/promise';

/** Held for so long without a word from the holder, in seconds; a word comes so often. */
const HELD = 45;
const WORD = 10_000;
/** So often it is asked for, in milliseconds. */
const ASKED = 200;

/**
 * The right to change the tables, for one process at a time. It is a row, which all nodes of a database agree about (a named
 * lock is known to one of them alone); the holder says now and then that it is still there.
 */
export class Lease {
  private readonly holder = randomUUID();
  private timer: NodeJS.Timeout | undefined;

  constructor(private readonly pool: Pool) {}

  /** False where another holds it for so many seconds more. */
  async take(patience: number): Promise<boolean> {
    await this.pool.query(
      'CREATE TABLE IF NOT EXISTS migration_lease (id TINYINT NOT NULL PRIMARY KEY, holder CHAR(36) NOT NULL, until DATETIME(3) NOT NULL)',
    );
    await this.pool.query("INSERT INTO migration_lease VALUES (1, '', '2000-01-01') ON DUPLICATE KEY UPDATE id = id");
    for (const until = Date.now() + patience * 1000; ;) {
      if (await this.held()) break;
      if (Date.now() >= until) return false;
      await wait(ASKED);
    }
    this.timer = setInterval(() => void this.held().catch(() => undefined), WORD).unref();
    return true;
  }

  /** Says that it is still there; false where it is another’s by now. */
  async held(): Promise<boolean> {
    const [{ affectedRows }] = await this.pool.execute<ResultSetHeader>(
      `UPDATE migration_lease SET holder = ?, until = UTC_TIMESTAMP(3) + INTERVAL ${HELD} SECOND
       WHERE id = 1 AND (holder = ? OR until < UTC_TIMESTAMP(3))`,
      [this.holder, this.holder],
    );
    return affectedRows === 1;
  }

  async release(): Promise<void> {
    clearInterval(this.timer);
    await this.pool.execute("UPDATE migration_lease SET holder = '', until = '2000-01-01' WHERE holder = ?", [
      this.holder,
    ]);
  }
}
