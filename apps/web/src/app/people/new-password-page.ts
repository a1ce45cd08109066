import { ChangeDetectionStrategy, Component, DOCUMENT, inject, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { asking } from '../server-api/asking';
import { SessionApi } from '../server-api/session-api';
import { Says } from '../ui/says';
import { PeopleFrame } from './frame';
import { linkToken } from './link-token';
import { SecretField } from './secret-field';

/** A new password in place of one that was forgotten, by the link that was sent. */
@Component({
  selector: 'z-new-password-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [PeopleFrame, ReactiveFormsModule, RouterLink, Says, SecretField],
  template: `<z-people-frame i18n-heading heading="A new password">
    @if (done()) {
      <p i18n class="max-w-prose" role="status">It is changed. Whoever was signed in as you is signed out.</p>
      <p><a i18n class="press press-main" routerLink="/sign-in">Sign in</a></p>
    } @else {
      <form class="flex flex-col gap-4" [formGroup]="form" (ngSubmit)="change()">
        <z-secret-field
          i18n-label
          label="The new password, of ten letters or more"
          [fresh]="true"
          [control]="password"
        />
        <z-says [text]="says()" />
        <button i18n type="submit" class="press press-main">Change it</button>
      </form>
    }
  </z-people-frame>`,
})
export class NewPasswordPage {
  private readonly api = inject(SessionApi);
  private readonly token = linkToken(inject(DOCUMENT));
  protected readonly says = signal('');
  protected readonly done = signal(false);
  protected readonly password = new FormControl('', { nonNullable: true });
  protected readonly form = new FormGroup({ password: this.password });
  private readonly ask = asking(this.says);

  protected change(): void {
    this.ask(this.api.newPassword(this.token, this.password.value), () => this.done.set(true));
  }
}
