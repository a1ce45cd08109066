import type { Job, Saw } from '../job';
import { add, inches, inMillimetres, millimetres, nm, ZERO, type Length } from '../length';
import type { BankPlan, Plan } from '../plan';
import { partsOf, toCut } from './parts';

/** One row of a board list: pieces alike, cut over size from rough boards. */
export interface BoardRow {
  readonly what: string;
  readonly count: number;
  /** Over size, by the allowance. */
  readonly length: Length;
  readonly width: Length;
  readonly thickness: Length;
  /** Thickness of the rough board it is planed from. */
  readonly rough: Length;
}

/** All rows out of one wood, and what they come to; figures for buying, without waste. */
export interface BoardGroup {
  /** Name of the material; wood the plan asks for without a material of the job has what it is for. */
  readonly wood: string;
  readonly rows: readonly BoardRow[];
  readonly bought: Bought;
}

/** In rough boards. */
export interface Bought {
  /** All pieces end to end, in metres and in feet. */
  readonly metres: number;
  readonly feet: number;
  /** One board foot is a foot square and an inch thick. */
  readonly boardFeet: number;
  readonly cubicMetres: number;
}

interface Wanted {
  readonly wood: string;
  readonly what: string;
  readonly length: Length;
  readonly width: Length;
  readonly thickness: Length;
}

const ROUGH: readonly (readonly [Length, Length])[] = [
  [millimetres(21), inches(1, 1)],
  [millimetres(27), inches(5, 4)],
  [millimetres(33), inches(3, 2)],
  [millimetres(46), inches(2, 1)],
];

/**
 * The board list of solid wood: drawer parts without a sheet, runners and kickers, and rails between drawers. Boards
 * are bought by the rough thickness they are planed from (common practice: 4/4 gives 19 to 21 mm, 5/4 up to 27, 8/4 up
 * to 46).
 */
export function boardList(job: Job, plan: Plan): readonly BoardGroup[] {
  const own = partsOf(job, plan)
    .parts.filter((part) => part.material.kind === 'solid' && !part.material.sheet && toCut(part))
    .map(({ material, use, length, width }) => ({
      wood: material.name,
      what: use.role,
      length: length.total,
      width: width.total,
      thickness: material.thickness,
    }));
  const banks = plan.cases.flatMap((owner) => owner.banks);
  const wanted = [...own, ...banks.flatMap(railsOf)];
  const woods = [...new Set(wanted.map(({ wood }) => wood))];
  return woods.map((wood) => {
    const rows = rowsOf(
      wanted.filter((each) => each.wood === wood),
      allowanceOf(job),
    );
    return { wood, rows, bought: boughtOf(rows) };
  });
}

/** Left on for squaring up: an inch of length and a quarter of width, or 25 and 6 mm. Common practice. */
export function allowanceOf({ saw, unit }: Job): NonNullable<Saw['allowance']> {
  const usual =
    unit === 'in' ? { length: inches(1, 1), width: inches(1, 4) } : { length: millimetres(25), width: millimetres(6) };
  return saw?.allowance ?? usual;
}

/** The rails between drawers, between the case's sides; what a joint adds is for the builder to say. */
function railsOf({ bank, drawers, opening }: BankPlan): readonly Wanted[] {
  const { rail = ZERO } = bank;
  if (rail === 0) return [];
  const one = {
    wood: 'Rails of the case',
    what: 'rail',
    length: opening.width.total,
    width: rail,
    thickness: inches(3, 4),
  };
  return drawers.slice(1).map(() => one);
}

function rowsOf(wanted: readonly Wanted[], over: NonNullable<Saw['allowance']>): readonly BoardRow[] {
  const rows = new Map<string, BoardRow>();
  for (const { what, length, width, thickness } of wanted) {
    const key = [what, length, width, thickness].join('/');
    const known = rows.get(key);
    rows.set(key, {
      what,
      count: (known?.count ?? 0) + 1,
      length: add(length, over.length),
      width: add(width, over.width),
      thickness,
      rough: roughOf(thickness),
    });
  }
  return [...rows.values()].sort((a, b) => b.rough - a.rough || b.width - a.width || b.length - a.length);
}

/** The board it is planed from; over 8/4 the next whole inch with 5 mm to plane. */
function roughOf(thickness: Length): Length {
  const row = ROUGH.find(([planed]) => thickness <= planed);
  if (row) return row[1];
  const inch = inches(1, 1);
  return nm(Math.ceil((thickness + millimetres(5)) / inch) * inch);
}

function boughtOf(rows: readonly BoardRow[]): Bought {
  const sum = (of: (row: BoardRow) => number): number => rows.reduce((all, row) => all + row.count * of(row), 0);
  const metres = sum(({ length }) => inMillimetres(length) / 1000);
  const cubicMetres = sum(
    ({ length, width, rough }) => (inMillimetres(length) * inMillimetres(width) * inMillimetres(rough)) / 1e9,
  );
  return { metres, feet: metres / 0.3048, boardFeet: cubicMetres / (0.3048 * 0.3048 * 0.0254), cubicMetres };
}
