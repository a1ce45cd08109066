import { nm, valueAt, writeExact, type Boundary, type Length, type NodeOf, type Patch, type Unit } from '@zabble/core';
import type { Edge } from './edge-drag';

type WrittenNode = NodeOf<string>;

/** A compartment is not dragged smaller than this. */
const LEAST = nm(30_000_000);
/** What parts compartments goes in steps of this: a sixteenth, or a millimetre. */
const STEP: Readonly<Record<Unit, Length>> = { in: nm(1_587_500), mm: nm(1_000_000) };

/** What parts two compartments as an edge that is moved by hand: the size before it grows or shrinks, the one behind it takes the rest. */
export function dividerEdge(document: object | undefined, boundary: Boundary, unit: Unit): Edge | undefined {
  const children = valueAt(document, boundary.path) as readonly WrittenNode[] | undefined;
  if (!children) return undefined;
  const { path, place, before, after, kind } = boundary;
  const increment = STEP[unit];
  const id = children[place]?.id ?? '';
  return {
    name: kind === 'column' ? $localize`move the divider right of ${id}` : $localize`move what lies under ${id}`,
    key: `${path} ${place}`,
    start: before,
    increment,
    snapped: (further) => snapped(boundary, further, increment),
    patches: (size) => {
      const sized = [size, nm(before + after - size)];
      return [place, place + 1].flatMap((at, index) =>
        at === openOf(children, place)
          ? freed(path, at, children)
          : locked(path, at, sized[index] ?? size, unit, children),
      );
    },
  };
}

function snapped({ before, after }: Boundary, further: number, increment: Length): Length {
  const most = Math.max(before, before + after - LEAST);
  const wanted = Math.min(Math.max(before + further, Math.min(before, LEAST)), most);
  const whole = nm(Math.round(wanted / increment) * increment);
  return whole > most ? nm(Math.floor(most / increment) * increment) : whole;
}

/** Of both beside it the one that goes on taking what is left, where no other child does. */
function openOf(children: readonly WrittenNode[], place: number): number | undefined {
  const free = children.flatMap((child, at) => (isSized(child) ? [] : [at]));
  const others = free.filter((at) => at !== place && at !== place + 1);
  if (others.length > 0) return undefined;
  return free.at(-1);
}

const isSized = ({ size, fit }: WrittenNode): boolean => size !== undefined || fit !== undefined;

/** The size is set; what it was shared or fitted by is gone. */
function locked(
  path: string,
  at: number,
  size: Length,
  unit: Unit,
  children: readonly WrittenNode[],
): readonly Patch[] {
  return [{ path: `${path}[${at}].size`, value: writeExact(size, unit) }, ...freed(path, at, children)];
}

function freed(path: string, at: number, children: readonly WrittenNode[]): readonly Patch[] {
  return (['share', 'fit'] as const).flatMap((field) =>
    children[at]?.[field] === undefined ? [] : [{ path: `${path}[${at}].${field}`, value: undefined }],
  );
}
