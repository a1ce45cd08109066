import { createFeature, createReducer, createSelector, on } from '@ngrx/store';
import type { KeptEntry } from '@zabble/contract';
import type { LogEntryDocument } from '@zabble/core';
import { JobActions } from '../job/job.actions';
import { LogActions } from './log.actions';

export interface LogState {
  readonly job: string | undefined;
  /** In the order of their numbers. */
  readonly kept: readonly KeptEntry[];
  /** Written here, not acknowledged yet. */
  readonly waiting: readonly LogEntryDocument[];
  readonly reached: boolean;
  readonly says: string;
}

const closed: LogState = { job: undefined, kept: [], waiting: [], reached: true, says: '' };

export const logFeature = createFeature({
  name: 'log',
  reducer: createReducer<LogState>(
    closed,
    on(JobActions.open, (state, { id }): LogState => (state.job === id ? state : { ...closed, job: id })),
    on(LogActions.remembered, (state, { job, kept, waiting }): LogState =>
      state.job === job ? withKept({ ...state, waiting: together(waiting, state.waiting) }, kept) : state,
    ),
    on(LogActions.added, (state, { job, entry }): LogState =>
      state.job === job ? { ...state, waiting: [...state.waiting, entry], says: '' } : state,
    ),
    on(LogActions.heard, (state, { job, kept }): LogState =>
      state.job === job ? { ...withKept(state, kept), reached: true } : state,
    ),
    on(LogActions.notReached, (state, { job }): LogState => (state.job === job ? { ...state, reached: false } : state)),
    on(LogActions.refused, (state, { job, ids, says }): LogState =>
      state.job === job ? { ...state, waiting: state.waiting.filter(({ id }) => !ids.includes(id)), says } : state,
    ),
  ),
  extraSelectors: ({ selectKept, selectWaiting }) => ({
    /** Everything known of the log: what the server keeps, then what waits to be sent. */
    selectEntries: createSelector(selectKept, selectWaiting, (kept, waiting): readonly LogEntryDocument[] => [
      ...kept.map(({ entry }) => entry),
      ...waiting,
    ]),
  }),
});

/** More of what the server keeps: each once, and no longer waiting. */
function withKept(state: LogState, more: readonly KeptEntry[]): LogState {
  const bySeq = new Map([...more, ...state.kept].map((each) => [each.seq, each]));
  if (bySeq.size === state.kept.length) return state;
  const kept = [...bySeq.values()].sort((a, b) => a.seq - b.seq);
  const ids = new Set(kept.map(({ entry }) => entry.id));
  return { ...state, kept, waiting: state.waiting.filter(({ id }) => !ids.has(id)) };
}

/** The last number up to which nothing is missing: an entry of one’s own may be heard before an earlier one of another. */
export function wholeUpTo(kept: readonly KeptEntry[]): number {
  const gap = kept.findIndex(({ seq }, index) => seq !== index + 1);
  return gap < 0 ? kept.length : gap;
}

function together(some: readonly LogEntryDocument[], more: readonly LogEntryDocument[]): readonly LogEntryDocument[] {
  const known = new Set(some.map(({ id }) => id));
  return [...some, ...more.filter(({ id }) => !known.has(id))];
}
