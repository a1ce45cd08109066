import type { OwnShop, Role } from '@zabble/contract';
import type { Pool, PoolConnection, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { inTransaction } from '../db/transaction';
import type { ShopId } from '../whose/shop';

/** A person, with what it is known again by. */
export interface Person {
  readonly id: string;
  readonly email: string;
  readonly name: string;
  readonly password: string;
  readonly secondFactor: string | undefined;
  readonly secondFactorOn: boolean;
}

export interface NewPerson {
  readonly id: string;
  readonly email: string;
  readonly name: string;
  readonly password: string;
}

/** An address as it is kept and compared: the same however it is written. */
export const asKept = (email: string): string => email.trim().normalize('NFKC').toLowerCase();

/** The tables people, recovery_codes and forgotten; and to which shops a person belongs. */
export class PeopleRepository {
  constructor(private readonly pool: Pool) {}

  byEmail(email: string): Promise<Person | undefined> {
    return this.one('email = ?', asKept(email));
  }

  byId(id: string): Promise<Person | undefined> {
    return this.one('id = ?', id);
  }

  async shopsOf(person: string): Promise<readonly OwnShop[]> {
    const [rows] = await this.pool.execute<RowDataPacket[]>(
      `SELECT shops.id, shops.name, members.role FROM members JOIN shops ON shops.id = members.shop
       WHERE members.person_id = ? ORDER BY shops.name, shops.id`,
      [person],
    );
    return rows.map((row) => ({ id: String(row['id']), name: String(row['name']), role: row['role'] as Role }));
  }

  async keepPassword(id: string, password: string): Promise<void> {
    await this.pool.execute('UPDATE people SET password = ? WHERE id = ?', [password, id]);
  }

  /** A secret that is not on until a code of it was said. */
  async beginFactor(id: string, secret: string): Promise<void> {
    await this.pool.execute('UPDATE people SET second_factor = ? WHERE id = ? AND second_factor_on = 0', [secret, id]);
  }

  /** Takes a code’s step, once: false where it, or a later one, was taken before. */
  async takeStep(id: string, step: number): Promise<boolean> {
    const [{ affectedRows }] = await this.pool.execute<ResultSetHeader>(
      'UPDATE people SET second_factor_step = ? WHERE id = ? AND second_factor_step < ?',
      [step, id, step],
    );
    return affectedRows === 1;
  }

  async factorOn(id: string, codes: readonly string[]): Promise<void> {
    await inTransaction(this.pool, async (connection) => {
      await connection.execute('UPDATE people SET second_factor_on = 1 WHERE id = ?', [id]);
      await replaceCodes(connection, id, codes);
    });
  }

  async factorOff(id: string): Promise<void> {
    await inTransaction(this.pool, async (connection) => {
      await connection.execute(
        'UPDATE people SET second_factor = NULL, second_factor_on = 0, second_factor_step = 0 WHERE id = ?',
        [id],
      );
      await replaceCodes(connection, id, []);
    });
  }

  /** Takes a code for when the second factor is lost, once. */
  async takeRecovery(id: string, code: string): Promise<boolean> {
    const [{ affectedRows }] = await this.pool.execute<ResultSetHeader>(
      'DELETE FROM recovery_codes WHERE person_id = ? AND code = ?',
      [id, code],
    );
    return affectedRows === 1;
  }

  /** The link by which a password is replaced; an older one is good no more. */
  async forgot(person: string, token: string, seconds: number): Promise<void> {
    await this.pool.execute(
      `INSERT INTO forgotten (person_id, token, until) VALUES (?, ?, UTC_TIMESTAMP(3) + INTERVAL ? SECOND)
       ON DUPLICATE KEY UPDATE token = VALUES(token), until = VALUES(until)`,
      [person, token, seconds],
    );
  }

  /** Whose link it is, while it is good. */
  async forgetter(token: string): Promise<Person | undefined> {
    return this.one('id = (SELECT person_id FROM forgotten WHERE token = ? AND until > UTC_TIMESTAMP(3))', token);
  }

  /** The new password, the link used up, all sessions ended: answers their ids; nothing where the link was used meanwhile. */
  async replacePassword(person: string, token: string, password: string): Promise<readonly string[] | undefined> {
    return inTransaction(this.pool, async (connection) => {
      const [{ affectedRows }] = await connection.execute<ResultSetHeader>(
        'DELETE FROM forgotten WHERE person_id = ? AND token = ?',
        [person, token],
      );
      if (affectedRows === 0) return undefined;
      await connection.execute('UPDATE people SET password = ? WHERE id = ?', [password, person]);
      const [rows] = await connection.query<RowDataPacket[]>('DELETE FROM sessions WHERE person_id = ? RETURNING id', [
        person,
      ]);
      return rows.map((row) => String(row['id']));
    });
  }

  private async one(where: string, value: string): Promise<Person | undefined> {
    const [[row]] = await this.pool.execute<RowDataPacket[]>(
      `SELECT id, email, name, password, second_factor, second_factor_on FROM people WHERE ${where}`,
      [value],
    );
    return (
      row && {
        id: String(row['id']),
        email: String(row['email']),
        name: String(row['name']),
        password: String(row['password']),
        secondFactor: (row['second_factor'] as string | null) ?? undefined,
        secondFactorOn: row['second_factor_on'] === 1,
      }
    );
  }
}

async function replaceCodes(connection: PoolConnection, person: string, codes: readonly string[]): Promise<void> {
  await connection.execute('DELETE FROM recovery_codes WHERE person_id = ?', [person]);
  if (codes.length > 0)
    await connection.query('INSERT INTO recovery_codes (person_id, code) VALUES ?', [
      codes.map((code) => [person, code]),
    ]);
}

/** A new person, in a transaction of who makes it. */
export async function addPerson(connection: PoolConnection, person: NewPerson): Promise<void> {
  await connection.execute(
    'INSERT INTO people (id, email, name, password, created_at) VALUES (?, ?, ?, ?, UTC_TIMESTAMP(3))',
    [person.id, asKept(person.email), person.name, person.password],
  );
}

/** Makes a person belong to a shop; one who does already keeps what they may do. */
export async function addMember(
  connection: PoolConnection,
  shop: ShopId,
  { person, role }: { readonly person: string; readonly role: Role },
): Promise<void> {
  await connection.execute(
    `INSERT INTO members (shop, person_id, role, since) VALUES (?, ?, ?, UTC_TIMESTAMP(3))
     ON DUPLICATE KEY UPDATE role = role`,
    [shop, person, role],
  );
}
