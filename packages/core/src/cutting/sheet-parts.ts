import type { Job, Material } from '../job';
import { add, type Length } from '../length';
import type { Plan } from '../plan';
import type { LayoutTask, Piece, Stock } from '../sheets';
import { grainRuns } from './grain-runs';
import type { CutPart } from './cut-part';
import { partsOf, toCut } from './parts';
import { rulesOf, sawOf } from './saw';
import { holds, laidAlready, takenSheets } from './taken';

/** The parts of one material that come out of sheets, ready to be laid out. */
export interface SheetParts {
  readonly material: Material;
  readonly parts: readonly CutPart[];
  readonly task: LayoutTask;
}

/** `now`: what is released; `all`: with what is held, to buy by. */
export type Which = 'now' | 'all';

/** A sheet or off-cut of the shop's, by the name of what it is made of. */
export interface RackItem extends Stock {
  readonly material: string;
}

/**
 * What is to be laid out of each material that comes in sheets, less what is cut already: on what the rack has of it
 * by name, then on sheets to buy. What lies in a sheet that was taken is laid out already. Parts lie along the grain where there is one; fronts of a grain-matched run are one
 * piece, kept in their order.
 */
export function sheetParts(job: Job, plan: Plan, which: Which, rack: readonly RackItem[] = []): readonly SheetParts[] {
  const { parts } = partsOf(job, plan);
  const taken = takenSheets(job, parts);
  const laid = laidAlready(taken, parts);
  const wanted = parts.filter(
    (part) => toCut(part) && !laid.has(part.name) && (which === 'all' || part.release === 'now'),
  );
  // What a taken sheet is cut from leans in the rack until it is booked.
  const used = taken.filter((each) => holds(each) && !each.finished).map(({ sheet }) => sheet.stock);
  const free = rack.map((item) => ({
    ...item,
    count: Math.max(0, (item.count ?? 1) - used.filter((stock) => stock === item.id).length),
  }));
  const saw = sawOf(job);
  const likes = { fewerSettings: saw.fewerSettings, biggerOffcuts: saw.biggerOffcuts };
  return job.materials.flatMap((material) => {
    const own = wanted.filter((part) => part.material.id === material.id);
    const stock = stockOf(
      material,
      free.filter(({ count }) => count > 0),
    );
    if (own.length === 0 || stock.length === 0) return [];
    const pieces = piecesOf(job, plan, material, own, saw.over);
    return [{ material, parts: own, task: { pieces, stock, rules: rulesOf(saw), likes } }];
  });
}

/** Names are the same whatever their case and spaces. */
export function sameName(one: string, other: string): boolean {
  const plain = (name: string): string => name.trim().replace(/\s+/g, ' ').toLowerCase();
  return plain(one) === plain(other);
}

function stockOf({ id, name, sheet }: Material, rack: readonly RackItem[]): readonly Stock[] {
  const had = rack
    .filter(({ material }) => sameName(material, name))
    .map(({ id: item, length, width, count }) => ({ id: item, length, width, count: count ?? 1 }));
  return [...had, ...(sheet ? [{ id, ...sheet }] : [])];
}

/** Single parts are broken down over size where that is asked for; a run's panel is trimmed as it is. */
function piecesOf(job: Job, plan: Plan, material: Material, parts: readonly CutPart[], over: Length): readonly Piece[] {
  const runs = grainRuns(job, plan, parts);
  const inRun = new Set(runs.flatMap(({ names }) => names));
  const rest = parts.filter(({ name }) => !inRun.has(name));
  return [
    ...runs.map(({ piece }) => ({ ...piece, mayTurn: material.grain !== true })),
    ...rest.map(({ name, length, width, mayTurn }) => ({
      id: name,
      length: add(length.total, over),
      width: add(width.total, over),
      mayTurn,
    })),
  ];
}
