import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { JobActions } from '../store/job/job.actions';

/** The job was changed elsewhere: whose version stands is the person’s to say, and nothing goes until then. */
@Component({
  selector: 'z-conflict-bar',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<div
    class="flex flex-wrap items-center gap-3 border-b border-ochre bg-ochre-wash px-4 py-2 text-ochre"
    role="alert"
  >
    <p class="flex-1 font-medium">
      This job was changed elsewhere meanwhile. Yours is kept here and nothing was overwritten: which one shall stand?
    </p>
    <button type="button" class="press" (click)="mine()">Mine, in place of the server’s</button>
    <button type="button" class="press" (click)="theirs()">The server’s (undo brings mine back)</button>
  </div>`,
})
export class ConflictBar {
  private readonly store = inject(Store);

  protected mine(): void {
    this.store.dispatch(JobActions.mineChosen());
  }

  protected theirs(): void {
    this.store.dispatch(JobActions.theirsChosen());
  }
}
