import {
  add,
  inches,
  largest,
  millimetres,
  minus,
  ofField,
  plus,
  smallest,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Source,
} from '../length';
import { materialOf, type CaseStock, type Shelves } from './case-stock';
import type { Compartment } from '../layout';
import type { Member } from './member';
import { fillerRows } from './filler-rows';
import { buildField, member, type Casework } from './panels';
import { uprightMembers } from './uprights';

const SHELF = {
  in: { play: inches(1, 8), inset: inches(1, 4) },
  mm: { play: millimetres(3), inset: millimetres(6) },
} as const;

/** A shelf keeps so far behind a door that is set in; common practice. */
const BEHIND_DOOR = millimetres(3);

/** What is put in once the case stands: shelves on pins, uprights in their grooves, fillers beside it. */
export function looseMembers(casework: Casework): readonly Member[] {
  return [...shelvesOnPins(casework), ...uprightMembers(casework), ...fillers(casework)];
}

/** From wall to wall less their play, from behind the front plane to the back. */
function shelvesOnPins(casework: Casework): readonly Member[] {
  const { stock, front, outline } = casework;
  return stock.shelves.flatMap((shelves, index): readonly Member[] => {
    const place = front.compartments.find(({ id }) => id === shelves.compartment);
    if (!place) return [];
    const from = (name: string) => ofField(`${stock.path}.shelves[${index}].${name}`);
    const usual = SHELF[stock.unit];
    const written = (name: 'play' | 'inset') => (shelves[name] === undefined ? undefined : from(name));
    const length = tally(
      ...(measuredSize(stock, place.id, 'width') ?? [plus('wall-right', place.right), minus('wall-left', place.left)]),
      unlessZero(minus('play', shelves.play ?? usual.play, written('play'))),
    );
    const deep = measuredSize(stock, place.id, 'depth') ?? outline.inside.terms;
    const width = tally(...deep, ...frontEdge(casework, shelves, place, written('inset')));
    const material = shelves.material ?? stock.build.panel;
    return [member(casework, 'shelf', shelves.count, [length, width], material, place.id)];
  });
}

/** A size of a compartment as it was measured back: the least of its readings. */
function measuredSize({ measured = [], path }: CaseStock, id: string, size: 'width' | 'depth') {
  const index = measured.findIndex(({ compartment }) => compartment === id);
  const readings = measured[index]?.[size];
  if (!readings) return undefined;
  const least = smallest(readings);
  const from = ofField(`${path}.measured[${index}].${size}[${readings.indexOf(least)}]`);
  return [plus(size === 'width' ? 'between-walls-measured' : 'depth-measured', least, from)];
}

/** Back from the case's front edge: behind the face frame by the inset, and clear of a door that is set in. */
function frontEdge({ stock, outline }: Casework, shelves: Shelves, { within }: Compartment, from: Source | undefined) {
  const usual = shelves.inset ?? SHELF[stock.unit].inset;
  const inDoor = largest([ZERO, ...insetDoors(stock, within)]);
  if (inDoor > 0 && add(inDoor, BEHIND_DOOR) > add(outline.frame, usual))
    return [minus('inset-door', inDoor), minus('clear-of-door', BEHIND_DOOR)];
  return [unlessZero(minus('face-frame', outline.frame)), unlessZero(minus('behind-front', usual, from))];
}

/** Thicknesses of doors that are set into the front before a compartment. */
function insetDoors(stock: CaseStock, nodes: readonly string[]): readonly Length[] {
  return (stock.doors ?? []).flatMap(({ over, mount, material }) =>
    mount === 'inset' && nodes.includes(over) ? [materialOf(stock, material).thickness] : [],
  );
}

function fillers(casework: Casework): readonly Member[] {
  const { stock, outline } = casework;
  const height = tally(
    plus('height-case', outline.height, buildField(casework, 'height')),
    minus('base-below', outline.base),
  );
  const material = stock.build.frame?.material ?? stock.build.panel;
  return fillerRows(stock, outline).map(({ sides, width }) =>
    member(casework, 'filler', sides.length, [height, width], material),
  );
}
