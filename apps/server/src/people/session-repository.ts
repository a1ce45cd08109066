import type { Role, SessionRow } from '@zabble/contract';
import type { Pool, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { run } from '../db/run';
import type { ShopId } from '../whose/shop';
import { LONGEST, UNUSED } from './cookie';

/** A session that is good, its person, and what they may do in the shop it looks at. */
export interface Session {
  readonly id: string;
  readonly person: { readonly id: string; readonly name: string; readonly email: string };
  /** None where the person belongs to no shop it could look at (any more). */
  readonly at?: { readonly shop: ShopId; readonly role: Role };
  /** When the shop it looks at was deleted, where it was. */
  readonly deletedAt?: Date;
  readonly secondFactor: boolean;
  readonly seenAt: number;
}

const GOOD = `s.seen_at > UTC_TIMESTAMP(3) - INTERVAL ${UNUSED / 1000} SECOND
  AND s.created_at > UTC_TIMESTAMP(3) - INTERVAL ${LONGEST / 1000} SECOND`;

/** The table sessions. */
export class SessionRepository {
  constructor(private readonly pool: Pool) {}

  async add(session: {
    token: string;
    id: string;
    person: string;
    shop: string | null;
    device: string;
  }): Promise<void> {
    await this.pool.execute(
      `INSERT INTO sessions (token, id, person_id, at_shop, device, created_at, seen_at)
       VALUES (?, ?, ?, ?, ?, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3))`,
      [session.token, session.id, session.person, session.shop, session.device],
    );
  }

  /** Asked with each request: one look, by its key. */
  async find(token: string): Promise<Session | undefined> {
    const [row] = await run<RowDataPacket[]>(
      this.pool,
      `SELECT s.id, s.seen_at, s.person_id, p.name, p.email, p.second_factor_on, m.shop, m.role, h.deleted_at
       FROM sessions s JOIN people p ON p.id = s.person_id
       LEFT JOIN members m ON m.person_id = s.person_id AND m.shop = s.at_shop LEFT JOIN shops h ON h.id = m.shop
       WHERE s.token = ? AND ${GOOD}`,
      [token],
    );
    if (!row) return undefined;
    const { shop, role } = row as { shop: ShopId | null; role: Role | null };
    return {
      id: String(row['id']),
      person: { id: String(row['person_id']), name: String(row['name']), email: String(row['email']) },
      ...(shop === null || role === null ? {} : { at: { shop, role } }),
      ...(row['deleted_at'] === null ? {} : { deletedAt: row['deleted_at'] as Date }),
      secondFactor: row['second_factor_on'] === 1,
      seenAt: (row['seen_at'] as Date).getTime(),
    };
  }

  async seen(token: string): Promise<void> {
    await this.pool.execute('UPDATE sessions SET seen_at = UTC_TIMESTAMP(3) WHERE token = ?', [token]);
  }

  /** False where the person does not belong to the shop. */
  async lookAt(token: string, shop: string): Promise<boolean> {
    const [{ affectedRows }] = await this.pool.execute<ResultSetHeader>(
      `UPDATE sessions s JOIN members m ON m.person_id = s.person_id AND m.shop = ?
       SET s.at_shop = m.shop, s.seen_at = UTC_TIMESTAMP(3) WHERE s.token = ?`,
      [shop, token],
    );
    return affectedRows === 1;
  }

  async of(person: string, own: string): Promise<readonly SessionRow[]> {
    const [rows] = await this.pool.execute<RowDataPacket[]>(
      `SELECT s.id, s.device, s.created_at, s.seen_at FROM sessions s
       WHERE s.person_id = ? AND ${GOOD} ORDER BY s.created_at, s.id`,
      [person],
    );
    return rows.map((row) => ({
      id: String(row['id']),
      device: String(row['device']),
      since: (row['created_at'] as Date).toISOString(),
      seenAt: (row['seen_at'] as Date).toISOString(),
      own: row['id'] === own,
    }));
  }

  /** False where there is none of this person. */
  async end(person: string, id: string): Promise<boolean> {
    const [{ affectedRows }] = await this.pool.execute<ResultSetHeader>(
      'DELETE FROM sessions WHERE person_id = ? AND id = ?',
      [person, id],
    );
    return affectedRows === 1;
  }

  /** All of a person but one; answers their ids. */
  async endOthers(person: string, but: string): Promise<readonly string[]> {
    const [rows] = await this.pool.query<RowDataPacket[]>(
      'DELETE FROM sessions WHERE person_id = ? AND id <> ? RETURNING id',
      [person, but],
    );
    return rows.map((row) => String(row['id']));
  }

  /** What nobody can use any more. */
  async sweep(): Promise<void> {
    await this.pool.execute(`DELETE s FROM sessions s WHERE NOT (${GOOD})`);
  }
}
