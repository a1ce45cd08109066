import { number, object, oneOf, optional, Report, required, text, type JobError } from '../reading';

/** Who sells to the shop: how orders reach them, and how long they take. */
export interface Supplier {
  readonly name: string;
  /** By hand: the order is written, phoned, mailed. By the service: the server asks them itself. */
  readonly by: 'hand' | 'service';
  readonly leadDays?: number;
  /** Where orders go to, as people write it. */
  readonly address?: string;
  /** What the shop is known as there. */
  readonly customer?: string;
  readonly notes?: string;
}

const LONG = 2000;

const shape = object<Supplier>({
  name: required(text(120, 1)),
  by: required(oneOf('hand', 'service')),
  leadDays: optional(number(0, 400, 'whole')),
  address: optional(text(LONG)),
  customer: optional(text(120)),
  notes: optional(text(LONG)),
});

/** Reads a row of the shop’s suppliers: what is wrong with it, or it as read. */
export function readSupplier(
  value: unknown,
): { readonly ok: true; readonly row: Supplier } | { readonly ok: false; readonly errors: readonly JobError[] } {
  const report = new Report();
  const supplier = shape(value, 'row', report);
  return supplier && report.clean ? { ok: true, row: supplier } : { ok: false, errors: report.errors };
}
