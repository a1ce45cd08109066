import { ChangeDetectionStrategy, Component, computed, DOCUMENT, inject } from '@angular/core';
import { Notices, type Notice } from './notices';

/** Nothing here says what is kept: the mark beside the job’s name does, and looks before it says so. */
const TELLS: Readonly<Record<Notice, string>> = {
  newer: $localize`A newer Zabble is ready: load the page again once what you are writing stands.`,
  part: $localize`A part of Zabble could not be fetched: the server is not reached, or has a newer one.`,
  fault: $localize`Something in Zabble went wrong here. The mark beside the job’s name says what is kept; if this goes on, load the page again.`,
  broken: $localize`What this device had of Zabble itself is gone: load the page again while the server is reached.`,
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
      <button i18n type="button" class="press" (click)="again()">Load again</button>
      <button i18n type="button" class="press" (click)="notices.dismiss()">Not now</button>
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
