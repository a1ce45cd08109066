import { inject } from '@angular/core';
import { concatLatestFrom } from '@ngrx/operators';
import { concatMap, fromEvent, map, merge, of, switchMap, timer, type Observable } from 'rxjs';
import { Again, CHANCE } from './again';

/**
 * How what was written here gets to the server, be it a job or entries of its log: it is due when somebody asks for it, some
 * while after the server was not reached, and as the network comes back; what is due is sent one after the other, each time
 * with what stands by then. Made where dependencies are injected.
 */
export class Sending {
  private readonly again = new Again(inject(CHANCE));

  /** When something is to be sent: as `asked` says; longer and longer after each `notReached` in a row. */
  due(asked: Observable<unknown>, notReached: Observable<unknown>): Observable<unknown> {
    const waited = notReached.pipe(switchMap(() => timer(this.again.wait())));
    return merge(asked, waited, fromEvent(window, 'online'));
  }

  /** The server answered: the next wait is short again. */
  reached(): void {
    this.again.reached();
  }

  /** For each time it is due `send` with the state as it is when its turn comes. */
  inTurn<State, Answer>(
    due: Observable<unknown>,
    state: Observable<State>,
    send: (state: State) => Observable<Answer>,
  ): Observable<Answer> {
    return due.pipe(
      concatMap(() =>
        of(null).pipe(
          concatLatestFrom(() => state),
          map(([, now]) => now),
          switchMap(send),
        ),
      ),
    );
  }
}
