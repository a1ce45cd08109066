import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import { readLog, type JobError, type LogEntryDocument } from '@zabble/core';
import { newId } from '../../server-api/new-id';
import { Speech } from '../../words/speech';
import { jobFeature } from '../job/job.reducer';
import { Rights } from '../../device/rights';
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
  private readonly rights = inject(Rights);
  private readonly speech = inject(Speech);
  private readonly job = this.store.selectSignal(jobFeature.selectId);

  add(entry: NewEntry): void {
    const job = this.job();
    if (job === undefined) return;
    const notTheirs = this.rights.refuses('record');
    if (notTheirs !== undefined) return this.store.dispatch(LogActions.notWritten({ job, says: notTheirs }));
    const written = { ...entry, id: newId(), ...this.who.deed() } as LogEntryDocument;
    // Read before it is written down: what the server could not read would only come back.
    const reading = readLog([written]);
    if (reading.ok) this.store.dispatch(LogActions.added({ job, entry: written }));
    else this.store.dispatch(LogActions.notWritten({ job, says: this.says(reading.errors) }));
  }

  private says(errors: readonly JobError[]): string {
    const [first] = errors;
    const why = first ? this.speech.say(first.said) : '';
    return $localize`This can’t be written to the log: ${why}. Nothing was written.`;
  }
}
