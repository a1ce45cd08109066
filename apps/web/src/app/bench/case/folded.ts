import { ChangeDetectionStrategy, Component, input } from '@angular/core';

/** A list that is folded away under its title, with how many are in it. */
@Component({
  selector: 'z-folded',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<details class="border-b border-line">
    <summary class="flex min-h-11 cursor-pointer items-center gap-3">
      <span class="w-64 font-medium max-sm:w-44">{{ title() }}</span>
      <span class="caption">{{ count() > 0 ? count() : none() }}</span>
    </summary>
    <div class="flex flex-col gap-2 pb-3"><ng-content /></div>
  </details>`,
})
export class Folded {
  readonly title = input.required<string>();
  readonly count = input.required<number>();
  /** What stands there while it is empty. */
  readonly none = input.required<string>();
}
