import type { CarrierRole } from '../box';
import { FACING, FLAT_BACK, ON_EDGE_BACK } from '../casework';
import type { Carrier } from '../mounting';
import type { BankPlan, DrawerPlan } from '../plan';
import { placed, type Place, type Size } from './piece';

/** A bank's opening as wood for its slides is fixed in it: the case's walls beside it, its clear floor, its front edge at 0. */
export interface WallsAt {
  readonly bank: BankPlan;
  /** Inner faces of the walls behind the edges of the opening. */
  readonly left: number;
  readonly right: number;
  readonly y: number;
  readonly depth: number;
  /** Where a wall begins behind its face frame. */
  readonly behindFrame: number;
}

/** Where a piece of wood for slides is fixed. */
export function carrierPlace(at: WallsAt, carrier: Carrier): Place | undefined {
  const drawer = at.bank.drawers[carrier.place];
  if (!drawer) return undefined;
  const { length, width, thickness } = carrier;
  return PLACES[carrier.role]({ at, carrier, drawer, size: { length: length.total, width: width.total, thickness } });
}

interface Fixed {
  readonly at: WallsAt;
  readonly carrier: Carrier;
  readonly drawer: DrawerPlan;
  readonly size: Size;
}

const PLACES: Readonly<Record<CarrierRole, (fixed: Fixed) => Place | undefined>> = {
  'build-out': beside,
  blocking: beside,
  runner: (fixed) => flat(fixed, edge(fixed.drawer)),
  kicker: (fixed) => flat(fixed, overBox(fixed)),
  batten: (fixed) => onWall(fixed, edge(fixed.drawer)),
  guide: (fixed) => onWall(fixed, edge(fixed.drawer) + (fixed.drawer.dimensions['runner.thickness']?.total ?? 0)),
  strip,
};

const edge = ({ dimensions }: DrawerPlan): number => dimensions['slide.lowerEdgeY']?.total ?? 0;

/** From the wall in by so much, what lies between it and the wall counted. */
function inFrom({ at, carrier: { side } }: Fixed, before: number, wide: number): number {
  return side === 'left' ? at.left + before : at.right - before - wide;
}

/** Behind its slide and the frame, piece before piece, its middle on the slide's line. */
function beside(fixed: Fixed): Place {
  const { at, carrier, drawer, size } = fixed;
  const { drawer: of, role, side, number } = carrier;
  const behind = at.bank.carriers.filter(
    (each) => each.drawer === of && each.role === role && each.side === side && each.number < number,
  );
  const before = behind.reduce((sum, { thickness }) => sum + thickness, 0);
  const line = drawer.dimensions['slide.centreY']?.total ?? 0;
  return placed(ON_EDGE_BACK, size, {
    x: inFrom(fixed, before, size.thickness),
    y: at.y + line - size.width / 2,
    z: Math.max(at.behindFrame, drawer.dimensions['slide.setback']?.total ?? 0),
  });
}

/** A runner lies flat, and so does what keeps the top drawer from tipping. */
function flat(fixed: Fixed, up: number): Place {
  const { at, size } = fixed;
  return placed(FLAT_BACK, size, { x: inFrom(fixed, 0, size.width), y: at.y + up, z: 0 });
}

function overBox({ drawer: { dimensions } }: Fixed): number {
  const of = (name: 'box.bottomY' | 'box.height' | 'runner.kicker'): number => dimensions[name]?.total ?? 0;
  return of('box.bottomY') + of('box.height') + of('runner.kicker');
}

function onWall(fixed: Fixed, up: number): Place {
  const { at, size } = fixed;
  return placed(ON_EDGE_BACK, size, { x: inFrom(fixed, 0, size.thickness), y: at.y + up, z: 0 });
}

/** Upright from the case's floor: at the back, or behind the frame where fronts are set in. */
function strip(fixed: Fixed): Place {
  const { at, carrier, size } = fixed;
  const { frameAt } = at.bank.bank;
  const below = frameAt ? frameAt.opening - frameAt.floor : 0;
  const front = (frameAt?.frame ?? 0) + (carrier.behindFrame?.total ?? 0);
  const z = carrier.end === 'front' ? front : at.depth - size.thickness;
  return placed(FACING, size, { x: inFrom(fixed, 0, size.width), y: at.y - below, z });
}
