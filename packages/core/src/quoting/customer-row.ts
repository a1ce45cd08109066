import { object, optional, Report, required, text, type JobError } from '../reading';

/** Who jobs are made for: a job names its customer, and this is what is known of that name. */
export interface Customer {
  readonly name: string;
  readonly address?: string;
  /** How they are reached, as people write it. */
  readonly reach?: string;
  readonly notes?: string;
}

const LONG = 4000;

const shape = object<Customer>({
  name: required(text(200, 1)),
  address: optional(text(LONG)),
  reach: optional(text(LONG)),
  notes: optional(text(LONG)),
});

/** Reads a row of the book of customers: what is wrong with it, or it as read. */
export function readCustomer(
  value: unknown,
): { readonly ok: true; readonly row: Customer } | { readonly ok: false; readonly errors: readonly JobError[] } {
  const report = new Report();
  const customer = shape(value, 'row', report);
  return customer && report.clean ? { ok: true, row: customer } : { ok: false, errors: report.errors };
}
