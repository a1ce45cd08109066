import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import type { JobSaved, StoredJob } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';
import { newJob } from './new-job';
import { CHANCE } from '../../server-api/again';
import { DeviceStore } from '../../device/device-store';
import { Drafts } from '../../device/drafts';
import { answered, MemoryStore } from '../../device/memory-store.spec-data';
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
  let device: MemoryStore;
  const state = (): JobState => store.selectSignal(jobFeature.selectJobState)();
  const open = async (document = first, revision = 1): Promise<void> => {
    store.dispatch(JobActions.open({ id: 'j' }));
    http.expectOne('/api/jobs/j').flush(stored(document, revision));
    await answered();
  };
  const later = async (time: number): Promise<void> => {
    jest.advanceTimersByTime(time);
    await answered();
  };
  const edit = async (name: string): Promise<void> => {
    store.dispatch(JobActions.edited({ name, document: named(name) }));
    await answered();
  };
  const saved = (_document: JobDocument, revision: number): JobSaved => ({ id: 'j', revision, updatedAt: '' });
  const put = () => http.expectOne({ method: 'PUT', url: '/api/jobs/j' });

  beforeEach(() => {
    jest.useFakeTimers();
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(),
        provideHttpClientTesting(),
        provideStore({ job: jobFeature.reducer }),
        provideEffects(JobEffects),
        // The shortest waits: 1.5 s, then twice as long each time.
        { provide: CHANCE, useValue: () => 0 },
        { provide: DeviceStore, useValue: (device = new MemoryStore()) },
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

  it('opens a job from the copy on this machine while the server is away, and looks again until it answers', async () => {
    await open(named('as it was'), 3);
    store.dispatch(JobActions.left());
    await answered();
    store.dispatch(JobActions.open({ id: 'other' }));
    await answered();
    http.expectOne('/api/jobs/other').flush(null, { status: 404, statusText: 'x' });
    await answered();
    store.dispatch(JobActions.open({ id: 'j' }));
    await answered();
    http.expectOne('/api/jobs/j').flush(null, { status: 504, statusText: 'x' });
    await answered();
    expect(state()).toMatchObject({ sync: 'unreached', revision: 3, document: { name: 'as it was' } });
    http.expectOne({ method: 'GET', url: '/api/jobs/j' }).flush(null, { status: 504, statusText: 'x' });
    await answered();
    await later(3000);
    http.expectOne({ method: 'GET', url: '/api/jobs/j' }).flush(stored(named('newer'), 4));
    await answered();
    expect(state()).toMatchObject({ sync: 'kept', revision: 4, document: { name: 'newer' } });
  });

  it('sends what was written on a job opened from its copy', async () => {
    await open(named('as it was'), 3);
    store.dispatch(JobActions.open({ id: 'other' }));
    await answered();
    http.expectOne('/api/jobs/other').flush(null, { status: 404, statusText: 'x' });
    await answered();
    store.dispatch(JobActions.open({ id: 'j' }));
    await answered();
    http.expectOne('/api/jobs/j').error(new ProgressEvent('error'));
    await answered();
    const looking = http.expectOne({ method: 'GET', url: '/api/jobs/j' });
    await edit('written meanwhile');
    await later(700);
    looking.error(new ProgressEvent('error'));
    await answered();
    const sent = put();
    expect(sent.request.body).toMatchObject({ revision: 3, document: { name: 'written meanwhile' } });
    sent.flush(stored(named('written meanwhile'), 4));
    await answered();
    expect(state()).toMatchObject({ sync: 'kept', revision: 4 });
  });

  it('here at once, on the server a moment after the last of them, in one go', async () => {
    await open();
    await edit('one');
    expect(await drafts.read('j')).toMatchObject({ revision: 1, document: { name: 'one' } });
    await later(300);
    await edit('two');
    await later(599);
    http.expectNone({ method: 'PUT' });
    await later(1);
    const request = put();
    expect(request.request.body).toMatchObject({ revision: 1, document: named('two') });
    expect(state().sync).toBe('sending');
    request.flush(stored(named('two'), 2));
    await answered();
    expect(state()).toMatchObject({ sync: 'kept', revision: 2 });
    expect(await drafts.read('j')).toBeUndefined();
  });

  it('of edits that follow one another the last is kept here too', async () => {
    await open();
    for (const name of ['one', 'two', 'three']) await edit(name);
    expect(await drafts.read('j')).toMatchObject({ document: { name: 'one' } });
    await later(120);
    expect(await drafts.read('j')).toMatchObject({ document: { name: 'three' } });
    await later(480);
    put().flush(stored(named('three'), 2));
    await answered();
  });

  it('what is newer than the save is kept here as made from it', async () => {
    await open();
    await edit('one');
    await later(600);
    const slow = put();
    await edit('two');
    slow.flush(stored(named('one'), 2));
    await answered();
    expect(await drafts.read('j')).toMatchObject({ revision: 2, document: { name: 'two' } });
    await later(600);
    put().flush(stored(named('two'), 3));
    await answered();
  });

  it('an answer that the server went wrong is a refusal, not an absence', async () => {
    await open();
    await edit('one');
    await later(600);
    put().flush({ status: 500, says: 'Something went wrong in the server.' }, { status: 500, statusText: 'x' });
    await answered();
    expect(state()).toMatchObject({ sync: 'refused', says: 'Something went wrong in the server.' });
    await later(5000);
    http.expectNone({ method: 'PUT' });
  });

  it('is tried as soon as the machine is online again', async () => {
    await open();
    await edit('one');
    await later(600);
    put().error(new ProgressEvent('error'));
    await answered();
    window.dispatchEvent(new Event('online'));
    await answered();
    put().flush(stored(named('one'), 2));
    await answered();
    expect(state().sync).toBe('kept');
    await later(3000);
  });

  it('what can be undone is kept as the page goes, though it goes at once', async () => {
    await open();
    await edit('one');
    window.dispatchEvent(new Event('pagehide'));
    await answered();
    expect((await TestBed.inject(Histories).read('j', named('one')))?.past).toHaveLength(1);
    await later(600);
    put().flush(stored(named('one'), 2));
    await answered();
  });

  it('what is written while a save is on its way is sent after it, from the new revision', async () => {
    await open();
    await edit('one');
    await later(600);
    const slow = put();
    await edit('two');
    await later(600);
    http.expectNone({ method: 'PUT' });
    slow.flush(stored(named('one'), 2));
    await answered();
    const next = put();
    expect(next.request.body).toMatchObject({ revision: 2, document: named('two') });
    next.flush(stored(named('two'), 3));
    await answered();
    expect(state()).toMatchObject({ sync: 'kept', revision: 3 });
  });

  it('the server away: marked, tried again until it answers', async () => {
    await open();
    await edit('one');
    await later(600);
    put().error(new ProgressEvent('error'));
    await answered();
    expect(state().sync).toBe('unreached');
    await later(3000);
    put().flush({ status: 503, says: 'The database does not answer.' }, { status: 503, statusText: 'x' });
    await answered();
    expect(state().sync).toBe('unreached');
    await later(3000);
    put().flush(stored(named('one'), 2));
    await answered();
    expect(state()).toMatchObject({ sync: 'kept', says: undefined });
  });

  it('a reload meanwhile: what was kept here is taken up and sent', async () => {
    await drafts.write('j', { document: named('mine'), revision: 4 });
    await open(first, 4);
    expect(state()).toMatchObject({ document: { name: 'mine' }, sync: 'sending' });
    put().flush(stored(named('mine'), 5));
    await answered();
    expect(state().sync).toBe('kept');
  });

  it('a reload meanwhile: what was kept here is given up where the server has the same', async () => {
    await drafts.write('j', { document: named('same'), revision: 3 });
    await open(named('same'), 4);
    expect(state()).toMatchObject({ document: { name: 'same' }, revision: 4, sync: 'kept' });
    expect(await drafts.read('j')).toBeUndefined();
  });

  it('a reload while the server is away: opened from here, and sent when it answers', async () => {
    await drafts.write('j', { document: named('mine'), revision: 4 });
    store.dispatch(JobActions.open({ id: 'j' }));
    await answered();
    http.expectOne('/api/jobs/j').error(new ProgressEvent('error'));
    await answered();
    expect(state()).toMatchObject({ document: { name: 'mine' }, revision: 4, sync: 'unreached' });
    put().flush(stored(named('mine'), 5));
    await answered();
    expect(state()).toMatchObject({ revision: 5, sync: 'kept' });
  });

  it('changed elsewhere meanwhile: nothing is sent until one is chosen', async () => {
    await drafts.write('j', { document: named('mine'), revision: 4 });
    await open(named('theirs'), 6);
    expect(state()).toMatchObject({ sync: 'conflict', document: { name: 'mine' }, kept: { revision: 6 } });
    await edit('mine too');
    await later(5000);
    http.expectNone({ method: 'PUT' });
    store.dispatch(JobActions.mineChosen());
    await answered();
    await later(600);
    const request = put();
    expect(request.request.body).toMatchObject({ revision: 6, document: named('mine too') });
    request.flush(stored(named('mine too'), 7));
    await answered();
    expect(state().sync).toBe('kept');
  });

  it('leaving the bench sends what is left at once', async () => {
    await open();
    await edit('one');
    store.dispatch(JobActions.left());
    await answered();
    put().flush(stored(named('one'), 2));
    await answered();
    await later(600);
    http.expectNone({ method: 'PUT' });
  });

  describe('a job left for another while its save is on its way', () => {
    const leaveForK = async (): Promise<void> => {
      store.dispatch(JobActions.left());
      await answered();
      store.dispatch(JobActions.open({ id: 'k' }));
      await answered();
      http.expectOne('/api/jobs/k').flush({ ...stored(named('other'), 9), id: 'k' });
      await answered();
      await answered();
    };

    it('loses nothing written meanwhile: it is sent after, from the new revision', async () => {
      await open();
      await edit('one');
      await later(600);
      const slow = put();
      await edit('two');
      await leaveForK();
      slow.flush(stored(named('one'), 2));
      await answered();
      const next = put();
      expect(next.request.body).toMatchObject({ revision: 2, document: named('two') });
      next.flush(stored(named('two'), 3));
      await answered();
      expect(await drafts.read('j')).toBeUndefined();
      expect(state()).toMatchObject({ id: 'k', document: { name: 'other' }, sync: 'kept', revision: 9 });
      await later(600);
    });

    it.each<[string, (request: ReturnType<typeof put>) => void]>([
      [
        'a conflict',
        (request) =>
          request.flush({ status: 409, says: 'x', kept: stored(named('theirs'), 5) }, { status: 409, statusText: 'x' }),
      ],
      ['the server away', (request) => request.error(new ProgressEvent('error'))],
      ['a refusal', (request) => request.flush({ status: 422, says: 'x' }, { status: 422, statusText: 'x' })],
    ])('%s is not taken for the other’s, and the edit stays kept here', async (_, answer) => {
      await open();
      await answered();
      await edit('one');
      await later(600);
      const slow = put();
      await leaveForK();
      answer(slow);
      await answered();
      expect(state()).toMatchObject({ id: 'k', document: { name: 'other' }, sync: 'kept', kept: undefined });
      expect(await drafts.read('j')).toMatchObject({ document: { name: 'one' } });
    });
  });

  it('a job that isn’t there says so', async () => {
    store.dispatch(JobActions.open({ id: 'j' }));
    await answered();
    http
      .expectOne('/api/jobs/j')
      .flush({ status: 404, says: 'There is no job with this id.' }, { status: 404, statusText: 'x' });
    await answered();
    expect(state()).toMatchObject({ document: undefined, sync: 'refused', says: 'There is no job with this id.' });
  });

  it('is called kept here only when it is, and kept nowhere where the browser keeps nothing', async () => {
    await open();
    store.dispatch(JobActions.edited({ name: 'one', document: named('one') }));
    expect(state()).toMatchObject({ sync: 'here', here: 'keeping' });
    await answered();
    expect(state().here).toBe('kept');
    device.full = true;
    await later(200);
    await edit('two');
    expect(state().here).toBe('nowhere');
    device.full = false;
    await later(200);
    await edit('three');
    expect(state().here).toBe('kept');
    await later(600);
    put().flush(saved(named('three'), 2));
    await answered();
  });

  it('taking the server’s version leaves nothing behind that could be taken for an edit later', async () => {
    await drafts.write('j', { document: named('mine'), revision: 4 });
    await open(named('theirs'), 6);
    store.dispatch(JobActions.theirsChosen());
    await later(700);
    expect(await drafts.read('j')).toBeUndefined();
    expect(state()).toMatchObject({ sync: 'kept', document: { name: 'theirs' } });
    http.expectNone({ method: 'PUT' });
  });

  describe('a save whose answer was lost', () => {
    const lost = async (): Promise<string> => {
      await open();
      await edit('one');
      await later(600);
      const request = put();
      const { save } = request.request.body as { save: string };
      request.error(new ProgressEvent('error'));
      await answered();
      return save;
    };

    it('is sent again with the same id', async () => {
      const save = await lost();
      await later(3000);
      const again = put();
      expect(again.request.body).toMatchObject({ revision: 1, save });
      again.flush(saved(named('one'), 2));
      await answered();
      expect(state()).toMatchObject({ sync: 'kept', revision: 2 });
    });

    it('is no conflict with oneself: what is newer is made from it and sent', async () => {
      const save = await lost();
      await edit('two');
      await later(600);
      const next = put();
      expect(next.request.body).toMatchObject({ revision: 1, document: { name: 'two' } });
      const kept = { ...stored(named('one'), 2), save };
      next.flush({ status: 409, says: 'x', kept }, { status: 409, statusText: 'x' });
      await answered();
      const after = put();
      expect(after.request.body).toMatchObject({ revision: 2, document: { name: 'two' } });
      after.flush(saved(named('two'), 3));
      await answered();
      expect(state()).toMatchObject({ sync: 'kept', revision: 3 });
      await later(3000);
    });

    it('nor after a reload', async () => {
      await drafts.write('j', { document: named('two'), revision: 1, save: 's' });
      store.dispatch(JobActions.open({ id: 'j' }));
      http.expectOne('/api/jobs/j').flush({ ...stored(named('one'), 2), save: 's' });
      await answered();
      expect(state()).toMatchObject({ document: { name: 'two' }, revision: 2 });
      const request = put();
      expect(request.request.body).toMatchObject({ revision: 2 });
      request.flush(saved(named('two'), 3));
      await answered();
    });
  });
});
