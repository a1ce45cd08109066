import { concatLatestFrom } from '@ngrx/operators';
import { isAway, problemOf, statusOf } from '../../server-api/problem';
import { inject, Injectable } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import type { EntriesKept } from '@zabble/contract';
import type { LogEntryDocument } from '@zabble/core';
import { MOST_ENTRIES } from '@zabble/contract/routes';
import {
  bufferTime,
  catchError,
  concatMap,
  EMPTY,
  filter,
  from,
  map,
  of,
  switchMap,
  takeUntil,
  type Observable,
} from 'rxjs';
import { JobActions } from '../job/job.actions';
import { LogActions } from './log.actions';
import { LogApi } from '../../server-api/log-api';
import { Sending } from '../../server-api/sending';
import { logFeature, wholeUpTo, type LogState } from './log.reducer';
import { Outbox } from '../../device/outbox';

/** Entries that come together are taken in together. */
const TOGETHER = 40;

type LogAction = ReturnType<(typeof LogActions)[keyof typeof LogActions]>;

/** Entries on their way, and whether others wait behind them. */
interface Batch {
  readonly job: string;
  readonly entries: readonly LogEntryDocument[];
  readonly more: boolean;
}

/** The log: kept on the device at once, sent until the server has it, and heard of as others write. */
@Injectable()
export class LogEffects {
  private readonly actions = inject(Actions);
  private readonly api = inject(LogApi);
  private readonly outbox = inject(Outbox);
  private readonly sending = new Sending();
  private readonly state$ = inject(Store).select(logFeature.selectLogState);
  /** How many are sent together: fewer where the server took them for too much. */
  private atOnce = MOST_ENTRIES;
  private readonly left$ = this.actions.pipe(ofType(JobActions.left));

  readonly remember$ = createEffect(() => {
    return this.actions.pipe(
      ofType(JobActions.opened),
      concatMap(async ({ job: { id } }) =>
        LogActions.remembered({ job: id, kept: await this.outbox.copy(id), ...(await this.outbox.read(id)) }),
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

  readonly keepHere$ = createEffect(() => {
    return this.actions.pipe(
      ofType(LogActions.added, LogActions.heard, LogActions.refused, LogActions.triedAgain, LogActions.putAway),
      concatLatestFrom(() => this.state$),
      // An answer about a job just left is not about what waits of the one on the bench.
      filter(([action, { job }]) => action.job === job),
      map(([{ job }, { waiting, refused }]) => ({ job, written: this.outbox.write(job, { waiting, refused }) })),
      concatMap(async ({ job, written }) => LogActions.keptHere({ job, kept: await written })),
    );
  });

  readonly copy$ = createEffect(
    () => {
      return this.actions.pipe(
        ofType(LogActions.heard),
        concatLatestFrom(() => this.state$),
        concatMap(async ([action, { job, kept }]) => {
          if (action.job === job) await this.outbox.writeCopy(job, kept);
        }),
      );
    },
    { dispatch: false },
  );

  readonly due$ = createEffect(() => {
    const asked = this.actions.pipe(ofType(LogActions.added, LogActions.remembered, LogActions.triedAgain));
    const notReached = this.actions.pipe(ofType(LogActions.notReached));
    return this.sending.due(asked, notReached).pipe(map(() => LogActions.sendDue()));
  });

  /** Each with all that waits then. */
  readonly send$ = createEffect(() => {
    const due = this.actions.pipe(ofType(LogActions.sendDue));
    return this.sending.inTurn(due, this.state$, (state) => this.send(state));
  });

  private send({ job, waiting }: LogState): Observable<LogAction> {
    if (job === undefined || waiting.length === 0) return EMPTY;
    const entries = waiting.slice(0, this.atOnce);
    const more = waiting.length > entries.length;
    return this.api.add(job, entries).pipe(
      concatMap((answer) => {
        this.sending.reached();
        this.atOnce = MOST_ENTRIES;
        return answered(job, entries, answer, more);
      }),
      catchError((problem: unknown) => this.notSent({ job, entries, more }, problem)),
    );
  }

  private notSent({ job, entries, more }: Batch, problem: unknown): Observable<LogAction> {
    if (isAway(problem, 500)) return of(LogActions.notReached({ job }));
    const says = problemOf(problem)?.says ?? $localize`The server would not keep this.`;
    const status = statusOf(problem);
    if (status === 404)
      return of(
        LogActions.jobGone({
          job,
          says: $localize`This job is deleted. What was written to its log stays on this device: bring the job back, and it is sent.`,
        }),
      );
    // Too much at once goes in halves; one that is too much by itself is refused.
    if (status === 413 && entries.length > 1) {
      this.atOnce = Math.max(1, Math.floor(entries.length / 2));
      return of(LogActions.sendDue());
    }
    this.atOnce = MOST_ENTRIES;
    const told = entries.map(({ id }) => ({ id, says }));
    return from([LogActions.refused({ job, entries: told }), ...(more ? [LogActions.sendDue()] : [])]);
  }
}

/** What is kept is let go of, what is refused is told; and what did not fit into this one is sent next. */
function answered(
  job: string,
  sent: readonly LogEntryDocument[],
  { kept, refused }: EntriesKept,
  more: boolean,
): readonly LogAction[] {
  const byId = new Map(sent.map((entry) => [entry.id, entry]));
  const heard = kept.flatMap(({ id, seq }) => {
    const entry = byId.get(id);
    return entry ? [{ seq, entry }] : [];
  });
  const told = refused.flatMap(({ index, says }) => {
    const id = sent[index]?.id;
    return id === undefined ? [] : [{ id, says }];
  });
  return [
    LogActions.heard({ job, kept: heard }),
    ...(told.length > 0 ? [LogActions.refused({ job, entries: told })] : []),
    ...(more && heard.length + told.length > 0 ? [LogActions.sendDue()] : []),
  ];
}
