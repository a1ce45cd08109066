import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { HabitTexts, MadeList, RecordPage } from '@zabble/contract';
import { ROUTES } from '@zabble/contract/routes';
import type { Observable } from 'rxjs';

/** The record of all jobs, and the habits of the shop. */
@Injectable({ providedIn: 'root' })
export class RecordApi {
  private readonly http = inject(HttpClient);

  find(search: string, kind: string, page: number): Observable<RecordPage> {
    return this.http.get<RecordPage>(ROUTES.record, { params: { search, page, ...(kind ? { kind } : {}) } });
  }

  made(): Observable<MadeList> {
    return this.http.get<MadeList>(ROUTES.made);
  }

  habits(): Observable<HabitTexts> {
    return this.http.get<HabitTexts>(ROUTES.habits);
  }

  /** Only those that stand as they `was`. */
  keepHabits(habits: HabitTexts, was: HabitTexts): Observable<HabitTexts> {
    return this.http.patch<HabitTexts>(ROUTES.habits, { ...habits, was });
  }
}
