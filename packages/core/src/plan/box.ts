import { bottomFace, boxHeight, boxInside, boxLength, boxParts, boxStock, boxWidth, sharedHeight } from '../box';
import type { BoxHeight, BoxPaths, BoxStock, Part } from '../box';
import {
  boxGroups,
  decidedBy,
  drawerSettings,
  type Bank,
  type Drawer,
  type Job,
  type Material,
  type SlideChoice,
} from '../job';
import { ZERO, type Length, type Source, type Tally } from '../length';
import type { Opening } from '../opening';
import { fitSlide, lengthListOf, type Fit, type LengthList, type SlideFamily } from '../slides';
import { given } from './given';

/** One drawer's choices with slide, materials and paths looked up: what depends on no height. */
export interface Making {
  readonly drawer: Drawer;
  readonly place: number;
  readonly path: string;
  readonly choice: SlideChoice;
  readonly family: SlideFamily;
  readonly list: LengthList;
  readonly stock: BoxStock;
  readonly front: Material;
  /** Panel of a framed front. */
  readonly panel?: Material;
  readonly material: (id: string) => Material;
  /** The drawer front's thickness where it is inset, else nothing. */
  readonly insetFront: Length;
  readonly paths: BoxPaths;
  readonly bottomFace: Tally;
  readonly fit: Fit;
}

/** A dimension that came to nothing or less and is left out of the plan. */
export interface Vanished {
  readonly what: string;
  readonly size: Tally;
}

export interface BoxPlan {
  readonly width?: Tally;
  readonly length?: Tally;
  readonly height?: BoxHeight;
  readonly inside: { readonly width?: Tally; readonly length?: Tally };
  readonly parts: readonly Part[];
  readonly vanished: readonly Vanished[];
}

export function prepare(
  job: Job,
  bank: Bank,
  place: number,
  bankPath: string,
  opening: Opening,
  table: ReadonlyMap<string, SlideFamily>,
): Making {
  const drawer = bank.drawers[place] as Drawer;
  const settings = drawerSettings(bank, drawer);
  const material = (id: string): Material => job.materials.find((each) => each.id === id) as Material;
  const family = table.get(settings.slide.family) as SlideFamily;
  const list = lengthListOf(job, family, settings.slide);
  const front = material(settings.frontMaterial);
  const insetFront = bank.front.mount === 'inset' ? front.thickness : ZERO;
  const stock = boxStock(settings.box, material);
  const paths: BoxPaths = {
    field: (name) => decidedBy(bankPath, place, drawer, name),
    thickness: (of) => `materials[${job.materials.indexOf(of)}].thickness`,
  };
  return {
    drawer,
    place,
    path: `${bankPath}.drawers[${place}]`,
    choice: settings.slide,
    family,
    list,
    stock,
    front,
    ...(bank.front.frame ? { panel: material(bank.front.frame.panel) } : {}),
    material,
    insetFront,
    paths,
    bottomFace: bottomFace(stock, paths),
    fit: fitSlide(family, list, { depth: opening.depth.total, insetFront }, settings.slide.length),
  };
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
  const from: Source = { kind: 'dimension', drawer: makings[lowest]?.drawer.id ?? '', dimension: 'box.height' };
  return at ? sharedHeight(height, at.height, from) : height;
}

/** Collects what comes to nothing or less, and leaves it out. */
export function keeper(vanished: Vanished[]) {
  return (what: string, size: Tally | undefined): Tally | undefined => {
    if (!size || size.total > 0) return size;
    vanished.push({ what, size });
    return undefined;
  };
}

/** Sizes the box: width and length always, height and what needs it when that is known. */
export function planBox(making: Making, opening: Opening, whole: BoxHeight | undefined): BoxPlan {
  const { family, stock, paths, drawer, list, fit } = making;
  const vanished: Vanished[] = [];
  const keep = keeper(vanished);
  const nominal = fit.nominal;
  const height = keep('box height', whole?.height) && whole;
  const size = given({
    width: keep('box width', boxWidth(family, stock, opening.width, paths)),
    length: keep('box length', nominal && boxLength(family, nominal, list.boxShorter, lengthSource(making))),
    height: height?.height,
  });
  const inside = boxInside(drawer.id, stock, size, paths);
  return {
    ...given({ width: size.width, length: size.length, height }),
    inside: given({ width: keep('inside width', inside.width), length: keep('inside length', inside.length) }),
    parts: boxParts(drawer.id, stock, size, paths).map((part) => ({
      ...part,
      ...sized(part, (which, tally) => keep(`${part.role}’s ${which}`, tally)),
    })),
    vanished,
  };
}

/** The part's sizes as they may stand: one that comes to nothing or less is taken out. */
export function sized({ length, width }: Part, keep: (which: string, size: Tally | undefined) => Tally | undefined) {
  return { length: keep('length', length), width: keep('width', width) };
}

function heightWish({ drawer, stock, path, paths }: Making) {
  const step = stock.box.heightStep;
  return {
    ...(drawer.boxHeight === undefined ? {} : { byHand: { height: drawer.boxHeight, path: `${path}.boxHeight` } }),
    ...(step === undefined ? {} : { step: { height: step, path: paths.field('box.heightStep') } }),
  };
}

/** The length's field where a person chose it, else the depth it follows from. */
function lengthSource({ choice, paths }: Making): Source {
  return choice.length === undefined
    ? { kind: 'dimension', dimension: 'opening.depth' }
    : { kind: 'field', path: paths.field('slide.length') };
}
