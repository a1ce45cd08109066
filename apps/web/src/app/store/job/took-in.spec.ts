import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import type { StoredJob } from '@zabble/contract';
import type { JobDocument } from '@zabble/core';
import { DeviceStore } from '../../device/device-store';
import { answered, MemoryStore } from '../../device/memory-store.spec-data';
import { JobActions } from './job.actions';
import { JobEffects } from './job.effects';
import { jobFeature, type JobState } from './job.reducer';
import { newJob } from './new-job';

const stored = (document: JobDocument, revision: number): StoredJob => ({
  ...{ id: 'j', revision, document },
  ...{ createdAt: '', updatedAt: '' },
});
const chest: JobDocument = { ...newJob('mm'), name: 'chest', customer: 'Runa', notes: '' };

describe('two people at one job', () => {
  let store: Store;
  let http: HttpTestingController;
  const state = (): JobState => store.selectSignal(jobFeature.selectJobState)();
  const put = () => http.expectOne({ method: 'PUT', url: '/api/jobs/j' });
  const later = async (time: number): Promise<void> => {
    jest.advanceTimersByTime(time);
    await answered();
  };

  beforeEach(async () => {
    jest.useFakeTimers();
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(),
        provideHttpClientTesting(),
        provideStore({ job: jobFeature.reducer }),
        provideEffects(JobEffects),
        { provide: DeviceStore, useValue: new MemoryStore() },
      ],
    });
    [store, http] = [TestBed.inject(Store), TestBed.inject(HttpTestingController)];
    store.dispatch(JobActions.open({ id: 'j' }));
    http.expectOne('/api/jobs/j').flush(stored(chest, 4));
    await answered();
  });
  afterEach(() => {
    http.verify();
    jest.useRealTimers();
  });

  it('changed elsewhere meanwhile, where it does not touch: both stand, and what comes of it is sent', async () => {
    store.dispatch(JobActions.edited({ name: 'note', document: { ...chest, notes: 'mine' } }));
    await later(600);
    const theirs = stored({ ...chest, customer: 'Oli' }, 5);
    put().flush({ status: 409, says: 'changed', kept: theirs }, { status: 409, statusText: 'Conflict' });
    await answered();
    const both = { ...chest, customer: 'Oli', notes: 'mine' };
    expect(state()).toMatchObject({ document: both, revision: 5, tookIn: 1 });
    const request = put();
    expect(request.request.body).toMatchObject({ revision: 5, document: both });
    request.flush(stored(both, 6));
    await answered();
    expect(state().sync).toBe('kept');
    // Undone is one's own alone.
    store.dispatch(JobActions.undone());
    expect(state().document).toEqual({ ...chest, customer: 'Oli' });
  });

  it('that somebody else saved it is taken in while nothing is on its way here', async () => {
    store.dispatch(JobActions.standsAt({ id: 'j', revision: 4 }));
    http.expectNone('/api/jobs/j');
    store.dispatch(JobActions.standsAt({ id: 'j', revision: 5 }));
    http.expectOne('/api/jobs/j').flush(stored({ ...chest, customer: 'Oli' }, 5));
    await answered();
    expect(state()).toMatchObject({ document: { customer: 'Oli' }, revision: 5, sync: 'kept', tookIn: 1 });
    await later(5000);
    http.expectNone({ method: 'PUT' });
  });
});
