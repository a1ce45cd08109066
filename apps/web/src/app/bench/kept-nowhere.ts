import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { plainFileName } from '@zabble/core';
import { handOver } from '../device/hand-over';
import { jobFeature } from '../store/job/job.reducer';
import { logFeature } from '../store/log/log.reducer';
import { selectFromServer, selectWhereKept } from '../store/where-kept';

/** Said loudly while this browser keeps nothing and the server has not got it: with a file to save oneself. */
@Component({
  selector: 'z-kept-nowhere',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (nowhere()) {
    <div
      class="flex flex-wrap items-center gap-3 border-b border-lead bg-lead-wash px-4 py-1.5 font-medium text-lead"
      role="alert"
    >
      <p i18n class="mr-auto">
        What you do now is kept nowhere: this browser keeps nothing (its storage is full or switched off), and the
        server does not have it. It is gone when this page is closed.
      </p>
      <button i18n type="button" class="press" (click)="save()">Save it as a file</button>
    </div>
  }`,
  host: { '(window:beforeunload)': 'ask($event)' },
})
export class KeptNowhere {
  private readonly store = inject(Store);
  private readonly sync = this.store.selectSignal(selectFromServer);
  private readonly where = this.store.selectSignal(selectWhereKept);
  private readonly document = this.store.selectSignal(jobFeature.selectDocument);
  private readonly log = this.store.selectSignal(logFeature.selectEntries);
  /** Not while the server is about to have it: the mark in the header says enough then. */
  protected readonly nowhere = computed(
    () => this.where() === 'nowhere' && this.sync() !== 'here' && this.sync() !== 'sending',
  );
  protected save(): void {
    const [document, log] = [this.document(), this.log()];
    if (!document) return;
    const text = JSON.stringify(log.length > 0 ? { ...document, log } : document, null, 2);
    handOver(`${plainFileName(document.name)}.zabble.json`, new Blob([text], { type: 'application/json' }));
  }

  /** The browser asks before such a page is closed. */
  protected ask(event: BeforeUnloadEvent): void {
    if (this.where() === 'nowhere') event.preventDefault();
  }
}
