import type { Ground } from '../layout';
import { add, minus, minusTimes, nm, ofField, plus, subtract, tally, ZERO, type Length, type Tally } from '../length';
import type { CaseStock } from './case-stock';
import type { Outline } from './outline';

/** What the front of a case is divided in: clear inside its face frame, or between sides, floor and ceiling. */
export function groundOf(stock: CaseStock, outline: Outline): Ground {
  const { frame } = stock.build;
  const { panel, width, floor, ceiling, floorIs, ceilingIs } = outline;
  const inside = {
    left: panel,
    right: subtract(width.total, panel),
    floor,
    ceiling,
    floorIs,
    ceilingIs,
    divider: panel,
    shelf: panel,
  };
  const { at, across } = frame ? inFrame(stock, outline) : betweenSides(outline);
  const [from, to] = frame ? heightsInFrame(stock, outline) : [floor, ceiling];
  return {
    ...inside,
    x: at,
    y: from,
    width: across,
    height: tally(plus('upper-edge', to), minus('lower-edge', from)),
    middleStile: frame?.middle ?? ZERO,
    middleRail: frame?.rail ?? ZERO,
  };
}

function betweenSides({ width, panel }: Outline): { readonly at: Length; readonly across: Tally } {
  return { at: panel, across: tally(...width.terms, minusTimes('case-side', 2, panel)) };
}

function inFrame({ build, path }: CaseStock, { width, overSides }: Outline) {
  const stile = build.frame?.stile ?? ZERO;
  return {
    at: subtract(stile, overSides),
    across: tally(
      ...width.terms,
      overSides > 0
        ? { ...plus('frame-past-side', nm(2 * overSides), ofField(`${path}.build.frame.over`)) }
        : undefined,
      minusTimes('end-stile', 2, stile, ofField(`${path}.build.frame.stile`)),
    ),
  };
}

/** Never under the floor of the inside, never over its ceiling. */
function heightsInFrame({ build }: CaseStock, { base, height, floor, ceiling }: Outline): [Length, Length] {
  const { bottomRail = ZERO, topRail = ZERO } = build.frame ?? {};
  return [nm(Math.max(add(base, bottomRail), floor)), nm(Math.min(subtract(height, topRail), ceiling))];
}
