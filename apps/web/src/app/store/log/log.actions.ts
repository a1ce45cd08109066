import { createActionGroup, emptyProps, props } from '@ngrx/store';
import type { KeptEntry } from '@zabble/contract';
import type { LogEntryDocument } from '@zabble/core';
import type { OutboxOfJob } from '../../device/outbox';

export const LogActions = createActionGroup({
  source: 'Log',
  events: {
    /** What this device has of a job’s log when it is opened. */
    Remembered: props<{ job: string; kept: readonly KeptEntry[] } & OutboxOfJob>(),
    /** Written here. */
    Added: props<{ job: string; entry: LogEntryDocument }>(),
    /** It could not be read: nothing was written. */
    'Not Written': props<{ job: string; says: string }>(),
    /** What the server keeps, of whoever wrote it. */
    Heard: props<{ job: string; kept: readonly KeptEntry[] }>(),
    'Send Due': emptyProps(),
    'Not Reached': props<{ job: string }>(),
    /** Not taken by the server, each with why: they stay on the device. */
    Refused: props<{ job: string; entries: readonly { readonly id: string; readonly says: string }[] }>(),
    /** The job is no more: its entries stay on the device. */
    'Job Gone': props<{ job: string; says: string }>(),
    /** A refused entry is sent once more, or put away by who wrote it. */
    'Tried Again': props<{ job: string; id: string }>(),
    'Put Away': props<{ job: string; id: string }>(),
    /** Whether what waits is kept on the device across a reload. */
    'Kept Here': props<{ job: string; kept: boolean }>(),
  },
});
