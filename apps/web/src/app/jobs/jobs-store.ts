import { concatLatestFrom } from '@ngrx/operators';
import { sentenceOf } from '../server-api/problem';
import { inject, Injectable } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { createActionGroup, createFeature, createReducer, emptyProps, on, props, Store } from '@ngrx/store';
import type { JobList, JobSummary } from '@zabble/contract';
import { catchError, concatMap, map, of, switchMap, type Observable } from 'rxjs';
import { JobsApi } from '../server-api/jobs-api';

/** A job as far as it is deleted and brought back. */
export type NamedJob = Pick<JobSummary, 'id' | 'name'>;

/** The list of jobs: what is asked of it, and the page that came. */
export interface JobsState {
  readonly search: string;
  /** Where the pages before this one ended: none for the first. */
  readonly from: readonly string[];
  readonly deleted: boolean;
  readonly list: JobList | undefined;
  /** The job just deleted, which can be brought back. */
  readonly gone: NamedJob | undefined;
  readonly says: string | undefined;
}

export const JobsActions = createActionGroup({
  source: 'Jobs',
  events: {
    Asked: props<{ search?: string; to?: 'newer' | 'older'; deleted?: boolean }>(),
    Came: props<{ list: JobList }>(),
    Failed: props<{ says: string }>(),
    Delete: props<{ job: NamedJob }>(),
    Deleted: props<{ job: NamedJob }>(),
    'Bring Back': props<{ job: NamedJob }>(),
    'Brought Back': emptyProps(),
  },
});

const fresh: JobsState = { search: '', from: [], deleted: false, list: undefined, gone: undefined, says: undefined };

export const jobsFeature = createFeature({
  name: 'jobs',
  reducer: createReducer<JobsState>(
    fresh,
    on(JobsActions.asked, (state, { search, to, deleted }): JobsState => ({
      ...state,
      search: search ?? state.search,
      deleted: deleted ?? state.deleted,
      // The one list is never shown as the other while the other is fetched.
      list: deleted === undefined || deleted === state.deleted ? state.list : undefined,
      from: search !== undefined || deleted !== undefined ? [] : turned(state, to),
    })),
    on(JobsActions.came, (state, { list }): JobsState => ({ ...state, list, says: undefined })),
    on(JobsActions.failed, (state, { says }): JobsState => ({ ...state, says })),
    on(JobsActions.deleted, (state, { job }): JobsState => ({ ...state, gone: job })),
    on(JobsActions.broughtBack, (state): JobsState => ({ ...state, gone: undefined })),
  ),
});

function turned({ from, list }: JobsState, to: 'newer' | 'older' | undefined): readonly string[] {
  if (to === 'newer') return from.slice(0, -1);
  return to === 'older' && list && list.next !== null ? [...from, list.next] : from;
}

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
      switchMap(([, { search, from, deleted }]) =>
        this.api.list(search, from.at(-1), deleted).pipe(
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
