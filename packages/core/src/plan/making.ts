import { bottomFace, boxLength, boxStock, boxWidth, machining } from '../box';
import type { BoxPaths, BoxStock, PartCut } from '../box';
import {
  decidedBy,
  drawerSettings,
  readingsOf,
  type AsBuiltReading,
  type Bank,
  type Box,
  type Drawer,
  type Job,
  type Material,
  type SlideChoice,
} from '../job';
import {
  add,
  millimetres,
  minus,
  nm,
  plus,
  tally,
  ZERO,
  type Length,
  type Source,
  type Tally,
  type Term,
  type PlainLabel,
  ofField,
  ofDimension,
} from '../length';
import { caseHoles, markedSetback, runnersOf, slideScrew, type CaseHoles, type Runners } from '../mounting';
import type { Opening } from '../opening';
import { fitSlide, lengthListOf, travelOf, type Fit, type LengthList, type SlideFamily } from '../slides';

/**
 * A drawer's choices with slide, materials and paths looked up, and what follows from them at any height. Drawers that
 * override nothing share one.
 */
export interface Kit {
  readonly choice: SlideChoice;
  readonly family: SlideFamily;
  readonly list: LengthList;
  readonly stock: BoxStock;
  readonly front: Material;
  /** Panel of a framed front. */
  readonly panel: Material | undefined;
  readonly material: (id: string) => Material;
  /** The drawer front's thickness where it is inset, else nothing. */
  readonly insetFront: Length;
  readonly paths: BoxPaths;
  readonly bottomFace: Tally;
  readonly fit: Fit;
  readonly boxWidth: Tally;
  readonly boxLength: Tally | undefined;
  readonly setback: Tally;
  readonly travel: Tally | undefined;
  readonly holes: CaseHoles | undefined;
  readonly runners: Runners;
  readonly screws: Screws;
  readonly machining: readonly PartCut[];
}

/** The longest screws that come out nowhere, and the thicknesses they pass. */
export interface Screws {
  readonly slide: Tally | undefined;
  readonly front: Tally;
  readonly throughEnd: Tally;
}

/** One drawer with its kit. */
export interface Making extends Kit {
  readonly drawer: Drawer;
  readonly place: number;
  readonly path: string;
  /** Its outside width as it was made, where that was measured. */
  readonly made?: Tally;
}

/** What the drawers of a bank are made in. */
export interface Workshop {
  readonly job: Job;
  readonly table: ReadonlyMap<string, SlideFamily>;
  readonly bank: Bank;
  readonly path: string;
  readonly opening: Opening;
  /** The depth at a drawer's own level, where that is known to be another than the bank's. */
  readonly depthAt?: (place: number) => Length;
}

/** A screw driven from inside the box stops this far short of the front's face. Common practice. */
const SHORT_OF_FACE = millimetres(3);

/** Every drawer of a bank with its kit, from the top down. */
export function prepare(shop: Workshop): readonly Making[] {
  const common = new Map<Length, Kit>();
  return shop.bank.drawers.map((drawer, place) => {
    const made = measuredGroove(shop.bank, drawer) !== undefined;
    const plain = !drawer.slide && !drawer.front && !drawer.box && !made;
    const depth = shop.depthAt?.(place) ?? shop.opening.depth.total;
    const known = plain ? common.get(depth) : undefined;
    const kit = known ?? kitOf(shop, drawer, place, depth);
    if (plain) common.set(depth, kit);
    const width = madeWidth(shop.bank, drawer);
    return {
      ...kit,
      drawer,
      place,
      path: `${shop.path}.drawers[${place}]`,
      ...(width ? { made: width } : {}),
    };
  });
}

/** The shallowest place its grooves were measured at: a bottom goes no deeper. A bank only planned has none cut. */
function measuredGroove(bank: Bank, { id }: Drawer): AsBuiltReading | undefined {
  if (bank.basis === 'planned') return undefined;
  return [...readingsOf(bank, 'groove', id)].sort((a, b) => a.length - b.length)[0];
}

/** The smallest width the made box was measured at: a bottom goes in where it is narrowest. */
function madeWidth(bank: Bank, { id }: Drawer): Tally | undefined {
  if (bank.basis === 'planned') return undefined;
  const [least] = [...readingsOf(bank, 'box-width', id)].sort((a, b) => a.length - b.length);
  return least && tally(plus('box-width-as-made', least.length, ofField(least.path)));
}

function kitOf(shop: Workshop, drawer: Drawer, place: number, depth: Length): Kit {
  const { job, bank, path, opening, table } = shop;
  const settings = drawerSettings(bank, drawer);
  const choice = settings.slide;
  const material = (id: string): Material => job.materials.find((each) => each.id === id) as Material;
  const family = weakened(job, table.get(choice.family) as SlideFamily, choice);
  const list = lengthListOf(job, family, choice);
  const front = material(settings.frontMaterial);
  const panel = bank.front.frame && material(bank.front.frame.panel);
  const insetFront = standsBack(bank, family, front);
  const groove = measuredGroove(bank, drawer);
  const stock = boxStock(asGrooved(settings.box, groove?.length), material, bank.front);
  const paths = pathsOf(shop, drawer, place, groove);
  const fit = fitSlide(family, list, { depth: add(depth, choice.cut ?? ZERO), insetFront }, choice.length);
  const { nominal } = fit;
  const tray = bank.front.mount === 'none';
  const frontPath = tray ? `${path}.front.setBehind` : paths.thickness(front);
  const setback = markedSetback(family, { by: insetFront, path: frontPath, tray }, handSetback(bank, path));
  return {
    choice,
    family,
    list,
    stock,
    front,
    panel,
    material,
    insetFront,
    paths,
    bottomFace: bottomFace(stock, paths),
    fit,
    boxWidth: boxWidth(family, stock, opening.width, paths, packOf(bank, path)),
    boxLength: lengthOfBox({ family, list, stock, choice, paths }, nominal),
    setback,
    travel: nominal && travelOf(family, nominal, cutOff(choice, paths)),
    holes: nominal && caseHoles(family, insetFront, frontPath, setback, nominal),
    runners: runnersOf(family, bank.buildOut, path),
    screws: screwsOf(family, stock, thinnest(front, panel), paths),
    machining: machining({ stock, family, paths }),
  };
}

function pathsOf({ job, path }: Workshop, drawer: Drawer, place: number, groove: AsBuiltReading | undefined): BoxPaths {
  return {
    field: (name) => (groove && name === 'box.groove.depth' ? groove.path : decidedBy(path, place, drawer, name)),
    front: (name) => `${path}.front.${name}`,
    thickness: (of) => `materials[${job.materials.indexOf(of)}].thickness`,
  };
}

/**
 * How far a drawer stands back behind where its slide's sheet has it: by an inset front's thickness; a tray as far as it is
 * to begin behind the front, where its slide does not stand back so far by itself.
 */
export function standsBack(bank: Bank, family: SlideFamily, front: Pick<Material, 'thickness'>): Length {
  if (bank.front.mount === 'none') return nm(Math.max(0, (bank.behindFront ?? 0) - family.setback));
  return bank.front.mount === 'inset' ? front.thickness : ZERO;
}

/** What is packed on either side, off the opening's width. */
export function packOf(bank: Bank, path: string): readonly Term[] {
  return (['left', 'right'] as const).flatMap((side) => {
    const made = packedAsMade(bank, side);
    const by = made?.length ?? bank.pack?.[side] ?? ZERO;
    return by > 0 ? [minus('packing', by, ofField(made?.path ?? `${path}.pack.${side}`))] : [];
  });
}

/** Packing as it was measured; of a bank that is only planned none is made. */
export function packedAsMade(bank: Bank, side: 'left' | 'right'): AsBuiltReading | undefined {
  if (bank.basis === 'planned') return undefined;
  return readingsOf(bank, 'packing').find(({ place }) => place === side);
}

interface ToBeLong {
  readonly family: SlideFamily;
  readonly list: LengthList;
  readonly stock: BoxStock;
  readonly choice: SlideChoice;
  readonly paths: BoxPaths;
}

/** Apart from its slide where a length of its own is told and the slide leaves it free; else by its slide, as long as that is. */
function lengthOfBox({ family, list, stock, choice, paths }: ToBeLong, nominal: Length | undefined): Tally | undefined {
  const own = stock.box.length;
  if (own !== undefined && family.basis === 'outside')
    return tally(plus('box-length-told', own, ofField(paths.field('box.length'))));
  if (nominal === undefined) return undefined;
  const whole = boxLength(family, nominal, list.boxShorter, lengthSource(choice, paths));
  return tally(...whole.terms, cutOff(choice, paths));
}

/** Cut down it carries half, unless its own sheet says what. */
function weakened(job: Job, family: SlideFamily, { cut }: SlideChoice): SlideFamily {
  const told = job.slides?.find(({ id }) => id === family.id)?.load_kg !== undefined;
  return cut === undefined || told ? family : { ...family, load_kg: family.load_kg / 2 };
}

/** What is cut off a slide's back. */
function cutOff({ cut }: SlideChoice, paths: BoxPaths): Term | undefined {
  return cut === undefined ? undefined : minus('cut-off-slide', cut, ofField(paths.field('slide.cut')));
}

/** What a screw into a framed front may meet: its panel, where that is the thinner. */
function thinnest(front: Material, panel: Material | undefined): Material {
  return panel && panel.thickness < front.thickness ? panel : front;
}

/** The groove as deep as it was measured. */
function asGrooved(box: Box, depth: Length | undefined): Box {
  return depth === undefined || !box.groove ? box : { ...box, groove: { ...box.groove, depth } };
}

/** The length's field where a person chose it, else the depth it follows from. */
function lengthSource({ length }: SlideChoice, paths: BoxPaths): Source {
  return length === undefined ? ofDimension('opening.depth') : ofField(paths.field('slide.length'));
}

function handSetback({ mounting }: Bank, path: string) {
  const setback = mounting?.setback;
  return setback === undefined ? undefined : { setback, path: `${path}.mounting.setback` };
}

function screwsOf(family: SlideFamily, stock: BoxStock, front: Material, paths: BoxPaths): Screws {
  const through = (called: PlainLabel, wood: Material): Tally =>
    tally(plus(called, wood.thickness, ofField(paths.thickness(wood))));
  const [throughFace, throughEnd] = [through('drawer-front', front), through('box-front', stock.ends)];
  return {
    slide: slideScrew(family, stock.sides.thickness, paths.thickness(stock.sides)),
    front: tally(...throughEnd.terms, ...throughFace.terms, minus('short-face', SHORT_OF_FACE)),
    throughEnd,
  };
}
