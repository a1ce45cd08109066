import { patched, type JobDocument } from '@zabble/core';
import type { StoredJob } from '@zabble/contract';
import { createFeature, createReducer, on } from '@ngrx/store';
import { JobActions } from './job.actions';
import { merged, type Merged } from './merged';
import type { Step } from '../../device/undo';

/** Where the newest edits are: on the server, on their way, here only, here because the server is away; or in doubt. */
export type Sync = 'kept' | 'sending' | 'here' | 'unreached' | 'conflict' | 'refused';

export interface JobState {
  readonly id: string | undefined;
  readonly document: JobDocument | undefined;
  readonly revision: number;
  readonly past: readonly Step[];
  readonly future: readonly Step[];
  readonly sync: Sync;
  /** Whether the newest edits are kept on this device: not known yet, they are, or it keeps nothing. */
  readonly here: 'keeping' | 'kept' | 'nowhere';
  readonly says: string | undefined;
  /** The server's job, where another edit got there first. */
  readonly kept: StoredJob | undefined;
  /** So many changes that somebody else made were taken in beside one's own, since the last edit here. */
  readonly tookIn: number;
}

const MOST_STEPS = 200;
const closed: JobState = {
  id: undefined,
  document: undefined,
  revision: 0,
  past: [],
  future: [],
  sync: 'kept',
  here: 'kept',
  says: undefined,
  kept: undefined,
  tookIn: 0,
};

export const jobFeature = createFeature({
  name: 'job',
  reducer: createReducer<JobState>(
    closed,
    on(JobActions.open, (state, { id }): JobState => (state.id === id ? state : { ...closed, id })),
    on(JobActions.opened, (_, { job, document, sync }): JobState => ({
      ...closed,
      id: job.id,
      document,
      revision: job.revision,
      sync,
    })),
    on(JobActions.historyFound, (state, { id, history }): JobState =>
      state.id === id && state.past.length === 0 && state.future.length === 0 ? { ...state, ...history } : state,
    ),
    on(JobActions.openFailed, (_, { id, says }): JobState => ({ ...closed, id, sync: 'refused', says })),
    on(JobActions.edited, (state, { name, document, merge }): JobState => edited(state, name, document, merge)),
    on(JobActions.undone, (state): JobState => {
      const last = state.past.at(-1);
      if (!last || !state.document) return state;
      const future = [...state.future, { name: last.name, document: state.document }];
      return pending({ ...state, document: last.document, past: state.past.slice(0, -1), future });
    }),
    on(JobActions.redone, (state): JobState => {
      const next = state.future.at(-1);
      if (!next || !state.document) return state;
      const past = [...state.past, { name: next.name, document: state.document }];
      return pending({ ...state, document: next.document, past, future: state.future.slice(0, -1) });
    }),
    on(JobActions.keptHere, (state, { document, kept }): JobState =>
      state.document === document ? { ...state, here: kept ? 'kept' : 'nowhere' } : state,
    ),
    on(JobActions.saveStarted, (state): JobState =>
      state.sync === 'unreached' ? state : { ...state, sync: 'sending' },
    ),
    on(JobActions.saved, (state, { job }): JobState => {
      if (state.id !== job.id) return state;
      const newest = JSON.stringify(job.document) === JSON.stringify(state.document);
      return { ...settled(state), revision: job.revision, sync: newest ? 'kept' : 'here' };
    }),
    on(JobActions.notReached, (state, { id, says }): JobState =>
      state.id === id ? { ...state, sync: 'unreached', says } : state,
    ),
    on(JobActions.refused, (state, { id, says }): JobState =>
      state.id === id ? { ...state, sync: 'refused', says } : state,
    ),
    on(JobActions.conflictFound, (state, { kept, mine, base }): JobState => {
      if (state.id !== kept.id) return state;
      const own = mine ?? state.document ?? kept.document;
      const both = base && merged(base, own, kept.document);
      return both ? takenIn(state, kept, both) : { ...state, document: own, sync: 'conflict', kept };
    }),
    on(JobActions.mineChosen, (state): JobState => {
      if (!state.kept) return state;
      return { ...settled(state), revision: state.kept.revision, sync: 'here' };
    }),
    on(JobActions.choicesMade, (state, { document }): JobState => {
      if (!state.kept) return state;
      const { revision } = state.kept;
      return { ...edited(settled(state), $localize`choose between two versions`, document), revision, sync: 'here' };
    }),
    on(JobActions.theirsChosen, (state): JobState => {
      if (!state.kept) return state;
      const { document, revision } = state.kept;
      return { ...edited(settled(state), $localize`take the server’s version`, document), revision, sync: 'kept' };
    }),
  ),
});

function edited(state: JobState, name: string, document: JobDocument, merge?: string): JobState {
  if (!state.document || state.document === document) return state;
  const last = state.past.at(-1);
  if (merge !== undefined && last?.merge === merge) {
    // Back where it began: there is nothing to undo.
    const back = JSON.stringify(document) === JSON.stringify(last.document);
    return pending({ ...state, document, past: back ? state.past.slice(0, -1) : state.past, future: [] });
  }
  const step: Step = { name, document: state.document, ...(merge === undefined ? {} : { merge }) };
  return pending({ ...state, document, past: [...state.past, step].slice(-MOST_STEPS), future: [] });
}

/** What somebody else changed meanwhile stands beside one's own, and stays where one's own is undone. */
function takenIn(state: JobState, kept: StoredJob, { document, theirs }: Merged): JobState {
  const beside = (step: Step): Step => ({ ...step, document: patched(step.document, theirs) });
  const isTheirs = JSON.stringify(document) === JSON.stringify(kept.document);
  return {
    ...settled(state),
    document,
    revision: kept.revision,
    past: state.past.map(beside),
    future: state.future.map(beside),
    sync: isTheirs ? 'kept' : 'here',
    here: isTheirs ? 'kept' : 'keeping',
    tookIn: state.tookIn + theirs.length,
  };
}

/** Edits wait here until they are sent; what is away or in doubt stays so. */
function pending(state: JobState): JobState {
  const now = { ...state, here: 'keeping', tookIn: 0 } as const;
  return state.sync === 'conflict' || state.sync === 'unreached' ? now : { ...now, sync: 'here' };
}

/** Nothing in doubt and nothing to say any more. */
function settled(state: JobState): JobState {
  return { ...state, kept: undefined, says: undefined };
}
