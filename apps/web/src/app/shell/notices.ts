import { inject, Injectable, signal } from '@angular/core';
import { SwUpdate, type VersionEvent } from '@angular/service-worker';
import { rxMethod } from '@ngrx/signals/rxjs-interop';
import { tap } from 'rxjs';
import { Stranger } from '../server-api/told-stranger';

/**
 * What a person is told of the application itself: `newer`, another version waits for the page to be loaded again;
 * `part`, a part of it could not be fetched; `fault`, something in it went wrong; `broken`, what the device kept of it is
 * no more; `stranger`, the server does not let this device in (any more).
 */
export type Notice = 'newer' | 'part' | 'fault' | 'broken' | 'stranger';

/** What a browser says of a part of the application that does not come, and Angular of one that was put off. */
const NOT_FETCHED = /dynamically imported module|module script failed|ChunkLoadError|Loading chunk|NG0750/i;

@Injectable({ providedIn: 'root' })
export class Notices {
  private readonly updates = inject(SwUpdate, { optional: true });
  readonly notice = signal<Notice | undefined>(undefined);

  constructor() {
    rxMethod<number>(tap((times) => times > 0 && this.notice.set('stranger')))(inject(Stranger).told);
    const { updates } = this;
    if (!updates?.isEnabled) return;
    rxMethod<VersionEvent>(
      tap(({ type }) => {
        if (type === 'VERSION_READY') this.notice.set('newer');
      }),
    )(updates.versionUpdates);
    rxMethod<unknown>(tap(() => this.notice.set('broken')))(updates.unrecoverable);
  }

  /** Something went wrong: a part that is missing is told apart from a fault. */
  failed(problem: unknown): void {
    const text = problem instanceof Error ? `${problem.name} ${problem.message}` : String(problem);
    this.notice.set(NOT_FETCHED.test(text) ? 'part' : 'fault');
  }

  dismiss(): void {
    this.notice.set(undefined);
  }
}
