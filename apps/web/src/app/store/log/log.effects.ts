import { concatLatestFrom } from '@ngrx/operators';
import { isAway, problemOf } from '../../server-api/problem';
import { inject, Injectable } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import { MOST_ENTRIES } from '@zabble/contract/routes';
import {
  bufferTime,
  catchError,
  concatMap,
  EMPTY,
  filter,
  fromEvent,
  map,
  merge,
  of,
  switchMap,
  takeUntil,
  tap,
  timer,
  type Observable,
} from 'rxjs';
import { JobActions } from '../job/job.actions';
import { LogActions } from './log.actions';
import { LogApi } from '../../server-api/log-api';
import { logFeature, wholeUpTo, type LogState } from './log.reducer';
import { Outbox } from '../../device/outbox';

/** How long until the server is tried again. */
const AGAIN = 3000;
/** Entries that come together are taken in together. */
const TOGETHER = 40;

type LogAction = ReturnType<(typeof LogActions)[keyof typeof LogActions]>;

/** The log: kept on the device at once, sent until the server has it, and heard of as others write. */
@Injectable()
export class LogEffects {
  private readonly actions = inject(Actions);
  private readonly api = inject(LogApi);
  private readonly outbox = inject(Outbox);
  private readonly state$ = inject(Store).select(logFeature.selectLogState);
  private readonly left$ = this.actions.pipe(ofType(JobActions.left));

  readonly remember$ = createEffect(() => {
    return this.actions.pipe(
      ofType(JobActions.opened),
      map(({ job: { id } }) =>
        LogActions.remembered({ job: id, kept: this.outbox.copy(id), waiting: this.outbox.waiting(id) }),
      ),
    );
  });

  readonly follow$ = createEffect(() => {
    return this.actions.pipe(
      ofType(LogActions.remembered),
      concatLatestFrom(() => this.state$),
      // Opened again as the server answered again: it is followed already.
      filter(([{ job }, state]) => state.job === job),
      switchMap(([{ job }, { kept }]) =>
        this.api.follow(job, wholeUpTo(kept)).pipe(
          bufferTime(TOGETHER),
          filter((entries) => entries.length > 0),
          map((entries) => LogActions.heard({ job, kept: entries })),
          takeUntil(this.left$),
        ),
      ),
    );
  });

  readonly keepHere$ = createEffect(
    () => {
      return this.actions.pipe(
        ofType(LogActions.added, LogActions.heard, LogActions.refused),
        concatLatestFrom(() => this.state$),
        // An answer about a job just left is not about what waits of the one on the bench.
        tap(([action, { job, waiting }]) => {
          if (action.job === job) this.outbox.write(job, waiting);
        }),
      );
    },
    { dispatch: false },
  );

  readonly copy$ = createEffect(
    () => {
      return this.actions.pipe(
        ofType(LogActions.heard),
        concatLatestFrom(() => this.state$),
        tap(([action, { job, kept }]) => {
          if (action.job === job) this.outbox.writeCopy(job, kept);
        }),
      );
    },
    { dispatch: false },
  );

  readonly due$ = createEffect(() => {
    return merge(
      this.actions.pipe(ofType(LogActions.added, LogActions.remembered)),
      this.actions.pipe(
        ofType(LogActions.notReached),
        switchMap(() => timer(AGAIN)),
      ),
      fromEvent(window, 'online'),
    ).pipe(map(() => LogActions.sendDue()));
  });

  /** One after the other, each with all that waits then. */
  readonly send$ = createEffect(() => {
    return this.actions.pipe(
      ofType(LogActions.sendDue),
      concatMap(() =>
        of(null).pipe(
          concatLatestFrom(() => this.state$),
          switchMap(([, state]) => this.send(state)),
        ),
      ),
    );
  });

  private send({ job, waiting }: LogState): Observable<LogAction> {
    if (job === undefined || waiting.length === 0) return EMPTY;
    const entries = waiting.slice(0, MOST_ENTRIES);
    const byId = new Map(entries.map((entry) => [entry.id, entry]));
    return this.api.add(job, entries).pipe(
      map(({ kept }): LogAction =>
        LogActions.heard({
          job,
          kept: kept.flatMap(({ id, seq }) => {
            const entry = byId.get(id);
            return entry ? [{ seq, entry }] : [];
          }),
        }),
      ),
      catchError((problem: unknown) => of(notSent(job, [...byId.keys()], problem))),
    );
  }
}

function notSent(job: string, ids: readonly string[], problem: unknown): LogAction {
  if (isAway(problem, 500)) return LogActions.notReached({ job });
  return LogActions.refused({ job, ids, says: problemOf(problem)?.says ?? $localize`The server would not keep this.` });
}
