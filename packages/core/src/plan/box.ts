import { bottomFace, boxHeight, boxInside, boxLength, boxParts, boxStock, boxWidth } from '../box';
import type { BoxHeight, BoxPaths, BoxStock, Part } from '../box';
import { decidedBy, drawerSettings, type Bank, type Drawer, type Job, type Material, type SlideChoice } from '../job';
import { ZERO, type Length, type Source, type Tally } from '../length';
import type { Opening } from '../opening';
import { fitSlide, lengthListOf, type Fit, type LengthList, type SlideFamily } from '../slides';

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
    insetFront,
    paths,
    bottomFace: bottomFace(stock, paths),
    fit: fitSlide(family, list, { depth: opening.depth.total, insetFront }, settings.slide.length),
  };
}

/** Sizes the box: width and length always, height and what needs it when the bay is known. */
export function planBox(making: Making, opening: Opening, bay: Tally | undefined): BoxPlan {
  const { family, stock, paths, drawer, list, fit } = making;
  const vanished: Vanished[] = [];
  const keep = (what: string, size: Tally | undefined): Tally | undefined => {
    if (!size || size.total > 0) return size;
    vanished.push({ what, size });
    return undefined;
  };
  const nominal = fit.nominal;
  const whole = bay && boxHeight(family, bay, drawer.id, heightWish(making));
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
function sized({ length, width }: Part, keep: (which: string, size: Tally | undefined) => Tally | undefined) {
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

/** The object without the entries that are undefined. */
function given<T extends object>(entries: T): { [K in keyof T]?: Exclude<T[K], undefined> } {
  return Object.fromEntries(Object.entries(entries).filter(([, value]) => value !== undefined)) as never;
}
