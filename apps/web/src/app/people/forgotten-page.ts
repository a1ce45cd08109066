import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { asking } from '../server-api/asking';
import { SessionApi } from '../server-api/session-api';
import { Says } from '../ui/says';
import { PeopleFrame } from './frame';

/** A link for a new password is asked for: what is said is the same whether or not the e-mail is anybody’s. */
@Component({
  selector: 'z-forgotten-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [PeopleFrame, ReactiveFormsModule, RouterLink, Says],
  template: `<z-people-frame i18n-heading heading="A new password">
    @if (sent()) {
      <p i18n class="max-w-prose" role="status">
        If that is the e-mail of somebody here, a link is on its way to it. It is good for one hour, once.
      </p>
    } @else {
      <form class="flex flex-col gap-4" [formGroup]="form" (ngSubmit)="send()">
        <label class="flex flex-col gap-1">
          <span i18n class="caption">Your e-mail: a link to choose a new password goes there</span>
          <input class="write w-full" type="email" autocomplete="username" maxlength="254" [formControl]="email" />
        </label>
        <z-says [text]="says()" />
        <button i18n type="submit" class="press press-main">Send the link</button>
      </form>
    }
    <p><a i18n class="underline" routerLink="/sign-in">Back to signing in</a></p>
  </z-people-frame>`,
})
export class ForgottenPage {
  private readonly api = inject(SessionApi);
  protected readonly says = signal('');
  protected readonly sent = signal(false);
  protected readonly email = new FormControl('', { nonNullable: true });
  protected readonly form = new FormGroup({ email: this.email });
  private readonly ask = asking(this.says);

  protected send(): void {
    this.ask(this.api.forgotten(this.email.value), () => this.sent.set(true));
  }
}
