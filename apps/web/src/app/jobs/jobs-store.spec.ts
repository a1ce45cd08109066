import { HttpErrorResponse, provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { provideStore, Store } from '@ngrx/store';
import type { JobList, JobSummary } from '@zabble/contract';
import { JobsActions, JobsEffects, jobsFeature } from './jobs-store';
import { sentenceOf } from '../server-api/problem';

const job: JobSummary = {
  id: 'j',
  revision: 1,
  createdAt: '',
  updatedAt: '',
  deletedAt: null,
  name: 'Rope',
  customer: '',
  unit: 'in',
  faces: [],
};
const list = (items: JobSummary[], next: string | null = null): JobList => ({ items, next, settling: false });

describe('the list of jobs', () => {
  let store: Store;
  let http: HttpTestingController;
  const state = () => store.selectSignal(jobsFeature.selectJobsState)();
  const answer = (params: string, body: JobList): void => http.expectOne(`/api/jobs?${params}`).flush(body);

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [
        provideHttpClient(),
        provideHttpClientTesting(),
        provideStore({ jobs: jobsFeature.reducer }),
        provideEffects(JobsEffects),
      ],
    });
    store = TestBed.inject(Store);
    http = TestBed.inject(HttpTestingController);
  });
  afterEach(() => http.verify());

  it('asks for what is searched, from the first page again', () => {
    store.dispatch(JobsActions.asked({}));
    answer('search=&deleted=false', list([job], 'one'));
    store.dispatch(JobsActions.asked({ to: 'older' }));
    answer('search=&deleted=false&after=one', list([job], 'two'));
    store.dispatch(JobsActions.asked({ to: 'older' }));
    answer('search=&deleted=false&after=two', list([job]));
    store.dispatch(JobsActions.asked({ to: 'newer' }));
    answer('search=&deleted=false&after=one', list([job], 'two'));
    store.dispatch(JobsActions.asked({ search: 'rope' }));
    answer('search=rope&deleted=false', list([]));
    expect(state()).toMatchObject({ search: 'rope', from: [], list: { items: [] } });
  });

  it('shows nothing of one list as the other', () => {
    store.dispatch(JobsActions.asked({}));
    answer('search=&deleted=false', list([job]));
    store.dispatch(JobsActions.asked({ deleted: true }));
    expect(state().list).toBeUndefined();
    answer('search=&deleted=true', list([]));
    expect(state().list?.items).toEqual([]);
  });

  it('deletes, and brings back', () => {
    store.dispatch(JobsActions.delete({ job }));
    http.expectOne({ method: 'DELETE', url: '/api/jobs/j' }).flush(null);
    answer('search=&deleted=false', list([]));
    expect(state().gone).toBe(job);
    store.dispatch(JobsActions.bringBack({ job }));
    http.expectOne({ method: 'POST', url: '/api/jobs/j/restore' }).flush(job);
    answer('search=&deleted=false', list([job]));
    expect(state()).toMatchObject({ gone: undefined, list: { items: [job] } });
  });

  it('says what the server said, or that it is not reached, and keeps the last list', () => {
    store.dispatch(JobsActions.asked({}));
    answer('search=&deleted=false', list([job]));
    store.dispatch(JobsActions.delete({ job }));
    http
      .expectOne('/api/jobs/j')
      .flush({ status: 404, says: 'There is no job with this id.' }, { status: 404, statusText: 'x' });
    expect(state()).toMatchObject({ says: 'There is no job with this id.', list: { items: [job] } });
    expect(sentenceOf(new HttpErrorResponse({ status: 0 }))).toContain('The server is not reached.');
  });
});
