import { frontOf, type Compartment, type Front, type Needs, type Node } from '../layout';
import { nm, plus, subtract, tally, type Length, type Tally } from '../length';
import { banded } from './band';
import type { Body } from './body';
import { baseMembers, feetUnder } from './base';
import type { CaseStock } from './case-stock';
import { frameMembers } from './face-frame';
import { frontBodies } from './front-bodies';
import { depthsOf, type DepthStep } from './depths';
import { groundOf } from './ground';
import { looseMembers } from './loose';
import type { Member } from './member';
import { outlineOf, type Outline } from './outline';
import { panelBodies } from './panel-bodies';
import { panelMembers } from './panels';
import { worktopMembers } from './worktop';

/** A compartment as drawers, doors and shelves find it. */
export interface PlannedOpening {
  readonly compartment: Compartment;
  readonly depth: Tally;
  /** Where it is shallower than that, from below up. */
  readonly depths: readonly DepthStep[];
  /** What stands back behind the frame's edge on each side; less than nothing where the frame does. */
  readonly buildOut: { readonly left: Length; readonly right: Length };
}

/** Everything that follows from how a case is made and how its front is divided. */
export interface CaseworkPlan {
  readonly outline: Outline;
  readonly front: Front;
  readonly openings: readonly PlannedOpening[];
  readonly members: readonly Member[];
  /** Every piece of them where it stands. */
  readonly bodies: readonly Body[];
  /** Feet or casters it stands on. */
  readonly feet: number;
}

/**
 * Plans a case; its parts in the order they are met from outside in. Pure, and bound by the nodes of the layout. `needs`
 * are the least openings of compartments that are to fit what stands in them.
 */
export function planCasework(stock: CaseStock, layout: Node, needs: Needs = new Map()): CaseworkPlan {
  const outline = outlineOf(stock);
  const front = frontOf(layout, { ...groundOf(stock, outline), needs }, `${stock.path}.layout`);
  const casework = { stock, outline, front };
  const members = [
    ...panelMembers(casework),
    ...baseMembers(casework),
    ...frameMembers(casework),
    ...worktopMembers(casework),
    ...looseMembers(casework),
  ].map((member) => banded(member, stock.build.band));
  const bodies = [...panelBodies(casework, members), ...frontBodies(casework, members)];
  return {
    outline,
    front,
    openings: front.compartments.map((compartment) => ({
      ...openingOf(compartment, outline),
      depths: depthsOf(stock, outline, bodies, compartment),
    })),
    members,
    bodies,
    feet: feetUnder(casework),
  };
}

/** Where the frame's edge stands behind the wall, the wall says how wide it is. */
function openingOf(compartment: Compartment, outline: Outline): Omit<PlannedOpening, 'depths'> {
  const { x, width, left, right } = compartment;
  const buildOut = { left: subtract(x, left), right: nm(right - x - width.total) };
  const less = [
    buildOut.left < 0 ? plus('wall-left', buildOut.left) : undefined,
    buildOut.right < 0 ? plus('wall-right', buildOut.right) : undefined,
  ];
  const clear = { ...compartment, x: nm(Math.max(x, left)), width: tally(...width.terms, ...less) };
  return { compartment: clear, depth: outline.inside, buildOut };
}
