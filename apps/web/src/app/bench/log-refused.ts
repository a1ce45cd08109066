import { Clipboard } from '@angular/cdk/clipboard';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { recordLines, readLog, type LogEntryDocument } from '@zabble/core';
import { LogActions } from '../store/log/log.actions';
import { logFeature } from '../store/log/log.reducer';
import { selectJob } from '../store/job/job.selectors';
import { Speech } from '../words/speech';

/** What was written to the log and not taken by the server: it stays on this device, to be sent again or copied. */
@Component({
  selector: 'z-log-refused',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (refused().length > 0) {
    <section
      class="border-b border-lead bg-lead-wash px-4 py-1.5 text-lead"
      i18n-aria-label
      aria-label="Not taken into the log"
      role="alert"
    >
      <div class="flex flex-wrap items-center gap-3">
        <p i18n class="mr-auto font-medium">
          {refused().length, plural,
            =1 {An entry of the log was not taken by the server. It is still here.}
            other {{{ refused().length }} entries of the log were not taken by the server. They are still here.}
          }
        </p>
        <button type="button" class="press" [attr.aria-expanded]="open()" (click)="open.set(!open())">
          @if (open()) {
            <ng-container i18n>Close</ng-container>
          } @else {
            <ng-container i18n>Look at them</ng-container>
          }
        </button>
      </div>
      @if (open()) {
        <ul>
          @for (each of refused(); track each.entry.id) {
            <li class="flex flex-wrap items-center gap-2 border-t border-lead/30 py-1.5 text-ink">
              <span class="min-w-56 flex-1">
                {{ told(each.entry) }} <span class="block text-sm text-lead">{{ each.says }}</span>
              </span>
              <button i18n type="button" class="press" (click)="again(each.entry)">Send it again</button>
              <button i18n type="button" class="press" (click)="copy(each.entry)">Copy it</button>
              <button i18n type="button" class="press" (click)="putAway(each.entry)">Put it away</button>
            </li>
          }
        </ul>
      }
    </section>
  }`,
})
export class LogRefused {
  private readonly store = inject(Store);
  private readonly speech = inject(Speech);
  private readonly clipboard = inject(Clipboard);
  private readonly job = this.store.selectSignal(logFeature.selectJob);
  private readonly read = this.store.selectSignal(selectJob);
  protected readonly refused = this.store.selectSignal(logFeature.selectRefused);
  protected readonly open = signal(false);
  private readonly id = computed(() => this.job() ?? '');

  /** As the record would tell it; as it was written where it can't be read. */
  protected told(entry: LogEntryDocument): string {
    const [reading, job] = [readLog([entry]), this.read()];
    const [line] = reading.ok && job ? recordLines({ ...job, log: reading.entries }).slice(-1) : [];
    return line ? this.speech.say(line.said) : text(entry);
  }

  protected again({ id }: LogEntryDocument): void {
    this.store.dispatch(LogActions.triedAgain({ job: this.id(), id }));
  }

  protected copy(entry: LogEntryDocument): void {
    this.clipboard.copy(text(entry));
  }

  protected putAway({ id }: LogEntryDocument): void {
    this.store.dispatch(LogActions.putAway({ job: this.id(), id }));
  }
}

function text(entry: LogEntryDocument): string {
  return JSON.stringify(entry, null, 2);
}
