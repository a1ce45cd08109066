import { ChangeDetectionStrategy, Component, input } from '@angular/core';

/** What stands in the way of what was just tried, in one sentence; nothing while there is nothing to say. */
@Component({
  selector: 'z-says',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (text()) {
    <p class="max-w-96 text-sm font-medium text-lead" role="alert">{{ text() }}</p>
  }`,
  host: { class: 'contents' },
})
export class Says {
  readonly text = input.required<string>();
}
