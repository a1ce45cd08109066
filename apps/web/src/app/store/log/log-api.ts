import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { EntriesKept, KeptEntry } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { LogEntryDocument } from '@zabble/core';
import { Observable } from 'rxjs';

/** The server’s logs. */
@Injectable({ providedIn: 'root' })
export class LogApi {
  private readonly http = inject(HttpClient);

  add(job: string, entries: readonly LogEntryDocument[]): Observable<EntriesKept> {
    return this.http.post<EntriesKept>(ROUTES.log(job), { entries });
  }

  /** Every entry after a number, and each that comes, until nobody listens; it comes back by itself. */
  follow(job: string, after: number): Observable<KeptEntry> {
    return new Observable((listener) => {
      const source = new EventSource(`${ROUTES.logStream(job)}?after=${after}`);
      source.onmessage = ({ data }) => listener.next(JSON.parse(String(data)) as KeptEntry);
      return () => source.close();
    });
  }
}
