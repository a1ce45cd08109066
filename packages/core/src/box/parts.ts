import { CORNERS, type Corner, type Joint } from '../job';
import {
  minus,
  minusTimes,
  plus,
  plusTimes,
  share,
  subtract,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Source,
  type Tally,
  type Term,
  ofField,
  ofDimension,
  ofTable,
} from '../length';
import { BOTTOMS } from './bottoms';
import { lossOf, reachOf } from './corners';
import type { Role } from './roles';
import type { BoxPaths, BoxStock } from './stock';

/**
 * A part to cut. `length` runs along the grain or the longer cut (sides front to back; ends, bottoms and drawer
 * fronts across), `width` is the other. Either is absent when it can't be worked out yet.
 */
export interface Part {
  readonly role: Role;
  readonly count: number;
  readonly length?: Tally | undefined;
  readonly width?: Tally | undefined;
  readonly thickness: Length;
  /** Id of the job's material. */
  readonly material: string;
  /** Its grain stands up: of a drawer front, whose `length` still runs across. */
  readonly upright?: true;
  /** Its size before edge banding, where that differs. */
  readonly blank?: { readonly length: Tally; readonly width: Tally };
}

/** The box as sized: each absent when it can't be worked out. */
export interface BoxSize {
  readonly width?: Tally | undefined;
  /** Its outside width as it was made: what is not cut yet follows it. */
  readonly made?: Tally | undefined;
  readonly height?: Tally | undefined;
  readonly length?: Tally | undefined;
}

interface Making {
  readonly drawer: string;
  readonly stock: BoxStock;
  readonly size: BoxSize;
  readonly paths: BoxPaths;
}

/** Sides, ends and bottom of one box; the drawer front is not among them. */
export function boxParts(drawer: string, stock: BoxStock, size: BoxSize, paths: BoxPaths): readonly Part[] {
  const making = { drawer, stock, size, paths };
  const { sides, ends, back, bottom, muntin } = stock;
  return [
    part('side', 2, sides, sideLength(making), sideHeight(making)),
    ...(stock.faced ? [] : [part('box-front', 1, ends, frontLength(making), frontHeight(making))]),
    part('back', 1, back, endLength(making, 'back'), backHeight(making)),
    part('bottom', muntin ? 2 : 1, bottom, bottomAcross(making), bottomLong(making)),
    ...(muntin ? [part('muntin', 1, muntin, bottomLong(making), muntinWidth(making))] : []),
  ];
}

function muntinWidth({ stock, paths }: Making): Tally {
  const from: Source = ofField(paths.field('box.muntin.width'));
  return tally(plus('width-muntin', stock.box.muntin?.width ?? ZERO, from));
}

function part(role: Role, count: number, of: BoxStock['sides'], length?: Tally, width?: Tally): Part {
  return { role, count, thickness: of.thickness, material: of.id, length, width };
}

/** Inside width `B − 2·ts` and inside length `L − tf − tb`. */
export function boxInside(drawer: string, stock: BoxStock, size: BoxSize, paths: BoxPaths) {
  const making = { drawer, stock, size, paths };
  const width = across(making, minusTimes('side', 2, stock.sides.thickness, thickness(making, 'sides')));
  const length = along(making, ...throughFront(making), ...throughBack(making));
  return { ...(width ? { width } : {}), ...(length ? { length } : {}) };
}

/** What the front takes of the length, and what a housed one stands in; nothing where the drawer front is the box's own. */
function throughFront(making: Making): readonly (Term | undefined)[] {
  const { ends, frontCorner, faced } = making.stock;
  if (faced) return [];
  return [minus('box-front', ends.thickness, thickness(making, 'ends')), inward(making, frontCorner, 'short')];
}

function throughBack(making: Making): readonly (Term | undefined)[] {
  const { back, backCorner, box } = making.stock;
  return [
    minus('box-back', back.thickness, thickness(making, 'back')),
    inward(making, backCorner, box.corner.back ? 'back.short' : 'short'),
  ];
}

function inward(making: Making, corner: Corner, field: string): Term | undefined {
  if (!CORNERS[corner.joint].inward) return undefined;
  return unlessZero(minus('stands-in', corner.short ?? ZERO, fieldOf(making, `box.corner.${field}`)));
}

/** Side length = L − loss at the front − loss at the back; behind a tray's wide front it ends at that. */
function sideLength(making: Making): Tally | undefined {
  const { frontCorner, backCorner, ends, back, faced, tray } = making.stock;
  const front =
    tray && tray.over > 0
      ? minus('box-front', ends.thickness, thickness(making, 'ends'))
      : unlessZero(minus('lost-at-front-corner', lossOf(frontCorner, ends.thickness), cornerRow(frontCorner.joint)));
  return along(
    making,
    faced ? undefined : front,
    unlessZero(minus('lost-at-back-corner', lossOf(backCorner, back.thickness), cornerRow(backCorner.joint))),
  );
}

/** A tray's front may be wider than its box, each side, to keep slides and door apart. */
function frontLength(making: Making): Tally | undefined {
  const over = making.stock.tray?.over ?? ZERO;
  if (over <= 0) return endLength(making, 'front');
  return across(making, plusTimes('front-over-box', 2, over, ofField(making.paths.front('over'))));
}

/** As high as the sides; of a tray lower by its dip. */
function frontHeight(making: Making): Tally | undefined {
  const height = sideHeight(making);
  const dip = making.stock.tray?.dip ?? ZERO;
  return height && tally(...height.terms, unlessZero(minus('dip', dip, ofField(making.paths.front('dip')))));
}

/** Front and back length = B − 2·ts + 2·reach. */
function endLength(making: Making, end: 'front' | 'back'): Tally | undefined {
  const { stock } = making;
  const corner = end === 'front' ? stock.frontCorner : stock.backCorner;
  return across(
    making,
    minusTimes('side', 2, stock.sides.thickness, thickness(making, 'sides')),
    unlessZero(plusTimes('reach-into-side', 2, reachOf(corner, stock.sides.thickness), cornerRow(corner.joint))),
  );
}

/** Hs: the box height, less the bottom where it is applied below. */
function sideHeight(making: Making): Tally | undefined {
  const { stock, size } = making;
  if (!size.height) return undefined;
  const under = BOTTOMS[stock.box.bottomFit].underSides;
  return tally(
    plus('box-height', size.height.total, boxDimension(making, 'height')),
    under ? minus('bottom-applied-below', stock.bottom.thickness, thickness(making, 'bottom')) : undefined,
  );
}

/** Where the bottom slides in, the back stands on it: Hs − o − tm. */
function backHeight(making: Making): Tally | undefined {
  const height = sideHeight(making);
  const { box, bottom } = making.stock;
  if (height && box.backHeight !== undefined)
    return tally(plus('back-height-told', box.backHeight, fieldOf(making, 'box.backHeight')));
  if (!height || !BOTTOMS[box.bottomFit].underBack) return height;
  return tally(
    ...height.terms,
    minus('groove-above-lower-edge', box.groove?.offset ?? ZERO, fieldOf(making, 'box.groove.offset')),
    minus('bottom', bottom.thickness, thickness(making, 'bottom')),
  );
}

/** The bottom across the box: in both sides' grooves less the play, or the whole outside width. */
function bottomAcross(making: Making): Tally | undefined {
  const { box, sides } = making.stock;
  if (BOTTOMS[box.bottomFit].onOutside) return acrossAsMade(making);
  if (box.muntin) return halfBottomAcross(making, box.muntin.width);
  return acrossAsMade(
    making,
    minusTimes('side', 2, sides.thickness, thickness(making, 'sides')),
    grooves(making, 2),
    play(making),
  );
}

/** One half of a bottom, between a side and the muntin: `(Wi − muntin)/2`, in a groove at either edge, less the play. */
function halfBottomAcross(making: Making, muntin: Length): Tally | undefined {
  const { drawer, stock, size } = making;
  const outside = size.made ?? size.width;
  if (!outside) return undefined;
  const inside = subtract(outside.total, stock.sides.thickness, stock.sides.thickness);
  const half = share(subtract(inside, muntin), 2);
  const from: Source | undefined = size.made ? size.made.terms[0]?.from : ofDimension('inside.width', drawer);
  return tally(plus('half-inside-width-less-muntin', half, from), grooves(making, 2), play(making));
}

/** The bottom front to back. */
function bottomLong(making: Making): Tally | undefined {
  const { box, back } = making.stock;
  const row = BOTTOMS[box.bottomFit];
  if (row.onOutside) return along(making);
  return along(
    making,
    ...throughFront(making),
    ...throughBack(making),
    grooves(making, row.groovesLong),
    row.underBack ? plus('under-back', back.thickness, thickness(making, 'back')) : undefined,
    play(making),
  );
}

function grooves(making: Making, count: number): Term {
  const depth = making.stock.box.groove?.depth ?? ZERO;
  return plusTimes('groove', count, depth, fieldOf(making, 'box.groove.depth'));
}

function play(making: Making): Term {
  return minus('play', making.stock.box.play ?? ZERO, fieldOf(making, 'box.play'));
}

function across(making: Making, ...terms: readonly (Term | undefined)[]): Tally | undefined {
  const { width } = making.size;
  return width && tally(plus('box-width', width.total, boxDimension(making, 'width')), ...terms);
}

/** Across a box that is made already: by the width it came out. */
function acrossAsMade(making: Making, ...terms: readonly (Term | undefined)[]): Tally | undefined {
  const { made } = making.size;
  return made ? tally(...made.terms, ...terms) : across(making, ...terms);
}

function along(making: Making, ...terms: readonly (Term | undefined)[]): Tally | undefined {
  const { length } = making.size;
  return length && tally(plus('box-length', length.total, boxDimension(making, 'length')), ...terms);
}

function boxDimension({ drawer }: Making, name: 'width' | 'height' | 'length'): Source {
  return ofDimension(`box.${name}`, drawer);
}

function thickness({ stock, paths }: Making, of: 'sides' | 'ends' | 'back' | 'bottom'): Source {
  return ofField(paths.thickness(stock[of]));
}

function fieldOf({ paths }: Making, name: string): Source {
  return ofField(paths.field(name));
}

function cornerRow(joint: Joint): Source {
  return ofTable('corners', joint);
}
