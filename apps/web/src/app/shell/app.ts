import { NoticeBar } from './notice-bar';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import type { Role } from '@zabble/contract';
import { Session } from '../device/session';
import { ThemeChoice } from '../device/theme';

/** Who may not change all that is shown is told so before they try. */
const ONLY: Readonly<Partial<Record<Role, string>>> = {
  helper: $localize`You are a helper in this shop: the record and its steps are kept; other changes stay on this device.`,
  looker: $localize`You look on in this shop: what you change here stays on this device, and is not kept.`,
};

@Component({
  selector: 'z-root',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [NoticeBar, RouterOutlet],
  template: `<z-notice-bar class="sticky top-0 z-30 shrink-0" />
    @if (only(); as what) {
      <p class="border-b border-line bg-sheet px-4 py-1 text-sm">{{ what }}</p>
    }
    <div class="min-h-0 flex-1"><router-outlet /></div>`,
  host: { class: 'flex h-full flex-col max-lg:h-auto max-lg:min-h-full' },
})
export class App {
  protected readonly theme = inject(ThemeChoice);
  private readonly session = inject(Session);
  protected readonly only = computed(() => ONLY[this.session.role() ?? 'owner']);
}
