import type { Compartment } from '../layout';
import { add, nm, subtract, ZERO, type Length } from '../length';
import { long, type Body } from './body';
import type { CaseStock } from './case-stock';
import type { Outline } from './outline';

/** How deep a compartment is from one height over its clear floor to another. */
export interface DepthStep {
  readonly from: Length;
  readonly to: Length;
  readonly depth: Length;
}

/** What stands at the back of a compartment: from one height over the floor of the room to another, so far into it. */
interface Obstacle {
  readonly from: Length;
  readonly to: Length;
  readonly takes: Length;
}

/**
 * Where something stands at the back of a compartment, how deep it is there: cleats inside, notches of the members that
 * bound it, what is kept clear of. Steps from below up, only those that are shallower than the whole. Common practice.
 */
export function depthsOf(
  stock: CaseStock,
  outline: Outline,
  bodies: readonly Body[],
  compartment: Compartment,
): readonly DepthStep[] {
  const { y, height } = compartment;
  const top = add(y, height.total);
  const whole = outline.inside.total;
  const obstacles = [
    ...cleatsInside(outline, bodies),
    ...notches(stock, compartment),
    ...keptClear(stock, compartment, whole),
  ].filter(({ from, to, takes }) => takes > 0 && from < top && to > y);
  if (obstacles.length === 0) return [];
  const edges = [...new Set(obstacles.flatMap(({ from, to }) => [Math.max(from, y), Math.min(to, top)]))].sort(
    (a, b) => a - b,
  );
  return edges.slice(0, -1).flatMap((from, index): readonly DepthStep[] => {
    const to = edges[index + 1] ?? from;
    const takes = Math.max(
      0,
      ...obstacles.filter((each) => each.from < to && each.to > from).map((each) => each.takes),
    );
    return takes === 0 ? [] : [{ from: nm(from - y), to: nm(to - y), depth: nm(Math.max(0, whole - takes)) }];
  });
}

/** The least depth between two heights over the compartment's clear floor. */
export function depthBetween(whole: Length, steps: readonly DepthStep[], from: Length, to: Length): Length {
  const met = steps.filter((step) => step.from < to && step.to > from).map(({ depth }) => depth);
  return nm(Math.min(whole, ...met));
}

function cleatsInside({ inside }: Outline, bodies: readonly Body[]): readonly Obstacle[] {
  return bodies.flatMap(({ role, y, z }) =>
    role === 'cleat' && z.from < inside.total ? [{ from: y.from, to: y.to, takes: long(z) }] : [],
  );
}

/** Of the back and of the walls beside it, as each was measured where its member stands. */
function notches({ build }: CaseStock, { beside }: Compartment): readonly Obstacle[] {
  const members = ['case-back', ...beside];
  return (build.notches ?? [])
    .filter(({ member }) => members.includes(member))
    .flatMap(({ steps }) => steps.map(({ height, depth }) => ({ from: ZERO, to: height, takes: depth })));
}

function keptClear({ keepOuts = [] }: CaseStock, { id, floor }: Compartment, whole: Length): readonly Obstacle[] {
  return keepOuts
    .filter(({ compartment }) => compartment === id)
    .map(({ y, z, height, room = ZERO }) => ({
      from: nm(floor + y - room),
      to: nm(floor + y + height + room),
      takes: subtract(whole, nm(Math.max(0, z - room))),
    }));
}
