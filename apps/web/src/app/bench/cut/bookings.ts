import { ChangeDetectionStrategy, Component, effect, inject, signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Booking } from '@zabble/contract';
import { asking } from '../../server-api/asking';
import { jobFeature } from '../../store/job/job.reducer';
import { Says } from '../../ui/says';
import { Rack } from './rack';
import { RackApi } from '../../server-api/rack-api';

/** Sheets of this job that were cut: what each took from the rack and left there; the rack can be put back. */
@Component({
  selector: 'z-bookings',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [Says],
  template: `@if (list().length > 0) {
      <section class="flex flex-col border-t border-line pt-3" i18n-aria-label aria-label="Sheets cut so far">
        <h3 i18n class="text-lg font-semibold">Sheets cut so far</h3>
        <ul>
          @for (booking of list(); track booking.id) {
            <li
              class="flex flex-wrap items-center gap-2 border-b border-line py-1"
              [class.text-soft]="booking.undoneAt"
            >
              <span class="flex-1">
                {{ booking.material }}
                <span class="caption block">{{ told(booking) }}</span>
              </span>
              @if (booking.undoneAt) {
                <span i18n class="caption">put back</span>
              } @else {
                <button i18n type="button" class="press" (click)="undo(booking)">Put the rack back</button>
              }
            </li>
          }
        </ul>
        <p i18n class="caption pt-1">
          Putting back changes the rack only; parts marked as cut stay so until that is undone.
        </p>
      </section>
    }
    <z-says [text]="says()" />`,
})
export class Bookings {
  private readonly api = inject(RackApi);
  private readonly rack = inject(Rack);
  private readonly id = inject(Store).selectSignal(jobFeature.selectId);
  protected readonly list = signal<readonly Booking[]>([]);
  protected readonly says = signal('');
  private readonly ask = asking(this.says);

  constructor() {
    effect(() => {
      // What leans there changed: a sheet may have been booked.
      this.rack.entries();
      const id = this.id();
      untracked(() => id !== undefined && this.fetch(id));
    });
  }

  protected told({ taken, brought, bookedAt }: Booking): string {
    const from =
      taken.length > 0
        ? $localize`took ${taken.map(({ item }) => `${item.length} × ${item.width}`).join(', ')}`
        : $localize`a sheet bought`;
    const left =
      brought.length === 0
        ? ''
        : $localize`; left ${brought.map(({ item }) => `${item.length} × ${item.width}`).join(', ')}`;
    return `${bookedAt.slice(0, 16).replace('T', ' ')}: ${from}${left}`;
  }

  protected undo({ id }: Booking): void {
    this.rack.undo(id, () => this.says.set(''));
  }

  private fetch(id: string): void {
    this.ask(this.api.bookings(id), ({ items }) => this.list.set(items));
  }
}
