import { createSelector } from '@ngrx/store';
import { newerSaid, showStep, type Job, type JobError, type Said, type Showing } from '@zabble/core';
import { jobFeature } from './job.reducer';
import { logFeature } from '../log/log.reducer';
import { selectLog } from '../log/log.selectors';
import { measuredMemo, planMemo, readMemo } from './memo';

const { selectDocument, selectPast, selectFuture } = jobFeature;

/**
 * The document as read, with what was measured back. An edit that can't be read never gets into the store, so this is
 * the last good one.
 */
export const selectJob = createSelector(selectDocument, selectLog, (document, log): Job | undefined => {
  const reading = document && readMemo(document);
  return reading?.ok ? measuredMemo(reading.job, log) : undefined;
});

/** Why the document that came can't be read here: by a page older than the job, say. */
export const selectUnread = createSelector(selectDocument, (document): readonly JobError[] => {
  const reading = document && readMemo(document);
  return !reading || reading.ok ? [] : reading.errors;
});

/** What is told of a job with fields of a newer Zabble. */
export const selectNewer = createSelector(selectDocument, (document): Said | undefined => {
  const reading = document && readMemo(document);
  return reading?.ok && reading.newer ? newerSaid(reading.newer) : undefined;
});

export const selectPlan = createSelector(selectJob, (job) => job && planMemo(job));

/** How this job's lengths are shown. */
export const selectShowing = createSelector(
  selectJob,
  (job): Showing | undefined => job && { unit: job.unit, step: showStep(job) },
);

/** The same from anywhere: nothing before the first job is opened, when there is no store of jobs yet. */
export function writingOf(state: object): Showing | undefined {
  return jobFeature.name in state && logFeature.name in state ? selectShowing(state) : undefined;
}

export const selectUndoName = createSelector(selectPast, (past) => past.at(-1)?.name);
export const selectRedoName = createSelector(selectFuture, (future) => future.at(-1)?.name);
