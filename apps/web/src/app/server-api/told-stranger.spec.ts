import { HttpClient, provideHttpClient, withInterceptors } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Stranger, toldStranger } from './told-stranger';

it('that this device is not let in is heard whatever was asked for, but for signing in', () => {
  TestBed.configureTestingModule({
    providers: [provideHttpClient(withInterceptors([toldStranger])), provideHttpClientTesting()],
  });
  const [client, http] = [TestBed.inject(HttpClient), TestBed.inject(HttpTestingController)];
  const { told } = TestBed.inject(Stranger);
  const answered = (url: string, status: number): number => {
    client.get(url).subscribe({ error: () => undefined });
    http.expectOne(url).flush(null, { status, statusText: 'x' });
    return told();
  };
  expect(answered('/api/jobs', 401)).toBe(1);
  expect(answered('/api/jobs', 403)).toBe(1);
  expect(answered('/api/jobs', 500)).toBe(1);
  expect(answered('/api/session', 401)).toBe(1);
  expect(answered('/api/session/second-factor', 401)).toBe(1);
  expect(answered('/api/shop/stock', 401)).toBe(2);
});
