import { railOf } from '../job';
import { inMillimetres, ZERO, type Tally } from '../length';
import type { BankPlan, DrawerDimension, DrawerPlan } from '../plan';
import type { Box, Drawing, Line, Shape } from './shapes';

/** Case shown around the opening, in millimetres; only its edge is drawn. */
export const AROUND = 26;
/** How far a slide’s line is drawn in from the case side. */
const SLIDE_MARK = 18;
/** A knob's width, and a bar's thickness, where nothing is known of them. */
const KNOB = 30;
const BAR = 12;

/** The bank as seen from the front: opening, rails, fronts, and the boxes and slide lines behind them. */
export function drawFace(plan: BankPlan): Drawing {
  const [width, height] = [inMillimetres(plan.opening.width.total), inMillimetres(plan.opening.height.total)];
  const opening: Box = { kind: 'box', role: 'opening', x: 0, y: 0, width, height };
  const fronts = plan.drawers.flatMap((drawer) => frontOf(plan, drawer));
  const boxes = plan.drawers.flatMap((drawer) => boxOf(plan, drawer));
  const pulls = plan.drawers.flatMap((drawer) => pullsOf(plan, drawer));
  const edges = extent([opening, ...fronts]);
  const around: Box = { kind: 'box', role: 'case', ...grown(extent([opening]), AROUND) };
  const shapes: Shape[] = [around, opening, ...railsOf(plan), ...boxes, ...slideLines(plan), ...fronts, ...pulls];
  return { ...extent([around, { ...opening, ...edges }]), shapes };
}

function frontOf(plan: BankPlan, drawer: DrawerPlan): readonly Box[] {
  const { bank } = plan;
  // Of a tray its box is what is seen.
  if (bank.front.mount === 'none') return boxOf(plan, drawer).map((box) => ({ ...box, role: 'front' }));
  const size = read(drawer, 'front.width', 'front.height', 'front.bottomY');
  if (!size) return [];
  const [width = 0, height = 0, y = 0] = size;
  const left = inMillimetres(bank.front.left);
  return [
    {
      kind: 'box',
      role: 'front',
      drawer: drawer.id,
      x: bank.front.mount === 'overlay' ? -left : left,
      y,
      width,
      height,
    },
  ];
}

/** A bar over two bores, or a knob on one, as it sits on the front. */
function pullsOf(plan: BankPlan, drawer: DrawerPlan): readonly Box[] {
  const [front] = frontOf(plan, drawer);
  if (!front) return [];
  const bores = drawer.bores.map(({ x, y }) => ({
    x: front.x + inMillimetres(x.total),
    y: front.y + inMillimetres(y.total),
  }));
  const centres = inMillimetres(plan.bank.front.pull?.centres ?? ZERO);
  const firsts = centres === 0 ? bores : bores.filter((_, index) => index % 2 === 0);
  const half = (centres === 0 ? KNOB : BAR) / 2;
  return firsts.map(({ x, y }) => ({
    kind: 'box',
    role: 'pull',
    drawer: drawer.id,
    x: x - half,
    y: y - half,
    width: centres + 2 * half,
    height: 2 * half,
  }));
}

function boxOf({ bank, opening }: BankPlan, drawer: DrawerPlan): readonly Box[] {
  const size = read(drawer, 'box.width', 'box.height', 'box.bottomY');
  if (!size) return [];
  const [width = 0, height = 0, y = 0] = size;
  const [left, right] = [inMillimetres(bank.pack?.left ?? ZERO), inMillimetres(bank.pack?.right ?? ZERO)];
  const x = left + (inMillimetres(opening.width.total) - left - right - width) / 2;
  return [{ kind: 'box', role: 'drawer-box', drawer: drawer.id, x, y, width, height }];
}

/** Rails fill the opening between the bays. */
function railsOf(plan: BankPlan): readonly Box[] {
  const rail = inMillimetres(railOf(plan.bank));
  if (rail === 0) return [];
  const width = inMillimetres(plan.opening.width.total);
  return plan.drawers.slice(0, -1).flatMap((drawer) => {
    const [floor] = read(drawer, 'bay.bottomY') ?? [];
    return floor === undefined
      ? []
      : [{ kind: 'box', role: 'rail', x: 0, y: floor - rail, width, height: rail } as const];
  });
}

/** Where each slide's line meets the case on both sides. */
function slideLines(plan: BankPlan): readonly Line[] {
  const width = inMillimetres(plan.opening.width.total);
  const reach = Math.min(SLIDE_MARK, width / 6);
  return plan.drawers.flatMap((drawer) => {
    const [y] = read(drawer, 'slide.centreY') ?? [];
    if (y === undefined) return [];
    const line = (x1: number, x2: number): Line => ({
      kind: 'line',
      role: 'slide-line',
      drawer: drawer.id,
      x1,
      y1: y,
      x2,
      y2: y,
    });
    return [line(0, reach), line(width - reach, width)];
  });
}

function read(drawer: DrawerPlan, ...names: readonly DrawerDimension[]): readonly number[] | undefined {
  const sizes = names.map((name) => drawer.dimensions[name]);
  return sizes.every((size): size is Tally => size !== undefined)
    ? sizes.map(({ total }) => inMillimetres(total))
    : undefined;
}

interface Extent {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

function extent(boxes: readonly Extent[]): Extent {
  const x = Math.min(...boxes.map((box) => box.x));
  const y = Math.min(...boxes.map((box) => box.y));
  const right = Math.max(...boxes.map((box) => box.x + box.width));
  const top = Math.max(...boxes.map((box) => box.y + box.height));
  return { x, y, width: right - x, height: top - y };
}

function grown(box: Extent, by: number): Extent {
  return { x: box.x - by, y: box.y - by, width: box.width + 2 * by, height: box.height + 2 * by };
}
