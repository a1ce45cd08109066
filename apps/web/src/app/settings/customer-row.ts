import { ChangeDetectionStrategy, Component, effect, inject, input, signal, untracked } from '@angular/core';
import { FormControl, FormGroup, ReactiveFormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import type { JobSummary, ShopRow } from '@zabble/contract';
import { readCustomer, type Customer } from '@zabble/core';
import { asking } from '../server-api/asking';
import { JobsApi } from '../server-api/jobs-api';
import { Customers } from '../shop/customers';
import { Says } from '../ui/says';
import { Speech } from '../words/speech';

const text = () => new FormControl('', { nonNullable: true });

/** One customer with their jobs, to be written; an empty one is the next. */
@Component({
  selector: 'z-customer-row',
  changeDetection: ChangeDetectionStrategy.OnPush,
  imports: [ReactiveFormsModule, RouterLink, Says],
  template: `<form
    class="grid grid-cols-[repeat(auto-fit,minmax(13rem,1fr))] gap-x-4 gap-y-2 border-b border-edge py-3"
    [formGroup]="form"
    (submit)="keep($event)"
  >
    <label class="flex flex-col gap-1">
      <span i18n class="caption">Name</span>
      <input class="write" type="text" maxlength="200" formControlName="name" [readonly]="row() !== undefined" />
    </label>
    <label class="flex flex-col gap-1">
      <span i18n class="caption">Address</span>
      <textarea class="write py-2" rows="2" maxlength="4000" formControlName="address"></textarea>
    </label>
    <label class="flex flex-col gap-1">
      <span i18n class="caption">How they are reached</span>
      <textarea class="write py-2" rows="2" maxlength="4000" formControlName="reach"></textarea>
    </label>
    <label class="flex flex-col gap-1">
      <span i18n class="caption">Notes</span>
      <textarea class="write py-2" rows="2" maxlength="4000" formControlName="notes"></textarea>
    </label>
    @if (jobs().length > 0) {
      <ul class="col-span-full flex flex-wrap gap-x-4">
        @for (job of jobs(); track job.id) {
          <li>
            <a class="inline-block min-h-11 content-center underline" [routerLink]="['/jobs', job.id]">{{
              job.name
            }}</a>
          </li>
        }
      </ul>
    }
    <div class="col-span-full flex flex-wrap gap-2">
      @if (row(); as kept) {
        <button i18n type="submit" class="press" [disabled]="form.pristine">Keep what changed</button>
        <button i18n type="button" class="press" (click)="customers.drop(kept)">Take it out</button>
      } @else {
        <button i18n type="submit" class="press press-main">Put this customer in</button>
      }
    </div>
    <z-says class="col-span-full" [text]="says()" />
  </form>`,
})
export class CustomerRow {
  readonly row = input<ShopRow<Customer>>();
  protected readonly customers = inject(Customers);
  private readonly speech = inject(Speech);
  private readonly jobsApi = inject(JobsApi);
  protected readonly says = signal('');
  private readonly ask = asking(this.says);
  /** Those that name this customer, the newest. */
  protected readonly jobs = signal<readonly JobSummary[]>([]);
  protected readonly form = new FormGroup({ name: text(), address: text(), reach: text(), notes: text() });

  constructor() {
    effect(() => {
      const customer = this.row()?.row;
      untracked(() => {
        this.form.reset(customer);
        if (customer)
          this.ask(this.jobsApi.list(customer.name, undefined, false), ({ items }) =>
            this.jobs.set(items.filter((job) => job.customer === customer.name)),
          );
      });
    });
  }

  protected keep(event: Event): void {
    event.preventDefault();
    const { name, ...others } = this.form.getRawValue();
    const told = Object.fromEntries(Object.entries(others).filter(([, value]) => value.trim() !== ''));
    const read = readCustomer({ name: name.trim(), ...told });
    const [first] = read.ok ? [] : read.errors;
    if (!read.ok) return this.says.set(first ? this.speech.say(first.said) : '');
    this.says.set('');
    this.customers.keep(read.row);
    this.form.markAsPristine();
    if (!this.row()) this.form.reset();
  }
}
