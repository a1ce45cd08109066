import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { jobFeature } from '../store/job/job.reducer';
import { selectWhereKept, type WhereKept } from '../store/where-kept';

const WORDS: Readonly<Record<WhereKept, string>> = {
  kept: $localize`On the server`,
  keeping: $localize`Keeping …`,
  sending: $localize`Kept here, sending`,
  here: $localize`Kept here`,
  unreached: $localize`Server not reached, kept here`,
  conflict: $localize`Changed elsewhere, kept here`,
  refused: $localize`Not taken by the server, kept here`,
  nowhere: $localize`Kept nowhere`,
};

/** A small mark: where the newest edits are. Its shape says it as well as its words. */
@Component({
  selector: 'z-save-mark',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<span
    class="caption inline-flex items-center gap-1.5"
    [class]="mark() === 'nowhere' ? 'font-semibold text-lead' : ''"
    role="status"
    data-testid="save-mark"
    [title]="says() ?? words()"
  >
    <svg
      viewBox="0 0 14 14"
      width="14"
      height="14"
      aria-hidden="true"
      fill="none"
      stroke="currentColor"
      stroke-width="1.6"
    >
      <path d="M1.5 12.5h11" />
      @switch (mark()) {
        @case ('kept') {
          <path d="M3 9.5h8v-7H3z" fill="currentColor" />
        }
        @case ('unreached') {
          <path d="M3 9.5h8v-7H3zM1 1l12 9" stroke-dasharray="2 1.5" />
        }
        @case ('nowhere') {
          <path d="M3 2.5l8 7M11 2.5l-8 7" />
        }
        @default {
          <path d="M3 9.5h8v-7H3z" />
        }
      }
    </svg>
    {{ words() }}
  </span>`,
})
export class SaveMark {
  private readonly store = inject(Store);
  protected readonly mark = this.store.selectSignal(selectWhereKept);
  protected readonly says = this.store.selectSignal(jobFeature.selectSays);
  protected readonly words = computed(() => WORDS[this.mark()]);
}
