import { concatLatestFrom } from '@ngrx/operators';
import { isAway, problemOf } from '../../server-api/problem';
import { inject, Injectable } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import type { StoredJob } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';
import {
  catchError,
  concatMap,
  debounceTime,
  defer,
  EMPTY,
  exhaustMap,
  filter,
  from,
  fromEvent,
  map,
  merge,
  mergeMap,
  switchMap,
  throttleTime,
  type Observable,
} from 'rxjs';
import { JobsApi } from '../../server-api/jobs-api';
import { Sending } from '../../server-api/sending';
import { Copies } from '../../device/copies';
import { Drafts, type Draft } from '../../device/drafts';
import { Histories } from '../../device/histories';
import { JobActions } from './job.actions';
import { SaveAttempts } from './save-attempts';
import { jobFeature, type JobState } from './job.reducer';
import type { History } from '../../device/undo';

/** A moment after the last edit. */
const PAUSE = 600;
/** Edits in a row are kept on this machine no more often than this. */
const HERE = 120;

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
  private readonly attempts = inject(SaveAttempts);
  private readonly sending = new Sending();
  private readonly state$ = this.store.select(jobFeature.selectJobState);
  private readonly state = this.store.selectSignal(jobFeature.selectJobState);
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
  /** Somebody else's changes were taken in beside one's own, with nothing to choose. */
  private readonly tookIn$ = this.actions.pipe(
    ofType(JobActions.conflictFound),
    filter(({ kept }) => this.state().id === kept.id && this.state().sync !== 'conflict'),
  );

  readonly open$ = createEffect(() => {
    return this.actions.pipe(
      ofType(JobActions.open),
      switchMap(({ id }) =>
        this.api.read(id).pipe(
          concatMap((job) => this.opened(job)),
          catchError((problem: unknown) => this.notOpened(id, problem)),
        ),
      ),
    );
  });

  readonly keepHere$ = createEffect(() => {
    return merge(this.changes$, this.tookIn$).pipe(
      // A joint that is dragged changes the job with every frame: at once, then a few times a second.
      throttleTime(HERE, undefined, { leading: true, trailing: true }),
      concatLatestFrom(() => this.state$),
      concatMap(([, state]) => this.keepHere(state)),
    );
  });

  /** What can be undone, a moment after the last change. */
  readonly keepHistory$ = createEffect(
    () => {
      return this.changes$.pipe(
        debounceTime(PAUSE),
        concatLatestFrom(() => this.state$),
        concatMap(([, state]) => this.keepHistory(state)),
      );
    },
    { dispatch: false },
  );

  /** As the page goes, at once: the last edits, and what can be undone. */
  readonly keepLast$ = createEffect(
    () => {
      return fromEvent(window, 'pagehide').pipe(
        concatLatestFrom(() => this.state$),
        mergeMap(([, state]) => {
          const settled = state.sync === 'kept' || state.sync === 'conflict';
          return Promise.all([settled || this.keepHere(state), this.keepHistory(state)]);
        }),
      );
    },
    { dispatch: false },
  );

  readonly findHistory$ = createEffect(() => {
    return this.actions.pipe(
      ofType(JobActions.opened),
      concatMap(async ({ job: { id }, document }) => ({ id, history: await this.histories.read(id, document) })),
      filter((found): found is { id: string; history: History } => found.history !== undefined),
      map((found) => JobActions.historyFound(found)),
    );
  });

  readonly due$ = createEffect(() => {
    const asked = merge(
      this.changes$.pipe(debounceTime(PAUSE)),
      this.tookIn$,
      this.actions.pipe(ofType(JobActions.left)),
      this.actions.pipe(
        ofType(JobActions.opened),
        filter(({ sync }) => sync === 'here' || sync === 'unreached'),
      ),
    );
    const notReached = this.actions.pipe(ofType(JobActions.notReached));
    return this.sending.due(asked, notReached).pipe(map(() => JobActions.saveDue()));
  });

  /** Somebody else saved it: what they changed is taken in, as far as nothing is on its way or in doubt here. */
  readonly newer$ = createEffect(() => {
    return this.actions.pipe(
      ofType(JobActions.standsAt),
      filter(({ id, revision }) => this.isBehind(id, revision)),
      exhaustMap(({ id }) =>
        this.api.read(id).pipe(
          filter((job) => this.isBehind(id, job.revision) && !this.attempts.isOwn(job)),
          concatMap((job) => this.conflict(job)),
          // It is looked for again in a moment.
          catchError(() => EMPTY),
        ),
      ),
    );
  });

  /** Each with the newest document. */
  readonly save$ = createEffect(() => {
    const due = this.actions.pipe(ofType(JobActions.saveDue));
    return this.sending.inTurn(due, this.state$, (state) => this.save(state));
  });

  /** What the server has need not be kept here; what is newer is now made from what the server has. */
  readonly settle$ = createEffect(() => {
    return this.actions.pipe(
      ofType(JobActions.saved),
      concatMap(async ({ job }) => {
        this.sending.reached();
        await this.copies.write(job);
        const left = await this.drafts.read(job.id);
        // What is on the bench may be newer than what was read just now.
        const onBench = this.onBench(job.id);
        const document = onBench ?? left?.document;
        const newer = document && JSON.stringify(document) !== JSON.stringify(job.document) ? document : undefined;
        if (newer) await this.drafts.write(job.id, { document: newer, revision: job.revision });
        else await this.drafts.drop(job.id);
        return onBench || !newer ? undefined : { job, document: newer };
      }),
      concatMap((unsent) => (unsent ? this.finish(unsent.job, unsent.document) : EMPTY)),
    );
  });

  /** A job left with edits newer than the save that was on its way: they are sent after it. */
  private finish(job: StoredJob, document: JobDocument): Observable<JobAction> {
    const save = this.attempts.idOf(job.id, job.revision, document);
    return this.api.replace(job.id, { revision: job.revision, document, save }).pipe(
      map((saved) => JobActions.saved({ job: saved })),
      // It stays kept here and is taken up when the job is opened again.
      catchError(() => EMPTY),
    );
  }

  private async keepHere({ id, document, revision, sync }: JobState): Promise<JobAction> {
    if (!id || !document) return JobActions.keptHere({ document: undefined, kept: true });
    // The server's version was taken: there is nothing of one's own to keep, and none may come up again later.
    if (sync === 'kept') {
      await this.drafts.drop(id);
      return JobActions.keptHere({ document, kept: true });
    }
    const save = this.attempts.lastOf(id, revision);
    const kept = await this.drafts.write(id, { document, revision, ...(save === undefined ? {} : { save }) });
    return JobActions.keptHere({ document, kept });
  }

  private async keepHistory({ id, document, past, future }: JobState): Promise<void> {
    if (id && document) await this.histories.write(id, document, { past, future });
  }

  private save({ id, document, revision, sync }: JobState): Observable<JobAction> {
    if (!id || !document || sync === 'kept' || sync === 'conflict') return EMPTY;
    return defer(() => Promise.all([this.copies.read(id), this.drafts.read(id)])).pipe(
      switchMap(([copy, draft]) => {
        // Opened from the copy and nothing written since: there is nothing to send, only to look for what is newer.
        if (revision === copy?.revision && !draft && sync === 'unreached') return this.lookAgain(id);
        return this.send(id, revision, document);
      }),
    );
  }

  /** With an id of its own, written down first: where the answer is lost it is known again. */
  private send(id: string, revision: number, document: JobDocument): Observable<JobAction> {
    this.store.dispatch(JobActions.saveStarted());
    const save = this.attempts.idOf(id, revision, document);
    // With what is newest by now: what was written meanwhile is not written over.
    const draft = (): Draft => ({ document: this.onBench(id) ?? document, revision, save });
    return defer(() => this.drafts.write(id, draft())).pipe(
      switchMap(() => this.api.replace(id, { revision, document, save })),
      map((job): JobAction => JobActions.saved({ job })),
      catchError((problem: unknown) => this.notSaved(id, problem)),
    );
  }

  private isBehind(id: string, revision: number): boolean {
    const { id: now, revision: known, sync } = this.state();
    return now === id && known < revision && (sync === 'kept' || sync === 'here');
  }

  private onBench(id: string): JobDocument | undefined {
    const { id: now, document } = this.state();
    return now === id ? document : undefined;
  }

  private lookAgain(id: string): Observable<JobAction> {
    return this.api.read(id).pipe(
      concatMap((job) => this.opened(job)),
      catchError((problem: unknown) => this.notSaved(id, problem)),
    );
  }

  private notSaved(id: string, problem: unknown): Observable<JobAction> {
    const answer = problemOf(problem);
    const kept = answer && 'kept' in answer ? answer.kept : undefined;
    // What stands there is another's: put together with one's own, as far as it is known what both were made from.
    if (kept && !this.attempts.isOwn(kept)) return from(this.conflict(kept));
    return from(this.whyNotSaved(id, problem));
  }

  /** The copy of what the server had when the edits here were made is what both were made from. */
  private async conflict(kept: StoredJob, draft?: Draft): Promise<JobAction> {
    const copy = await this.copies.read(kept.id);
    const from = draft?.revision ?? this.state().revision;
    const base = copy?.revision === from ? copy.document : undefined;
    await this.copies.write(kept);
    return JobActions.conflictFound({ kept, ...(draft ? { mine: draft.document } : {}), ...(base ? { base } : {}) });
  }

  private whyNotSaved(id: string, problem: unknown): readonly JobAction[] {
    if (isAway(problem))
      return [JobActions.notReached({ id, says: $localize`The server is not reached. It is tried again by itself.` })];
    const answer = problemOf(problem);
    if (answer && 'kept' in answer) {
      // What stands there is a save of one's own whose answer was lost: what is newer is made from it and sent.
      return [JobActions.saved({ job: answer.kept }), JobActions.saveDue()];
    }
    return [JobActions.refused({ id, says: answer?.says ?? $localize`The server would not keep this.` })];
  }

  private async opened(job: StoredJob): Promise<JobAction> {
    const draft = await this.drafts.read(job.id);
    const own = draft?.save !== undefined && draft.save === job.save && draft.revision + 1 === job.revision;
    const isMadeFrom = draft?.revision === job.revision || own;
    if (draft && !isMadeFrom && JSON.stringify(draft.document) !== JSON.stringify(job.document))
      return this.conflict(job, draft);
    await this.copies.write(job);
    if (!draft || JSON.stringify(draft.document) === JSON.stringify(job.document)) {
      await this.drafts.drop(job.id);
      return JobActions.opened({ job, document: job.document, sync: 'kept' });
    }
    return JobActions.opened({ job, document: draft.document, sync: 'here' });
  }

  private async notOpened(id: string, problem: unknown): Promise<JobAction> {
    const draft = isAway(problem) ? await this.drafts.read(id) : undefined;
    if (draft) {
      const job: StoredJob = { id, revision: draft.revision, document: draft.document, createdAt: '', updatedAt: '' };
      return JobActions.opened({ job, document: draft.document, sync: 'unreached' });
    }
    const copy = isAway(problem) ? await this.copies.read(id) : undefined;
    if (copy) return JobActions.opened({ job: copy, document: copy.document, sync: 'unreached' });
    const answer = problemOf(problem);
    const says = isAway(problem)
      ? $localize`The server is not reached, so this job can’t be opened yet.`
      : answer?.says;
    return JobActions.openFailed({ id, says: says ?? $localize`This job can’t be opened.` });
  }
}
