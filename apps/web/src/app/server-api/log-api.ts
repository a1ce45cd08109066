import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { EntriesKept, KeptEntry } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { LogEntryDocument } from '@zabble/core';
import { Observable } from 'rxjs';

/** How long until a stream that was cut off is asked for again. */
const AGAIN = 3000;

/** The server’s logs. */
@Injectable({ providedIn: 'root' })
export class LogApi {
  private readonly http = inject(HttpClient);

  add(job: string, entries: readonly LogEntryDocument[]): Observable<EntriesKept> {
    return this.http.post<EntriesKept>(ROUTES.log(job), { entries });
  }

  /**
   * Every entry after a number, and each that comes, until nobody listens. A page that is not seen lets the stream go
   * and takes it up again where it was: a browser keeps only a few open to one server.
   */
  follow(job: string, after: number): Observable<KeptEntry> {
    return new Observable((listener) => {
      let last = after;
      let source: EventSource | undefined;
      let again: ReturnType<typeof setTimeout> | undefined;
      const turn = (): void => {
        clearTimeout(again);
        source?.close();
        source = undefined;
        if (document.hidden) return;
        source = new EventSource(`${ROUTES.logStream(job)}?after=${last}`);
        source.onmessage = ({ data }) => {
          const kept = JSON.parse(String(data)) as KeptEntry;
          last = kept.seq;
          listener.next(kept);
        };
        // It comes back by itself while the server is away, but not where something else answered for it.
        source.onerror = () => {
          if (source?.readyState === EventSource.CLOSED) again = setTimeout(turn, AGAIN);
        };
      };
      document.addEventListener('visibilitychange', turn);
      turn();
      return () => {
        document.removeEventListener('visibilitychange', turn);
        clearTimeout(again);
        source?.close();
      };
    });
  }
}
