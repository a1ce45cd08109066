import { NoticeBar } from './notice-bar';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { Rights } from '../device/rights';
import { ThemeChoice } from '../device/theme';

@Component({
  selector: 'z-root',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [NoticeBar, RouterOutlet],
  template: `<z-notice-bar class="sticky top-0 z-30 shrink-0" />
    @if (rights.only(); as what) {
      <p
        class="top-0 z-20 border-b border-line bg-sheet px-4 py-1 text-sm"
        [class]="rights.refused() ? 'sticky text-lead' : ''"
        role="status"
      >
        {{ rights.refused() || what }}
      </p>
    }
    <div class="min-h-0 flex-1"><router-outlet /></div>`,
  host: { class: 'flex h-full flex-col max-lg:h-auto max-lg:min-h-full' },
})
export class App {
  protected readonly theme = inject(ThemeChoice);
  protected readonly rights = inject(Rights);
}
