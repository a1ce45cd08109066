import { SHOP_DELETED_FOR_DAYS, type SignedIn } from '@zabble/contract';
import { said } from '@zabble/core';
import type { Request, Response } from 'express';
import { randomUUID } from 'node:crypto';
import { refuse } from '../http/refusal';
import { UnderWay } from '../http/under-way';
import type { Asking } from '../whose/decide';
import { sessionOf } from './cookie';
import type { PeopleRepository } from './people-repository';
import { fingerprint, newSecret } from '../http/secrets';
import type { Session, SessionRepository } from './session-repository';

/** A session that is used is written down as seen so often, in milliseconds. */
const SEEN_EVERY = 15 * 60_000;
/** What takes long is looked at again so often, whether its session is still good: another server may have ended it. */
const LOOK_AGAIN = 15_000;

/** How many days a deleted shop can still be brought back. */
const daysLeft = (deletedAt: Date, now: number): number =>
  Math.max(0, Math.ceil(SHOP_DELETED_FOR_DAYS - (now - deletedAt.getTime()) / 86_400_000));

/** Who is signed in where. */
export class Sessions {
  readonly #underWay = new UnderWay();

  constructor(
    private readonly sessions: SessionRepository,
    private readonly people: PeopleRepository,
    private readonly clock: () => number = Date.now,
  ) {}

  /** Who asks, and in which shop; refuses who is not signed in (401), or belongs to no shop (403). */
  async asking(request: Request, response: Response): Promise<Asking> {
    const { session, token } = await this.signedIn(request);
    if (!session.at) throw refuse(403, said('no-shop'));
    if (session.deletedAt) throw refuse(403, said('shop-deleted', { days: daysLeft(session.deletedAt, this.clock()) }));
    this.watch(session, token, response);
    return { ...session.at, person: session.person };
  }

  /** The session of a request; refuses where there is none that is good. */
  async signedIn(request: Request): Promise<{ readonly session: Session; readonly token: string }> {
    const found = await this.found(request);
    if (!found) throw refuse(401, said('not-signed-in'));
    return found;
  }

  async found(request: Request): Promise<{ readonly session: Session; readonly token: string } | undefined> {
    const secret = sessionOf(request);
    if (secret === undefined) return undefined;
    const token = fingerprint(secret);
    const session = await this.sessions.find(token);
    if (!session) return undefined;
    // It is no reason to answer later, or not at all.
    if (session.seenAt + SEEN_EVERY < this.clock()) void this.sessions.seen(token).catch(() => undefined);
    return { session, token };
  }

  /** A new session for a person, looking at this shop, or at the first of theirs. Answers its secret. */
  async begin(person: string, device: string, shop?: string): Promise<string> {
    const secret = newSecret();
    const shops = await this.people.shopsOf(person);
    const at = shops.find(({ id }) => id === shop) ?? shops[0];
    await this.sessions.add({ token: fingerprint(secret), id: randomUUID(), person, shop: at?.id ?? null, device });
    return secret;
  }

  async end(person: string, id: string): Promise<void> {
    if (!(await this.sessions.end(person, id))) throw refuse(404, said('no-session'));
    this.#underWay.end(id);
  }

  async endOthers(person: string, but: string): Promise<void> {
    this.ended(await this.sessions.endOthers(person, but));
  }

  ended(ids: readonly string[]): void {
    for (const id of ids) this.#underWay.end(id);
  }

  async lookAt(token: string, shop: string): Promise<void> {
    // No shop of theirs, or none at all, is the same to them.
    if (!(await this.sessions.lookAt(token, shop))) throw refuse(404, said('no-such-shop'));
  }

  /** What the page is told of who is signed in. */
  async told({ person, at, secondFactor, deletedAt }: Session): Promise<SignedIn> {
    const shops = await this.people.shopsOf(person.id);
    const shop = at && shops.find(({ id }) => id === at.shop);
    const days = deletedAt ? { deletedFor: daysLeft(deletedAt, this.clock()) } : {};
    return { ...person, secondFactor, shops, ...(shop ? { shop } : {}), ...days };
  }

  /** Ends what is being answered when the session ends, here or on another server, its person loses the shop, or it is deleted. */
  private watch({ id, at }: Session, token: string, response: Response): void {
    const end = (): void => void response.destroy();
    const done = this.#underWay.add(id, end);
    const look = setInterval(() => {
      this.sessions.find(token).then(
        (now) => {
          if (now?.at?.shop !== at?.shop || now?.at?.role !== at?.role || now?.deletedAt) end();
        },
        // A database that is away says nothing about it.
        () => undefined,
      );
    }, LOOK_AGAIN).unref();
    response.once('close', () => {
      clearInterval(look);
      done();
    });
  }
}
