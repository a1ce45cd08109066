import { CORNERS, type Corner, type JointCut, type Material } from '../job';
import {
  minus,
  nm,
  plus,
  share,
  subtract,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Source,
  type Tally,
  label,
  ofField,
  ofFigure,
  ofTable,
} from '../length';
import type { SlideFamily } from '../slides';
import { BOTTOMS } from './bottoms';
import { reachOf } from './corners';
import type { Role } from './roles';
import type { BoxPaths, BoxStock } from './stock';

export type CutKind = JointCut | 'bevel' | 'grip' | 'groove' | 'notch' | 'bore' | 'batten-groove';

/** Where on a part it lies; of frames besides: the edge (edges) that look to a panel, and a panel's back. */
export type CutPlace =
  | ('lower edge' | 'both edges' | 'front end' | 'back end' | 'both ends' | 'lower corners' | 'middle')
  | 'upper edge'
  | ('inner edge' | 'both inner edges' | 'all round the back');

/**
 * Something worked into a part. Sizes are named; `up` runs from the part's lower edge, `in` from either end; of what is
 * worked into an edge it runs from the part's face.
 */
export interface PartCut<R extends string = Role> {
  readonly role: R;
  readonly kind: CutKind;
  readonly where: CutPlace;
  readonly sizes: Readonly<Record<string, Tally>>;
}

/** What the cuts of a box are worked out from. */
export interface Machining {
  readonly stock: BoxStock;
  readonly family: SlideFamily;
  readonly paths: BoxPaths;
}

/** Everything worked into the parts of one box, in the order it is cut: grooves, corners, then what the slide wants. */
export function machining(making: Machining): readonly PartCut[] {
  const { stock } = making;
  return [
    ...bottomCuts(making),
    ...cornerCuts(making, stock.frontCorner, 'front'),
    ...cornerCuts(making, stock.backCorner, 'back'),
    ...backCuts(making),
  ];
}

function bottomCuts(making: Machining): readonly PartCut[] {
  const { box, bottom } = making.stock;
  const row = BOTTOMS[box.bottomFit];
  if (row.onOutside) return [];
  const depth = tally(plus('depth-groove', box.groove?.depth ?? ZERO, fieldOf(making, 'box.groove.depth')));
  const width = tally(plus('bottom', bottom.thickness, thicknessOf(making, 'bottom')));
  const up = tally(plus('groove-above-lower-edge', box.groove?.offset ?? ZERO, fieldOf(making, 'box.groove.offset')));
  const front: Role = making.stock.faced ? 'drawer-front' : 'box-front';
  const roles: Role[] = row.underBack ? ['side', front] : ['side', front, 'back'];
  const cut: Pick<PartCut, 'kind' | 'sizes'> = row.raised
    ? { kind: 'groove', sizes: { depth, width, up } }
    : { kind: 'rabbet', sizes: { depth, width } };
  const grooves = roles.map((role): PartCut => ({ role, where: 'lower edge', ...cut }));
  if (!box.muntin) return grooves;
  return [...grooves, { role: 'muntin', kind: 'groove', where: 'both edges', sizes: { depth, width } }];
}

const END_OF = { front: 'box-front', back: 'back' } as const;

function cornerCuts(making: Machining, corner: Corner, end: 'front' | 'back'): readonly PartCut[] {
  const { cuts } = CORNERS[corner.joint];
  if (!cuts) return [];
  const { stock } = making;
  if (end === 'front' && standsBefore(stock)) return [];
  const wood = end === 'front' ? stock.ends : stock.back;
  const field = `${cornerField(stock, end)}.depth`;
  const depth =
    corner.depth === undefined
      ? tally(plus(label('thickness-of-end', { end }), wood.thickness, ofField(making.paths.thickness(wood))))
      : tally(plus('depth-joint', corner.depth, fieldOf(making, field)));
  if (corner.joint === 'tongue-dado') return tongued(making, wood, depth, end);
  if (CORNERS[corner.joint].inward) return [housed(making, corner, wood, end)];
  const side: PartCut[] = cuts.side ? [{ role: 'side', kind: cuts.side, where: `${end} end`, sizes: { depth } }] : [];
  if (!cuts.end) return side;
  const width = tally(plus('side', stock.sides.thickness, thicknessOf(making, 'sides')));
  return [...side, { role: END_OF[end], kind: cuts.end, where: 'both ends', sizes: { depth, width } }];
}

/** Where a corner is written. */
function cornerField({ box }: BoxStock, end: 'front' | 'back'): string {
  return end === 'back' && box.corner.back ? 'box.corner.back' : 'box.corner';
}

/** Before sides that end at it a front is cut for nothing but its bottom. */
function standsBefore({ faced, tray }: BoxStock): boolean {
  return faced === true || (tray !== undefined && tray.over > 0);
}

/** An end let into a full dado, in from the side's end. Common practice. */
function housed(making: Machining, corner: Corner, wood: Material, end: 'front' | 'back'): PartCut {
  const field = cornerField(making.stock, end);
  return {
    ...{ role: 'side', kind: 'dado', where: `${end} end` },
    sizes: {
      depth: tally(plus('depth-joint', corner.depth ?? ZERO, fieldOf(making, `${field}.depth`))),
      width: tally(plus(label('thickness-of-end', { end }), wood.thickness, ofField(making.paths.thickness(wood)))),
      in: tally(plus('stands-in', corner.short ?? ZERO, fieldOf(making, `${field}.short`))),
    },
  };
}

/**
 * A tongue at the inner face of the end, half as thick as it, and the dado it sits in: as wide as the tongue, and from the
 * side's end what the end has beside its tongue. Common practice.
 */
function tongued(making: Machining, end: Material, depth: Tally, where: 'front' | 'back'): readonly PartCut[] {
  const from: Source = ofField(making.paths.thickness(end));
  const tongue = share(end.thickness, 2);
  const thick = tally(plus(label('half-thickness-of-end', { end: where }), tongue, from));
  const beside = tally(
    plus(label('thickness-of-end', { end: where }), end.thickness, from),
    minus('tongue', tongue, from),
  );
  return [
    { role: 'side', kind: 'dado', where: `${where} end`, sizes: { depth, width: thick, in: beside } },
    { role: END_OF[where], kind: 'tongue', where: 'both ends', sizes: { depth, width: thick } },
  ];
}

/** Notches at the lower corners (where the back reaches below the bottom) and bores for the hooks. */
function backCuts(making: Machining): readonly PartCut[] {
  const { family, stock } = making;
  const { notch, hook } = family.cuts ?? {};
  const underBack = BOTTOMS[stock.box.bottomFit].underBack;
  const figure = (name: string): Source => ofFigure(family.id, name);
  const found: PartCut[] = [];
  if (notch && !underBack)
    found.push({
      role: 'back',
      kind: 'notch',
      where: 'lower corners',
      sizes: {
        width: tally(reachTerm(making), plus('notch', notch.width, figure('cuts.notch.width'))),
        height: tally(plus('notch', notch.height, figure('cuts.notch.height'))),
      },
    });
  if (!hook) return found;
  const up = underBack
    ? minus('bottom-which-back-stands-on', stock.bottom.thickness, thicknessOf(making, 'bottom'))
    : plus('groove-above-lower-edge', stock.box.groove?.offset ?? ZERO, fieldOf(making, 'box.groove.offset'));
  const sizes = {
    in: tally(reachTerm(making), plus('in-from-side-inner-face', hook.fromSide, figure('cuts.hook.fromSide'))),
    up: tally(up, plus('above-bottom-underside', hook.aboveUnderside, figure('cuts.hook.aboveUnderside'))),
    diameter: tally(plus('bore', hook.diameter, figure('cuts.hook.diameter'))),
    depth: tally(plus('bore', hook.depth, figure('cuts.hook.depth'))),
  };
  return [...found, { role: 'back', kind: 'bore', where: 'both ends', sizes }];
}

/** The groove a batten runs in: its depth, and its middle above the box's lower edge. */
export function battenGroove(family: SlideFamily, depth: Tally, up: Tally): PartCut {
  const width = tally(plus('height-batten', family.profile, figureOf(family, 'profile')));
  return { role: 'side', kind: 'batten-groove', where: 'middle', sizes: { depth, width, up } };
}

/** The back's end lies this far outside the side's inner face. */
function reachTerm({ stock }: Machining) {
  const reach = reachOf(stock.backCorner, stock.sides.thickness);
  const from: Source = ofTable('corners', stock.backCorner.joint);
  return unlessZero(plus('reach-into-side', reach, from));
}

/** Whether a hook's bore would meet the bottom's edge instead of the back: by how much. */
export function hookIntoBottom(family: SlideFamily, stock: BoxStock): Length | undefined {
  const hook = family.cuts?.hook;
  if (!hook || !BOTTOMS[stock.box.bottomFit].underBack) return undefined;
  const into = subtract(nm(stock.bottom.thickness + share(hook.diameter, 2)), hook.aboveUnderside);
  return into > 0 ? into : undefined;
}

function thicknessOf({ stock, paths }: Machining, of: 'sides' | 'bottom'): Source {
  return ofField(paths.thickness(stock[of]));
}

function fieldOf({ paths }: Machining, name: string): Source {
  return ofField(paths.field(name));
}

function figureOf(family: SlideFamily, name: string): Source {
  return ofFigure(family.id, name);
}
