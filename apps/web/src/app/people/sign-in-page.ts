import { ChangeDetectionStrategy, Component, DOCUMENT, inject, input, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import type { Problem } from '@zabble/contract';
import { tap } from 'rxjs';
import { Session } from '../device/session';
import { asking } from '../server-api/asking';
import { problemOf } from '../server-api/problem';
import { SessionApi } from '../server-api/session-api';
import { Says } from '../ui/says';
import { PeopleFrame } from './frame';
import { ownPath } from './own-path';
import { SecretField } from './secret-field';

const text = (): FormControl<string> => new FormControl('', { nonNullable: true });

/** Where people sign in: e-mail and password, and a code where they have a second factor. */
@Component({
  selector: 'z-sign-in-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [PeopleFrame, ReactiveFormsModule, RouterLink, Says, SecretField],
  template: `<z-people-frame i18n-heading heading="Sign in">
    <form class="flex flex-col gap-4" [formGroup]="form" (ngSubmit)="signIn()">
      <label class="flex flex-col gap-1">
        <span i18n class="caption">E-mail</span>
        <input class="write w-full" type="email" autocomplete="username" maxlength="254" [formControl]="email" />
      </label>
      <z-secret-field i18n-label label="Password" [control]="password" />
      @if (wantsCode()) {
        <label class="flex flex-col gap-1">
          <span i18n class="caption">The code your second factor shows, or one of those for when it is lost</span>
          <input
            class="write w-full tracking-wider tabular-nums"
            autocomplete="one-time-code"
            inputmode="text"
            maxlength="40"
            [formControl]="code"
          />
        </label>
      }
      @if (!secure) {
        <p i18n class="max-w-prose font-medium text-ochre" role="alert">
          This page is not reached over TLS: the browser will not keep that you are signed in. Ask whoever operates this
          Zabble for its address with https.
        </p>
      }
      <z-says [text]="says()" />
      <button i18n type="submit" class="press press-main" [disabled]="waiting()">Sign in</button>
    </form>
    <p><a i18n class="underline" routerLink="/forgotten">The password is forgotten</a></p>
    <p i18n class="caption max-w-prose">
      Whoever is new comes by the link of an invitation: an owner of the shop makes one. What this device kept for
      somebody who was signed out is still here, and shown to nobody but them.
    </p>
  </z-people-frame>`,
})
export class SignInPage {
  /** Where it was on its way to. */
  readonly to = input<string>();
  private readonly api = inject(SessionApi);
  private readonly session = inject(Session);
  /** A browser keeps the session only of a page it calls secure. */
  protected readonly secure = inject(DOCUMENT).defaultView?.isSecureContext !== false;
  protected readonly says = signal('');
  protected readonly waiting = signal(false);
  protected readonly wantsCode = signal(false);
  protected readonly email = text();
  protected readonly password = text();
  protected readonly code = text();
  protected readonly form = new FormGroup({ email: this.email, password: this.password, code: this.code });
  private readonly ask = asking(this.says);

  protected signIn(): void {
    if (this.waiting()) return;
    this.waiting.set(true);
    const code = this.code.value.trim();
    const sent = { email: this.email.value, password: this.password.value, ...(code === '' ? {} : { code }) };
    this.ask(
      this.api.signIn(sent).pipe(tap({ error: (problem: unknown) => this.heard(problemOf(problem)) })),
      () => void this.session.changed(ownPath(this.to())),
      () => this.waiting.set(false),
    );
  }

  private heard(problem: Pick<Problem, 'said'> | undefined): void {
    if (problem?.said.code === 'second-factor-wanted') this.wantsCode.set(true);
  }
}
