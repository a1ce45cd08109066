import { EnvironmentInjector, inject, type WritableSignal } from '@angular/core';
import { tapResponse } from '@ngrx/operators';
import { rxMethod } from '@ngrx/signals/rxjs-interop';
import { mergeMap, type Observable } from 'rxjs';
import { sentenceOf } from './problem';

/** Asks the server and takes the answer in; what it says instead is told. */
export type Ask = <T>(answer: Observable<T>, taken: (value: T) => void, failed?: () => void) => void;

/**
 * Requests whose failures are said in `says`, which is empty again after one that went well. One that is on its way is
 * not broken off when its view goes: what was asked for is done.
 */
export function asking(says: Pick<WritableSignal<string>, 'set'>): Ask {
  const run = rxMethod<{ readonly answer: Observable<unknown> }>(
    mergeMap(({ answer }) => answer),
    { injector: inject(EnvironmentInjector) },
  );
  return (answer, taken, failed) =>
    run({
      answer: answer.pipe(
        tapResponse({
          next: (value) => {
            says.set('');
            taken(value);
          },
          error: (problem: unknown) => {
            says.set(sentenceOf(problem));
            failed?.();
          },
        }),
      ),
    });
}

/** For looking again after something failed: what was said of that stays, whether or not the looking goes well. */
export const keepingSaid = (says: Pick<WritableSignal<string>, 'set'>): Pick<WritableSignal<string>, 'set'> => ({
  set: (text) => {
    if (text !== '') says.set(text);
  },
});
