import type { CaseworkPlan } from '../casework';
import type { Compartment } from '../layout';
import { add, nm, ofField, plus, smallest, tally, type Length, type Tally } from '../length';
import type { Door } from './written';

/** What a door closes: clear at the front, with the faces its hinges are screwed to behind it. */
export interface DoorOpening {
  readonly x: Length;
  readonly y: Length;
  readonly width: Tally;
  readonly height: Tally;
  /** The walls behind the front, left and right. */
  readonly left: Length;
  readonly right: Length;
  readonly compartments: readonly Compartment[];
}

/**
 * The opening of a node of the layout: of its compartment, or of all it is divided into with what stands between them. As
 * built it is the least of what was measured. Nothing where the sizes of its case don't add up.
 */
export function doorOpening({ front }: Pick<CaseworkPlan, 'front'>, door: Door, path: string): DoorOpening | undefined {
  const compartments = front.compartments.filter(({ within }) => within.includes(door.over));
  const [only] = compartments;
  if (!only) return undefined;
  const x = smallest(compartments.map((each) => each.x));
  const y = smallest(compartments.map((each) => each.y));
  const right = Math.max(...compartments.map((each) => each.x + each.width.total));
  const top = Math.max(...compartments.map((each) => each.y + each.height.total));
  const single = compartments.length === 1;
  const planned = {
    width: single ? only.width : tally(plus('clear-width', nm(right - x))),
    height: single ? only.height : tally(plus('clear-height', nm(top - y))),
  };
  return {
    x,
    y,
    ...(door.basis === 'as-built' && door.opening ? measured(door.opening, path) : planned),
    left: smallest(compartments.map((each) => each.left)),
    right: nm(Math.max(...compartments.map((each) => each.right))),
    compartments,
  };
}

function measured(opening: NonNullable<Door['opening']>, path: string) {
  const least = (size: 'width' | 'height'): Tally => {
    const governs = smallest(opening[size]);
    const called = size === 'width' ? 'width-opening' : 'height-opening';
    return tally(plus(called, governs, ofField(`${path}.opening.${size}[${opening[size].indexOf(governs)}]`)));
  };
  return { width: least('width'), height: least('height') };
}

/** The opening's upper edge over the case's floor. */
export const topOf = ({ y, height }: DoorOpening): Length => add(y, height.total);
