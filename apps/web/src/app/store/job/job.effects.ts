import { concatLatestFrom } from '@ngrx/operators';
import { isAway, problemOf } from '../../server-api/problem';
import { inject, Injectable } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import type { StoredJob } from '@zabble/contract';
import {
  catchError,
  concatMap,
  debounceTime,
  EMPTY,
  filter,
  fromEvent,
  map,
  merge,
  of,
  switchMap,
  tap,
  throttleTime,
  timer,
  type Observable,
} from 'rxjs';
import { JobsApi } from '../../server-api/jobs-api';
import { Copies } from '../../device/copies';
import { Drafts } from '../../device/drafts';
import { Histories } from '../../device/histories';
import { JobActions } from './job.actions';
import { jobFeature, type JobState } from './job.reducer';
import type { History } from '../../device/undo';

/** A moment after the last edit. */
const PAUSE = 600;
/** Edits in a row are kept on this machine no more often than this. */
const HERE = 120;
/** How long until the server is tried again. */
const AGAIN = 3000;

type JobAction = ReturnType<(typeof JobActions)[keyof typeof JobActions]>;

/** Opening, and keeping edits: here at once, on the server a moment later. */
@Injectable()
export class JobEffects {
  private readonly actions = inject(Actions);
  private readonly store = inject(Store);
  private readonly api = inject(JobsApi);
  private readonly drafts = inject(Drafts);
  private readonly copies = inject(Copies);
  private readonly histories = inject(Histories);
  private readonly state$ = this.store.select(jobFeature.selectJobState);
  private readonly changes$ = this.actions.pipe(
    ofType(
      JobActions.edited,
      JobActions.undone,
      JobActions.redone,
      JobActions.mineChosen,
      JobActions.theirsChosen,
      JobActions.choicesMade,
    ),
  );

  readonly open$ = createEffect(() => {
    return this.actions.pipe(
      ofType(JobActions.open),
      switchMap(({ id }) =>
        this.api.read(id).pipe(
          map((job) => this.opened(job)),
          catchError((problem: unknown) => of(this.notOpened(id, problem))),
        ),
      ),
    );
  });

  readonly keepHere$ = createEffect(
    () => {
      return this.changes$.pipe(
        // A joint that is dragged changes the job with every frame: at once, then a few times a second.
        throttleTime(HERE, undefined, { leading: true, trailing: true }),
        concatLatestFrom(() => this.state$),
        tap(([, { id, document, revision }]) => {
          if (id && document) this.drafts.write(id, { document, revision });
        }),
      );
    },
    { dispatch: false },
  );

  /** What can be undone, a moment after the last change and before the page goes. */
  readonly keepHistory$ = createEffect(
    () => {
      return merge(this.changes$.pipe(debounceTime(PAUSE)), fromEvent(window, 'pagehide')).pipe(
        concatLatestFrom(() => this.state$),
        tap(([, { id, document, past, future }]) => {
          if (id && document) this.histories.write(id, document, { past, future });
        }),
      );
    },
    { dispatch: false },
  );

  readonly findHistory$ = createEffect(() => {
    return this.actions.pipe(
      ofType(JobActions.opened),
      map(({ job: { id }, document }) => ({ id, history: this.histories.read(id, document) })),
      filter((found): found is { id: string; history: History } => found.history !== undefined),
      map((found) => JobActions.historyFound(found)),
    );
  });

  readonly due$ = createEffect(() => {
    return merge(
      this.changes$.pipe(debounceTime(PAUSE)),
      this.actions.pipe(ofType(JobActions.left)),
      this.actions.pipe(
        ofType(JobActions.opened),
        filter(({ sync }) => sync === 'here' || sync === 'unreached'),
      ),
      this.actions.pipe(
        ofType(JobActions.notReached),
        switchMap(() => timer(AGAIN)),
      ),
      fromEvent(window, 'online'),
    ).pipe(map(() => JobActions.saveDue()));
  });

  /** One save after the other, each with the newest document. */
  readonly save$ = createEffect(() => {
    return this.actions.pipe(
      ofType(JobActions.saveDue),
      concatMap(() =>
        of(null).pipe(
          concatLatestFrom(() => this.state$),
          switchMap(([, state]) => this.save(state)),
        ),
      ),
    );
  });

  /** What the server has need not be kept here; what is newer is now made from what the server has. */
  readonly settle$ = createEffect(
    () => {
      return this.actions.pipe(
        ofType(JobActions.saved),
        tap(({ job }) => {
          this.copies.write(job);
          const draft = this.drafts.read(job.id);
          if (!draft) return;
          if (JSON.stringify(draft.document) === JSON.stringify(job.document)) this.drafts.drop(job.id);
          else this.drafts.write(job.id, { ...draft, revision: job.revision });
        }),
      );
    },
    { dispatch: false },
  );

  /** A job left with edits newer than the save that was on its way: they are sent after it. */
  readonly finish$ = createEffect(() => {
    return this.actions.pipe(
      ofType(JobActions.saved),
      concatLatestFrom(() => this.state$),
      concatMap(([{ job }, { id }]) => {
        const draft = id === job.id ? undefined : this.drafts.read(job.id);
        if (!draft || JSON.stringify(draft.document) === JSON.stringify(job.document)) return EMPTY;
        return this.api.replace(job.id, job.revision, draft.document).pipe(
          map((saved) => JobActions.saved({ job: saved })),
          // It stays kept here and is taken up when the job is opened again.
          catchError(() => EMPTY),
        );
      }),
    );
  });

  private save({ id, document, revision, sync }: JobState): Observable<JobAction> {
    if (!id || !document || sync === 'kept' || sync === 'conflict') return EMPTY;
    // Opened from the copy and nothing written since: there is nothing to send, only to look for what is newer.
    if (revision === this.copies.read(id)?.revision && !this.drafts.read(id)) return this.lookAgain(id);
    this.store.dispatch(JobActions.saveStarted());
    return this.api.replace(id, revision, document).pipe(
      map((job): JobAction => JobActions.saved({ job })),
      catchError((problem: unknown) => of(this.notSaved(id, problem))),
    );
  }

  private lookAgain(id: string): Observable<JobAction> {
    return this.api.read(id).pipe(
      map((job): JobAction => this.opened(job)),
      catchError((problem: unknown) => of(this.notSaved(id, problem))),
    );
  }

  private notSaved(id: string, problem: unknown): JobAction {
    if (isAway(problem))
      return JobActions.notReached({
        id,
        says: $localize`The server is not reached. Everything is kept here and sent when it answers.`,
      });
    const answer = problemOf(problem);
    if (answer && 'kept' in answer) return JobActions.conflictFound({ kept: answer.kept });
    return JobActions.refused({
      id,
      says: answer?.says ?? $localize`The server would not keep this. It is kept here.`,
    });
  }

  private opened(job: StoredJob): JobAction {
    this.copies.write(job);
    const draft = this.drafts.read(job.id);
    if (!draft || JSON.stringify(draft.document) === JSON.stringify(job.document)) {
      this.drafts.drop(job.id);
      return JobActions.opened({ job, document: job.document, sync: 'kept' });
    }
    if (draft.revision === job.revision) return JobActions.opened({ job, document: draft.document, sync: 'here' });
    return JobActions.conflictFound({ kept: job, mine: draft.document });
  }

  private notOpened(id: string, problem: unknown): JobAction {
    const draft = isAway(problem) ? this.drafts.read(id) : undefined;
    if (draft) {
      const job: StoredJob = { id, revision: draft.revision, document: draft.document, createdAt: '', updatedAt: '' };
      return JobActions.opened({ job, document: draft.document, sync: 'unreached' });
    }
    const copy = isAway(problem) ? this.copies.read(id) : undefined;
    if (copy) return JobActions.opened({ job: copy, document: copy.document, sync: 'unreached' });
    const answer = problemOf(problem);
    const says = isAway(problem)
      ? $localize`The server is not reached, so this job can’t be opened yet.`
      : answer?.says;
    return JobActions.openFailed({ id, says: says ?? $localize`This job can’t be opened.` });
  }
}
