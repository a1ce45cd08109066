import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { RouterLink } from '@angular/router';

/** The name, which leads to the jobs. */
@Component({
  selector: 'z-wordmark',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink],
  template: `<a
    routerLink="/jobs"
    class="inline-flex min-h-11 items-center gap-2.5 rounded px-1 font-semibold text-lg"
    i18n-aria-label
    aria-label="Zabble, all jobs"
  >
    <svg viewBox="0 0 22 22" width="22" height="22" aria-hidden="true" fill="none" stroke="currentColor">
      <path d="M1 2h20M1 7h20M1 20h20" stroke-width="2.4" />
      <path d="M11 2v5M6 7v13" stroke-width="1.3" />
    </svg>
    <span i18n [class.max-sm:hidden]="bare()">Zabble</span>
  </a>`,
})
export class Wordmark {
  /** Only its mark on a phone. */
  readonly bare = input(false);
}
