import { cupLine, isContinuous, type DoorPlan, type Hand, type Leaf } from '../doors';
import { add, plus, tally, ZERO, type Length, type Tally } from '../length';

/**
 * One step of hanging a door. `cups`: hinges in the leaf's cups, or `hinges` let into its edge; `plates`: in the case;
 * `hang-door`: the leaf on them, its gaps set; `pull`; `open`: opened as far as it goes, and measured before what stands
 * behind it is cut.
 */
export interface DoorStep {
  /** Keeps its name when the plan changes: `left/cups`, by the side the leaf is hinged on. */
  readonly name: string;
  readonly kind: 'cups' | 'hinges' | 'plates' | 'hang-door' | 'pull' | 'open';
  readonly door: string;
  readonly hand?: Hand;
  /** Middles of its hinges: over the leaf's lower edge, of plates over the lower edge of the case's sides. */
  readonly heights?: readonly Tally[];
  /** From the hinged edge to the middle of the cups. */
  readonly line?: Tally;
  readonly tab?: Tally;
  /** Height of the plate, and how far behind the case's front edge its screws stand. */
  readonly plate?: Length;
  readonly back?: Length;
  /** As a drawer front's: gaps where it is set in, laps where it lies before the case. */
  readonly edges?: Readonly<Record<'top' | 'bottom' | 'left' | 'right', Length>>;
  readonly inset?: boolean;
  readonly between?: Length;
  readonly pull?: { readonly x: Tally; readonly y: Tally };
  readonly opens?: number;
}

/** The hanging of a door, leaf by leaf, before anything behind it. Common practice. */
export function doorSteps(plan: DoorPlan): readonly DoorStep[] {
  const open: DoorStep = { name: 'open', kind: 'open', door: plan.id, opens: plan.opens };
  return [...plan.leaves.flatMap((leaf) => leafSteps(plan, leaf)), open];
}

function leafSteps(plan: DoorPlan, leaf: Leaf): readonly DoorStep[] {
  const { door, id } = plan;
  const step = (kind: DoorStep['kind'], more: Partial<DoorStep>): DoorStep => ({
    ...{ name: `${leaf.hinged}/${kind}`, kind, door: id, hand: leaf.hinged },
    ...more,
  });
  const { top, bottom, left, right } = door;
  return [
    ...hingeSteps(plan, leaf, step),
    step('hang-door', {
      ...{ edges: { top, bottom, left, right }, inset: door.mount === 'inset' },
      ...(plan.leaves.length > 1 && door.gap !== undefined ? { between: door.gap } : {}),
    }),
    ...(leaf.pull ? [step('pull', { pull: leaf.pull })] : []),
  ];
}

function hingeSteps(
  { hinge, door, thickness }: DoorPlan,
  { hinges, cup, y }: Leaf,
  step: (kind: DoorStep['kind'], more: Partial<DoorStep>) => DoorStep,
): readonly DoorStep[] {
  if (!hinge.bore) return [step('hinges', isContinuous(hinge) ? {} : { heights: hinges })];
  const line = cup && cupLine(cup, hinge);
  const inset = door.mount === 'inset' ? thickness : ZERO;
  const overFloor = hinges.map((each) => tally(...each.terms, plus('lower-edge-leaf', y)));
  return [
    step('cups', { heights: hinges, ...(line ? { line } : {}), ...(cup?.tab ? { tab: cup.tab } : {}) }),
    step('plates', {
      heights: overFloor,
      ...(cup ? { plate: cup.plate } : {}),
      ...(hinge.plate ? { back: add(hinge.plate.back, inset) } : {}),
    }),
  ];
}
