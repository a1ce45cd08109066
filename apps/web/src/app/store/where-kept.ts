import { createSelector } from '@ngrx/store';
import { jobFeature, type Sync } from './job/job.reducer';
import { logFeature } from './log/log.reducer';

/** Where the newest edits are, of the job and its log together. */
export type WhereKept = Sync | 'keeping' | 'nowhere';

/** How far they are from the server: of the job, else of what waits of its log. */
export const selectFromServer = createSelector(
  jobFeature.selectSync,
  logFeature.selectWaiting,
  logFeature.selectReached,
  (sync, waiting, reached): Sync => {
    if (sync !== 'kept' || waiting.length === 0) return sync;
    return reached ? 'sending' : 'unreached';
  },
);

/** What this device does not keep is kept nowhere until the server has it. */
export const selectWhereKept = createSelector(
  selectFromServer,
  jobFeature.selectJobState,
  logFeature.selectLogState,
  (sync, job, log): WhereKept => {
    if (sync === 'kept') return sync;
    if (job.sync !== 'kept' && job.here !== 'kept') return job.here === 'nowhere' ? 'nowhere' : 'keeping';
    return log.waiting.length > 0 && !log.here ? 'nowhere' : sync;
  },
);
