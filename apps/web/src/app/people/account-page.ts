import { ChangeDetectionStrategy, Component, inject, LOCALE_ID, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import type { SessionRow } from '@zabble/contract';
import { Session } from '../device/session';
import { asking } from '../server-api/asking';
import { SessionApi } from '../server-api/session-api';
import { Says } from '../ui/says';
import { PeopleFrame } from './frame';
import { roleName } from './roles';
import { SecondFactor } from './second-factor';
import { SecretField } from './secret-field';

const DEVICES: Readonly<Record<string, string>> = {
  Phone: $localize`phone`,
  Tablet: $localize`tablet`,
  Computer: $localize`computer`,
};

const text = (): FormControl<string> => new FormControl('', { nonNullable: true });

/** A person’s own account: which shop this device looks at, the password, the second factor, where they are signed in. */
@Component({
  selector: 'z-account-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [PeopleFrame, ReactiveFormsModule, RouterLink, Says, SecondFactor, SecretField],
  templateUrl: './account-page.html',
})
export class AccountPage {
  private readonly api = inject(SessionApi);
  protected readonly session = inject(Session);
  private readonly moment = new Intl.DateTimeFormat(inject(LOCALE_ID), { dateStyle: 'medium', timeStyle: 'short' });
  protected readonly roleName = roleName;
  protected readonly says = signal('');
  protected readonly passwordSays = signal('');
  protected readonly changed = signal(false);
  protected readonly rows = signal<readonly SessionRow[]>([]);
  protected readonly was = text();
  protected readonly password = text();
  protected readonly form = new FormGroup({ was: this.was, password: this.password });
  private readonly ask = asking(this.says);
  private readonly askPassword = asking(this.passwordSays);

  constructor() {
    this.look();
  }

  protected choose(shop: string): void {
    this.ask(this.api.lookAt(shop), () => void this.session.changed('/jobs'));
  }

  protected restore(): void {
    this.ask(this.api.restoreShop(), () => void this.session.changed('/jobs'));
  }

  protected signOut(): void {
    this.ask(this.api.signOut(), () => void this.session.changed('/sign-in'));
  }

  protected end({ id }: SessionRow): void {
    this.ask(
      this.api.endSession(id),
      (rows) => this.rows.set(rows),
      () => this.look(),
    );
  }

  protected change(): void {
    this.changed.set(false);
    this.askPassword(this.api.changePassword({ was: this.was.value, password: this.password.value }), () => {
      this.changed.set(true);
      this.form.reset();
      this.look();
    });
  }

  protected kind({ device }: SessionRow): string {
    return DEVICES[device] ?? device;
  }

  protected at(moment: string): string {
    return this.moment.format(new Date(moment));
  }

  private look(): void {
    this.ask(this.api.sessions(), (rows) => this.rows.set(rows));
  }
}
