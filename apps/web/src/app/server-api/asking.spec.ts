import { HttpErrorResponse } from '@angular/common/http';
import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { NEVER, of, Subject, throwError } from 'rxjs';
import { asking } from './asking';

describe('asking the server', () => {
  const says = signal('');
  const ask = () => TestBed.runInInjectionContext(() => asking(says));
  const problem = new HttpErrorResponse({ status: 422, error: { says: 'The rack holds none of that.' } });

  it('takes the answer in, and has nothing more to say', () => {
    says.set('something before');
    const taken: number[] = [];
    ask()(of(7), (value) => taken.push(value));
    expect([taken, says()]).toEqual([[7], '']);
  });

  it('tells what the server said, and what was asked before and after goes on', () => {
    const [asked, taken] = [ask(), [] as string[]];
    const slow = new Subject<string>();
    let failed = 0;
    asked(slow, (value) => taken.push(value));
    asked(
      throwError(() => problem),
      () => taken.push('never'),
      () => (failed += 1),
    );
    expect([says(), failed]).toEqual(['The rack holds none of that.', 1]);
    asked(NEVER, () => taken.push('never'));
    slow.next('late');
    expect([taken, says()]).toEqual([['late'], '']);
  });

  it('says so where the server is not reached', () => {
    ask()(
      throwError(() => new HttpErrorResponse({ status: 0 })),
      () => undefined,
    );
    expect(says()).toContain('The server is not reached');
  });
});
