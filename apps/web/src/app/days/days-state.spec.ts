import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { CalendarKept } from '@zabble/contract';
import { said, type DayFinding, type Days, type ShopCalendar } from '@zabble/core';
import type { DaysNews } from '../workers/days-messages';
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
  let tell: (news: DaysNews) => void = () => undefined;
  TestBed.configureTestingModule({
    providers: [
      ...[provideZonelessChangeDetection(), provideHttpClient(), provideHttpClientTesting(), ShopClock, DaysState],
      {
        provide: DAYS_SEARCH,
        useValue: (told: typeof tell) => {
          tell = told;
          return { order: () => undefined, end: () => undefined };
        },
      },
    ],
  });
  const state = TestBed.inject(DaysState);
  const server = TestBed.inject(HttpTestingController);
  server.expectOne('/api/calendar').flush(keptAt(4, { people }));
  return {
    ...{ state, server },
    sent: () => server.expectOne(({ method }) => method === 'PUT'),
    tell: (news: DaysNews) => tell(news),
  };
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

describe('the order of work as it is bettered', () => {
  const days: Days = {
    ...{ now: 0, end: 0, bound: 0, late: 0 },
    ...{ tasks: [], waits: [], goods: [], jobs: [], without: [], unread: [], taken: [] },
  };
  const wrong: DayFinding = { severity: 'warn', said: said('TOO_COLD', { row: 'oil', least: 16, is: 12 }) };

  it('has what is wrong with it before the search ends', () => {
    const { state, tell } = begun();
    const news = { kind: 'plan', id: 1, days, tried: 40, of: 100 } as const;
    tell({ ...news, last: false });
    expect([state.findings(), state.searching()]).toEqual([undefined, true]);
    tell({ ...news, findings: [wrong], last: false });
    expect([state.findings(), state.searching()]).toEqual([[wrong], true]);
    // A better one, as late: what is wrong stays.
    tell({ ...news, tried: 60, last: false });
    expect([state.findings(), state.searching()]).toEqual([[wrong], true]);
    tell({ ...news, tried: 100, findings: [], last: true });
    expect([state.findings(), state.searching()]).toEqual([[], false]);
  });
});
