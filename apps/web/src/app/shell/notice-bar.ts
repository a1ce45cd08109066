import { ChangeDetectionStrategy, Component, computed, DOCUMENT, inject } from '@angular/core';
import { Notices, type Notice } from './notices';

const TELLS: Readonly<Record<Notice, string>> = {
  newer: 'A newer Zabble is ready. What you wrote is kept; the page is loaded again when it suits you.',
  part: 'A part of Zabble could not be fetched: the server is not reached, or has a newer one. What you wrote is kept.',
  fault: 'Something in Zabble went wrong here. What you wrote is kept; if this goes on, load the page again.',
  broken:
    'What this device had of Zabble is gone. What you wrote is kept; load the page again while the server is reached.',
};

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
      <button type="button" class="press" (click)="again()">Load again</button>
      <button type="button" class="press" (click)="notices.dismiss()">Not now</button>
    </div>
  }`,
})
export class NoticeBar {
  protected readonly notices = inject(Notices);
  private readonly page = inject(DOCUMENT);
  protected readonly tells = computed(() => TELLS[this.notices.notice() ?? 'fault']);

  protected again(): void {
    this.page.defaultView?.location.reload();
  }
}
