import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { CalendarKept } from '@zabble/contract';
import type { ShopCalendar } from '@zabble/core';
import { DAYS_SEARCH } from '../workers/days-search';
import { ShopClock } from './clock';
import { DaysState } from './days-state';

const people = [{ id: 'a', name: 'Sailmaker' }];
const keptAt = (revision: number, calendar: ShopCalendar): CalendarKept => ({
  revision,
  calendar,
  by: {},
  read: {
    ...{ calendar, costing: {}, prices: [], rack: [], drawer: [], had: [], onOrder: [], suppliers: [] },
    jobs: [],
  },
});

function begun() {
  TestBed.configureTestingModule({
    providers: [
      ...[provideZonelessChangeDetection(), provideHttpClient(), provideHttpClientTesting(), ShopClock, DaysState],
      { provide: DAYS_SEARCH, useValue: () => ({ order: () => undefined, end: () => undefined }) },
    ],
  });
  const state = TestBed.inject(DaysState);
  const server = TestBed.inject(HttpTestingController);
  server.expectOne('/api/calendar').flush(keptAt(4, { people }));
  return { state, server, sent: () => server.expectOne(({ method }) => method === 'PUT') };
}

describe('the calendar of the shop', () => {
  it('keeps two changes made in a row: the second goes when the first is kept, on top of it', () => {
    const { state, sent } = begun();
    state.changeCalendar((calendar) => ({ ...calendar, closed: [{ from: '2026-12-24', to: '2026-12-31' }] }));
    state.changeCalendar((calendar) => ({ ...calendar, temperature: 16 }));
    const first = sent();
    const closed = first.request.body as { calendar: ShopCalendar; revision: number };
    expect(closed.revision).toBe(4);
    first.flush(keptAt(5, closed.calendar));
    expect(sent().request.body).toEqual({ calendar: { ...closed.calendar, temperature: 16 }, revision: 5 });
  });

  it('says what could not be kept, looks again, and goes on with the next', () => {
    const { state, server, sent } = begun();
    state.changeCalendar((calendar) => ({ ...calendar, temperature: 16 }));
    state.changeCalendar((calendar) => ({ ...calendar, places: { bench: 2 } }));
    sent().flush({ says: 'Somebody changed the hours.' }, { status: 409, statusText: 'Conflict' });
    expect(state.says()).not.toBe('');
    server.expectOne(({ method }) => method === 'GET').flush(keptAt(9, { people, temperature: 12 }));
    expect(sent().request.body).toEqual({ calendar: { people, temperature: 12, places: { bench: 2 } }, revision: 9 });
  });
});
