import type { Body } from '../casework';
import {
  inches,
  millimetres,
  minus,
  nm,
  ofField,
  ofFigure,
  plus,
  tally,
  ZERO,
  type Length,
  type Tally,
  type Unit,
} from '../length';
import type { CupSetting } from './door';
import type { Door, Hand } from './written';
import type { Hinge } from './hinge';
import { alike, doorLap } from './leaf';

/** Common practice, every figure here. */
const USUAL_PLATES = [0, 2, 4].map(millimetres);
const BEST_TAB = millimetres(4.5);
/** From the ends of a leaf to the middles of its first and last hinge. */
const FROM_END: Readonly<Record<Unit, Length>> = { in: inches(3), mm: millimetres(80) };
/** So high at most with so many. */
const BY_HEIGHT = [
  [millimetres(900), 2],
  [millimetres(1600), 3],
  [millimetres(2000), 4],
  [millimetres(2400), 5],
] as const;
/** What two, three, four and five carry, as parts of what two do; on a leaf as wide as this or less. */
const CARRIED = [6, 12, 17, 22].map((each) => each / 6);
const CARRIED_WIDTH = millimetres(500);
const HIGHER_BY = millimetres(400);
/** The middle of the cup lies half its width behind the tab; a concealed hinge stands in by this and what its base is under full. */
const STANDS_IN = millimetres(12);
const FULL_BASE = millimetres(13);

/**
 * The plate at hand whose tab is nearest 4.5 mm, the lower of two: `tab = overlay − base + plate`. None where the hinge's own
 * sheet must say what it is made for.
 */
export function cupSetting(door: Door, hinge: Hinge, hand: Hand, path: string): CupSetting | undefined {
  const { bore, base } = hinge;
  if (!bore || base === undefined) return undefined;
  const overlay = doorLap(door, hand);
  const plates = [...(door.plates ?? platesOf(hinge))].sort((a, b) => a - b);
  const off = (plate: Length): number => Math.abs(overlay - base + plate - BEST_TAB);
  const fits = (plate: Length): boolean =>
    overlay - base + plate >= bore.tabLeast && overlay - base + plate <= bore.tabMost;
  const best = (list: readonly Length[]): Length | undefined =>
    list.reduce<Length | undefined>(
      (known, each) => (known === undefined || off(each) < off(known) ? each : known),
      undefined,
    );
  const plate = best(plates.filter(fits));
  if (plate === undefined) return { plate: best(plates) ?? ZERO };
  const tab = tally(
    plus('overlay-wanted', overlay, ofField(`${path}.${hand}`)),
    minus('base-of-hinge', base, door.trial ? ofField(`${path}.trial.overlay`) : ofFigure(hinge.id, 'overlay.base')),
    plus('height-of-plate', plate, door.plates ? ofField(`${path}.plates`) : undefined),
  );
  return { plate, tab };
}

/** A hinge as a trial of it gave: where with a tab and a plate it lapped by so much, its base is what it lapped less both. */
export function asTried(hinge: Hinge, { trial }: Door): Hinge {
  return trial && hinge.bore ? { ...hinge, base: nm(trial.overlay - trial.tab + trial.plate) } : hinge;
}

/** Whether a hinge serves the overlay on a side: made for it, and with a cup that can be bored. `cup` is its setting there. */
export function reaches(door: Door, { least, most }: Hinge, hand: Hand, cup: CupSetting | undefined): boolean {
  const overlay = doorLap(door, hand);
  const made = (least === undefined || overlay >= least) && (most === undefined || overlay <= most);
  return made && (cup === undefined || cup.tab !== undefined);
}

function platesOf({ plate }: Hinge): readonly Length[] {
  return plate?.height === undefined ? USUAL_PLATES : [plate.height];
}

/** How far a hinge on this plate stands in the opening with its door open at 90°. */
export function protrusionOf(hinge: Hinge, plate: Length): Length {
  if (hinge.protrusion !== undefined) return hinge.protrusion;
  return hinge.base === undefined ? ZERO : nm(STANDS_IN + FULL_BASE - hinge.base + plate);
}

/** The middle of the cup, in from the hinged edge. */
export function cupLine({ tab }: CupSetting, { bore }: Hinge): Tally | undefined {
  return tab && bore && tally(...tab.terms, plus('half-cup', nm(Math.floor(bore.diameter / 2))));
}

/** As long as the door: it is neither counted nor placed, and nobody tells what it carries. */
export const isContinuous = ({ zone }: Hinge): boolean => zone === undefined;

/** What so many hinges carry on a leaf so wide, in kilograms: one half of what a pair does, and more than five no more. */
export function carriedBy(count: number, hinge: Hinge, width: Length): number {
  if (isContinuous(hinge)) return Infinity;
  const parts = count < 2 ? 1 / 2 : (CARRIED[Math.min(count, 5) - 2] ?? 1);
  return parts * hinge.load_kg * Math.min(1, CARRIED_WIDTH / width);
}

/** How many a leaf wants by its height and by its weight; five at most by its weight. */
export function hingesWanted(hinge: Hinge, width: Length, height: Length, weight: number): number {
  const row = BY_HEIGHT.find(([most]) => height <= most);
  const [highest, most] = BY_HEIGHT[BY_HEIGHT.length - 1] ?? [ZERO, 5];
  const byHeight = row?.[1] ?? most + Math.ceil((height - highest) / HIGHER_BY);
  const byWeight = [2, 3, 4].find((count) => carriedBy(count, hinge, width) >= weight) ?? 5;
  return Math.max(byHeight, byWeight);
}

/** What fixed shelves leave of a wall: spans over the case's floor. */
export type Taken = readonly { readonly from: Length; readonly to: Length }[];

/** The fixed shelves and rails that stand against the wall a leaf is hinged on. */
export function takenOnWall(bodies: readonly Body[], hand: Hand, face: Length): Taken {
  return bodies
    .filter(({ role }) => role === 'fixed-shelf' || role === 'case-rail')
    .filter(({ x }) => (hand === 'left' ? x.from <= face && x.to > face : x.from < face && x.to >= face))
    .map(({ y }) => y);
}

/**
 * The middles of so many hinges above a leaf's lower edge: the first and the last a way from the ends, the rest evenly; each
 * moved off a fixed shelf by the least, down of two ways alike. `at` is the leaf's lower edge over the case's floor.
 */
export function hingePlaces(
  count: number,
  height: Tally,
  { at, zone, taken, unit }: { readonly at: Length; readonly zone: Length; readonly taken: Taken; readonly unit: Unit },
): readonly Tally[] {
  const end = Math.min(FROM_END[unit], Math.floor(height.total / 4));
  const steps = alike(nm(height.total - 2 * end), Math.max(1, count - 1));
  let place = end;
  return Array.from({ length: count }, (_, index) => {
    if (index > 0) place += steps[index - 1] ?? 0;
    const off = clearOf(place, height.total, { at, zone, taken });
    return tally(
      plus('hinge-from-end', nm(place)),
      off === place ? undefined : plus('moved-off-shelf', nm(off - place)),
    );
  });
}

/** The nearest place to one where a hinge with its zone meets no shelf; the place itself where there is none. */
function clearOf(
  place: number,
  height: Length,
  { at, zone, taken }: { readonly at: Length; readonly zone: Length; readonly taken: Taken },
): number {
  const free = (middle: number): boolean =>
    taken.every(({ from, to }) => at + middle + zone <= from || at + middle - zone >= to);
  if (free(place)) return place;
  const tried = taken.flatMap(({ from, to }) => [from - zone - at, to + zone - at]);
  const found = tried
    .filter((middle) => middle > 0 && middle < height && free(middle))
    .sort((a, b) => Math.abs(a - place) - Math.abs(b - place) || a - b);
  return found[0] ?? place;
}
