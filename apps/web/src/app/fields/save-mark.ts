import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { jobFeature, type Sync } from '../store/job/job.reducer';
import { logFeature } from '../store/log/log.reducer';

const WORDS: Readonly<Record<Sync, string>> = {
  kept: $localize`On the server`,
  sending: $localize`Kept here, sending`,
  here: $localize`Kept here`,
  unreached: $localize`Server not reached, kept here`,
  conflict: $localize`Changed elsewhere, kept here`,
  refused: $localize`Not taken by the server, kept here`,
};

/** A small mark: where the newest edits are. Its shape says it as well as its words. */
@Component({
  selector: 'z-save-mark',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<span
    class="caption inline-flex items-center gap-1.5"
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
      @switch (sync()) {
        @case ('kept') {
          <path d="M3 9.5h8v-7H3z" fill="currentColor" />
        }
        @case ('unreached') {
          <path d="M3 9.5h8v-7H3zM1 1l12 9" stroke-dasharray="2 1.5" />
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
  private readonly document = this.store.selectSignal(jobFeature.selectSync);
  private readonly waiting = this.store.selectSignal(logFeature.selectWaiting);
  private readonly reached = this.store.selectSignal(logFeature.selectReached);
  /** Of the job and its log, whichever is further from the server. */
  protected readonly sync = computed((): Sync => {
    const sync = this.document();
    if (sync !== 'kept' || this.waiting().length === 0) return sync;
    return this.reached() ? 'sending' : 'unreached';
  });
  protected readonly says = this.store.selectSignal(jobFeature.selectSays);
  protected readonly words = computed(() => WORDS[this.sync()]);
}
