import { materialShape, type MaterialOf } from '../job';
import { Report, type JobError } from '../reading';
import { unknownSpecies } from './check-species';
import { isListed } from './species';

/** A material as a list of the shop holds it, outside any job: what is wrong with it, or nothing. */
export function readShopMaterial(
  value: unknown,
):
  | { readonly ok: true; readonly row: MaterialOf<string> }
  | { readonly ok: false; readonly errors: readonly JobError[] } {
  const report = new Report();
  const material = materialShape(value, 'row', report);
  if (material?.species !== undefined && !isListed(material.species))
    report.add('row.species', unknownSpecies(material.species));
  return material && report.clean
    ? { ok: true, row: value as MaterialOf<string> }
    : { ok: false, errors: report.errors };
}
