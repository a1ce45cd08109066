import { ownSlide, type OwnSlideOf } from '../job';
import { Report, type JobError } from '../reading';
import { checkOwnRow } from './table';

/** A row as a list of the shop holds it, outside any job: what is wrong with it, or nothing. */
export function readShopRow(
  value: unknown,
):
  | { readonly ok: true; readonly row: OwnSlideOf<string> }
  | { readonly ok: false; readonly errors: readonly JobError[] } {
  const report = new Report();
  const row = ownSlide(value, 'row', report);
  if (row && report.clean) checkOwnRow(row, 'row', report);
  return row && report.clean ? { ok: true, row: value as OwnSlideOf<string> } : { ok: false, errors: report.errors };
}
