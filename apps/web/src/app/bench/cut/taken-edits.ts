import {
  lyingIn,
  stepsOf,
  valueAt,
  writeExact,
  type Blade,
  type Deed,
  type JobDocument,
  type Length,
  type Patch,
  type SawnPanel,
  type SheetLayout,
  type TakenHere,
  type TakenLayoutOf,
  type Unit,
} from '@zabble/core';
import { firstFree } from '../../store/job/first-free';

type Written = TakenLayoutOf<string>;

/** A material's layout as it was found. */
export interface FoundLayout {
  readonly material: string;
  readonly sheets: readonly SheetLayout[];
  readonly blade: Blade;
  readonly seed: number;
  readonly tries: number;
  /** What pieces of the rack were booked in at, by their ids. */
  readonly prices: ReadonlyMap<string, number>;
}

/** The sheets written down with the job, and the id each got. */
export function takePatch(document: JobDocument, found: FoundLayout, deed: Deed) {
  const before = layoutsOf(document);
  const taken = before.flatMap(({ sheets }) => sheets.map(({ id }) => id));
  const write = (length: Length): string => writeExact(length, document.unit);
  const ids: string[] = [];
  const sheets = found.sheets.map(({ stock, length, width, panel }) => {
    const id = firstFree([...taken, ...ids], (number) => `s${number}`, 1);
    ids.push(id);
    const price = found.prices.get(stock);
    const size = { length: write(length), width: write(width), panel: written(panel, document.unit) };
    return { id, stock, ...size, ...(price === undefined ? {} : { price }) };
  });
  const { material, seed, tries, blade } = found;
  const layout: Written = { material, seed, tries, kerf: write(blade.kerf), trim: write(blade.trim), sheets, ...deed };
  const patch: Patch = { path: 'cutting.layouts', value: [...before, layout] };
  const paths = ids.map((_, at) => `cutting.layouts[${before.length}].sheets[${at}]`);
  return { patch, paths };
}

/** The sheets of a material nobody has begun away, so that they are laid out again; those begun stay. */
export function againPatch(document: JobDocument, material: string, taken: readonly TakenHere[]): Patch {
  const begun = new Set(taken.filter((each) => each.begun || each.finished).map(({ id }) => id));
  const layouts = layoutsOf(document)
    .map((layout) =>
      layout.material === material ? { ...layout, sheets: layout.sheets.filter(({ id }) => begun.has(id)) } : layout,
    )
    .filter(({ sheets }) => sheets.length > 0);
  return { path: 'cutting.layouts', value: layouts.length === 0 ? undefined : layouts };
}

/** One step of a sheet done, or taken back: how far it is, and from when on it stays as it is. */
export function stepPatches(document: JobDocument, path: string, done: number, deed: Deed): readonly Patch[] {
  const begun = valueAt(document, `${path}.begun`);
  return [
    ...(begun === undefined ? [{ path: `${path}.begun`, value: deed }] : []),
    { path: `${path}.done`, value: done },
  ];
}

/** The parts a sheet's step leaves done. */
export function partsOfStep(sheet: SheetLayout, blade: Blade, step: number): readonly string[] {
  return stepsOf(sheet, blade)[step]?.parts ?? [];
}

/** Every part that lies in a sheet. */
export function namesOn(sheet: SheetLayout, blade: Blade): readonly string[] {
  return lyingIn(sheet, blade).flatMap(({ piece }) => piece ?? []);
}

function layoutsOf(document: JobDocument): readonly Written[] {
  return (valueAt(document, 'cutting.layouts') ?? []) as readonly Written[];
}

/** A panel as the job file writes it. */
function written(panel: SawnPanel, unit: Unit): Written['sheets'][number]['panel'] {
  if (panel.kind !== 'cuts') return panel;
  const children = panel.children.map(({ size, panel: child }) => ({
    size: writeExact(size, unit),
    panel: written(child, unit),
  }));
  return { ...panel, children };
}
