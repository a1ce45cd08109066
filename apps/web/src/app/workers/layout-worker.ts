import { InjectionToken } from '@angular/core';
import type { LayoutNews, LayoutOrder } from './layout-messages';

/** The search as the page knows it. */
export interface LayoutSearch {
  order(order: LayoutOrder): void;
  end(): void;
}

/** Makes a search; given by the application, so that a test can look without a worker. */
export const LAYOUT_SEARCH = new InjectionToken<(told: (news: LayoutNews) => void) => LayoutSearch>('layout search');
