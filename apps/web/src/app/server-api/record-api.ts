import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { HabitTexts, MadeList, MadeReadings, RecordPage } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { Measured } from '@zabble/core';
import type { Observable } from 'rxjs';

/** The record of all jobs, and the habits of the shop. */
@Injectable({ providedIn: 'root' })
export class RecordApi {
  private readonly http = inject(HttpClient);

  /** `after` is where the page before ended; none for the first. */
  find(search: string, kind: string, after?: string): Observable<RecordPage> {
    const params = { search, ...(kind ? { kind } : {}), ...(after === undefined ? {} : { after }) };
    return this.http.get<RecordPage>(ROUTES.record, { params });
  }

  made(): Observable<MadeList> {
    return this.http.get<MadeList>(ROUTES.made);
  }

  /** The newest readings of one kind. */
  readings(what: Measured): Observable<MadeReadings> {
    return this.http.get<MadeReadings>(ROUTES.madeReadings(what));
  }

  habits(): Observable<HabitTexts> {
    return this.http.get<HabitTexts>(ROUTES.habits);
  }

  /** Only those that stand as they `was`. */
  keepHabits(habits: HabitTexts, was: HabitTexts): Observable<HabitTexts> {
    return this.http.patch<HabitTexts>(ROUTES.habits, { ...habits, was });
  }
}
