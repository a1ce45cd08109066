import { BOTTOMS, ROLES, type PartCut } from '../box';
import { drawerSettings, type Box as BoxChoice } from '../job';
import { inMillimetres, nm, type Length, type Tally, type SizeKind } from '../length';
import type { BankPlan, DrawerDimension, DrawerPlan } from '../plan';
import { said, type DrawnSize } from '../words';
import type { Box, Drawing, Measure, Shape } from './shapes';

/** A drawer cut from front to back, everything in millimetres: `x` back from the case's front edge, `y` above the floor. */
interface Cut {
  readonly drawer: DrawerPlan;
  readonly box: BoxChoice;
  readonly inset: boolean;
  readonly depth: number;
  readonly at: (name: DrawerDimension) => number;
}

/**
 * The side section of one drawer: its bay, front, box, bottom, slide, notch and bore, with every clearance as a size.
 * Undefined where its box can't be worked out.
 */
export function drawSection({ bank, opening, drawers }: BankPlan, id: string): Drawing | undefined {
  const drawer = drawers.find((each) => each.id === id);
  const choice = drawer && bank.drawers[drawer.place];
  if (!drawer || !choice) return undefined;
  const tallyAt = (name: DrawerDimension): Tally | undefined => drawer.dimensions[name];
  const cut: Cut = {
    drawer,
    box: drawerSettings(bank, choice).box,
    inset: bank.front.mount === 'inset',
    depth: inMillimetres(opening.depth.total),
    at: (name) => mm(tallyAt(name)?.total),
  };
  if (
    ['box.height', 'box.length', 'box.bottomY', 'bay.height', 'front.height'].some(
      (name) => !tallyAt(name as DrawerDimension),
    )
  )
    return undefined;
  const shapes: readonly Shape[] = [...solids(cut), ...sizes(cut)];
  const front = cut.inset || !drawn(cut) ? 0 : -mm(drawer.frontThickness);
  const [low, high] = [Math.min(of(cut, 'bay.bottomY'), of(cut, 'front.bottomY')), topOf(cut)];
  return { x: front, y: low, width: cut.depth - front, height: high - low, shapes };
}

function topOf(cut: Cut): number {
  const bay = of(cut, 'bay.bottomY') + of(cut, 'bay.height');
  return Math.max(bay, of(cut, 'front.bottomY') + of(cut, 'front.height'));
}

/** What has a name of its own in a section. */
type SectionSize = Exclude<DrawnSize, 'drawn/reading' | 'drawn/pack'>;

/** Which of its sizes are of parts and of openings; the others are gaps. */
const PARTS_OF_SECTION: Readonly<Partial<Record<SectionSize, SizeKind>>> = {
  'drawn/box': 'part',
  'drawn/box-length': 'part',
  'drawn/wall-inside': 'opening',
};

/** Everything that has a body, from the back of the picture to the front. */
function solids(cut: Cut): readonly Box[] {
  const { drawer, inset, depth } = cut;
  const thick = mm(drawer.frontThickness);
  const start = of(cut, 'slide.setback');
  const [floor, high, long] = [of(cut, 'box.bottomY'), of(cut, 'box.height'), of(cut, 'box.length')];
  const bay = boxOf(drawer, 'bay', 0, of(cut, 'bay.bottomY'), depth, of(cut, 'bay.height'));
  const side = boxOf(drawer, 'box-side', start, floor, long, high);
  const front =
    drawn(cut) && boxOf(drawer, 'front', inset ? 0 : -thick, of(cut, 'front.bottomY'), thick, of(cut, 'front.height'));
  const slide = boxOf(
    drawer,
    'slide',
    start,
    of(cut, 'slide.lowerEdgeY'),
    drawer.nominal === undefined ? long : mm(drawer.nominal),
    mm(drawer.family.profile),
  );
  return [
    bay,
    side,
    ...ends(cut, start),
    bottom(cut, start),
    slide,
    ...backCuts(cut, start),
    ...(front ? [front] : []),
  ];
}

/** A tray has no front but its box's. */
function drawn({ drawer }: Cut): boolean {
  return drawer.parts.some(({ role }) => ROLES[role].of === 'front');
}

/** Box front and back; the back stands on the bottom where that slides in. */
function ends(cut: Cut, start: number): readonly Box[] {
  const [front, back] = [part(cut, 'box-front'), part(cut, 'back')];
  const [floor, high, long] = [of(cut, 'box.bottomY'), of(cut, 'box.height'), of(cut, 'box.length')];
  const lift = BOTTOMS[cut.box.bottomFit].underSides ? mm(part(cut, 'bottom')?.thickness) : 0;
  const [te, tb] = [mm(front?.thickness), mm(back?.thickness)];
  const tall = back?.width ? mm(back.width.total) : high;
  return [
    ...(front ? [boxOf(cut.drawer, 'box-end', start, floor + lift, te, mm(front.width?.total) || high - lift)] : []),
    boxOf(cut.drawer, 'box-end', start + long - tb, floor + high - tall, tb, tall),
  ];
}

function bottom(cut: Cut, start: number): Box {
  const row = BOTTOMS[cut.box.bottomFit];
  const panel = part(cut, 'bottom');
  const raised = row.raised ? mm(cut.box.groove?.offset) : 0;
  const into = row.onOutside ? 0 : mm(cut.box.groove?.depth);
  const te = mm(part(cut, 'box-front')?.thickness);
  const from = row.onOutside ? start : start + te - into;
  return boxOf(
    cut.drawer,
    'box-bottom',
    from,
    of(cut, 'box.bottomY') + raised,
    mm(panel?.width?.total),
    mm(panel?.thickness),
  );
}

/** Notch and hook bore of the back, seen from the side. */
function backCuts(cut: Cut, start: number): readonly Box[] {
  const back = part(cut, 'back');
  const thick = mm(back?.thickness);
  const end = start + of(cut, 'box.length');
  const foot =
    of(cut, 'box.bottomY') + of(cut, 'box.height') - (back?.width ? mm(back.width.total) : of(cut, 'box.height'));
  return cut.drawer.machining.flatMap((each: PartCut): readonly Box[] => {
    const size = (name: string): number => mm(each.sizes[name]?.total);
    if (each.role !== 'back') return [];
    if (each.kind === 'notch') return [boxOf(cut.drawer, 'notch', end - thick, foot, thick, size('height'))];
    if (each.kind !== 'bore') return [];
    const [deep, wide] = [Math.min(size('depth'), thick), size('diameter')];
    return [boxOf(cut.drawer, 'bore', end - deep, foot + size('up') - wide / 2, deep, wide)];
  });
}

/** Clearances, heights and lengths, each between the things it separates. */
function sizes(cut: Cut): readonly Measure[] {
  const [floor, high, long] = [of(cut, 'box.bottomY'), of(cut, 'box.height'), of(cut, 'box.length')];
  const [bay, start] = [of(cut, 'bay.bottomY'), of(cut, 'slide.setback')];
  const top = bay + of(cut, 'bay.height');
  const middle = start + long / 2;
  const clear = topOfBottom(cut);
  const upright = (label: SectionSize, x: number, y1: number, y2: number): Measure => measure(cut, label, x, y1, x, y2);
  const level = (label: SectionSize, y: number, x1: number, x2: number): Measure => measure(cut, label, x1, y, x2, y);
  const found = [
    upright('drawn/clear-below', start + long * 0.2, bay, floor),
    upright('drawn/clear-above', start + long * 0.2, floor + high, top),
    upright('drawn/box', start + long * 0.32, floor, floor + high),
    upright('drawn/wall-inside', middle, clear, floor + high),
    upright('drawn/bottom-up', start + long * 0.56, floor, clear - mm(part(cut, 'bottom')?.thickness)),
    level('drawn/box-length', floor + high * 0.72, start, start + long),
    level('drawn/behind-it', floor + high * 0.5, start + long, cut.depth),
    level('drawn/set-back', bay + of(cut, 'bay.height') * 0.9, 0, start),
  ];
  return [...found, ...cutSizes(cut, start)].filter(({ length }) => length > 0);
}

/** Groove, notch and bore, each beside what it is cut in. */
function cutSizes(cut: Cut, start: number): readonly Measure[] {
  const row = BOTTOMS[cut.box.bottomFit];
  const [te, into] = [mm(part(cut, 'box-front')?.thickness), mm(cut.box.groove?.depth)];
  const over = topOfBottom(cut);
  const inner = start + te;
  const groove = row.onOutside
    ? []
    : [measure(cut, row.raised ? 'drawn/groove' : 'drawn/rabbet', inner - into, over, inner, over)];
  const end = start + of(cut, 'box.length');
  const found = backCuts(cut, start).map((box): Measure => {
    const underside = over - mm(part(cut, 'bottom')?.thickness);
    if (box.role === 'notch') return measure(cut, 'drawn/notch', box.x, box.y, box.x, box.y + box.height);
    return measure(cut, 'drawn/bore', end + box.width, underside, end + box.width, box.y + box.height / 2);
  });
  return [...groove, ...found];
}

/** Upper face of the bottom above the floor: what the wall inside stands on. */
function topOfBottom(cut: Cut): number {
  return of(cut, 'box.bottomY') + of(cut, 'box.height') - of(cut, 'inside.wallHeight');
}

function measure({ drawer }: Cut, label: SectionSize, x1: number, y1: number, x2: number, y2: number): Measure {
  const length = nm(Math.round(Math.hypot(x2 - x1, y2 - y1) * 1e6));
  const kind = PARTS_OF_SECTION[label] ?? 'gap';
  return { kind: 'measure', role: 'size', drawer: drawer.id, label: said(label), length, of: kind, x1, y1, x2, y2 };
}

function boxOf({ id }: DrawerPlan, role: Box['role'], x: number, y: number, width: number, height: number): Box {
  return { kind: 'box', role, drawer: id, x, y, width, height };
}

function part({ drawer }: Cut, role: 'box-front' | 'back' | 'bottom') {
  return drawer.parts.find((each) => each.role === role);
}

function of(cut: Cut, name: DrawerDimension): number {
  return cut.at(name);
}

function mm(length: Length | undefined): number {
  return length === undefined ? 0 : inMillimetres(length);
}
