import { HttpErrorResponse, provideHttpClient, withInterceptors } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { JobDocument } from '@zabble/core';
import { JobsApi } from './jobs-api';
import { ChangeUnanswered, ownRequests } from './own-requests';
import { sentenceOf } from './problem';

const document = { name: 'One' } as JobDocument;

describe('asking for a new job', () => {
  let api: JobsApi;
  let http: HttpTestingController;
  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [provideHttpClient(withInterceptors([ownRequests])), provideHttpClientTesting()],
    });
    [api, http] = [TestBed.inject(JobsApi), TestBed.inject(HttpTestingController)];
  });
  const asked = () => http.expectOne({ method: 'POST', url: '/api/jobs' });
  const idOf = ({ request }: ReturnType<typeof asked>) => (request.body as { id: string }).id;

  it('again after an answer that was lost is the same wish; after an answer it is another', () => {
    const told: string[] = [];
    const ask = () => api.create(document).subscribe({ error: (problem: unknown) => told.push(sentenceOf(problem)) });
    ask();
    const first = asked();
    first.error(new ProgressEvent('error'));
    expect(told).toEqual([expect.stringContaining('Whether this was done is not known')]);
    ask();
    const again = asked();
    expect(idOf(again)).toBe(idOf(first));
    again.flush({ id: idOf(first) });
    ask();
    expect(idOf(asked())).not.toBe(idOf(first));
  });

  it('has the header no page from elsewhere sends', () => {
    api.create(document).subscribe();
    expect(asked().request.headers.get('x-zabble')).toBe('1');
  });

  it('waits for no answer without end, and longer for what is long itself', () => {
    jest.useFakeTimers();
    const told: unknown[] = [];
    const tell = { error: (problem: unknown) => void told.push(problem) };
    api.read('j').subscribe(tell);
    api.create(document).subscribe(tell);
    api.importFile('{}').subscribe(tell);
    const all = http.match(() => true);
    jest.advanceTimersByTime(20_100);
    expect(told.map(sentenceOf)).toEqual([expect.stringContaining('Nothing was changed')]);
    jest.advanceTimersByTime(20_100);
    expect(told[1]).toBeInstanceOf(ChangeUnanswered);
    expect(all.map(({ cancelled }) => cancelled)).toEqual([true, true, false]);
    jest.advanceTimersByTime(300_000);
    expect(told).toHaveLength(3);
    jest.useRealTimers();
  });

  it('that only looks and is not answered changed nothing', () => {
    let told: unknown;
    api.read('j').subscribe({ error: (problem: unknown) => (told = problem) });
    http.expectOne('/api/jobs/j').error(new ProgressEvent('error'));
    expect(told).toBeInstanceOf(HttpErrorResponse);
    expect(sentenceOf(told)).toContain('Nothing was changed');
  });
});
