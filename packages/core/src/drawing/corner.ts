import type { Case } from '../job';
import { inMillimetres, share, subtract, ZERO } from '../length';
import type { BankPlan, DrawerPlan } from '../plan';
import type { Box, Drawing } from './shapes';

/** How much of the corner is drawn, and how thick a case and its frame are drawn whose thickness nobody said. In millimetres. */
const ACROSS = 120;
const DEEP = 95;
const CASE = 18;
const FRAME = 19;
/** A box under its overlay front stands off it by this much in the drawing, so that the two are told apart. */
const SLIT = 1;

/**
 * The left front corner of a bank’s top drawer from above, to scale: case, frame, front, box and slide as they meet.
 * `x` runs from the opening’s left edge, `y` back from the case’s front plane upwards. Undefined where the box has no
 * size.
 */
export function drawCorner(bank: BankPlan, style: Case['style']): Drawing | undefined {
  const [drawer] = bank.drawers;
  const width = drawer?.dimensions['box.width'];
  if (!drawer || !width) return undefined;
  const side = inMillimetres(share(subtract(bank.opening.width.total, width.total), 2));
  const framed = style === 'face-frame';
  const out = framed ? inMillimetres(bank.buildOut?.left.wanted ?? bank.bank.buildOut?.left ?? ZERO) : 0;
  const shapes: readonly Box[] = [
    ...caseOf(framed, out),
    ...frontOf(bank, drawer),
    ...slideOf(drawer, side, start(bank, drawer)),
    ...boxOf(drawer, side, start(bank, drawer)),
  ];
  const x = Math.min(...shapes.map((shape) => shape.x));
  const y = Math.min(...shapes.map((shape) => shape.y));
  return { x, y, width: ACROSS - x, height: DEEP - y, shapes };
}

const box = (role: Box['role'], x: number, y: number, width: number, height: number): Box => ({
  kind: 'box',
  role,
  x,
  y,
  width,
  height,
});

function caseOf(framed: boolean, out: number): readonly Box[] {
  const behind = framed ? FRAME : 0;
  const wall = box('case', -out - CASE, behind, CASE, DEEP - behind);
  if (!framed) return [wall];
  const stile = box('rail', -out - CASE, 0, out + CASE, FRAME);
  return out > 0 ? [wall, stile, box('spacer', -out, FRAME, out, DEEP - FRAME)] : [wall, stile];
}

function frontOf({ bank }: BankPlan, { frontThickness }: DrawerPlan): readonly Box[] {
  const thick = inMillimetres(frontThickness);
  const left = inMillimetres(bank.front.left);
  const inset = bank.front.mount === 'inset';
  const from = inset ? left : -left;
  return [box('front', from, inset ? 0 : -thick, ACROSS - from, thick)];
}

/** Where the box begins behind the front plane. */
function start({ bank }: BankPlan, { frontThickness }: DrawerPlan): number {
  return bank.front.mount === 'inset' ? inMillimetres(frontThickness) + SLIT : SLIT;
}

/** Side and box front, butted: what their joint is a picture of its own shows. */
function boxOf(drawer: DrawerPlan, side: number, from: number): readonly Box[] {
  const thick = (role: 'side' | 'box-front'): number => {
    const part = drawer.parts.find((each) => each.role === role);
    return part ? inMillimetres(part.thickness) : CASE;
  };
  const [wall, end] = [thick('side'), thick('box-front')];
  return [box('box-side', side, from, wall, DEEP - from), box('box-end', side + wall, from, ACROSS - side - wall, end)];
}

/** On the side it fills the clearance; under the box it reaches in below it. */
function slideOf({ family }: DrawerPlan, side: number, from: number): readonly Box[] {
  const setback = inMillimetres(family.setback);
  const at = Math.max(from, setback);
  if ((family.seat === 'side' || family.seat === 'corner') && family.sideFixed)
    return [box('slide', 0, at, side, DEEP - at)];
  if (family.seat !== 'bay') return [];
  const bearing = family.cuts?.bearing;
  const under = bearing === undefined ? side + CASE : inMillimetres(bearing);
  return [box('hung-slide', 0, at, under, DEEP - at)];
}
