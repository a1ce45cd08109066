import {
  inches,
  largest,
  millimetres,
  minus,
  minusTimes,
  plus,
  plusTimes,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Term,
} from '../length';
import { materialOf } from './case-stock';
import { scribeOf } from './outline';
import type { Member } from './member';
import { betweenSides, buildField, member, type Casework } from './panels';

/** Four, and one more pair for every further stretch begun over the first. */
const FEET = { in: { first: inches(36), more: inches(24) }, mm: { first: millimetres(900), more: millimetres(600) } };

/** What the case stands on: the board of its recess, a plinth made apart, legs with their aprons. */
export function baseMembers(casework: Casework): readonly Member[] {
  return [...kickBoard(casework), ...plinth(casework), ...legs(casework)];
}

/** Feet or casters there are, two and two. */
export function feetUnder({ stock, outline }: Casework): number {
  const { kind } = stock.build.stands ?? { kind: 'floor' };
  if (kind !== 'feet' && kind !== 'casters') return 0;
  const { first, more } = FEET[stock.unit];
  return 4 + 2 * Math.max(0, Math.ceil((outline.width.total - first) / more));
}

/** A little lower than the recess, so that it goes in. */
function kickBoard(casework: Casework): readonly Member[] {
  const { stock, outline } = casework;
  const { base, panel } = stock.build;
  if (base?.kind !== 'toe-kick' || !base.height) return [];
  const height = tally(
    plus('height-recess', base.height, buildField(casework, 'base.height')),
    minus('room-to-go-in', stock.unit === 'in' ? inches(1, 16) : millimetres(1.5)),
    ...toBeShaped(casework),
  );
  const across = base.board?.run === 'across' ? outline.width : betweenSides(casework, ZERO);
  return [member(casework, 'kick-board', 1, [across, height], base.board?.material ?? panel)];
}

/** On a floor that falls away as much higher as it falls, and enough to be shaped to it. */
function toBeShaped(casework: Casework): readonly Term[] {
  const { floor } = casework.stock.build;
  const falls = floor ? largest(floor) : ZERO;
  if (falls <= 0) return [];
  return [plus('floor-falls', falls, buildField(casework, 'floor')), plus('scribe', scribeOf(casework.stock))];
}

function plinth(casework: Casework): readonly Member[] {
  const { stock, outline } = casework;
  const { stands, panel } = stock.build;
  if (stands?.kind !== 'plinth') return [];
  const material = stands.material ?? panel;
  const { thickness } = materialOf(stock, material);
  const height = tally(plus('height-plinth', stands.height ?? ZERO, buildField(casework, 'stands.height')));
  const across = tally(...outline.width.terms, ...setIn(casework));
  const along = tally(
    plus('depth-case', outline.depth, buildField(casework, 'depth')),
    unlessZero(minus('set-back', stands.setback ?? ZERO, buildField(casework, 'stands.setback'))),
    minusTimes('plinth-board', 2, thickness),
  );
  return [
    member(casework, 'plinth-front', 2, [across, height], material),
    member(casework, 'plinth-end', 2, [along, height], material),
  ];
}

function legs(casework: Casework): readonly Member[] {
  const { stock, outline } = casework;
  const { stands, panel } = stock.build;
  if (stands?.kind !== 'legs' || !stands.size) return [];
  const material = stands.material ?? panel;
  const size = tally(plus('size-leg', stands.size, buildField(casework, 'stands.size')));
  const height = tally(plus('height-legs', stands.height ?? ZERO, buildField(casework, 'stands.height')));
  const leg = { ...member(casework, 'leg', 4, [height, size], material), thickness: stands.size };
  if (!stands.apron) return [leg];
  const width = tally(plus('width-apron', stands.apron, buildField(casework, 'stands.apron')));
  const tenons = unlessZero(plusTimes('tenon', 2, stands.tenon ?? ZERO, buildField(casework, 'stands.tenon')));
  const legsAway = minusTimes('leg', 2, stands.size, buildField(casework, 'stands.size'));
  const across = tally(...outline.width.terms, ...setIn(casework), legsAway, tenons);
  const along = tally(
    plus('depth-case', outline.depth, buildField(casework, 'depth')),
    unlessZero(minus('set-back', stands.setback ?? ZERO, buildField(casework, 'stands.setback'))),
    legsAway,
    tenons,
  );
  return [
    leg,
    member(casework, 'apron', 2, [across, width], material),
    member(casework, 'apron', 2, [along, width], material),
  ];
}

function setIn(casework: Casework) {
  const { inLeft = ZERO, inRight = ZERO } = casework.stock.build.stands ?? {};
  const from = (name: string, by: Length) =>
    unlessZero(minus(name === 'inLeft' ? 'in-from-left' : 'in-from-right', by, buildField(casework, `stands.${name}`)));
  return [from('inLeft', inLeft), from('inRight', inRight)];
}
