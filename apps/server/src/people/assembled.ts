import type { Pool } from 'mysql2/promise';
import type { Mail } from '../mail/mail';
import { AccountService } from './account-service';
import { Attempts, LIMITS, type AttemptLimits } from './attempts';
import { CrewRepository } from './crew-repository';
import { CrewService } from './crew-service';
import { MailWriter } from './letters';
import { Passwords, STRENGTH, type Strength } from './passwords';
import { PeopleRepository } from './people-repository';
import { SessionRepository } from './session-repository';
import { Sessions } from './sessions';
import { SignInService } from './sign-in-service';

export interface PeopleOptions {
  readonly pool: Pool;
  /** The name of the pool’s database. */
  readonly database: string;
  readonly mail: Mail;
  /** Where people call this server. */
  readonly address: string;
  readonly failed: (problem: unknown) => void;
  readonly strength?: Strength;
  readonly limits?: AttemptLimits;
  readonly clock?: () => number;
}

/** Everything about people, on one pool. */
export type People = ReturnType<typeof peopleOn>;

export function peopleOn(options: PeopleOptions) {
  const { pool, database, mail, address, failed, strength = STRENGTH, limits = LIMITS, clock = Date.now } = options;
  const [people, crew, rows] = [new PeopleRepository(pool), new CrewRepository(pool), new SessionRepository(pool)];
  const sessions = new Sessions(rows, people, clock);
  const parts = {
    ...{ people, crew, sessions, clock },
    passwords: new Passwords(strength),
    attempts: new Attempts(pool, database, limits),
    letters: new MailWriter(mail, address, failed),
  };
  const account = new AccountService(parts);
  return {
    ...{ sessions, rows, failed, mail },
    attempts: parts.attempts,
    crewRows: crew,
    signIn: new SignInService(parts),
    account,
    crew: new CrewService({ ...parts, account }),
  };
}
