import { ChangeDetectionStrategy, Component, computed, DOCUMENT, inject } from '@angular/core';
import { LET_IN_PAGE } from '@zabble/contract/routes';
import { Session } from '../device/session';
import { Notices, type Notice } from './notices';

/** Nothing here says what is kept: the mark beside the job’s name does, and looks before it says so. */
const TELLS: Readonly<Record<Notice, string>> = {
  newer: $localize`A newer Zabble is ready: load the page again once what you are writing stands.`,
  part: $localize`A part of Zabble could not be fetched: the server is not reached, or has a newer one.`,
  fault: $localize`Something in Zabble went wrong here. The mark beside the job’s name says what is kept; if this goes on, load the page again.`,
  stranger: $localize`This device is not let in (any more). What you do stays on it until it is: say its code, which is shown at the machine Zabble runs on.`,
  broken: $localize`What this device had of Zabble itself is gone: load the page again while the server is reached.`,
};

/** In place of `stranger` where people sign in. */
const SIGNED_OUT = $localize`You are signed out. What you do stays on this device, for you alone, until you sign in again.`;

/** One line about the application itself, over whatever is shown. */
@Component({
  selector: 'z-notice-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (notices.notice(); as notice) {
    <div
      class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-ochre bg-ochre-wash px-4 py-1.5 font-medium text-ochre"
      [attr.role]="notice === 'newer' ? 'status' : 'alert'"
    >
      <p class="min-w-0 flex-1">{{ tells() }}</p>
      @if (notice === 'stranger') {
        @if (session.shared()) {
          <a i18n class="press" [href]="signIn()">Sign in</a>
        } @else {
          <a i18n class="press" [href]="letIn()">Say its code</a>
        }
      } @else {
        <button i18n type="button" class="press" (click)="again()">Load again</button>
      }
      <button i18n type="button" class="press" (click)="notices.dismiss()">Not now</button>
    </div>
  }`,
})
export class NoticeBar {
  protected readonly notices = inject(Notices);
  private readonly page = inject(DOCUMENT);
  protected readonly session = inject(Session);
  protected readonly tells = computed(() => {
    const notice = this.notices.notice() ?? 'fault';
    return notice === 'stranger' && this.session.shared() ? SIGNED_OUT : TELLS[notice];
  });

  /** The page there that takes the code, and leads back here. */
  protected letIn(): string {
    return this.backFrom(LET_IN_PAGE);
  }

  protected signIn(): string {
    return this.backFrom('/sign-in');
  }

  private backFrom(page: string): string {
    const { pathname = '/', search = '' } = this.page.defaultView?.location ?? {};
    return `${page}?${new URLSearchParams({ to: pathname + search }).toString()}`;
  }

  protected again(): void {
    this.page.defaultView?.location.reload();
  }
}
