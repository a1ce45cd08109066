import type { AuditPage, Crew, Invitation, InvitationMade, Invite, Role } from '@zabble/contract';
import { said } from '@zabble/core';
import { randomUUID } from 'node:crypto';
import { refuse } from '../http/refusal';
import type { Asking } from '../whose/decide';
import type { AccountService } from './account-service';
import type { Attempts } from './attempts';
import type { Audited, CrewRepository } from './crew-repository';
import type { MailWriter } from './letters';
import { asKept, type PeopleRepository } from './people-repository';
import { fingerprint, newSecret } from '../http/secrets';
import type { Session } from './session-repository';

/** An invitation is good for so long, in seconds: a week. */
const INVITED = 7 * 24 * 3600;
/** A shop has no more people, and no more are invited at once. */
const MOST = 200;

export interface CrewParts {
  readonly crew: CrewRepository;
  readonly people: PeopleRepository;
  readonly attempts: Attempts;
  readonly letters: MailWriter;
  readonly account: AccountService;
}

/** On a device of one’s own nobody is asked who they are. */
const NOBODY: Audited['person'] = { id: null, name: '' };

/** The people of a shop, as its owners see and change them. */
export class CrewService {
  constructor(private readonly parts: CrewParts) {}

  read({ shop }: Asking): Promise<Crew> {
    return this.parts.crew.crew(shop);
  }

  /** The link goes by mail alone; where there is no mail server, to who invites. */
  async invite({ shop, person }: Asking, { email, role }: Invite): Promise<InvitationMade> {
    const { crew, letters } = this.parts;
    const { members, invitations } = await crew.crew(shop);
    const to = asKept(email);
    if (members.some((each) => each.email === to)) throw refuse(409, said('crew/is-member', { email: to }));
    if (members.length + invitations.length >= MOST) throw refuse(409, said('crew/full', { most: MOST }));
    if (letters.real) await this.parts.attempts.count('mail', to);
    const token = newSecret();
    await crew.invite(
      shop,
      { id: randomUUID(), token: fingerprint(token), email: to, role, seconds: INVITED },
      person ?? NOBODY,
    );
    await letters.invited(to, token, { by: person?.name ?? '', shop: await this.nameOf(shop, person?.id) });
    return { ...(await crew.crew(shop)), ...(letters.real ? {} : { link: letters.invitationLink(token) }) };
  }

  async withdraw({ shop, person }: Asking, id: Invitation['id']): Promise<Crew> {
    if (!(await this.parts.crew.withdraw(shop, id, person ?? NOBODY))) throw refuse(404, said('crew/no-invitation'));
    return this.parts.crew.crew(shop);
  }

  /** What a member may do from now on; nothing: they belong to the shop no more. What they see is theirs no more at once. */
  async change({ shop, person }: Asking, member: string, role: Role | undefined): Promise<Crew> {
    const outcome = await this.parts.crew.change(shop, { member, role }, person ?? NOBODY);
    if (outcome === 'unknown') throw refuse(404, said('crew/no-member'));
    if (outcome === 'last-owner') throw refuse(409, said('crew/last-owner'));
    return this.parts.crew.crew(shop);
  }

  /** Nobody gets at it from now on; an owner brings it back until it is erased. */
  async delete({ shop, person }: Asking, password: string): Promise<void> {
    if (person) await this.parts.account.assertKnows(person.id, password);
    await this.parts.crew.setDeleted(shop, true, person ?? NOBODY);
  }

  async restore({ at, person }: Session): Promise<void> {
    if (at?.role !== 'owner') throw refuse(403, said('not-your-role'));
    await this.parts.crew.setDeleted(at.shop, false, person);
  }

  audit({ shop }: Asking, before: number | undefined): Promise<AuditPage> {
    return this.parts.crew.audit(shop, before);
  }

  private async nameOf(shop: string, person: string | undefined): Promise<string> {
    const shops = person === undefined ? [] : await this.parts.people.shopsOf(person);
    return shops.find(({ id }) => id === shop)?.name ?? '';
  }
}
