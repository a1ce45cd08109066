import { ChangeDetectionStrategy, Component, inject, input, linkedSignal, signal } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import type { SecondFactorBegun } from '@zabble/contract';
import { asking } from '../server-api/asking';
import { SessionApi } from '../server-api/session-api';
import { CameraCode } from '../ui/camera-code';
import { Says } from '../ui/says';
import { SecretField } from './secret-field';

const text = (): FormControl<string> => new FormControl('', { nonNullable: true });

/** Codes of an application on the phone, besides the password: put on, with codes for when it is lost, or taken off. */
@Component({
  selector: 'z-second-factor',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CameraCode, ReactiveFormsModule, Says, SecretField],
  template: `<section class="flex flex-col gap-3" aria-labelledby="factor">
    <h2 i18n id="factor" class="text-lg font-semibold">Second factor</h2>
    @if (codes(); as lost) {
      <p i18n class="max-w-prose font-medium" role="status">
        It is on. These codes are for when your phone is lost, each good once: write them down now, they are shown this
        once.
      </p>
      <ul class="grid max-w-[30rem] grid-cols-2 gap-x-6 text-lg tabular-nums" data-testid="recovery-codes">
        @for (code of lost; track code) {
          <li>{{ code }}</li>
        }
      </ul>
      <button i18n type="button" class="press self-start" (click)="codes.set(undefined)">They are written down</button>
    } @else if (begun(); as factor) {
      <div class="flex flex-wrap items-center gap-6">
        <z-camera-code i18n-label label="The secret, for the camera of your phone" [code]="factor" />
        <form class="flex max-w-[26rem] flex-col gap-3" [formGroup]="codeForm" (ngSubmit)="turnOn()">
          <p i18n>Point an application for one-time codes at this, or write the secret into it:</p>
          <p class="font-medium break-all tabular-nums" data-testid="factor-secret">{{ factor.secret }}</p>
          <label class="flex flex-col gap-1">
            <span i18n class="caption">The code it shows now</span>
            <input class="write tabular-nums" autocomplete="one-time-code" maxlength="40" [formControl]="code" />
          </label>
          <z-says [text]="says()" />
          <span class="flex flex-wrap gap-2">
            <button i18n type="submit" class="press press-main">Put it on</button>
            <button i18n type="button" class="press" (click)="begun.set(undefined)">Leave it</button>
          </span>
        </form>
      </div>
    } @else {
      <p class="max-w-prose">
        @if (isOn()) {
          <span i18n>It is on: a code of your phone is asked for besides the password.</span>
        } @else {
          <span i18n>It is off. With it, whoever learns your password does not get in without your phone.</span>
        }
      </p>
      <form
        class="flex max-w-[30rem] flex-col gap-3"
        [formGroup]="passwordForm"
        (ngSubmit)="isOn() ? turnOff() : begin()"
      >
        <z-secret-field i18n-label label="Your password" [control]="password" />
        <z-says [text]="says()" />
        <button type="submit" class="press self-start">
          @if (isOn()) {
            <span i18n>Take the second factor off</span>
          } @else {
            <span i18n>Put a second factor on</span>
          }
        </button>
      </form>
    }
  </section>`,
})
export class SecondFactor {
  readonly on = input.required<boolean>();
  private readonly api = inject(SessionApi);
  protected readonly isOn = linkedSignal(() => this.on());
  protected readonly says = signal('');
  protected readonly begun = signal<SecondFactorBegun | undefined>(undefined);
  protected readonly codes = signal<readonly string[] | undefined>(undefined);
  protected readonly password = text();
  protected readonly code = text();
  protected readonly passwordForm = new FormGroup({ password: this.password });
  protected readonly codeForm = new FormGroup({ code: this.code });
  private readonly ask = asking(this.says);

  protected begin(): void {
    this.ask(this.api.beginFactor(this.password.value), (begun) => {
      this.begun.set(begun);
      this.passwordForm.reset();
    });
  }

  protected turnOn(): void {
    this.ask(this.api.factorOn(this.code.value), ({ codes }) => {
      this.begun.set(undefined);
      this.codes.set(codes);
      this.isOn.set(true);
      this.codeForm.reset();
    });
  }

  protected turnOff(): void {
    this.ask(this.api.factorOff(this.password.value), () => {
      this.isOn.set(false);
      this.passwordForm.reset();
    });
  }
}
