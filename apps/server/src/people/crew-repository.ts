import type { AuditPage, Crew, Invited, Role } from '@zabble/contract';
import type { Pool, PoolConnection, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { inTransaction, RolledBack } from '../db/transaction';
import type { ShopId } from '../whose/shop';
import { addMember, addPerson, type NewPerson } from './people-repository';

/** What a row of the audit says. */
export interface Audited {
  readonly person: { readonly id: string | null; readonly name: string };
  readonly what: string;
  readonly of?: string;
}

/** Who does it; nobody on a device of one’s own. */
type By = Audited['person'];

export interface NewInvitation {
  readonly id: string;
  readonly token: string;
  readonly email: string;
  readonly role: Role;
  readonly seconds: number;
}

/** Rows of the audit shown at once. */
const PAGE = 50;

/** The tables members, invitations and audit; what changes people is in the audit in the same transaction. */
export class CrewRepository {
  constructor(private readonly pool: Pool) {}

  /** What a shop is called; one that there is not yet is made. */
  async nameShop(shop: ShopId, name: string): Promise<void> {
    await this.pool.execute(
      `INSERT INTO shops (id, name, created_at) VALUES (?, ?, UTC_TIMESTAMP(3))
       ON DUPLICATE KEY UPDATE name = VALUES(name)`,
      [shop, name],
    );
  }

  async crew(shop: ShopId): Promise<Crew> {
    const [members] = await this.pool.execute<RowDataPacket[]>(
      `SELECT people.id, people.name, people.email, people.second_factor_on, members.role, members.since
       FROM members JOIN people ON people.id = members.person_id WHERE members.shop = ? ORDER BY members.since, people.id`,
      [shop],
    );
    const [invitations] = await this.pool.execute<RowDataPacket[]>(
      `SELECT id, email, role, invited_by, until FROM invitations
       WHERE shop = ? AND until > UTC_TIMESTAMP(3) ORDER BY until, id`,
      [shop],
    );
    return {
      members: members.map((row) => ({
        id: String(row['id']),
        name: String(row['name']),
        email: String(row['email']),
        role: row['role'] as Role,
        since: (row['since'] as Date).toISOString(),
        secondFactor: row['second_factor_on'] === 1,
      })),
      invitations: invitations.map((row) => ({
        id: String(row['id']),
        email: String(row['email']),
        role: row['role'] as Role,
        by: String(row['invited_by']),
        until: (row['until'] as Date).toISOString(),
      })),
    };
  }

  async invite(shop: ShopId, invitation: NewInvitation, by: By): Promise<void> {
    await inTransaction(this.pool, async (connection) => {
      // A newer one is in place of what was sent to the same address before.
      await connection.execute('DELETE FROM invitations WHERE shop = ? AND email = ?', [shop, invitation.email]);
      await connection.execute(
        `INSERT INTO invitations (shop, id, token, email, role, invited_by, until)
         VALUES (?, ?, ?, ?, ?, ?, UTC_TIMESTAMP(3) + INTERVAL ? SECOND)`,
        [shop, invitation.id, invitation.token, invitation.email, invitation.role, by.name, invitation.seconds],
      );
      await addAudit(connection, shop, { person: by, what: 'crew/invited', of: invitation.email });
    });
  }

  /** What an invitation says, by its token, while it is good. */
  async invited(token: string): Promise<(Invited & { readonly id: string; readonly shopId: ShopId }) | undefined> {
    const [[row]] = await this.pool.execute<RowDataPacket[]>(
      `SELECT i.id, i.shop, i.email, i.role, shops.name FROM invitations i JOIN shops ON shops.id = i.shop
       WHERE i.token = ? AND i.until > UTC_TIMESTAMP(3)`,
      [token],
    );
    return (
      row && {
        id: String(row['id']),
        shopId: String(row['shop']) as ShopId,
        shop: String(row['name']),
        email: String(row['email']),
        role: row['role'] as Role,
      }
    );
  }

  /** Takes an invitation, once: the person (made where there was none) belongs to the shop. False where it was taken meanwhile. */
  async join(
    { id, shopId, role }: { readonly id: string; readonly shopId: ShopId; readonly role: Role },
    person: { readonly id: string; readonly name: string; readonly add?: NewPerson },
  ): Promise<boolean> {
    return inTransaction(this.pool, async (connection) => {
      const [{ affectedRows }] = await connection.execute<ResultSetHeader>(
        'DELETE FROM invitations WHERE shop = ? AND id = ?',
        [shopId, id],
      );
      if (affectedRows === 0) return false;
      if (person.add) await addPerson(connection, person.add);
      await addMember(connection, shopId, { person: person.id, role });
      await addAudit(connection, shopId, { person, what: 'crew/joined' });
      return true;
    });
  }

  /** False where there is none. */
  async withdraw(shop: ShopId, id: string, by: By): Promise<boolean> {
    return inTransaction(this.pool, async (connection) => {
      const [rows] = await connection.query<RowDataPacket[]>(
        'DELETE FROM invitations WHERE shop = ? AND id = ? RETURNING email',
        [shop, id],
      );
      if (!rows[0]) return false;
      await addAudit(connection, shop, { person: by, what: 'crew/withdrawn', of: String(rows[0]['email']) });
      return true;
    });
  }

  /** What a member may do from now on; nothing: they belong to it no more. A shop keeps an owner. */
  async change(
    shop: ShopId,
    { member, role }: { readonly member: string; readonly role: Role | undefined },
    by: By,
  ): Promise<'done' | 'unknown' | 'last-owner'> {
    return inTransaction(this.pool, async (connection) => {
      // Two owners who demote each other at once must not both succeed, on whatever node of the database they do.
      await connection.execute('UPDATE shops SET crew_revision = crew_revision + 1 WHERE id = ?', [shop]);
      const [rows] = await connection.execute<RowDataPacket[]>(
        `SELECT members.person_id, members.role, people.name FROM members JOIN people ON people.id = members.person_id
         WHERE members.shop = ?`,
        [shop],
      );
      const found = rows.find((row) => row['person_id'] === member);
      if (!found) return 'unknown';
      const owners = rows.filter((row) => row['role'] === 'owner');
      if (role !== 'owner' && owners.length === 1 && owners[0]?.['person_id'] === member)
        throw new RolledBack<'last-owner'>('last-owner');
      if (role === undefined)
        await connection.execute('DELETE FROM members WHERE shop = ? AND person_id = ?', [shop, member]);
      else
        await connection.execute('UPDATE members SET role = ? WHERE shop = ? AND person_id = ?', [role, shop, member]);
      const what = role === undefined ? 'crew/removed' : `crew/now-${role}`;
      await addAudit(connection, shop, { person: by, what, of: String(found['name']) });
      return 'done';
    });
  }

  /** Deleted, or not after all. */
  async setDeleted(shop: ShopId, deleted: boolean, by: By): Promise<void> {
    await inTransaction(this.pool, async (connection) => {
      const when = deleted ? 'COALESCE(deleted_at, UTC_TIMESTAMP(3))' : 'NULL';
      await connection.execute(`UPDATE shops SET deleted_at = ${when} WHERE id = ?`, [shop]);
      await addAudit(connection, shop, { person: by, what: deleted ? 'shop/deleted' : 'shop/restored' });
    });
  }

  async audit(shop: ShopId, before: number | undefined): Promise<AuditPage> {
    const [rows] = await this.pool.query<RowDataPacket[]>(
      `SELECT id, at, person, what, of FROM audit WHERE shop = ? AND id < ? ORDER BY id DESC LIMIT ${PAGE + 1}`,
      [shop, before ?? Number.MAX_SAFE_INTEGER],
    );
    const shown = rows.slice(0, PAGE).map((row) => ({
      id: Number(row['id']),
      at: (row['at'] as Date).toISOString(),
      by: String(row['person']),
      what: String(row['what']),
      of: String(row['of']),
    }));
    const last = shown.at(-1);
    return { rows: shown, ...(rows.length > PAGE && last ? { next: last.id } : {}) };
  }

  /** What was done otherwise than by changing people. */
  async audited(shop: ShopId, row: Audited): Promise<void> {
    await addAudit(this.pool, shop, row);
  }
}

async function addAudit(on: PoolConnection | Pool, shop: ShopId, { person, what, of = '' }: Audited): Promise<void> {
  await on.execute(
    'INSERT INTO audit (shop, at, person_id, person, what, of) VALUES (?, UTC_TIMESTAMP(3), ?, ?, ?, ?)',
    [shop, person.id, person.name, what, of.slice(0, 254)],
  );
}
