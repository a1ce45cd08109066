import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import type { StoredJob } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';
import { newJob } from './new-job';
import { Drafts } from '../../device/drafts';
import { Histories } from '../../device/histories';
import { JobActions } from './job.actions';
import { JobEffects } from './job.effects';
import { jobFeature, type JobState } from './job.reducer';

const first = newJob('mm');
const named = (name: string): JobDocument => ({ ...first, name });
const stored = (document: JobDocument, revision: number): StoredJob => ({
  id: 'j',
  revision,
  document,
  createdAt: '',
  updatedAt: '',
});

describe('keeping edits', () => {
  let store: Store;
  let http: HttpTestingController;
  let drafts: Drafts;
  const state = (): JobState => store.selectSignal(jobFeature.selectJobState)();
  const open = (document = first, revision = 1): void => {
    store.dispatch(JobActions.open({ id: 'j' }));
    http.expectOne('/api/jobs/j').flush(stored(document, revision));
  };
  const edit = (name: string): void => store.dispatch(JobActions.edited({ name, document: named(name) }));
  const put = () => http.expectOne({ method: 'PUT', url: '/api/jobs/j' });

  beforeEach(() => {
    localStorage.clear();
    jest.useFakeTimers();
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(),
        provideHttpClientTesting(),
        provideStore({ job: jobFeature.reducer }),
        provideEffects(JobEffects),
      ],
    });
    store = TestBed.inject(Store);
    http = TestBed.inject(HttpTestingController);
    drafts = TestBed.inject(Drafts);
  });
  afterEach(() => {
    http.verify();
    jest.useRealTimers();
  });

  it('opens a job from the copy on this machine while the server is away, and looks again until it answers', () => {
    open(named('as it was'), 3);
    store.dispatch(JobActions.left());
    store.dispatch(JobActions.open({ id: 'other' }));
    http.expectOne('/api/jobs/other').flush(null, { status: 404, statusText: 'x' });
    store.dispatch(JobActions.open({ id: 'j' }));
    http.expectOne('/api/jobs/j').flush(null, { status: 504, statusText: 'x' });
    expect(state()).toMatchObject({ sync: 'unreached', revision: 3, document: { name: 'as it was' } });
    http.expectOne({ method: 'GET', url: '/api/jobs/j' }).flush(null, { status: 504, statusText: 'x' });
    jest.advanceTimersByTime(3000);
    http.expectOne({ method: 'GET', url: '/api/jobs/j' }).flush(stored(named('newer'), 4));
    expect(state()).toMatchObject({ sync: 'kept', revision: 4, document: { name: 'newer' } });
  });

  it('sends what was written on a job opened from its copy', () => {
    open(named('as it was'), 3);
    store.dispatch(JobActions.open({ id: 'other' }));
    http.expectOne('/api/jobs/other').flush(null, { status: 404, statusText: 'x' });
    store.dispatch(JobActions.open({ id: 'j' }));
    http.expectOne('/api/jobs/j').error(new ProgressEvent('error'));
    const looking = http.expectOne({ method: 'GET', url: '/api/jobs/j' });
    edit('written meanwhile');
    jest.advanceTimersByTime(700);
    looking.error(new ProgressEvent('error'));
    const sent = put();
    expect(sent.request.body).toMatchObject({ revision: 3, document: { name: 'written meanwhile' } });
    sent.flush(stored(named('written meanwhile'), 4));
    expect(state()).toMatchObject({ sync: 'kept', revision: 4 });
  });

  it('here at once, on the server a moment after the last of them, in one go', () => {
    open();
    edit('one');
    expect(drafts.read('j')).toMatchObject({ revision: 1, document: { name: 'one' } });
    jest.advanceTimersByTime(300);
    edit('two');
    jest.advanceTimersByTime(599);
    http.expectNone({ method: 'PUT' });
    jest.advanceTimersByTime(1);
    const request = put();
    expect(request.request.body).toEqual({ revision: 1, document: named('two') });
    expect(state().sync).toBe('sending');
    request.flush(stored(named('two'), 2));
    expect(state()).toMatchObject({ sync: 'kept', revision: 2 });
    expect(drafts.read('j')).toBeUndefined();
  });

  it('of edits that follow one another the last is kept here too', () => {
    open();
    for (const name of ['one', 'two', 'three']) edit(name);
    expect(drafts.read('j')).toMatchObject({ document: { name: 'one' } });
    jest.advanceTimersByTime(120);
    expect(drafts.read('j')).toMatchObject({ document: { name: 'three' } });
    jest.advanceTimersByTime(480);
    put().flush(stored(named('three'), 2));
  });

  it('what is newer than the save is kept here as made from it', () => {
    open();
    edit('one');
    jest.advanceTimersByTime(600);
    const slow = put();
    edit('two');
    slow.flush(stored(named('one'), 2));
    expect(drafts.read('j')).toMatchObject({ revision: 2, document: { name: 'two' } });
    jest.advanceTimersByTime(600);
    put().flush(stored(named('two'), 3));
  });

  it('an answer that the server went wrong is a refusal, not an absence', () => {
    open();
    edit('one');
    jest.advanceTimersByTime(600);
    put().flush({ status: 500, says: 'Something went wrong in the server.' }, { status: 500, statusText: 'x' });
    expect(state()).toMatchObject({ sync: 'refused', says: 'Something went wrong in the server.' });
    jest.advanceTimersByTime(5000);
    http.expectNone({ method: 'PUT' });
  });

  it('is tried as soon as the machine is online again', () => {
    open();
    edit('one');
    jest.advanceTimersByTime(600);
    put().error(new ProgressEvent('error'));
    window.dispatchEvent(new Event('online'));
    put().flush(stored(named('one'), 2));
    expect(state().sync).toBe('kept');
    jest.advanceTimersByTime(3000);
  });

  it('what can be undone is kept as the page goes, though it goes at once', () => {
    open();
    edit('one');
    window.dispatchEvent(new Event('pagehide'));
    expect(TestBed.inject(Histories).read('j', named('one'))?.past).toHaveLength(1);
    jest.advanceTimersByTime(600);
    put().flush(stored(named('one'), 2));
  });

  it('what is written while a save is on its way is sent after it, from the new revision', () => {
    open();
    edit('one');
    jest.advanceTimersByTime(600);
    const slow = put();
    edit('two');
    jest.advanceTimersByTime(600);
    http.expectNone({ method: 'PUT' });
    slow.flush(stored(named('one'), 2));
    const next = put();
    expect(next.request.body).toEqual({ revision: 2, document: named('two') });
    next.flush(stored(named('two'), 3));
    expect(state()).toMatchObject({ sync: 'kept', revision: 3 });
  });

  it('the server away: marked, tried again until it answers', () => {
    open();
    edit('one');
    jest.advanceTimersByTime(600);
    put().error(new ProgressEvent('error'));
    expect(state().sync).toBe('unreached');
    jest.advanceTimersByTime(3000);
    put().flush({ status: 503, says: 'The database does not answer.' }, { status: 503, statusText: 'x' });
    expect(state().sync).toBe('unreached');
    jest.advanceTimersByTime(3000);
    put().flush(stored(named('one'), 2));
    expect(state()).toMatchObject({ sync: 'kept', says: undefined });
  });

  it('a reload meanwhile: what was kept here is taken up and sent', () => {
    drafts.write('j', { document: named('mine'), revision: 4 });
    open(first, 4);
    expect(state()).toMatchObject({ document: { name: 'mine' }, sync: 'sending' });
    put().flush(stored(named('mine'), 5));
    expect(state().sync).toBe('kept');
  });

  it('a reload while the server is away: opened from here, and sent when it answers', () => {
    drafts.write('j', { document: named('mine'), revision: 4 });
    store.dispatch(JobActions.open({ id: 'j' }));
    http.expectOne('/api/jobs/j').error(new ProgressEvent('error'));
    expect(state()).toMatchObject({ document: { name: 'mine' }, revision: 4, sync: 'unreached' });
    put().flush(stored(named('mine'), 5));
    expect(state()).toMatchObject({ revision: 5, sync: 'kept' });
  });

  it('changed elsewhere meanwhile: nothing is sent until one is chosen', () => {
    drafts.write('j', { document: named('mine'), revision: 4 });
    open(named('theirs'), 6);
    expect(state()).toMatchObject({ sync: 'conflict', document: { name: 'mine' }, kept: { revision: 6 } });
    edit('mine too');
    jest.advanceTimersByTime(5000);
    http.expectNone({ method: 'PUT' });
    store.dispatch(JobActions.mineChosen());
    jest.advanceTimersByTime(600);
    const request = put();
    expect(request.request.body).toEqual({ revision: 6, document: named('mine too') });
    request.flush(stored(named('mine too'), 7));
    expect(state().sync).toBe('kept');
  });

  it('leaving the bench sends what is left at once', () => {
    open();
    edit('one');
    store.dispatch(JobActions.left());
    put().flush(stored(named('one'), 2));
    jest.advanceTimersByTime(600);
    http.expectNone({ method: 'PUT' });
  });

  describe('a job left for another while its save is on its way', () => {
    const leaveForK = () => {
      store.dispatch(JobActions.left());
      store.dispatch(JobActions.open({ id: 'k' }));
      http.expectOne('/api/jobs/k').flush({ ...stored(named('other'), 9), id: 'k' });
    };

    it('loses nothing written meanwhile: it is sent after, from the new revision', () => {
      open();
      edit('one');
      jest.advanceTimersByTime(600);
      const slow = put();
      edit('two');
      leaveForK();
      slow.flush(stored(named('one'), 2));
      const next = put();
      expect(next.request.body).toEqual({ revision: 2, document: named('two') });
      next.flush(stored(named('two'), 3));
      expect(drafts.read('j')).toBeUndefined();
      expect(state()).toMatchObject({ id: 'k', document: { name: 'other' }, sync: 'kept', revision: 9 });
      jest.advanceTimersByTime(600);
    });

    it.each<[string, (request: ReturnType<typeof put>) => void]>([
      [
        'a conflict',
        (request) =>
          request.flush({ status: 409, says: 'x', kept: stored(named('theirs'), 5) }, { status: 409, statusText: 'x' }),
      ],
      ['the server away', (request) => request.error(new ProgressEvent('error'))],
      ['a refusal', (request) => request.flush({ status: 422, says: 'x' }, { status: 422, statusText: 'x' })],
    ])('%s is not taken for the other’s, and the edit stays kept here', (_, answer) => {
      open();
      edit('one');
      jest.advanceTimersByTime(600);
      const slow = put();
      leaveForK();
      answer(slow);
      expect(state()).toMatchObject({ id: 'k', document: { name: 'other' }, sync: 'kept', kept: undefined });
      expect(drafts.read('j')).toMatchObject({ document: { name: 'one' } });
    });
  });

  it('a job that isn’t there says so', () => {
    store.dispatch(JobActions.open({ id: 'j' }));
    http
      .expectOne('/api/jobs/j')
      .flush({ status: 404, says: 'There is no job with this id.' }, { status: 404, statusText: 'x' });
    expect(state()).toMatchObject({ document: undefined, sync: 'refused', says: 'There is no job with this id.' });
  });
});
