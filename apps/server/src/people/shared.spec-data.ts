import type { Role } from '@zabble/contract';
import type { Express } from 'express';
import express from 'express';
import { randomUUID } from 'node:crypto';
import type { Pool } from 'mysql2/promise';
import request from 'supertest';
import { Mailbox } from '../mail/mailbox-repository';
import { appWith } from '../own-server.spec-data';
import type { ShopId } from '../whose/shop';
import { peopleOn, type People, type PeopleOptions } from './assembled';
import { CrewRepository } from './crew-repository';
import { fingerprint, newSecret } from '../http/secrets';

export const PASSWORD = 'sail cloth and wax';

export interface Shared {
  readonly app: Express;
  readonly people: People;
  readonly mailbox: Mailbox;
}

/** An application people sign in to, on a migrated pool; passwords are quickly reckoned. */
export function sharedOn(pool: Pool, database: string, options: Partial<PeopleOptions> = {}): Shared {
  const mailbox = new Mailbox(pool);
  const people = peopleOn({
    pool,
    database,
    mail: mailbox,
    address: 'https://zabble.example',
    failed: (problem) => {
      throw problem;
    },
    strength: { work: 4, block: 8, lanes: 1 },
    limits: {
      account: { points: 10_000, duration: 60 },
      address: { points: 10_000, duration: 60 },
      mail: { points: 10_000, duration: 60 },
      upload: { points: 10_000, duration: 60 },
    },
    ...options,
  });
  const app = express();
  app.use((asked, _response, next) => {
    asked.headers['x-zabble'] ??= '1';
    next();
  });
  return { app: app.use(appWith(pool, { people })), people, mailbox };
}

export async function newShop(pool: Pool, name: string): Promise<ShopId> {
  const id = randomUUID() as ShopId;
  await new CrewRepository(pool).nameShop(id, name);
  return id;
}

/** The secret of an invitation to a shop, as the command makes it for its first owner. */
export async function invitation(pool: Pool, shop: ShopId, email: string, role: Role): Promise<string> {
  const token = newSecret();
  const made = { id: randomUUID(), token: fingerprint(token), email, role, seconds: 3600 };
  await new CrewRepository(pool).invite(shop, made, { id: null, name: '' });
  return token;
}

export const cookieOf = (answer: { headers: Record<string, unknown> }): string =>
  String((answer.headers['set-cookie'] as unknown as readonly string[])[0]).split(';')[0] ?? '';

/** A new person of a shop, signed in: the cookie of their browser. */
export async function person(
  { app }: Shared,
  pool: Pool,
  { shop, role, email, name = email.split('@')[0] ?? '' }: { shop: ShopId; role: Role; email: string; name?: string },
): Promise<string> {
  const token = await invitation(pool, shop, email, role);
  const answer = await request(app).post('/api/session/join').send({ token, name, password: PASSWORD }).expect(204);
  return cookieOf(answer);
}
