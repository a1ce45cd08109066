import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Who } from '../../device/who';

/** Who works at this device. */
@Component({
  selector: 'z-who-field',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<label class="flex items-center gap-2">
    <span i18n class="caption max-sm:sr-only">By</span>
    <input
      class="write w-32 max-sm:w-full"
      type="text"
      maxlength="60"
      autocomplete="off"
      i18n-placeholder
      placeholder="your name"
      [value]="who.name()"
      (change)="who.set($any($event.target).value)"
    />
  </label>`,
})
export class WhoField {
  protected readonly who = inject(Who);
}
