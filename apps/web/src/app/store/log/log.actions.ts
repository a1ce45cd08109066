import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { KeptEntry } from '@zabble/contract';
import type { LogEntryDocument } from '@zabble/core';

export const LogActions = createActionGroup({
  source: 'Log',
  events: {
    /** What this device has of a job’s log when it is opened. */
    Remembered: props<{ job: string; kept: readonly KeptEntry[]; waiting: readonly LogEntryDocument[] }>(),
    /** Written here. */
    Added: props<{ job: string; entry: LogEntryDocument }>(),
    /** What the server keeps, of whoever wrote it. */
    Heard: props<{ job: string; kept: readonly KeptEntry[] }>(),
    'Send Due': emptyProps(),
    'Not Reached': props<{ job: string }>(),
    Refused: props<{ job: string; ids: readonly string[]; says: string }>(),
  },
});
