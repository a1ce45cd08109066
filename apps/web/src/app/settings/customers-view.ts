import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import type { JobSummary } from '@zabble/contract';
import { asking } from '../server-api/asking';
import { JobsApi } from '../server-api/jobs-api';
import { Customers } from '../shop/customers';
import { Says } from '../ui/says';
import { CustomerRow } from './customer-row';

/** The book of customers; names that jobs have and the book has not are put in by a press. */
@Component({
  selector: 'z-customers-view',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [CustomerRow, Says],
  template: `<p i18n class="caption max-w-prose">
      A job names its customer; what is written of that name here stays in the shop and is on no quote but the name.
    </p>
    <z-says [text]="says() || customers.says()" />
    @if (unknown().length > 0) {
      <p class="flex flex-wrap items-center gap-2 border-l-4 border-edge bg-sheet px-3 py-1">
        <span i18n>Jobs name them too:</span>
        @for (name of unknown(); track name) {
          <button i18n type="button" class="press" (click)="customers.keep({ name })">Put {{ name }} in</button>
        }
      </p>
    }
    @for (row of customers.kept(); track row.id) {
      <z-customer-row [row]="row" />
    }
    <z-customer-row />`,
  host: { class: 'flex flex-col gap-3' },
})
export class CustomersView {
  protected readonly customers = inject(Customers);
  protected readonly says = signal('');
  private readonly jobs = signal<readonly JobSummary[]>([]);
  private readonly ask = asking(this.says);
  protected readonly unknown = computed(() => {
    const known = new Set(this.customers.kept().map(({ row }) => row.name));
    return [...new Set(this.jobs().map(({ customer }) => customer))].filter((name) => name !== '' && !known.has(name));
  });

  constructor() {
    this.ask(inject(JobsApi).list('', undefined, false), ({ items }) => this.jobs.set(items));
  }
}
