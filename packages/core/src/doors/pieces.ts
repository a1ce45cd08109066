import type { Member } from '../casework';
import { bandedEdges } from '../fronts';
import type { Edge, Material } from '../job';
import {
  add,
  minus,
  minusTimes,
  nm,
  ofField,
  plus,
  plusTimes,
  subtract,
  tally,
  ZERO,
  type Length,
  type Source,
  type Tally,
} from '../length';
import type { DoorPiece } from './door';
import type { Door } from './written';
import { alike, type LeafSize } from './leaf';

/** A leaf as its pieces are worked out from. */
export interface LeafStock {
  readonly door: Door;
  readonly path: string;
  readonly leaf: number;
  readonly size: LeafSize;
  readonly wood: Material;
  readonly panel: Material | undefined;
  /** What its panels have in their grooves. */
  readonly play: Length;
}

type Frame = NonNullable<Door['frame']>;
type Piece = Omit<DoorPiece, 'cuts' | 'leaf'>;

/** How far what stands between goes into what it stands between. */
export function tongueOf({ corner = 'stub', tenon, groove }: Frame): Length {
  return corner === 'plain' ? ZERO : (tenon ?? groove);
}

/** Every piece of a leaf, the outer ones of a frame first, then what parts its lights, its panels from the top left on. */
export function piecesOf(stock: LeafStock): readonly Omit<DoorPiece, 'cuts'>[] {
  const { door, panel, leaf } = stock;
  const pieces = door.frame && panel ? framed(stock, door.frame, panel) : [slab(stock)];
  return pieces.map((piece) => ({ ...piece, leaf }));
}

function slab({ door, path, size, wood }: LeafStock): Piece {
  const { band } = door;
  const from = ofField(`${path}.band.thickness`);
  const sawn = (whole: Tally, ...edges: readonly Edge[]): Tally =>
    tally(...whole.terms, band && minusTimes('edge-band', bandedEdges(band, edges), band.thickness, from));
  const blank = band && {
    length: sawn(size.height, 'top', 'bottom'),
    width: sawn(size.width, 'left', 'right'),
  };
  const member: Member = {
    ...{ role: 'door', count: 1, node: door.id, thickness: wood.thickness, material: wood.id },
    ...{ length: size.height, width: size.width },
    ...(blank ? { blank } : {}),
  };
  return { member, x: ZERO, y: ZERO };
}

/** Across or up: what the lights are shared out from, and where each of them begins. */
interface Lights {
  readonly sizes: readonly Length[];
  /** Where each begins on the leaf. */
  readonly from: readonly Length[];
  /** What all of them have together. */
  readonly whole: Tally;
}

/** What the pieces of a frame are reckoned from. */
interface Framing {
  readonly frame: Frame;
  readonly size: LeafSize;
  readonly rail: Length;
  readonly middle: Length;
  readonly tongue: Length;
  /** As long as what lies between the stiles, as high as what lies between the rails, with nothing in either. */
  readonly between: Tally;
  readonly upBetween: Tally;
  readonly columns: Lights;
  readonly rows: Lights;
  readonly of: (role: Member['role'], length: Tally, wide: Tally) => Member;
  readonly field: (name: string) => Source;
  readonly play: Length;
}

function framed(stock: LeafStock, frame: Frame, panel: Material): readonly Piece[] {
  const { door, path, size, wood } = stock;
  const field = (name: string): Source => ofField(`${path}.frame.${name}`);
  const rail = frame.rail ?? frame.stile;
  const middle = frame.middle ?? rail;
  const between = tally(plus('width-leaf', size.width.total), minusTimes('stile', 2, frame.stile, field('stile')));
  const upBetween = tally(plus('height-leaf', size.height.total), minusTimes('rail', 2, rail, railField(frame, field)));
  const { across, down } = frame.lights ?? { across: 1, down: 1 };
  const of: Framing['of'] = (role, length, wide) => {
    const { thickness, id: material } = role === 'door-panel' ? panel : wood;
    return { role, count: 1, node: door.id, length, width: wide, thickness, material };
  };
  const framing: Framing = {
    ...{ frame, size, rail, middle, between, upBetween, of, field, tongue: tongueOf(frame) },
    play: stock.play,
    columns: lightsOf(between, across, middle, frame.stile),
    rows: lightsOf(upBetween, down, middle, rail),
  };
  return [...outer(framing), ...parting(framing), ...panels(framing)];
}

const railField = (frame: Frame, field: Framing['field']): Source => field(frame.rail === undefined ? 'stile' : 'rail');

/** Tongues at both ends of a piece. */
function tongues({ frame, tongue, field }: Framing) {
  return tongue > 0 ? plusTimes('tongue', 2, tongue, field(frame.tenon === undefined ? 'groove' : 'tenon')) : undefined;
}

/** Stiles the full height; rails between them, or mitred at the outer size. */
function outer(framing: Framing): readonly Piece[] {
  const { frame, size, rail, between, of, field, tongue } = framing;
  const { width, height } = size;
  const stile = of(
    'door-stile',
    tally(plus('height-leaf', height.total)),
    tally(plus('stile', frame.stile, field('stile'))),
  );
  const mitre = frame.corner === 'mitre';
  const long = mitre ? tally(plus('width-leaf', width.total)) : tally(...between.terms, tongues(framing));
  const railPiece = of('door-rail', long, tally(plus('rail', rail, railField(frame, field))));
  const x = mitre ? ZERO : subtract(frame.stile, tongue);
  return [
    { member: stile, x: ZERO, y: ZERO },
    { member: stile, x: subtract(width.total, frame.stile), y: ZERO },
    { member: railPiece, x, y: subtract(height.total, rail) },
    { member: railPiece, x, y: ZERO },
  ];
}

/** Middle rails from stile to stile; middle stiles between rails, one piece a row. */
function parting(framing: Framing): readonly Piece[] {
  const { frame, middle, between, columns, rows, of, field, tongue } = framing;
  const from = frame.middle === undefined ? railField(frame, field) : field('middle');
  const wide = tally(plus('rail', middle, from));
  const rail = of('door-middle-rail', tally(...between.terms, tongues(framing)), wide);
  const rails = rows.from
    .slice(1)
    .map((y): Piece => ({ member: rail, x: subtract(frame.stile, tongue), y: subtract(y, middle) }));
  const stiles = rows.from.flatMap((y, row) => {
    const stile = of('door-middle-stile', tally(...lightTally(rows, row).terms, tongues(framing)), wide);
    return columns.from.slice(1).map((x): Piece => ({ member: stile, x: subtract(x, middle), y: subtract(y, tongue) }));
  });
  return [...rails, ...stiles];
}

/** A panel a light, in its grooves all round by their depth less half the play. */
function panels({ frame, columns, rows, of, field, play: loose }: Framing): readonly Piece[] {
  const grooves = plusTimes('groove', 2, frame.groove, field('groove'));
  const play = minus('play', loose, field('play'));
  const into = subtract(frame.groove, nm(Math.floor(loose / 2)));
  return rows.from.flatMap((y, row) =>
    columns.from.map((x, column): Piece => {
      const [high, broad] = [lightTally(rows, row), lightTally(columns, column)];
      const member = of('door-panel', tally(...high.terms, grooves, play), tally(...broad.terms, grooves, play));
      return { member, x: subtract(x, into), y: subtract(y, into) };
    }),
  );
}

/** Lights alike, `middle` between them; from the lower left. */
function lightsOf(clear: Tally, count: number, middle: Length, first: Length): Lights {
  const whole = tally(...clear.terms, count > 1 ? minusTimes('middle-of-frame', count - 1, middle) : undefined);
  const sizes = alike(whole.total, count);
  let at: Length = first;
  const from = sizes.map((size) => {
    const own = at;
    at = add(at, size, middle);
    return own;
  });
  return { sizes, from, whole };
}

/** One light, the share of all of them. */
function lightTally({ sizes, whole }: Lights, index: number): Tally {
  const own = sizes[index] ?? ZERO;
  return sizes.length === 1 ? whole : tally(...whole.terms, minus('other-lights', subtract(whole.total, own)));
}
