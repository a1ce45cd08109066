import { materialCalled, sawOf, takenSheets, type CutPart, type TakenHere } from '../cutting';
import type { Job, Material } from '../job';
import { lyingIn } from '../sheets';
import { said } from '../words';
import { addUp, area, decimal, over, pieces, times, wholeUp, type Amount } from './amount';
import type { Costed } from './costed';
import { centsOf } from './money';
import type { ForWhat, Need } from './need';
import { priceOfOne } from './price';

/** Sheets of one material: how many are broken down, and what is paid for. */
export interface SheetsUsed {
  readonly material: Material;
  readonly sheets: number;
  readonly of: readonly ForWhat[];
  /** Pieces of the rack with a price of their own: not in `of`. */
  readonly booked: readonly Booked[];
}

interface Booked {
  readonly id: string;
  readonly price: number;
}

/** Whole sheets of every material that comes in them; what one costs, where the job tells. */
export function sheetNeeds(of: Costed): readonly Need[] {
  return sheetsUsed(of).flatMap(({ material, of: counted, booked }): readonly Need[] => {
    const key = `material:${material.id}`;
    const own = material.price === undefined ? {} : { own: priceOfOne(key, 'sheet', centsOf(material.price)) };
    const bought: Need = { kind: 'sheets', key, what: materialCalled(material), unit: 'sheet', of: counted, ...own };
    return [bought, ...booked.map((piece) => bookedNeed(material, piece))];
  });
}

/** A piece of the rack that was booked in at a price of its own: it costs that, whatever a sheet costs now. */
function bookedNeed(material: Material, { id, price }: Booked): Need {
  const key = `rack:${material.id}:${id}`;
  const called = said('cost/from-the-rack', { count: 1 });
  const what = said('cost/rack-piece', { name: material.name });
  const of = [{ called, amount: pieces(1), from: 'rack' as const }];
  return { kind: 'sheets', key, what, unit: 'piece', of, own: priceOfOne(key, 'piece', centsOf(price)) };
}

/**
 * Whole sheets for all parts of every material that comes in sheets: of the layout kept in the job where that holds exactly
 * the parts of the plan, else by their area with the usual waste. A piece of the rack counts by its share of a sheet, or at
 * the price it was booked in at.
 */
export function sheetsUsed({ job, parts, waste, credit }: Costed): readonly SheetsUsed[] {
  const taken = takenSheets(job, parts);
  return job.materials.flatMap((material): readonly SheetsUsed[] => {
    const own = parts.filter((part) => part.material.id === material.id);
    if (!material.sheet || own.length === 0) return [];
    const laid = taken.filter((each) => each.material === material.id);
    if (holdsAll(laid, own))
      return [
        {
          ...{ material, sheets: laid.length, booked: bookedOf(material, laid) },
          of: [...byLayout(material, laid), ...leftOver(job, material, laid, credit)],
        },
      ];
    const sheets = byArea(material.sheet, own, waste);
    const called = said('cost/sheets-by-area', { waste });
    return [{ material, sheets, booked: [], of: [{ called, amount: pieces(sheets) }] }];
  });
}

/** Every part of the plan, once, as the plan has it, and nothing else. */
export function holdsAll(laid: readonly TakenHere[], parts: readonly CutPart[]): boolean {
  const lying = laid.flatMap(({ sheet, blade }) => lyingIn(sheet, blade).flatMap(({ piece }) => piece ?? []));
  const names = new Set(lying);
  return (
    laid.every(({ amiss }) => amiss.length === 0) &&
    lying.length === parts.length &&
    parts.every(({ name }) => names.has(name))
  );
}

const bookedOf = ({ id: material }: Material, laid: readonly TakenHere[]): readonly Booked[] =>
  laid.flatMap(({ id, price, sheet: { stock } }) => (stock === material || price === undefined ? [] : [{ id, price }]));

function byLayout({ id, sheet }: Material, laid: readonly TakenHere[]): readonly ForWhat[] {
  const whole = laid.filter(({ sheet: { stock } }) => stock === id).length;
  const rack = laid
    .filter(({ sheet: { stock }, price }) => stock !== id && price === undefined)
    .map(({ sheet: { length, width } }): Amount =>
      sheet ? over(area(length, width), area(sheet.length, sheet.width)) : pieces(1),
    );
  return [
    { called: said('cost/sheets-laid-out'), amount: pieces(whole), from: 'layout' },
    ...(rack.length > 0
      ? [{ called: said('cost/from-the-rack', { count: rack.length }), amount: addUp(rack), from: 'rack' as const }]
      : []),
  ];
}

/** What of new sheets is left over and large enough to be kept, at the shop’s credit of its share of a sheet. */
function leftOver(
  job: Job,
  { id, sheet: size }: Material,
  laid: readonly TakenHere[],
  credit: number,
): readonly ForWhat[] {
  if (credit <= 0 || !size) return [];
  const { offcut } = sawOf(job);
  const isKept = ({ long, wide }: { readonly long: number; readonly wide: number }): boolean =>
    (long >= offcut.length && wide >= offcut.width) || (wide >= offcut.length && long >= offcut.width);
  const kept = laid
    .filter(({ sheet: { stock } }) => stock === id)
    .flatMap(({ sheet, blade }) => lyingIn(sheet, blade).filter((each) => each.piece === undefined && isKept(each)));
  if (kept.length === 0) return [];
  const share = over(addUp(kept.map(({ long, wide }) => area(long, wide))), area(size.length, size.width));
  const amount = times(share, decimal(-credit / 100));
  return [{ called: said('cost/left-over', { count: kept.length, percent: credit }), amount, from: 'left-over' }];
}

function byArea(sheet: NonNullable<Material['sheet']>, parts: readonly CutPart[], waste: number): number {
  const all = addUp(parts.map(({ length, width }) => area(length.total, width.total)));
  return wholeUp(over(times(all, decimal(1 + waste / 100)), area(sheet.length, sheet.width)));
}
