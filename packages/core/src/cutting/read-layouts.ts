import { said } from '../words';
import type { Said } from '../length';
import type { Job } from '../job';
import type { Plan } from '../plan';
import { lyingIn, type Blade, type SawnPanel, type SheetLayout } from '../sheets';
import { partsOf } from './parts';
import { rulesOf, sawOf } from './saw';
import { isPieceOf } from './piece';

/** A sheet's layout with the material it is of. */
export interface MaterialLayout {
  readonly material: string;
  readonly sheet: SheetLayout;
  /** The blade and the trim it is cut with, where they are not the saw's of now. */
  readonly blade?: Blade;
}

export type LayoutsReading =
  | { readonly ok: true; readonly layouts: readonly MaterialLayout[] }
  | { readonly ok: false; readonly wrong: Said };

const DEEPEST = 40;
const MOST = 2000;

/**
 * Reads layouts that come from elsewhere and holds them against the plan: every part in them is a part of this job in
 * its size, once, and lies in its sheet. So nothing is printed that the plan no longer says.
 */
export function readLayouts(value: unknown, job: Job, plan: Plan): LayoutsReading {
  if (!Array.isArray(value) || value.length > MOST) return refuse(said('layouts-no-list'));
  const layouts: MaterialLayout[] = [];
  for (const [index, each] of value.entries()) {
    const read = readOne(each);
    if (!read) return refuse(said('sheet-no-layout', { sheet: index }));
    layouts.push(read);
  }
  const problem = againstPlan(layouts, job, plan);
  return problem === undefined ? { ok: true, layouts } : refuse(problem);
}

function refuse(wrong: Said): LayoutsReading {
  return { ok: false, wrong };
}

function readOne(value: unknown): MaterialLayout | undefined {
  const { material, sheet, blade } = fields(value);
  const { kerf, trim } = fields(blade);
  const cutWith = isAny(kerf) && isAny(trim) ? { blade: { kerf, trim } } : {};
  const { stock, length, width, panel } = fields(sheet);
  const read = panelOf(panel, 0);
  if (typeof material !== 'string' || typeof stock !== 'string' || !isSize(length) || !isSize(width) || !read)
    return undefined;
  return { material, sheet: { stock, length, width, panel: read }, ...cutWith };
}

function panelOf(value: unknown, depth: number): SawnPanel | undefined {
  const { kind, piece, turned, direction, inOrder, children } = fields(value);
  if (kind === 'rest') return { kind };
  if (kind === 'part')
    return typeof piece === 'string' && typeof turned === 'boolean' ? { kind, piece, turned } : undefined;
  return kind === 'cuts' ? cutsOf({ direction, inOrder, children }, depth) : undefined;
}

function cutsOf(
  { direction, inOrder, children }: Readonly<Record<'direction' | 'inOrder' | 'children', unknown>>,
  depth: number,
): SawnPanel | undefined {
  if (direction !== 'rip' && direction !== 'cross') return undefined;
  if (!Array.isArray(children) || children.length > MOST || depth > DEEPEST) return undefined;
  const read = children.map((child: unknown) => {
    const { size, panel } = fields(child);
    const inside = panelOf(panel, depth + 1);
    return inside && isSize(size) ? { size, panel: inside } : undefined;
  });
  if (!read.every((child) => child !== undefined)) return undefined;
  return { kind: 'cuts', direction, ...(inOrder === true ? { inOrder } : {}), children: read };
}

function fields(value: unknown): Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null ? (value as Record<string, unknown>) : {};
}

function isAny(value: unknown): value is SheetLayout['length'] {
  return value === 0 || isSize(value);
}

function isSize(value: unknown): value is SheetLayout['length'] {
  return typeof value === 'number' && Number.isInteger(value) && value > 0;
}

/** What is wrong; undefined where nothing is. */
function againstPlan(layouts: readonly MaterialLayout[], job: Job, plan: Plan): Said | undefined {
  const parts = new Map(partsOf(job, plan).parts.map((part) => [part.name, part]));
  const saw = sawOf(job);
  const rules = rulesOf(saw);
  for (const [index, { sheet, material, blade = rules }] of layouts.entries())
    for (const { piece, turned, x, y, long, wide } of lyingIn(sheet, blade)) {
      const inside = x + long <= sheet.length - blade.trim && y + wide <= sheet.width - blade.trim;
      if (!inside) return said('cut-outside-sheet', { sheet: index });
      if (piece === undefined) continue;
      const part = parts.get(piece);
      const [length, width] = turned ? [wide, long] : [long, wide];
      const same = part?.material.id === material && isPieceOf(part, length, width, saw.over);
      if (!same) return said('piece-not-in-plan', { sheet: index, piece });
      parts.delete(piece);
    }
  return undefined;
}
