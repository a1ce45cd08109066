import { Injectable, signal } from '@angular/core';

/** The shop this page shows, where people sign in: what it changes is meant for that one alone. */
@Injectable({ providedIn: 'root' })
export class PageShop {
  readonly id = signal<string | undefined>(undefined);
}
