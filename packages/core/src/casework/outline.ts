import type { Bound } from '../layout';
import {
  add,
  inches,
  largest,
  millimetres,
  minus,
  minusTimes,
  nm,
  ofField,
  plus,
  smallest,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Tally,
  type Term,
} from '../length';
import { materialOf, thicknessPath, type CaseStock } from './case-stock';

/** The measures of a case that everything in it follows from. Heights are over the floor it stands on. */
export interface Outline {
  readonly width: Tally;
  readonly height: Length;
  readonly depth: Length;
  /** Thicknesses: of a panel, of the top's and the bottom's part of the height, of the back, of the face frame. */
  readonly panel: Length;
  readonly top: Length;
  readonly bottom: Length;
  readonly back: Length;
  readonly frame: Length;
  /** The sides' lower ends, and the bottom's lower face. */
  readonly sidesFrom: Length;
  readonly base: Length;
  /** Floor and ceiling of the inside. */
  readonly floor: Length;
  readonly ceiling: Length;
  readonly floorIs: Bound;
  readonly ceilingIs: Bound;
  /** So deep panels are let into uprights, and dividers into panels. */
  readonly letIn: Length;
  /** What the back takes of the depth. */
  readonly loss: Length;
  /** Depth of every compartment. */
  readonly inside: Tally;
  readonly overSides: Length;
}

export function outlineOf(stock: CaseStock): Outline {
  const { build } = stock;
  const of = (id: string | undefined): Length => materialOf(stock, id ?? build.panel).thickness;
  const top = topOf(stock, of);
  const bottom = bottomOf(stock, of);
  const back = backOf(stock, of);
  const { sidesFrom, base } = standsOf(stock);
  const floor = add(base, build.bottom?.up ?? ZERO, bottom.takes);
  const { overSides, width } = widthOf(stock);
  return {
    width,
    height: build.height,
    depth: build.depth,
    panel: of(undefined),
    top: top.takes,
    bottom: bottom.takes,
    back: back.thickness,
    frame: build.frame ? of(build.frame.material) : ZERO,
    sidesFrom,
    base,
    floor,
    ceiling: nm(build.height - top.takes),
    floorIs: bottom.is,
    ceilingIs: top.is,
    letIn: build.joint?.kind === 'dado' ? (build.joint.depth ?? ZERO) : ZERO,
    loss: back.loss,
    inside: tally(
      plus('depth-case', build.depth, ofField(`${stock.path}.build.depth`)),
      ...back.terms.map(({ label, amount, from }) => minus(label, amount, from)),
    ),
    overSides,
  };
}

type ThicknessOf = (id: string | undefined) => Length;

function topOf({ build }: CaseStock, of: ThicknessOf): { readonly takes: Length; readonly is: Bound } {
  const { kind, lie, material, width } = build.top ?? { kind: 'between' as const };
  if (kind === 'none') return { takes: ZERO, is: 'open' };
  if (kind !== 'stretchers') return { takes: of(material), is: 'panel' };
  return { takes: lie === 'upright' ? (width ?? ZERO) : of(material), is: 'stretchers' };
}

function bottomOf({ build }: CaseStock, of: ThicknessOf): { readonly takes: Length; readonly is: Bound } {
  const { kind, material } = build.bottom ?? { kind: 'between' as const };
  if (kind === 'none') return { takes: ZERO, is: 'open' };
  return { takes: of(material), is: kind === 'stretchers' ? 'stretchers' : 'panel' };
}

function backOf(stock: CaseStock, of: ThicknessOf) {
  const { back } = stock.build;
  if (!back || back.kind === 'none') return { thickness: ZERO, loss: ZERO, terms: [] as readonly Term[] };
  const thickness = of(back.material);
  const from = ofField(thicknessPath(stock, back.material ?? stock.build.panel));
  const set = back.kind === 'grooved' ? (back.set ?? ZERO) : ZERO;
  const terms = [
    plus('back-panel', thickness, from),
    unlessZero(plus('back-set-in', set, ofField(`${stock.path}.build.back.set`))),
  ].filter((term): term is Term => term !== undefined);
  return { thickness, loss: add(thickness, set), terms };
}

/** What it stands on, and the recess above that: two choices apart. */
function standsOf({ build }: CaseStock): { readonly sidesFrom: Length; readonly base: Length } {
  const { stands, base, bottom } = build;
  const height = stands === undefined || stands.kind === 'floor' ? ZERO : (stands.height ?? ZERO);
  const sidesFrom = stands?.kind === 'casters' ? nm(height - (bottom?.up ?? 0)) : height;
  const recess = base?.kind === 'toe-kick' ? (base.height ?? ZERO) : ZERO;
  return { sidesFrom, base: add(sidesFrom, recess) };
}

function widthOf(stock: CaseStock): { readonly width: Tally; readonly overSides: Length } {
  const { build, path } = stock;
  const overSides = build.frame?.over ?? ZERO;
  if (build.width !== undefined)
    return { overSides, width: tally(plus('width-case', build.width, ofField(`${path}.build.width`))) };
  const readings = build.place?.width ?? [];
  const least = smallest(readings);
  const { left, right } = build.place?.fillers ?? {};
  return {
    overSides,
    width: tally(
      plus('space-narrowest', least, ofField(`${path}.build.place.width[${readings.indexOf(least)}]`)),
      left === undefined ? undefined : minus('filler-left', left, ofField(`${path}.build.place.fillers.left`)),
      right === undefined ? undefined : minus('filler-right', right, ofField(`${path}.build.place.fillers.right`)),
      overSides > 0 ? minusTimes('frame-past-side', 2, overSides, ofField(`${path}.build.frame.over`)) : undefined,
    ),
  };
}

/** What a part is wider by, so that it can be shaped to a wall or a floor. */
export function scribeOf({ build, unit }: CaseStock): Length {
  return build.place?.scribe ?? (unit === 'in' ? inches(3, 8) : millimetres(10));
}

/** What is left beside the case at the widest place of its space, shared by the sides that have a filler. */
export function fillerWidth(stock: CaseStock, { width, overSides }: Outline): Tally | undefined {
  const { build, path } = stock;
  const { place } = build;
  const sides = [place?.fillers?.left, place?.fillers?.right].filter((each) => each !== undefined).length;
  if (!place || sides === 0) return undefined;
  const widest = largest(place.width);
  const left = nm(widest - width.total - 2 * overSides);
  return tally(
    plus('left-beside-case', nm(Math.floor(left / sides + 0.5))),
    plus('scribe', scribeOf(stock), place.scribe === undefined ? undefined : ofField(`${path}.build.place.scribe`)),
  );
}
