import { ChangeDetectionStrategy, Component, computed, DOCUMENT, inject, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import type { Invited, Problem } from '@zabble/contract';
import { tap } from 'rxjs';
import { Session } from '../device/session';
import { asking } from '../server-api/asking';
import { problemOf } from '../server-api/problem';
import { SessionApi } from '../server-api/session-api';
import { Says } from '../ui/says';
import { PeopleFrame } from './frame';
import { ROLE_DOES } from './roles';
import { SecretField } from './secret-field';
import { linkToken } from './link-token';

const text = (): FormControl<string> => new FormControl('', { nonNullable: true });

/** An invitation: which shop, as what; taken by somebody new with a password of their choice, or with the one they have. */
@Component({
  selector: 'z-join-page',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [PeopleFrame, ReactiveFormsModule, Says, SecretField],
  template: `<z-people-frame i18n-heading heading="You are invited">
    @if (invited(); as to) {
      <p class="max-w-prose text-lg">
        @if (to.shop) {
          <span i18n>To {{ to.shop }}, as {{ to.email }}.</span>
        } @else {
          <span i18n>To a shop, as {{ to.email }}.</span>
        }
      </p>
      <p class="max-w-prose">{{ does() }}</p>
      <form class="flex flex-col gap-4" [formGroup]="form" (ngSubmit)="join()">
        <input
          class="sr-only"
          type="email"
          autocomplete="username"
          tabindex="-1"
          aria-hidden="true"
          readonly
          [value]="to.email"
        />
        <label class="flex flex-col gap-1">
          <span i18n class="caption">Your name, as it stands beside what you do</span>
          <input class="write w-full" autocomplete="name" maxlength="60" [formControl]="name" />
        </label>
        <z-secret-field
          i18n-label
          label="A password of ten letters or more; the one you have, where you are with another shop already"
          [fresh]="true"
          [control]="password"
        />
        @if (wantsCode()) {
          <label class="flex flex-col gap-1">
            <span i18n class="caption">The code your second factor shows</span>
            <input class="write w-full tabular-nums" autocomplete="one-time-code" maxlength="40" [formControl]="code" />
          </label>
        }
        <z-says [text]="says()" />
        <button i18n type="submit" class="press press-main" [disabled]="waiting()">Join</button>
      </form>
    } @else if (says()) {
      <z-says [text]="says()" />
    } @else {
      <p i18n class="caption" role="status">Looking …</p>
    }
  </z-people-frame>`,
})
export class JoinPage {
  private readonly api = inject(SessionApi);
  private readonly session = inject(Session);
  private readonly token = linkToken(inject(DOCUMENT));
  protected readonly says = signal('');
  protected readonly waiting = signal(false);
  protected readonly wantsCode = signal(false);
  protected readonly invited = signal<Invited | undefined>(undefined);
  protected readonly does = computed(() => ROLE_DOES[this.invited()?.role ?? 'looker']);
  protected readonly name = text();
  protected readonly password = text();
  protected readonly code = text();
  protected readonly form = new FormGroup({ name: this.name, password: this.password, code: this.code });
  private readonly ask = asking(this.says);

  constructor() {
    this.ask(this.api.invited(this.token), (invited) => this.invited.set(invited));
  }

  protected join(): void {
    if (this.waiting()) return;
    this.waiting.set(true);
    const code = this.code.value.trim();
    const sent = { token: this.token, name: this.name.value, password: this.password.value };
    this.ask(
      this.api
        .join({ ...sent, ...(code === '' ? {} : { code }) })
        .pipe(tap({ error: (problem: unknown) => this.heard(problemOf(problem)) })),
      () => void this.session.changed('/jobs'),
      () => this.waiting.set(false),
    );
  }

  private heard(problem: Pick<Problem, 'said'> | undefined): void {
    if (problem?.said.code === 'second-factor-wanted') this.wantsCode.set(true);
  }
}
