import { concatLatestFrom } from '@ngrx/operators';
import { sentenceOf } from '../server-api/problem';
import { inject, Injectable } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { createActionGroup, createFeature, createReducer, emptyProps, on, props, Store } from '@ngrx/store';
import type { JobList, StoredJob } from '@zabble/contract';
import { catchError, concatMap, map, of, switchMap, type Observable } from 'rxjs';
import { JobsApi } from '../server-api/jobs-api';

/** The list of jobs: what is asked of it, and the page that came. */
export interface JobsState {
  readonly search: string;
  readonly page: number;
  readonly deleted: boolean;
  readonly list: JobList | undefined;
  /** The job just deleted, which can be brought back. */
  readonly gone: StoredJob | undefined;
  readonly says: string | undefined;
}

export const JobsActions = createActionGroup({
  source: 'Jobs',
  events: {
    Asked: props<{ search?: string; page?: number; deleted?: boolean }>(),
    Came: props<{ list: JobList }>(),
    Failed: props<{ says: string }>(),
    Delete: props<{ job: StoredJob }>(),
    Deleted: props<{ job: StoredJob }>(),
    'Bring Back': props<{ job: StoredJob }>(),
    'Brought Back': emptyProps(),
  },
});

const fresh: JobsState = { search: '', page: 1, deleted: false, list: undefined, gone: undefined, says: undefined };

export const jobsFeature = createFeature({
  name: 'jobs',
  reducer: createReducer<JobsState>(
    fresh,
    on(JobsActions.asked, (state, { search, page, deleted }): JobsState => ({
      ...state,
      search: search ?? state.search,
      deleted: deleted ?? state.deleted,
      // The one list is never shown as the other while the other is fetched.
      list: deleted === undefined || deleted === state.deleted ? state.list : undefined,
      page: page ?? (search !== undefined || deleted !== undefined ? 1 : state.page),
    })),
    on(JobsActions.came, (state, { list }): JobsState => ({ ...state, list, says: undefined })),
    on(JobsActions.failed, (state, { says }): JobsState => ({ ...state, says })),
    on(JobsActions.deleted, (state, { job }): JobsState => ({ ...state, gone: job })),
    on(JobsActions.broughtBack, (state): JobsState => ({ ...state, gone: undefined })),
  ),
});

/** Asks the server for what the list wants. */
@Injectable()
export class JobsEffects {
  private readonly actions = inject(Actions);
  private readonly store = inject(Store);
  private readonly api = inject(JobsApi);

  readonly list$ = createEffect(() => {
    return this.actions.pipe(
      ofType(JobsActions.asked, JobsActions.deleted, JobsActions.broughtBack),
      concatLatestFrom(() => this.store.select(jobsFeature.selectJobsState)),
      switchMap(([, { search, page, deleted }]) =>
        this.api.list(search, page, deleted).pipe(
          map((list) => JobsActions.came({ list })),
          catchError(failed),
        ),
      ),
    );
  });

  readonly delete$ = createEffect(() => {
    return this.actions.pipe(
      ofType(JobsActions.delete),
      concatMap(({ job }) =>
        this.api.delete(job.id).pipe(
          map(() => JobsActions.deleted({ job })),
          catchError(failed),
        ),
      ),
    );
  });

  readonly bringBack$ = createEffect(() => {
    return this.actions.pipe(
      ofType(JobsActions.bringBack),
      concatMap(({ job }) =>
        this.api.restore(job.id).pipe(
          map(() => JobsActions.broughtBack()),
          catchError(failed),
        ),
      ),
    );
  });
}

function failed(problem: unknown): Observable<ReturnType<typeof JobsActions.failed>> {
  return of(JobsActions.failed({ says: sentenceOf(problem) }));
}
