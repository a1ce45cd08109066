import { provideHttpClient } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { PageShop } from './page-shop';
import { PresentApi } from './present-api';

describe('leaving a job', () => {
  const asked: [string, RequestInit][] = [];
  let fails = false;
  const before = window.fetch;
  beforeEach(() => {
    asked.length = 0;
    window.fetch = ((url: string, init: RequestInit) => {
      asked.push([url, init]);
      return fails ? Promise.reject(new Error('gone')) : Promise.resolve({});
    }) as never;
    TestBed.configureTestingModule({ providers: [provideHttpClient()] });
  });
  afterEach(() => {
    window.fetch = before;
  });
  const here = { page: 'p1', step: 'cut' } as never;

  it('is said though the page is gone by then, by which shop’s page it was', async () => {
    await TestBed.inject(PresentApi).leave('j1', here);
    TestBed.inject(PageShop).id.set('s1');
    await TestBed.inject(PresentApi).leave('j1', here);
    const [[url, first], [, second]] = asked as [[string, RequestInit], [string, RequestInit]];
    expect(url).toBe('/api/jobs/j1/here');
    expect(first).toEqual({
      method: 'POST',
      keepalive: true,
      headers: { 'Content-Type': 'application/json', 'x-zabble': '1' },
      body: '{"page":"p1","step":"cut","gone":true}',
    });
    expect(second.headers).toMatchObject({ 'x-zabble': 's1' });
  });

  it('hinders nothing where nobody hears it', async () => {
    fails = true;
    await expect(TestBed.inject(PresentApi).leave('j1', here)).resolves.toBeUndefined();
    expect(asked).toHaveLength(1);
  });
});
