import { ChangeDetectionStrategy, Component, inject, LOCALE_ID, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { AuditRow } from '@zabble/contract';
import { asking } from '../server-api/asking';
import { SessionApi } from '../server-api/session-api';
import { Says } from '../ui/says';

/** What was done, by its code. What is not here is shown as it is called. */
const DONE: Readonly<Record<string, string>> = {
  'crew/invited': $localize`invited`,
  'crew/withdrawn': $localize`withdrew the invitation of`,
  'crew/joined': $localize`joined the shop`,
  'crew/removed': $localize`sent away`,
  'crew/now-owner': $localize`made an owner of`,
  'crew/now-maker': $localize`made a maker of`,
  'crew/now-helper': $localize`made a helper of`,
  'crew/now-looker': $localize`lets only look on`,
  'job/made': $localize`made a job`,
  'job/saved': $localize`changed the job`,
  'job/deleted': $localize`deleted the job`,
  'job/restored': $localize`brought back the job`,
  'job/taken-out': $localize`took out as a file the job`,
  'job/recorded': $localize`wrote the record of the job`,
  'quote/made': $localize`made a quote for the job`,
  'quote/changed': $localize`said where the quote stands`,
  'quote/linked': $localize`made a link for the quote`,
  'quote/unlinked': $localize`withdrew the link of the quote`,
  'order/made': $localize`made an order`,
  'feed/made': $localize`made a link to follow the days by`,
  'feed/withdrawn': $localize`withdrew the link to follow the days by`,
  'shop/deleted': $localize`deleted the shop`,
  'shop/restored': $localize`brought the shop back`,
  'shop/taken-out': $localize`took all of the shop out as a file`,
  'shop/brought-in': $localize`brought a file of a whole shop in`,
  'shop/prices': $localize`changed how prices are made`,
  'shop/usual': $localize`changed what is usual in the shop`,
  'shop/hours': $localize`changed the hours of the shop`,
};

const JOB = /^job\/|^quote\/made$/;

/** Who did what in the shop, and when: the newest first. */
@Component({
  selector: 'z-audit-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [RouterLink, Says],
  template: `<p i18n class="caption max-w-prose">
      Who did what, as the server wrote it down; it can’t be changed. What somebody does all day is one row for ten
      minutes.
    </p>
    <z-says [text]="says()" />
    <ol class="flex flex-col">
      @for (row of rows(); track row.id) {
        <li class="flex flex-wrap gap-x-4 border-b border-line py-1.5">
          <span class="caption w-44 tabular-nums">{{ at(row.at) }}</span>
          <span class="min-w-0 flex-1 break-words">
            <b class="font-semibold">{{ row.by || atMachine }}</b> {{ done(row) }}
            @if (isJob(row)) {
              <a class="underline" [routerLink]="['/jobs', row.of]">{{ row.of.slice(0, 8) }}</a>
            } @else if (isNamed(row)) {
              <span>{{ row.of }}</span>
            }
          </span>
        </li>
      }
    </ol>
    @if (next(); as before) {
      <button i18n type="button" class="press self-start" (click)="fetch(before)">Older</button>
    }`,
  host: { class: 'flex flex-col gap-3' },
})
export class AuditView {
  private readonly api = inject(SessionApi);
  private readonly moment = new Intl.DateTimeFormat(inject(LOCALE_ID), { dateStyle: 'medium', timeStyle: 'short' });
  protected readonly atMachine = $localize`Whoever operates the server`;
  protected readonly says = signal('');
  protected readonly rows = signal<readonly AuditRow[]>([]);
  protected readonly next = signal<number | undefined>(undefined);
  private readonly ask = asking(this.says);

  constructor() {
    this.fetch();
  }

  protected fetch(before?: number): void {
    this.ask(this.api.audit(before), ({ rows, next }) => {
      this.rows.update((shown) => [...shown, ...rows]);
      this.next.set(next);
    });
  }

  protected at(moment: string): string {
    return this.moment.format(new Date(moment));
  }

  protected done({ what }: AuditRow): string {
    return DONE[what] ?? what;
  }

  protected isJob({ what, of }: AuditRow): boolean {
    return of !== '' && JOB.test(what);
  }

  /** Who it was done to; not an id nobody reads. */
  protected isNamed({ what }: AuditRow): boolean {
    return what.startsWith('crew/');
  }
}
