import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { ThemeChoice } from '../device/theme';

@Component({
  selector: 'z-theme-button',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<button i18n type="button" class="press" (click)="choice.turn()" [attr.aria-label]="turns()">
    @if (choice.other() === 'dim') {
      Dim
    } @else {
      Light
    }
  </button>`,
})
export class ThemeButton {
  protected readonly choice = inject(ThemeChoice);
  protected readonly turns = computed(() =>
    this.choice.other() === 'dim' ? $localize`Turn the screen dim` : $localize`Turn the screen light`,
  );
}
