import { createFeature, createReducer, createSelector, on } from '@ngrx/store';
import type { KeptEntry } from '@zabble/contract';
import type { LogEntryDocument } from '@zabble/core';
import { JobActions } from '../job/job.actions';
import type { RefusedEntry } from '../../device/outbox';
import { LogActions } from './log.actions';

export interface LogState {
  readonly job: string | undefined;
  /** In the order of their numbers. */
  readonly kept: readonly KeptEntry[];
  /** Written here, not acknowledged yet. */
  readonly waiting: readonly LogEntryDocument[];
  /** Sent, and not taken by the server. */
  readonly refused: readonly RefusedEntry[];
  /** Whether what waits is kept on this device across a reload. */
  readonly here: boolean;
  readonly reached: boolean;
  readonly says: string;
}

const closed: LogState = { job: undefined, kept: [], waiting: [], refused: [], here: true, reached: true, says: '' };

export const logFeature = createFeature({
  name: 'log',
  reducer: createReducer<LogState>(
    closed,
    on(JobActions.open, (state, { id }): LogState => (state.job === id ? state : { ...closed, job: id })),
    on(LogActions.remembered, (state, { job, kept, waiting, refused }): LogState =>
      state.job === job ? withKept({ ...state, refused, waiting: together(waiting, state.waiting) }, kept) : state,
    ),
    on(LogActions.added, (state, { job, entry }): LogState =>
      state.job === job ? { ...state, waiting: [...state.waiting, entry], says: '' } : state,
    ),
    on(LogActions.heard, (state, { job, kept }): LogState =>
      state.job === job ? { ...withKept(state, kept), reached: true } : state,
    ),
    on(LogActions.notReached, (state, { job }): LogState => (state.job === job ? { ...state, reached: false } : state)),
    on(LogActions.refused, (state, { job, entries }): LogState => (state.job === job ? refuse(state, entries) : state)),
    on(LogActions.notWritten, LogActions.jobGone, (state, { job, says }): LogState =>
      state.job === job ? { ...state, says } : state,
    ),
    on(LogActions.triedAgain, (state, { job, id }): LogState => {
      const again = state.refused.find(({ entry }) => entry.id === id);
      if (state.job !== job || !again) return state;
      return { ...without(state, id), waiting: [...state.waiting, again.entry], says: '' };
    }),
    on(LogActions.putAway, (state, { job, id }): LogState => (state.job === job ? without(state, id) : state)),
    on(LogActions.keptHere, (state, { job, kept }): LogState => (state.job === job ? { ...state, here: kept } : state)),
  ),
  extraSelectors: ({ selectKept, selectWaiting }) => ({
    /** Everything known of the log: what the server keeps, then what waits to be sent. */
    selectEntries: createSelector(selectKept, selectWaiting, (kept, waiting): readonly LogEntryDocument[] => [
      ...kept.map(({ entry }) => entry),
      ...waiting,
    ]),
  }),
});

/** From those that wait to those that are refused. */
function refuse(state: LogState, told: readonly { readonly id: string; readonly says: string }[]): LogState {
  const why = new Map(told.map(({ id, says }) => [id, says]));
  const refused = state.waiting.flatMap((entry) => {
    const says = why.get(entry.id);
    return says === undefined ? [] : [{ entry, says }];
  });
  const waiting = state.waiting.filter(({ id }) => !why.has(id));
  return { ...state, waiting, refused: [...state.refused, ...refused], says: told.at(-1)?.says ?? state.says };
}

function without(state: LogState, id: string): LogState {
  return { ...state, refused: state.refused.filter(({ entry }) => entry.id !== id) };
}

/** More of what the server keeps: each once, and no longer waiting. */
function withKept(state: LogState, more: readonly KeptEntry[]): LogState {
  const bySeq = new Map([...more, ...state.kept].map((each) => [each.seq, each]));
  const ids = new Set([...state.kept, ...more].map(({ entry }) => entry.id));
  const waiting = state.waiting.filter(({ id }) => !ids.has(id));
  if (bySeq.size === state.kept.length && waiting.length === state.waiting.length) return state;
  return { ...state, kept: [...bySeq.values()].sort((a, b) => a.seq - b.seq), waiting };
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
