import type { Invited, Join, SignIn } from '@zabble/contract';
import { said } from '@zabble/core';
import { randomUUID } from 'node:crypto';
import { refuse } from '../http/refusal';
import type { Attempts } from './attempts';
import type { CrewRepository } from './crew-repository';
import type { MailWriter } from './letters';
import { asKept, type PeopleRepository, type Person } from './people-repository';
import { assertGood, type Passwords } from './passwords';
import { plainCode, stepOf } from './second-factor';
import { fingerprint, newSecret } from '../http/secrets';
import type { Sessions } from './sessions';

/** So long the link of a forgotten password is good, in seconds. */
const FORGOTTEN = 3600;

/** From where somebody tries: every attempt counts for the account and for the address it comes from. */
export interface From {
  readonly address: string;
  readonly device: string;
}

export interface SignInParts {
  readonly people: PeopleRepository;
  readonly crew: CrewRepository;
  readonly sessions: Sessions;
  readonly passwords: Passwords;
  readonly attempts: Attempts;
  readonly letters: MailWriter;
  readonly clock?: () => number;
}

/** What somebody does who is not signed in yet. Nothing it answers, nor how long it takes, tells whether there is an account. */
export class SignInService {
  private readonly clock: () => number;

  constructor(private readonly parts: SignInParts) {
    this.clock = parts.clock ?? Date.now;
  }

  /** The secret of a new session. 401 where e-mail, password or code are not right, without saying which. */
  async signIn({ email, password, code }: SignIn, from: From): Promise<string> {
    await this.count(email, from);
    const { people, passwords, sessions } = this.parts;
    const person = await this.known(await people.byEmail(email), password, code);
    if (passwords.isWeaker(person.password)) await people.keepPassword(person.id, await passwords.kept(password));
    await this.parts.attempts.forget('account', email);
    return sessions.begin(person.id, from.device);
  }

  async invited(token: string, from: From): Promise<Invited> {
    await this.parts.attempts.count('address', from.address);
    const { shop, email, role } = await this.invitation(token);
    return { shop, email, role };
  }

  /** Takes an invitation and signs in: with a password of one’s own where the e-mail has an account, else with a new one. */
  async join({ token, name, password, code }: Join, from: From): Promise<string> {
    const { people, crew, passwords, sessions } = this.parts;
    await this.parts.attempts.count('address', from.address);
    const invitation = await this.invitation(token);
    await this.parts.attempts.count('account', invitation.email);
    const known = await people.byEmail(invitation.email);
    if (known) {
      await this.known(known, password, code);
      await this.taken(crew.join(invitation, known));
      return sessions.begin(known.id, from.device, invitation.shopId);
    }
    // It stands in records and letters: in one line.
    const called = name.replaceAll(/\p{C}+/gu, ' ').trim();
    if (called === '') throw refuse(422, said('name-wanted'));
    assertGood(password, [called, invitation.email]);
    const add = { id: randomUUID(), email: invitation.email, name: called, password: await passwords.kept(password) };
    await this.taken(crew.join(invitation, { id: add.id, name: called, add }));
    return sessions.begin(add.id, from.device, invitation.shopId);
  }

  /** A link goes to the e-mail, if it is somebody’s: the answer does not wait for that. */
  async forgot(email: string, from: From): Promise<void> {
    await this.parts.attempts.count('address', from.address);
    await this.parts.attempts.count('mail', email);
    this.sendForgotten(email).catch((problem: unknown) => this.parts.letters.failed(problem));
  }

  async newPassword(token: string, password: string, from: From): Promise<void> {
    const { people, passwords, sessions } = this.parts;
    await this.parts.attempts.count('address', from.address);
    const print = fingerprint(token);
    const person = await people.forgetter(print);
    if (!person) throw refuse(404, said('link-used'));
    assertGood(password, [person.name, person.email]);
    const ended = await people.replacePassword(person.id, print, await passwords.kept(password));
    if (!ended) throw refuse(404, said('link-used'));
    sessions.ended(ended);
    await this.parts.attempts.forget('account', person.email);
  }

  private async count(email: string, { address }: From): Promise<void> {
    await this.parts.attempts.count('address', address);
    await this.parts.attempts.count('account', email);
  }

  /** Password and, where it is on, second factor. Somebody who is nobody takes as long. */
  private async known(person: Person | undefined, password: string, code: string | undefined): Promise<Person> {
    if (!(await this.parts.passwords.isThis(password, person?.password)) || !person)
      throw refuse(401, said('not-signed-in-so'));
    if (!person.secondFactorOn) return person;
    if (code === undefined || code.trim() === '') throw refuse(401, said('second-factor-wanted'));
    if (!(await this.takes(person, code))) throw refuse(401, said('not-signed-in-so'));
    return person;
  }

  private async takes({ id, secondFactor = '' }: Person, code: string): Promise<boolean> {
    const { people } = this.parts;
    const step = stepOf(code, secondFactor, this.clock());
    if (step !== undefined) return people.takeStep(id, step);
    return people.takeRecovery(id, fingerprint(plainCode(code)));
  }

  private async invitation(token: string) {
    const found = await this.parts.crew.invited(fingerprint(token));
    if (!found) throw refuse(404, said('link-used'));
    return found;
  }

  private async taken(joined: Promise<boolean>): Promise<void> {
    if (!(await joined)) throw refuse(404, said('link-used'));
  }

  private async sendForgotten(email: string): Promise<void> {
    const { people, letters } = this.parts;
    const person = await people.byEmail(email);
    if (!person) return;
    const token = newSecret();
    await people.forgot(person.id, fingerprint(token), FORGOTTEN);
    await letters.forgotten(asKept(email), token);
  }
}
