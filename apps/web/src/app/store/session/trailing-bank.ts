import { computed, inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { BankPlan } from '@zabble/core';
import { selectBank } from './session';

/** The bank as it is told beside its drawing: while the drawing is moved by hand it may stay behind for a few frames. */
@Injectable({ providedIn: 'root' })
export class TrailingBank {
  private readonly newest = inject(Store).selectSignal(selectBank);
  private readonly held = signal<{ readonly bank: BankPlan | undefined } | undefined>(undefined);
  readonly bank = computed(() => {
    const held = this.held();
    return held ? held.bank : this.newest();
  });

  /** As it is now, until it is asked to catch up or let go. */
  catchUp(): void {
    this.held.set({ bank: this.newest() });
  }

  letGo(): void {
    this.held.set(undefined);
  }
}
