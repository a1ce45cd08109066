import { lap } from '../fronts';
import { nm, type Length, type Tally } from '../length';
import type { BankPlan, DrawerPlan } from '../plan';

/**
 * One step of hanging the fronts. `reveal`: cut spacers as thick as the gap; `hold`: the front on its spacers, held by
 * screws through the bores of its pull; `drive`: screwed home from inside; `pull`: its pull in the same bores.
 */
export interface FrontStep {
  readonly name: string;
  readonly kind: 'reveal' | 'hold' | 'drive' | 'pull';
  readonly place?: number;
  /** Thickness of the spacers it stands or hangs on, and of those beside it where it is inset. */
  readonly gap?: Length;
  readonly beside?: { readonly left: Length; readonly right: Length };
  /** Where the ledge goes for the first one of overlay fronts: its edge, from the opening's floor. */
  readonly ledge?: Length;
  /** Bores it is held by for now. */
  readonly bores: number;
  /** The longest screw that comes out nowhere. */
  readonly screw?: Tally;
}

/** The fronts in their order: from a level ledge up, or from the top line down. Common practice. */
export function frontSteps(plan: BankPlan): readonly FrontStep[] {
  const { bank, drawers } = plan;
  if (drawers.some(({ dimensions }) => !dimensions['front.height'])) return [];
  const down = bank.mounting?.fronts === 'top-down';
  const order = down ? drawers : [...drawers].reverse();
  const between = bank.front.gap;
  const first = down ? bank.front.top : bank.front.bottom;
  return [
    { name: 'fronts/reveal', kind: 'reveal', gap: between, bores: 0, ...besideOf(plan) },
    ...order.flatMap((drawer, index) => stepsOf(plan, drawer, index === 0 ? first : between, index === 0)),
  ];
}

function stepsOf(plan: BankPlan, drawer: DrawerPlan, gap: Length, first: boolean): readonly FrontStep[] {
  const { id, place, bores, dimensions } = drawer;
  const overlay = plan.bank.front.mount === 'overlay';
  const ledge = first && overlay ? ledgeOf(plan, drawer) : undefined;
  const common = { place, bores: bores.length };
  const screw = dimensions['screw.front'];
  const pull = dimensions['screw.pull'];
  return [
    {
      name: `${id}/hold`,
      kind: 'hold',
      ...common,
      ...(ledge === undefined ? { gap } : { ledge }),
      ...besideOf(plan),
    },
    { name: `${id}/drive`, kind: 'drive', ...common, ...(screw ? { screw } : {}) },
    ...(bores.length > 0
      ? [{ name: `${id}/pull`, kind: 'pull', ...common, ...(pull ? { screw: pull } : {}) } as const]
      : []),
  ];
}

function besideOf({ bank: { front } }: BankPlan): Pick<FrontStep, 'beside'> {
  return front.mount === 'inset' ? { beside: { left: front.left, right: front.right } } : {};
}

/** Upper edge of the ledge under the bottom front, or of the line the top front hangs from; under the floor where negative. */
function ledgeOf(plan: BankPlan, { dimensions }: DrawerPlan): Length {
  const { bank, opening } = plan;
  if (bank.mounting?.fronts === 'top-down') return nm(opening.height.total + lap(bank.front, 'top'));
  return dimensions['front.bottomY']?.total ?? nm(-lap(bank.front, 'bottom'));
}
