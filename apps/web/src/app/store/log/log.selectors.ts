import { createSelector } from '@ngrx/store';
import { readLog, type LogEntry, type LogEntryDocument } from '@zabble/core';
import { logFeature } from './log.reducer';

const read = new WeakMap<LogEntryDocument, LogEntry | undefined>();

/** The log as read; an entry is read once. One that can’t be read is no entry: the server never keeps such a one. */
export const selectLog = createSelector(logFeature.selectEntries, (entries): readonly LogEntry[] =>
  entries.flatMap((entry) => {
    if (!read.has(entry)) {
      const reading = readLog([entry]);
      read.set(entry, reading.ok ? reading.entries[0] : undefined);
    }
    const known = read.get(entry);
    return known ? [known] : [];
  }),
);
