import { NoticeBar } from './notice-bar';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { ThemeChoice } from '../device/theme';

@Component({
  selector: 'z-root',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [NoticeBar, RouterOutlet],
  template: `<z-notice-bar class="sticky top-0 z-30 shrink-0" />
    <div class="min-h-0 flex-1"><router-outlet /></div>`,
  host: { class: 'flex h-full flex-col max-lg:h-auto max-lg:min-h-full' },
})
export class App {
  protected readonly theme = inject(ThemeChoice);
}
