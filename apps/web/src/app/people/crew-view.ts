import { ChangeDetectionStrategy, Component, inject, LOCALE_ID, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import type { Crew, Invitation, Member, Role } from '@zabble/contract';
import { Session } from '../device/session';
import { asking } from '../server-api/asking';
import { SessionApi } from '../server-api/session-api';
import { Says } from '../ui/says';
import { ShopFileView } from './shop-file-view';
import { ROLE_DOES, ROLE_NAMES, roleName } from './roles';

/** The people of the shop, for its owners: who belongs to it, as what, and who is invited. */
@Component({
  selector: 'z-crew-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, Says, ShopFileView],
  templateUrl: './crew-view.html',
  host: { class: 'flex flex-col gap-6' },
})
export class CrewView {
  private readonly api = inject(SessionApi);
  protected readonly own = inject(Session).person;
  private readonly day = new Intl.DateTimeFormat(inject(LOCALE_ID), { dateStyle: 'medium' });
  protected readonly roles = ROLE_NAMES;
  protected readonly roleName = roleName;
  protected readonly says = signal('');
  protected readonly crew = signal<Crew | undefined>(undefined);
  /** Of the invitation that was just made: its link where no mail server sends it. */
  protected readonly made = signal<{ readonly email: string; readonly link?: string } | undefined>(undefined);
  protected readonly email = new FormControl('', { nonNullable: true });
  protected readonly role = new FormControl<Role>('maker', { nonNullable: true });
  protected readonly form = new FormGroup({ email: this.email, role: this.role });
  private readonly ask = asking(this.says);

  constructor() {
    this.look();
  }

  protected does(): string {
    return ROLE_DOES[this.role.value];
  }

  protected invite(): void {
    const sent = { email: this.email.value.trim(), role: this.role.value };
    this.made.set(undefined);
    this.ask(this.api.invite(sent), ({ link, ...crew }) => {
      this.crew.set(crew);
      this.made.set({ email: sent.email, ...(link === undefined ? {} : { link }) });
      this.email.reset();
    });
  }

  protected withdraw({ id }: Invitation): void {
    this.change(this.api.withdraw(id));
  }

  protected changeRole({ id }: Member, role: string): void {
    this.change(this.api.changeRole(id, role as Role));
  }

  protected remove({ id }: Member): void {
    this.change(this.api.remove(id));
  }

  protected on(moment: string): string {
    return this.day.format(new Date(moment));
  }

  private change(answer: ReturnType<SessionApi['crew']>): void {
    this.ask(
      answer,
      (crew) => this.crew.set(crew),
      () => this.look(),
    );
  }

  /** What stands there by now; what was said of a change that failed stays. */
  private look(): void {
    const said = this.says();
    this.ask(this.api.crew(), (crew) => {
      // A choice that was refused is shown as it stands again.
      this.crew.set({ ...crew, members: crew.members.map((member) => ({ ...member })) });
      this.says.set(said);
    });
  }
}
