import { lap } from '../fronts';
import { railOf, type Holding } from '../job';
import { nm, share, type Length, type Tally } from '../length';
import type { BankPlan, DrawerPlan } from '../plan';

/**
 * One step of hanging the fronts. `reveal`: cut spacers as thick as the gap; `hold`: the front on its spacers, held by
 * screws through the bores of its pull, or as its school has it; `drive`: screwed home from inside; `pull`: its pull in its
 * bores. By the school of holding besides: `pins`, `tape`, `glue` on the box front, `wide` holes in it; `wedges` all round
 * in place of spacers, then `tack`; `bored` from inside while it is clamped; `shift` to its gaps; `bores` for its pull after.
 */
export interface FrontStep {
  readonly name: string;
  readonly kind:
    | ('reveal' | 'hold' | 'drive' | 'pull')
    | ('pins' | 'tape' | 'glue' | 'wide' | 'wedges' | 'tack' | 'bored' | 'shift' | 'bores');
  readonly holding?: Holding;
  readonly place?: number;
  /** Thickness of the spacers it stands or hangs on, and of those beside it where it is inset. */
  readonly gap?: Length;
  /** Thickness of those under the lowest (or over the top one), where it is another. */
  readonly first?: Length;
  readonly beside?: { readonly left: Length; readonly right: Length };
  /** Where the ledge goes for the first one of overlay fronts: its edge, from the opening's floor. */
  readonly ledge?: Length;
  /** Bores it is held by for now. */
  readonly bores: number;
  /** The longest screw that comes out nowhere. */
  readonly screw?: Tally;
}

type Kind = FrontStep['kind'];

/** What is done to each front, school by school. Common practice. */
const BY_SCHOOL: Readonly<Record<Holding, readonly Kind[]>> = {
  'pull-bores': ['hold', 'drive', 'pull'],
  pins: ['pins', 'hold', 'drive', 'bores', 'pull'],
  tape: ['tape', 'hold', 'drive', 'bores', 'pull'],
  clamps: ['hold', 'bored', 'drive', 'bores', 'pull'],
  wedges: ['wedges', 'tack', 'drive', 'bores', 'pull'],
  'drop-of-glue': ['glue', 'hold', 'drive', 'bores', 'pull'],
  'wide-holes': ['wide', 'hold', 'shift', 'bores', 'pull'],
};

/** What has to do with a pull alone: all there is to do to a front that is the box's own. */
const OF_PULL: ReadonlySet<Kind> = new Set<Kind>(['bores', 'pull']);

/** The fronts in their order: from a level ledge up, or from the top line down. Common practice. */
export function frontSteps(plan: BankPlan): readonly FrontStep[] {
  const { bank, drawers } = plan;
  // Trays have none.
  if (bank.front.mount === 'none' || drawers.some(({ dimensions }) => !dimensions['front.height'])) return [];
  const down = bank.mounting?.fronts === 'top-down';
  const order = down ? drawers : [...drawers].reverse();
  const between = betweenOf(bank);
  const first = down ? bank.front.top : bank.front.bottom;
  return [
    ...spacersOf(plan, between, first),
    ...order.flatMap((drawer, index) => stepsOf(plan, drawer, index === 0 ? first : between, index === 0)),
  ];
}

/** Between two fronts, or where a rail stands between inset ones, between a front and its rail. */
function betweenOf(bank: BankPlan['bank']): Length {
  const rail = railOf(bank);
  return bank.front.mount === 'inset' && rail > 0 ? share(nm(bank.front.gap - rail), 2) : bank.front.gap;
}

/** What is cut to set the fronts by; one overlay front alone goes by its ledge, and wedges are no spacers. */
function spacersOf(plan: BankPlan, between: Length, first: Length): readonly FrontStep[] {
  const inset = plan.bank.front.mount === 'inset';
  const alone = plan.drawers.length === 1;
  if ((alone && !inset) || plan.bank.mounting?.holding === 'wedges' || plan.bank.front.asBox) return [];
  const another = inset && !alone && first !== between;
  const gap = alone ? first : between;
  return [{ name: 'fronts/reveal', kind: 'reveal', gap, ...(another ? { first } : {}), bores: 0, ...besideOf(plan) }];
}

function stepsOf(plan: BankPlan, drawer: DrawerPlan, gap: Length, first: boolean): readonly FrontStep[] {
  const { id, place, bores, dimensions } = drawer;
  const { holding } = plan.bank.mounting ?? {};
  const overlay = plan.bank.front.mount === 'overlay';
  const ledge = first && overlay ? ledgeOf(plan, drawer) : undefined;
  const set = { ...(ledge === undefined ? { gap } : { ledge }), ...besideOf(plan) };
  const [screw, pull] = [dimensions['screw.front'], dimensions['screw.pull']];
  const more: Readonly<Partial<Record<Kind, Partial<FrontStep>>>> = {
    hold: set,
    wedges: set,
    ...(screw ? { drive: { screw }, tack: { screw }, bored: { screw }, shift: { screw } } : {}),
    ...(pull ? { pull: { screw: pull } } : {}),
  };
  const common = { place, bores: bores.length, ...(holding ? { holding } : {}) };
  return BY_SCHOOL[holding ?? 'pull-bores']
    .filter((kind) => (OF_PULL.has(kind) ? bores.length > 0 : !plan.bank.front.asBox))
    .map((kind) => ({ name: `${id}/${kind}`, kind, ...common, ...more[kind] }));
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
