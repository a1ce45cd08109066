import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { DaysState } from './days-state';

/** The days outside: a link others follow, and files. */
@Component({
  selector: 'z-out-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `<section class="flex flex-col gap-2">
      <h2 i18n class="text-xl font-semibold">Followed by a calendar</h2>
      <p i18n class="caption max-w-prose">
        A calendar on a phone or in the office that is given this link shows these days and follows them. Whoever has
        the link sees them; a new link ends the old one.
      </p>
      @if (link(); as address) {
        <p class="flex flex-wrap items-center gap-2">
          <input
            class="write min-w-0 grow"
            readonly
            i18n-aria-label
            aria-label="Link of the calendar"
            [value]="address"
            (focus)="$any($event.target).select()"
          />
        </p>
        <div class="flex flex-wrap gap-2">
          <button i18n type="button" class="press" (click)="state.link()">A new link</button>
          <button i18n type="button" class="press" (click)="state.link(true)">Withdraw it</button>
        </div>
      } @else {
        <button i18n type="button" class="press press-main self-start" (click)="state.link()">Make a link</button>
      }
    </section>
    <section class="flex flex-col gap-2">
      <h2 i18n class="text-xl font-semibold">As a file</h2>
      <div class="flex flex-wrap items-end gap-2">
        <label class="flex flex-col gap-1">
          <span i18n class="caption">Paper</span>
          <select class="write" (change)="paper.set($any($event.target).value)">
            <option i18n value="a4">A4</option>
            <option i18n value="letter">Letter</option>
          </select>
        </label>
        <button i18n type="button" class="press" (click)="state.file('week.pdf', paper())">
          The week for the wall, PDF
        </button>
        <button i18n type="button" class="press" (click)="state.file('week.ics', paper())">
          For a calendar, iCalendar
        </button>
        <button i18n type="button" class="press" (click)="state.file('week.csv', paper())">As a table, CSV</button>
      </div>
    </section>`,
  host: { class: 'flex flex-col gap-6' },
})
export class OutView {
  protected readonly state = inject(DaysState);
  protected readonly paper = signal('a4');
  protected readonly link = computed(() => {
    const feed = this.state.kept()?.feed;
    return feed === undefined ? '' : `${location.origin}/c/${feed}.ics`;
  });
}
