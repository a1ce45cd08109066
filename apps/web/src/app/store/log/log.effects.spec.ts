import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import type { EntriesKept, KeptEntry, StoredJob } from '@zabble/contract';
import { MOST_ENTRIES } from '@zabble/contract/routes';
import type { JobDocument, LogEntryDocument } from '@zabble/core';
import { type Observable, of, Subject, throwError } from 'rxjs';
import { JobActions } from '../job/job.actions';
import { jobFeature } from '../job/job.reducer';
import { LogApi } from '../../server-api/log-api';
import { LogActions } from './log.actions';
import { LogEffects } from './log.effects';
import { logFeature } from './log.reducer';

const ID = 'j1';
const document = { name: 'One' } as JobDocument;
const job: StoredJob = { id: ID, revision: 1, createdAt: '', updatedAt: '', document };
const entry = (id: string): LogEntryDocument => ({ id, kind: 'note', at: '2026-11-20T09:00:00Z', note: id });
const kept = (seq: number, id: string): KeptEntry => ({ seq, entry: entry(id) });

class FakeApi {
  readonly sent: string[][] = [];
  readonly stream = new Subject<KeptEntry>();
  followed: number | undefined;
  answer: (entries: readonly LogEntryDocument[]) => Observable<EntriesKept> = (entries) =>
    of({ kept: entries.map(({ id }, index) => ({ id, seq: 10 + index })) });

  add(_job: string, entries: readonly LogEntryDocument[]): Observable<EntriesKept> {
    this.sent.push(entries.map(({ id }) => id));
    return this.answer(entries);
  }

  follow(_job: string, after: number): Observable<KeptEntry> {
    this.followed = after;
    return this.stream;
  }
}

let api: FakeApi;
let store: Store;
const state = () => store.selectSignal(logFeature.selectLogState)();
const ids = (): string[] =>
  store
    .selectSignal(logFeature.selectEntries)()
    .map(({ id }) => id);

beforeEach(() => {
  jest.useFakeTimers();
  localStorage.clear();
  api = new FakeApi();
  TestBed.configureTestingModule({
    providers: [
      provideStore({ job: jobFeature.reducer, log: logFeature.reducer }),
      provideEffects(LogEffects),
      { provide: LogApi, useValue: api },
    ],
  });
  store = TestBed.inject(Store);
});
afterEach(() => jest.useRealTimers());

function open(): void {
  store.dispatch(JobActions.open({ id: ID }));
  store.dispatch(JobActions.opened({ job, document, sync: 'kept' }));
}

describe('the log on the bench', () => {
  it('is kept on the device at once and sent; what the server has no longer waits', () => {
    open();
    api.answer = () => new Subject<EntriesKept>();
    store.dispatch(LogActions.added({ job: ID, entry: entry('a') }));
    expect(localStorage.getItem(`zabble.log.waiting.${ID}`)).toContain('"a"');
    expect([ids(), state().waiting.length, api.sent]).toEqual([['a'], 1, [['a']]]);
    store.dispatch(LogActions.heard({ job: ID, kept: [kept(1, 'a')] }));
    expect([ids(), state().waiting.length]).toEqual([['a'], 0]);
    expect(localStorage.getItem(`zabble.log.waiting.${ID}`)).toBeNull();
  });

  it('hears what others write, in the order of the server, each once', () => {
    open();
    api.stream.next(kept(2, 'b'));
    api.stream.next(kept(1, 'a'));
    api.stream.next(kept(2, 'b'));
    jest.advanceTimersByTime(100);
    expect(ids()).toEqual(['a', 'b']);
  });

  it('sends no more at once than the server takes', () => {
    const many = Array.from({ length: MOST_ENTRIES + 1 }, (_, index) => entry(`e${index}`));
    localStorage.setItem(`zabble.log.waiting.${ID}`, JSON.stringify(many));
    open();
    expect(api.sent[0]).toHaveLength(MOST_ENTRIES);
    store.dispatch(LogActions.sendDue());
    expect(api.sent[1]).toEqual([`e${MOST_ENTRIES}`]);
  });

  it('what comes of a job just left touches nothing of the one on the bench', () => {
    const [waiting, copy] = [`zabble.log.waiting.j2`, `zabble.log.copy.j2`];
    open();
    api.answer = () => new Subject<EntriesKept>();
    store.dispatch(JobActions.open({ id: 'j2' }));
    store.dispatch(JobActions.opened({ job: { ...job, id: 'j2' }, document, sync: 'kept' }));
    store.dispatch(LogActions.added({ job: 'j2', entry: entry('mine') }));
    localStorage.setItem(`zabble.log.waiting.${ID}`, JSON.stringify([entry('left')]));
    const before = [waiting, copy, `zabble.log.waiting.${ID}`].map((key) => localStorage.getItem(key));
    localStorage.setItem(waiting, 'as it was');
    store.dispatch(LogActions.heard({ job: ID, kept: [kept(1, 'a')] }));
    store.dispatch(LogActions.refused({ job: ID, ids: ['left'], says: 'x' }));
    expect([localStorage.getItem(waiting), localStorage.getItem(copy)]).toEqual(['as it was', before[1]]);
    expect(localStorage.getItem(`zabble.log.waiting.${ID}`)).toBe(before[2]);
  });

  it('tries again while the server is away, and takes up what waited after a reload', () => {
    localStorage.setItem(`zabble.log.waiting.${ID}`, JSON.stringify([entry('old')]));
    localStorage.setItem(`zabble.log.copy.${ID}`, JSON.stringify([kept(1, 'd'), kept(3, 'f')]));
    api.answer = () => throwError(() => new HttpErrorResponse({ status: 0 }));
    open();
    // The second is not heard of yet: it is asked for again, and the third with it.
    expect(api.followed).toBe(1);
    expect([ids(), state().reached]).toEqual([['d', 'f', 'old'], false]);
    api.answer = (entries) => of({ kept: entries.map(({ id }) => ({ id, seq: 5 })) });
    jest.advanceTimersByTime(3100);
    expect([state().reached, state().waiting]).toEqual([true, []]);
    expect(ids()).toEqual(['d', 'f', 'old']);
  });

  it('lets go of what the server refuses, and says why', () => {
    open();
    api.answer = () => throwError(() => new HttpErrorResponse({ status: 422, error: { says: 'It can’t be read.' } }));
    store.dispatch(LogActions.added({ job: ID, entry: entry('bad') }));
    expect([ids(), state().says]).toEqual([[], 'It can’t be read.']);
  });

  it('takes no answer for another job', () => {
    open();
    store.dispatch(JobActions.open({ id: 'j2' }));
    localStorage.setItem('zabble.log.waiting.j2', JSON.stringify([entry('w')]));
    store.dispatch(LogActions.heard({ job: ID, kept: [kept(1, 'a')] }));
    expect(ids()).toEqual([]);
    // What waits of the job that is being opened is still there when it is opened.
    api.answer = () => new Subject<EntriesKept>();
    store.dispatch(JobActions.opened({ job: { ...job, id: 'j2' }, document, sync: 'kept' }));
    expect(ids()).toEqual(['w']);
  });
});
