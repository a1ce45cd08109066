import type { JobDocument } from '@zabble/core';
import type { StoredJob } from '@zabble/contract';
import type { History } from '../../device/undo';
import { createActionGroup, emptyProps, props } from '@ngrx/store';

/** What happens to the job on the bench. */
export const JobActions = createActionGroup({
  source: 'Job',
  events: {
    Open: props<{ id: string }>(),
    /** `sync` is `here` when edits kept on this machine are ahead of the server. */
    Opened: props<{ job: StoredJob; document: JobDocument; sync: 'kept' | 'here' | 'unreached' }>(),
    /** What could be undone before a reload. */
    'History Found': props<{ id: string; history: History }>(),
    'Open Failed': props<{ id: string; says: string }>(),
    Left: emptyProps(),
    /** A decision or a measurement. Edits with the same `merge` in a row are one step of undo. */
    Edited: props<{ name: string; document: JobDocument; merge?: string }>(),
    Undone: emptyProps(),
    Redone: emptyProps(),
    /** Whether this document is kept on the device across a reload. */
    'Kept Here': props<{ document: JobDocument | undefined; kept: boolean }>(),
    /** The server has it at this revision by now. */
    'Stands At': props<{ id: string; revision: number }>(),
    'Save Due': emptyProps(),
    'Save Started': emptyProps(),
    Saved: props<{ job: StoredJob }>(),
    /** Answers name the job they are about: it may have been left meanwhile. */
    'Not Reached': props<{ id: string; says: string }>(),
    Refused: props<{ id: string; says: string }>(),
    /** `base` is what the edits here were made from, where that is known: then those that don’t touch are put together. */
    'Conflict Found': props<{ kept: StoredJob; mine?: JobDocument; base?: JobDocument }>(),
    'Mine Chosen': emptyProps(),
    'Theirs Chosen': emptyProps(),
    /** Of two versions, some changes of either. */
    'Choices Made': props<{ document: JobDocument }>(),
  },
});
