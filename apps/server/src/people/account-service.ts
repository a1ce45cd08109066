import type { RecoveryCodes, SecondFactorBegun } from '@zabble/contract';
import { said } from '@zabble/core';
import { outlineOf } from '../http/outline';
import { refuse } from '../http/refusal';
import type { Attempts } from './attempts';
import type { PeopleRepository, Person } from './people-repository';
import { assertGood, type Passwords } from './passwords';
import { addressOfFactor, newRecoveryCodes, newSecondFactor, plainCode, stepOf } from './second-factor';
import { fingerprint } from '../http/secrets';
import type { Session } from './session-repository';
import type { Sessions } from './sessions';

export interface AccountParts {
  readonly people: PeopleRepository;
  readonly sessions: Sessions;
  readonly passwords: Passwords;
  readonly attempts: Attempts;
  readonly clock?: () => number;
}

/** What a person does to their own account. */
export class AccountService {
  private readonly clock: () => number;

  constructor(private readonly parts: AccountParts) {
    this.clock = parts.clock ?? Date.now;
  }

  /** All other sessions end: who knew the old one is out. */
  async changePassword({ id, person }: Session, was: string, password: string): Promise<void> {
    const found = await this.assertPassword(person.id, was);
    assertGood(password, [found.name, found.email]);
    await this.parts.people.keepPassword(found.id, await this.parts.passwords.kept(password));
    await this.parts.sessions.endOthers(found.id, id);
  }

  async beginFactor({ person }: Session, password: string): Promise<SecondFactorBegun> {
    const found = await this.assertPassword(person.id, password);
    if (found.secondFactorOn) throw refuse(409, said('second-factor-on'));
    const secret = newSecondFactor();
    await this.parts.people.beginFactor(found.id, secret);
    return { secret, ...outlineOf(addressOfFactor(secret, found.email)) };
  }

  /** On from now, with codes for when it is lost. */
  async factorOn({ person }: Session, code: string): Promise<RecoveryCodes> {
    await this.parts.attempts.count('account', person.email);
    const found = await this.person(person.id);
    if (found.secondFactorOn) throw refuse(409, said('second-factor-on'));
    const step = found.secondFactor === undefined ? undefined : stepOf(code, found.secondFactor, this.clock());
    if (step === undefined || !(await this.parts.people.takeStep(found.id, step)))
      throw refuse(422, said('second-factor-wrong'));
    const codes = newRecoveryCodes();
    await this.parts.people.factorOn(
      found.id,
      codes.map((each) => fingerprint(plainCode(each))),
    );
    return { codes };
  }

  async factorOff({ person }: Session, password: string): Promise<void> {
    await this.assertPassword(person.id, password);
    await this.parts.people.factorOff(person.id);
  }

  /** Only who knows the password deletes a shop. */
  async assertKnows(id: string, password: string): Promise<void> {
    await this.assertPassword(id, password);
  }

  private async assertPassword(id: string, password: string): Promise<Person> {
    const found = await this.person(id);
    await this.parts.attempts.count('account', found.email);
    if (!(await this.parts.passwords.isThis(password, found.password))) throw refuse(422, said('password/wrong'));
    await this.parts.attempts.forget('account', found.email);
    return found;
  }

  private async person(id: string): Promise<Person> {
    const found = await this.parts.people.byId(id);
    if (!found) throw refuse(401, said('not-signed-in'));
    return found;
  }
}
