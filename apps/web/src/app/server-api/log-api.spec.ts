import { provideHttpClient } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import type { KeptEntry } from '@zabble/contract';
import { LogApi } from './log-api';

class FakeSource {
  static readonly CLOSED = 2;
  static all: FakeSource[] = [];
  readyState = 1;
  onmessage: ((event: { data: string }) => void) | undefined;
  onerror: (() => void) | undefined;

  constructor(readonly url: string) {
    FakeSource.all.push(this);
  }

  close(): void {
    this.readyState = FakeSource.CLOSED;
  }

  say(seq: number): void {
    this.onmessage?.({ data: JSON.stringify({ seq, entry: { id: String(seq) } }) });
  }
}

let hidden = false;
const seen = (is: boolean): void => {
  hidden = !is;
  document.dispatchEvent(new Event('visibilitychange'));
};

beforeEach(() => {
  jest.useFakeTimers();
  hidden = false;
  FakeSource.all = [];
  Object.assign(globalThis, { EventSource: FakeSource });
  Object.defineProperty(document, 'hidden', { configurable: true, get: () => hidden });
  TestBed.configureTestingModule({ providers: [provideHttpClient()] });
});
afterEach(() => jest.useRealTimers());

describe('following a log', () => {
  it('lets the stream go while the page is not seen, and takes it up where it was', () => {
    const heard: number[] = [];
    const following = TestBed.inject(LogApi)
      .follow('j', 3)
      .subscribe(({ seq }: KeptEntry) => heard.push(seq));
    const [first] = FakeSource.all;
    expect(first!.url).toBe('/api/jobs/j/log/stream?after=3');
    first!.say(4);
    seen(false);
    expect([first!.readyState, FakeSource.all.length]).toEqual([FakeSource.CLOSED, 1]);
    seen(true);
    const second = FakeSource.all[1]!;
    expect(second.url).toContain('after=4');
    second.say(5);
    expect(heard).toEqual([4, 5]);
    following.unsubscribe();
    expect(second.readyState).toBe(FakeSource.CLOSED);
    seen(true);
    expect(FakeSource.all).toHaveLength(2);
  });

  it('asks again after a while where something else answered for the server', () => {
    TestBed.inject(LogApi).follow('j', 0).subscribe();
    FakeSource.all[0]!.onerror?.();
    jest.advanceTimersByTime(3100);
    expect(FakeSource.all).toHaveLength(1);
    FakeSource.all[0]!.readyState = FakeSource.CLOSED;
    FakeSource.all[0]!.onerror?.();
    jest.advanceTimersByTime(3100);
    expect(FakeSource.all).toHaveLength(2);
  });
});
