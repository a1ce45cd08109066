import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { MakeQuote, MoveQuote, Quote, QuoteLink, QuoteList } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { Observable } from 'rxjs';

/** Quotes of a job: made by the server, and from then on only moved and shown. */
@Injectable({ providedIn: 'root' })
export class QuotesApi {
  private readonly http = inject(HttpClient);

  list(job: string): Observable<QuoteList> {
    return this.http.get<QuoteList>(ROUTES.quotes(job));
  }

  make(job: string, wish: MakeQuote): Observable<QuoteList> {
    return this.http.post<QuoteList>(ROUTES.quotes(job), wish);
  }

  move(id: string, to: MoveQuote): Observable<Quote> {
    return this.http.put<Quote>(ROUTES.quoteState(id), to);
  }

  link(id: string): Observable<QuoteLink> {
    return this.http.post<QuoteLink>(ROUTES.quoteLink(id), {});
  }

  withdraw(id: string): Observable<Quote> {
    return this.http.delete<Quote>(ROUTES.quoteLink(id));
  }

  /** Its paper; `a4` or `letter`. */
  pdf(id: string, paper: string): Observable<Blob> {
    return this.http.get(ROUTES.quotePdf(id), { params: { paper }, responseType: 'blob' });
  }
}
