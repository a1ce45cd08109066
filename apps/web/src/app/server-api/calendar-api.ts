import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { CalendarKept, FixTask, KeepCalendarJob, WeekFile } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { Seen, ShopCalendar } from '@zabble/core';
import type { Observable } from 'rxjs';

/** How a file is wanted, of the order of work that is seen here. */
export interface WeekSeen {
  readonly paper: string;
  readonly zone: number;
  readonly seen?: readonly Seen[];
}

/** The days of the shop on the server. */
@Injectable({ providedIn: 'root' })
export class CalendarApi {
  private readonly http = inject(HttpClient);

  read(): Observable<CalendarKept> {
    return this.http.get<CalendarKept>(ROUTES.calendar);
  }

  keep(calendar: ShopCalendar, revision: number): Observable<CalendarKept> {
    return this.http.put<CalendarKept>(ROUTES.calendar, { calendar, revision });
  }

  sayJob(job: string, what: KeepCalendarJob): Observable<CalendarKept> {
    return this.http.put<CalendarKept>(ROUTES.calendarJob(job), what);
  }

  fix(job: string, what: FixTask): Observable<CalendarKept> {
    return this.http.put<CalendarKept>(ROUTES.calendarFixed(job), what);
  }

  link(): Observable<CalendarKept> {
    return this.http.put<CalendarKept>(ROUTES.calendarFeed, {});
  }

  withdraw(): Observable<CalendarKept> {
    return this.http.delete<CalendarKept>(ROUTES.calendarFeed);
  }

  file(file: WeekFile, wish: WeekSeen): Observable<Blob> {
    return this.http.post(ROUTES.calendarFile(file), wish, { responseType: 'blob' });
  }
}
