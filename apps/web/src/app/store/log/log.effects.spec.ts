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
import { CHANCE } from '../../server-api/again';
import { DeviceStore } from '../../device/device-store';
import { answered, MemoryStore } from '../../device/memory-store.spec-data';
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
  private seq = 10;
  followed: number | undefined;
  answer: (entries: readonly LogEntryDocument[]) => Observable<EntriesKept> = (entries) =>
    of({ kept: entries.map(({ id }) => ({ id, seq: (this.seq += 1) })), refused: [] });

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
let device: MemoryStore;
let store: Store;
const state = () => store.selectSignal(logFeature.selectLogState)();
const ids = (): string[] =>
  store
    .selectSignal(logFeature.selectEntries)()
    .map(({ id }) => id);

beforeEach(() => {
  jest.useFakeTimers();
  api = new FakeApi();
  TestBed.configureTestingModule({
    providers: [
      provideStore({ job: jobFeature.reducer, log: logFeature.reducer }),
      provideEffects(LogEffects),
      { provide: LogApi, useValue: api },
      // The shortest waits: 1.5 s, then twice as long each time.
      { provide: CHANCE, useValue: () => 0 },
      { provide: DeviceStore, useValue: (device = new MemoryStore()) },
    ],
  });
  store = TestBed.inject(Store);
});
afterEach(() => jest.useRealTimers());

const WAITING = `zabble.log.waiting.${ID}`;
const REFUSED = `zabble.log.refused.${ID}`;
const said = (says: string, status: number) => () =>
  throwError(() => new HttpErrorResponse({ status, error: { says } }));

async function open(id = ID): Promise<void> {
  store.dispatch(JobActions.open({ id }));
  store.dispatch(JobActions.opened({ job: { ...job, id }, document, sync: 'kept' }));
  await answered();
}

async function add(...names: readonly string[]): Promise<void> {
  for (const name of names) store.dispatch(LogActions.added({ job: state().job ?? '', entry: entry(name) }));
  await answered();
}

describe('the log on the bench', () => {
  it('is kept on the device at once and sent; what the server has no longer waits', async () => {
    await open();
    api.answer = () => new Subject<EntriesKept>();
    await add('a');
    expect(device.kept.get(WAITING)).toEqual([entry('a')]);
    expect([ids(), state().waiting.length, api.sent]).toEqual([['a'], 1, [['a']]]);
    store.dispatch(LogActions.heard({ job: ID, kept: [kept(1, 'a')] }));
    await answered();
    expect([ids(), state().waiting.length]).toEqual([['a'], 0]);
    expect(device.kept.has(WAITING)).toBe(false);
  });

  it('hears what others write, in the order of the server, each once', async () => {
    await open();
    api.stream.next(kept(2, 'b'));
    api.stream.next(kept(1, 'a'));
    api.stream.next(kept(2, 'b'));
    jest.advanceTimersByTime(100);
    expect(ids()).toEqual(['a', 'b']);
  });

  it('sends no more at once than the server takes, and the rest after it', async () => {
    const many = Array.from({ length: MOST_ENTRIES + 1 }, (_, index) => entry(`e${index}`));
    device.kept.set(WAITING, many);
    await open();
    expect(api.sent.map(({ length }) => length)).toEqual([MOST_ENTRIES, 1]);
    expect(state().waiting).toEqual([]);
  });

  it('what comes of a job just left touches nothing of the one on the bench', async () => {
    await open();
    api.answer = () => new Subject<EntriesKept>();
    await open('j2');
    await add('mine');
    device.kept.set(WAITING, [entry('left')]);
    const before = JSON.stringify([...device.kept]);
    store.dispatch(LogActions.heard({ job: ID, kept: [kept(1, 'a')] }));
    store.dispatch(LogActions.refused({ job: ID, entries: [{ id: 'left', says: 'x' }] }));
    await answered();
    expect(JSON.stringify([...device.kept])).toBe(before);
  });

  it('tries again while the server is away, and takes up what waited after a reload', async () => {
    device.kept.set(WAITING, [entry('old')]);
    device.kept.set(`zabble.log.copy.${ID}`, [kept(1, 'd'), kept(3, 'f')]);
    api.answer = () => throwError(() => new HttpErrorResponse({ status: 0 }));
    await open();
    // The second is not heard of yet: it is asked for again, and the third with it.
    expect(api.followed).toBe(1);
    expect([ids(), state().reached]).toEqual([['d', 'f', 'old'], false]);
    api.answer = (entries) => of({ kept: entries.map(({ id }) => ({ id, seq: 5 })), refused: [] });
    jest.advanceTimersByTime(3100);
    expect([state().reached, state().waiting]).toEqual([true, []]);
    expect(ids()).toEqual(['d', 'f', 'old']);
  });

  it('takes no answer for another job', async () => {
    await open();
    store.dispatch(JobActions.open({ id: 'j2' }));
    device.kept.set('zabble.log.waiting.j2', [entry('w')]);
    store.dispatch(LogActions.heard({ job: ID, kept: [kept(1, 'a')] }));
    expect(ids()).toEqual([]);
    // What waits of the job that is being opened is still there when it is opened.
    api.answer = () => new Subject<EntriesKept>();
    await open('j2');
    expect(ids()).toEqual(['w']);
  });
});

describe('what the server does not take', () => {
  let seq = 20;
  const refusing = (entries: readonly LogEntryDocument[]): Observable<EntriesKept> =>
    of({
      kept: entries.flatMap(({ id }) => (id.startsWith('bad') ? [] : [{ id, seq: (seq += 1) }])),
      refused: entries.flatMap(({ id }, index) =>
        id.startsWith('bad') ? [{ index, said: { code: 'x', params: {} }, says: `${id} can’t be read.` }] : [],
      ),
    });
  const refused = () => state().refused.map(({ entry: { id }, says }) => [id, says]);

  it('stays on the device with why, and keeps nothing else from being kept', async () => {
    device.kept.set(WAITING, ['a', 'bad1', 'b', 'bad2'].map(entry));
    api.answer = refusing;
    await open();
    expect([ids(), state().waiting]).toEqual([['a', 'b'], []]);
    expect(refused()).toEqual([
      ['bad1', 'bad1 can’t be read.'],
      ['bad2', 'bad2 can’t be read.'],
    ]);
    expect(device.kept.get(REFUSED)).toHaveLength(2);
    expect(device.kept.has(WAITING)).toBe(false);
  });

  it('is there after a reload, is sent once more when asked, or put away', async () => {
    device.kept.set(
      REFUSED,
      ['x', 'y'].map((id) => ({ entry: entry(id), says: 'no' })),
    );
    await open();
    expect(refused().map(([id]) => id)).toEqual(['x', 'y']);
    store.dispatch(LogActions.triedAgain({ job: ID, id: 'x' }));
    store.dispatch(LogActions.putAway({ job: ID, id: 'y' }));
    await answered();
    expect([ids(), refused(), api.sent]).toEqual([['x'], [], [['x']]]);
    expect(device.kept.has(REFUSED)).toBe(false);
  });

  it('of a whole batch stays too', async () => {
    await open();
    api.answer = said('It can’t be read.', 422);
    await add('bad');
    expect([ids(), refused(), state().says]).toEqual([[], [['bad', 'It can’t be read.']], 'It can’t be read.']);
    expect(device.kept.get(REFUSED)).toHaveLength(1);
  });

  it('because the job was deleted waits on, until it is brought back', async () => {
    await open();
    api.answer = said('There is no job with this id.', 404);
    await add('a');
    expect([state().waiting.length, device.kept.get(WAITING)]).toEqual([1, [entry('a')]]);
    expect(state().says).toContain('This job is deleted');
    api.answer = refusing;
    await open();
    store.dispatch(LogActions.sendDue());
    expect(ids()).toEqual(['a']);
  });

  it('as too much at once goes in halves, down to the one that is too much by itself', async () => {
    device.kept.set(WAITING, ['a', 'b', 'huge', 'c', 'd'].map(entry));
    api.answer = (entries) =>
      entries.some(({ id }) => id === 'huge') ? said('That is over 9 bytes.', 413)() : refusing(entries);
    await open();
    expect(ids()).toEqual(expect.arrayContaining(['a', 'b', 'c', 'd']));
    expect(refused()).toEqual([['huge', 'That is over 9 bytes.']]);
    expect(state().waiting).toEqual([]);
  });
});

describe('what waits', () => {
  it('is told to be kept nowhere where the browser keeps nothing', async () => {
    await open();
    api.answer = () => new Subject<EntriesKept>();
    await add('a');
    expect(state().here).toBe(true);
    device.full = true;
    await add('b');
    expect(state().here).toBe(false);
  });
});
