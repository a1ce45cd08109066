import { said } from '../words';
import { boxHeight, boxInside, boxParts, sharedHeight, type BoxHeight, type Part } from '../box';
import { boxGroups } from '../job';
import { type Source, type Tally, plain, type Said, ofDimension } from '../length';
import type { Making } from './making';

/** A dimension that came to nothing or less and is left out of the plan. */
export interface Vanished {
  readonly what: Said;
  readonly size: Tally;
}

/** The box as planned; a size that can't be worked out is undefined. */
export interface BoxPlan {
  readonly width: Tally | undefined;
  readonly length: Tally | undefined;
  readonly height: BoxHeight | undefined;
  readonly inside: { readonly width?: Tally | undefined; readonly length?: Tally | undefined };
  readonly parts: readonly Part[];
  readonly vanished: readonly Vanished[];
}

/** Box heights by place, where the bays are known; drawers that share one take the lowest of theirs. */
export function boxHeights(
  makings: readonly Making[],
  bays: readonly (Tally | undefined)[],
): readonly (BoxHeight | undefined)[] {
  const own = makings.map((making, place) => {
    const bay = bays[place];
    return bay && boxHeight(making.family, bay, making.drawer.id, heightWish(making));
  });
  const groups = boxGroups(makings.map(({ drawer }) => drawer));
  if (groups.length === 0) return own;
  return own.map((height, place) => {
    const group = groups.find((members) => members.includes(place));
    return height && group ? lowestOf(makings, own, group, height) : height;
  });
}

function lowestOf(
  makings: readonly Making[],
  own: readonly (BoxHeight | undefined)[],
  group: readonly number[],
  height: BoxHeight,
): BoxHeight {
  const lowest = group.reduce((best, place) => {
    const [least, each] = [own[best]?.height.total ?? Infinity, own[place]?.height.total ?? Infinity];
    return each < least ? place : best;
  });
  const at = own[lowest];
  const from: Source = ofDimension('box.height', makings[lowest]?.drawer.id ?? '');
  return at ? sharedHeight(height, at.height, from) : height;
}

/** Collects what comes to nothing or less, and leaves it out. */
export function keeper(vanished: Vanished[]) {
  return (what: Said, size: Tally | undefined): Tally | undefined => {
    if (!size || size.total > 0) return size;
    vanished.push({ what, size });
    return undefined;
  };
}

/** Sizes the box: width and length always, height and what needs it when that is known. */
export function planBox(making: Making, whole: BoxHeight | undefined): BoxPlan {
  const { stock, paths, drawer } = making;
  const vanished: Vanished[] = [];
  const keep = keeper(vanished);
  const height = keep(plain('box-height'), whole?.height) && whole;
  const width = keep(plain('box-width'), making.boxWidth);
  const length = keep(plain('box-length'), making.boxLength);
  const size = { width, made: making.made, length, height: height?.height };
  const inside = boxInside(drawer.id, stock, size, paths);
  const kept = {
    width: keep(plain('inside-width'), inside.width),
    length: keep(plain('inside-length'), inside.length),
  };
  const parts = boxParts(drawer.id, stock, size, paths).map((part) => sized(part, keep));
  return { width, length, height, inside: kept, parts, vanished };
}

/** The part as it may stand: a size that comes to nothing or less is taken out. */
export function sized(part: Part, keep: ReturnType<typeof keeper>): Part {
  const { role, length, width } = part;
  if ((length?.total ?? 1) > 0 && (width?.total ?? 1) > 0) return part;
  const named = { part: said(`parts/${role}`) };
  return {
    ...part,
    length: keep(said('length-of-part', named), length),
    width: keep(said('width-of-part', named), width),
  };
}

function heightWish({ drawer, stock, path, paths }: Making) {
  const step = stock.box.heightStep;
  const { heights } = stock.box;
  return {
    ...(drawer.boxHeight === undefined ? {} : { byHand: { height: drawer.boxHeight, path: `${path}.boxHeight` } }),
    ...(heights === undefined ? {} : { listed: { heights, path: paths.field('box.heights') } }),
    ...(step === undefined ? {} : { step: { height: step, path: paths.field('box.heightStep') } }),
  };
}
