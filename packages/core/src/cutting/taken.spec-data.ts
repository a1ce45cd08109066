import type { JobDocument } from '../job';
import { BANK, sample } from '../job/sample.spec-data';
import { writeExact, type Length } from '../length';
import { patched, type Patch } from '../reading';
import { layOut, type Layout, type SawnPanel } from '../sheets';
import { AT, gate, worked } from './cutting.spec-data';
import { bestOf } from './document';
import { sawOf } from './saw';
import { sheetParts } from './sheet-parts';

export const sheet = { length: '1250 mm', width: '620 mm' };
export const free: Patch = { path: `${BANK}.gates`, value: { slides: gate, groove: gate, hung: gate } };
export const document = patched(sample, [
  ...[0, 1, 2].map((m) => ({ path: `materials[${m}].sheet`, value: sheet })),
  free,
]);
export const write = (length: Length) => writeExact(length, 'mm');
const written = (panel: SawnPanel): object =>
  panel.kind === 'cuts'
    ? {
        ...panel,
        children: panel.children.map(({ size, panel: child }) => ({ size: write(size), panel: written(child) })),
      }
    : panel;

/** The best layout of the box parts, written down with the job. */
export function take(from: JobDocument): { readonly document: JobDocument; readonly layout: Layout } {
  const { job, planned } = worked(from);
  const { task } = sheetParts(job, planned, 'now').find(({ material }) => material.id === 'ply12')!;
  const { layout } = bestOf(layOut(task, 1), 60)!;
  const saw = sawOf(job);
  const taken = {
    material: 'ply12',
    seed: 1,
    tries: 60,
    kerf: write(saw.kerf),
    trim: write(saw.trim),
    at: AT,
    sheets: layout.sheets.map(({ stock, length, width, panel }, at) => ({
      id: `s${at}`,
      stock,
      length: write(length),
      width: write(width),
      panel: written(panel),
    })),
  };
  return { document: patched(from, [{ path: 'cutting.layouts', value: [taken] }]), layout };
}
export const { document: taken, layout } = take(document);
