import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { DaysState } from './days-state';

/** How far the search for a better order of work is; it can be stopped at the best so far. */
@Component({
  selector: 'z-search-goes',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (state.searching()) {
    <span class="flex flex-wrap items-center gap-3" role="status">
      <progress
        class="h-2 w-32"
        max="100"
        [value]="share()"
        i18n-aria-label
        aria-label="Looking for a better order"
      ></progress>
      <span i18n class="caption">Looking for a better order of work; this is the best so far</span>
      <button i18n type="button" class="press" (click)="state.stop()">This one will do</button>
    </span>
  }`,
})
export class SearchGoes {
  protected readonly state = inject(DaysState);
  protected readonly share = computed(() => {
    const { tried, of } = this.state.tried();
    return of === 0 ? 0 : Math.round((100 * tried) / of);
  });
}
