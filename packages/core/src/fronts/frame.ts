import type { Part, Role } from '../box';
import type { Frame, Material } from '../job';
import {
  minus,
  minusTimes,
  plus,
  plusTimes,
  tally,
  type Length,
  type Source,
  type Tally,
  type Term,
  type PlainLabel,
  ofDimension,
  ofField,
} from '../length';

/** A framed front as its sums need it. */
export interface Framed {
  readonly frame: Frame;
  readonly drawer: string;
  /** Path of the bank's front. */
  readonly path: string;
  /** Material of stiles and rails. */
  readonly wood: Material;
  readonly panel: Material;
  readonly width: Tally;
  readonly height: Tally;
}

/**
 * Stiles run the full height; rails `front width − 2·stile + 2·groove`; panel the same less the play, and so in height
 * between the rails.
 */
export function frameParts(framed: Framed): readonly Part[] {
  const { frame, wood, panel } = framed;
  const rail = frame.rail ?? frame.stile;
  const railField = frame.rail === undefined ? 'stile' : 'rail';
  const across = [width(framed), between(framed, 'stile', frame.stile, 'stile'), grooves(framed)];
  const up = [height(framed), between(framed, 'rail', rail, railField), grooves(framed)];
  return [
    piece('stile', 2, wood, tally(height(framed)), tally(plus('stile', frame.stile, field(framed, 'stile')))),
    piece('rail', 2, wood, tally(...across), tally(plus('rail', rail, field(framed, railField)))),
    piece('panel', 1, panel, tally(...across, play(framed)), tally(...up, play(framed))),
  ];
}

function piece(role: Role, count: number, of: Material, length: Tally, across: Tally): Part {
  return { role, count, length, width: across, thickness: of.thickness, material: of.id };
}

function width({ width: size, drawer }: Framed): Term {
  return plus('width-front', size.total, ofDimension('front.width', drawer));
}

function height({ height: size, drawer }: Framed): Term {
  return plus('height-front', size.total, ofDimension('front.height', drawer));
}

function between(framed: Framed, label: PlainLabel, size: Length, name: string): Term {
  return minusTimes(label, 2, size, field(framed, name));
}

function grooves(framed: Framed): Term {
  return plusTimes('groove', 2, framed.frame.groove, field(framed, 'groove'));
}

function play(framed: Framed): Term {
  return minus('play', framed.frame.play, field(framed, 'play'));
}

function field({ path }: Framed, name: string): Source {
  return ofField(`${path}.frame.${name}`);
}
