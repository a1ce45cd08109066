import type { LaidFixing, Material } from '../job';
import { add, inches, millimetres, nm, share, subtract, ZERO, type Length, type Unit } from '../length';
import { densityOf } from '../timber';

/** How fixings of a kind stand along a joint. Common practice, every figure of this file. */
export interface FixingRow {
  readonly first: Length;
  readonly apart: Length;
  readonly least: number;
}

const row = (first: number, apart: number): FixingRow => ({
  first: millimetres(first),
  apart: millimetres(apart),
  least: 2,
});

export const FIXING_ROWS: Readonly<Record<Exclude<LaidFixing, 'glue'>, FixingRow>> = {
  'pocket-screw': row(25, 150),
  'connector-screw': row(35, 250),
  screw: row(40, 200),
  brad: row(20, 100),
  dowel: row(50, 150),
  'loose-tenon': row(50, 150),
  biscuit: row(50, 150),
};

/** Where fixings stand along a joint; a joint too short for its rule may be held by one, which needs glue besides. */
export interface Spaced {
  readonly places: readonly Length[];
  readonly glue: boolean;
}

const SPARE = millimetres(25);
const TOO_SHORT = millimetres(30);

/** Along a joint of a length, by the row of their kind: the first and the last so far from its ends, evenly between. */
export function spaced(length: Length, { first, apart, least }: FixingRow): Spaced {
  if (length < TOO_SHORT) return { places: [share(length, 2)], glue: true };
  if (length < 2 * first + SPARE)
    return { places: [share(length, 4), subtract(length, share(length, 4))], glue: false };
  const way = length - 2 * first;
  return { places: evenly(length, first, Math.max(least, 1 + Math.ceil(way / apart))), glue: false };
}

const STRIP_FIRST = millimetres(40);
const THREE_UP_TO = millimetres(500);
const ONE_MORE = millimetres(250);

/** Of strips and blocks along a wall: three up to a length, then one more each further stretch begun. */
export function spacedOnStrip(length: Length): Spaced {
  const first = nm(Math.min(STRIP_FIRST, Math.floor(length / 4)));
  const count = 3 + Math.max(0, Math.ceil((length - THREE_UP_TO) / ONE_MORE));
  return { places: evenly(length, first, count), glue: false };
}

function evenly(length: Length, first: Length, count: number): readonly Length[] {
  const step = (length - 2 * first) / (count - 1);
  return Array.from({ length: count }, (_, index) => nm(Math.round(first + index * step)));
}

/** Heavier wood is hard to a screw; common practice, from memory. In kg/m³. */
const HARD = 550;

export function isHard(wood: Material | undefined): boolean {
  return wood?.kind === 'solid' && densityOf(wood) >= HARD;
}

/** What is glued besides. */
export const GLUED: ReadonlySet<LaidFixing> = new Set(['brad', 'dowel', 'loose-tenon', 'biscuit']);

/** What the second part offers a screw: its face, so thick, its edge, or its end grain. */
export type Entered = { readonly face: Length } | 'edge' | 'end-grain';

type ByUnit<T> = Readonly<Record<Unit, T>>;

/** Lengths screws and brads come in. */
const SCREWS: ByUnit<readonly Length[]> = {
  mm: [16, 20, 25, 30, 35, 40, 50].map(millimetres),
  in: [inches(5, 8), inches(3, 4), inches(1), inches(5, 4), inches(3, 2), inches(2)],
};
const BRADS: ByUnit<readonly Length[]> = {
  mm: [10, 15, 20, 25, 30, 35, 40, 50].map(millimetres),
  in: [inches(1, 2), inches(5, 8), inches(3, 4), inches(1), inches(5, 4), inches(3, 2), inches(2)],
};
const LEAST_IN = millimetres(8);
const FACE_LEFT = millimetres(3);
const INTO_EDGE = millimetres(25);
const INTO_END = millimetres(38);

/**
 * A wood screw through the first part, as long as two thirds of a face and no longer than leaves 3 mm of it, or as far as
 * an edge or end grain takes; the longest listed, or where that holds by less than 8 mm the next one that still stays in.
 */
export function woodScrew(first: Length, entered: Entered, unit: Unit): Length | undefined {
  const wanted = add(first, reach(entered));
  const most = typeof entered === 'object' ? add(first, subtract(entered.face, FACE_LEFT)) : wanted;
  const holds = SCREWS[unit].filter((length) => length <= most && length - first >= LEAST_IN);
  return holds.filter((length) => length <= wanted).at(-1) ?? holds[0];
}

/** The longest listed that is no longer than this. */
export function screwUpTo(longest: Length, unit: Unit): Length | undefined {
  return SCREWS[unit].filter((length) => length <= longest).at(-1);
}

function reach(entered: Entered): Length {
  if (entered === 'edge') return INTO_EDGE;
  if (entered === 'end-grain') return INTO_END;
  return nm(Math.min(share(nm(2 * entered.face), 3), subtract(entered.face, FACE_LEFT)));
}

/** By the thickness of the part a pocket screw stands in. */
const POCKETS = [
  { over: ZERO, mm: millimetres(25), in: inches(1) },
  { over: millimetres(14), mm: millimetres(32), in: inches(5, 4) },
  { over: millimetres(21), mm: millimetres(38), in: inches(3, 2) },
] as const;

export function pocketScrew(thickness: Length, unit: Unit): Length {
  return POCKETS.reduce<Length>((found, row) => (thickness > row.over ? row[unit] : found), POCKETS[0][unit]);
}

const CONNECTOR = { least: millimetres(15), most: millimetres(19), mm: millimetres(50), in: inches(2) };

/** A connector screw through a sheet of the thickness it is made for. */
export function connectorScrew(first: Length, unit: Unit): Length | undefined {
  return first >= CONNECTOR.least && first <= CONNECTOR.most ? CONNECTOR[unit] : undefined;
}

const BRAD_LEFT = millimetres(2);

/** Three times the first part, not out at the other side: the longest listed. */
export function brad(first: Length, entered: Entered, unit: Unit): Length | undefined {
  const most = typeof entered === 'object' ? subtract(entered.face, BRAD_LEFT) : INTO_EDGE;
  const wanted = Math.min(3 * first, add(first, most));
  return BRADS[unit].filter((length) => length <= wanted && length > first).at(-1);
}

/** How long a fixing of a kind is that goes through the first part: by its own list; nothing of those that have none. */
export function longOf(kind: LaidFixing, first: Length, entered: Entered, unit: Unit): Length | undefined {
  if (kind === 'pocket-screw') return pocketScrew(first, unit);
  if (kind === 'connector-screw') return connectorScrew(first, unit);
  if (kind === 'screw') return woodScrew(first, entered, unit);
  return kind === 'brad' ? brad(first, entered, unit) : undefined;
}
