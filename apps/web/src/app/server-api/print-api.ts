import { HttpErrorResponse } from '@angular/common/http';
import { inject, Injectable, InjectionToken } from '@angular/core';
import type { PrintName, PrintNews } from '@zabble/contract';
import { OWN_HEADER, PRINT_STREAM, ROUTES } from '@zabble/contract/routes';
import { Observable, type Subscriber } from 'rxjs';

/** How far a print is, or the file that came of it. */
export type PrintEvent =
  | { readonly kind: 'pages'; readonly pages: number }
  | { readonly kind: 'file'; readonly name: string; readonly blob: Blob };

/** How the answer is fetched while it comes in; another in tests. */
export const FETCH = new InjectionToken<typeof fetch>('fetch', {
  factory: () => (path, request) => fetch(path, request),
});

/** Paper of a job, made on the server. */
@Injectable({ providedIn: 'root' })
export class PrintApi {
  private readonly fetch = inject(FETCH);

  /**
   * What is printed, followed page by page: the server gives it up when nobody listens any more. A refusal is an
   * `HttpErrorResponse` as every other request has it.
   */
  print(name: PrintName, wish: object): Observable<PrintEvent> {
    return new Observable<PrintEvent>((listener) => {
      const gone = new AbortController();
      const request = {
        method: 'POST',
        headers: { 'content-type': 'application/json', accept: PRINT_STREAM, [OWN_HEADER]: '1' },
        body: JSON.stringify(wish),
        signal: gone.signal,
      };
      this.follow(ROUTES.print(name), request, listener).catch((problem: unknown) => {
        if (!gone.signal.aborted)
          listener.error(problem instanceof HttpErrorResponse ? problem : new HttpErrorResponse({ status: 0 }));
      });
      return () => gone.abort();
    });
  }

  private async follow(path: string, request: RequestInit, listener: Subscriber<PrintEvent>): Promise<void> {
    const response = await this.fetch(path, request);
    if (!response.ok || !response.body)
      throw new HttpErrorResponse({ status: response.status, error: await response.json().catch(() => null) });
    const reader = new LineReader(response.body.getReader());
    for (let line = await reader.line(); line !== undefined; line = await reader.line()) {
      const news = JSON.parse(line) as PrintNews;
      if (news.kind === 'refused') throw new HttpErrorResponse({ status: news.problem.status, error: news.problem });
      if (news.kind === 'file') {
        listener.next({ kind: 'file', name: news.name, blob: new Blob(await reader.rest(), { type: news.type }) });
        listener.complete();
        return;
      }
      listener.next(news);
    }
    // Broken off before the file came.
    throw new HttpErrorResponse({ status: 0 });
  }
}

const LINE_END = 10;

/** Lines of text, then whatever follows them. */
class LineReader {
  private held = new Uint8Array();

  constructor(private readonly reader: ReadableStreamDefaultReader<Uint8Array<ArrayBuffer>>) {}

  async line(): Promise<string | undefined> {
    for (;;) {
      const end = this.held.indexOf(LINE_END);
      if (end >= 0) {
        const line = new TextDecoder().decode(this.held.subarray(0, end));
        this.held = this.held.slice(end + 1);
        return line;
      }
      const { value, done } = await this.reader.read();
      if (done) return undefined;
      this.held = joined(this.held, value);
    }
  }

  async rest(): Promise<BlobPart[]> {
    const parts = [this.held];
    for (let read = await this.reader.read(); !read.done; read = await this.reader.read()) parts.push(read.value);
    return parts;
  }
}

function joined(one: Uint8Array, other: Uint8Array): Uint8Array<ArrayBuffer> {
  const both = new Uint8Array(one.length + other.length);
  both.set(one);
  both.set(other, one.length);
  return both;
}
