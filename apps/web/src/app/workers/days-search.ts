import { InjectionToken } from '@angular/core';
import type { DaysNews, DaysOrder } from './days-messages';

/** The search for an order of work as the page knows it. */
export interface DaysSearch {
  order(order: DaysOrder): void;
  end(): void;
}

/** Makes a search; given by the application, so that a test can look without a worker. */
export const DAYS_SEARCH = new InjectionToken<(told: (news: DaysNews) => void) => DaysSearch>('days search');
