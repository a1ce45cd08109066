import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import type { LogEntryDocument } from '@zabble/core';
import { jobFeature } from '../job/job.reducer';
import { Who } from '../../device/who';
import { LogActions } from './log.actions';

type New<T> = T extends LogEntryDocument ? Omit<T, 'id' | 'at' | 'by'> : never;

/** An entry before it is written: its id, its moment and who wrote it come with the writing. */
export type NewEntry = New<LogEntryDocument>;

/** Writes to the log of the job on the bench. */
@Injectable({ providedIn: 'root' })
export class LogWriter {
  private readonly store = inject(Store);
  private readonly who = inject(Who);
  private readonly job = this.store.selectSignal(jobFeature.selectId);

  add(entry: NewEntry): void {
    const job = this.job();
    if (job === undefined) return;
    const written = { ...entry, id: crypto.randomUUID(), ...this.who.deed() } as LogEntryDocument;
    this.store.dispatch(LogActions.added({ job, entry: written }));
  }
}
