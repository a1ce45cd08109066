import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterOutlet } from '@angular/router';
import { ThemeChoice } from '../device/theme';

@Component({
  selector: 'z-root',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterOutlet],
  template: '<router-outlet />',
  host: { class: 'block h-full' },
})
export class App {
  protected readonly theme = inject(ThemeChoice);
}
