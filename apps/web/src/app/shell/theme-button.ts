import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { ThemeChoice } from '../device/theme';

@Component({
  selector: 'z-theme-button',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<button
    type="button"
    class="press"
    (click)="choice.turn()"
    [attr.aria-label]="'Turn the screen ' + choice.other()"
  >
    {{ choice.other() === 'dim' ? 'Dim' : 'Light' }}
  </button>`,
})
export class ThemeButton {
  protected readonly choice = inject(ThemeChoice);
}
