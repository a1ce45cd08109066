import type { PartCut } from '../box';
import { minus, ofDimension, plus, tally, type Length, type Tally } from '../length';
import { isBought, type CaseHoles, type Packing, type Stack } from '../mounting';
import { levelPacking, type LevelPacking, type Opening } from '../opening';
import type { BankPlan, DrawerPlan } from '../plan';

/**
 * One step of hanging a bank. `build-out`: pad the case out to the frame; `spacer`: set the fence and cut the spacer;
 * `left`, `right`: a slide on that side, on the spacer, screwed in its slots (a runner or batten of wood glued and screwed);
 * `test`: the box put in and run; `lock`: one round hole each for bought slides, so that nothing moves again. By its kind of
 * slide besides: `member` on the box's sides; of slides under it `notch` and `hooks` in its back, `locks` under its front corners,
 * `adjust` by their screws; of wood `guide`, `kicker`, `wax`; `strips` up the case that slides are fixed to.
 */
export interface HangStep {
  /** Keeps its name when the plan changes: `d1/left`. */
  readonly name: string;
  readonly kind:
    | ('build-out' | 'strips' | 'spacer' | 'left' | 'right' | 'guide' | 'kicker')
    | ('member' | 'notch' | 'hooks' | 'locks' | 'test' | 'lock' | 'adjust' | 'wax');
  /** Place of the drawer; absent for the whole bank's. */
  readonly place?: number;
  /** Fence setting of the spacer the slide sits on. */
  readonly spacer?: Tally;
  readonly setback?: Tally;
  readonly holes?: CaseHoles;
  readonly buildOut?: { readonly left: Stack; readonly right: Stack };
  /** Where the opening is wider: packing behind the slides. */
  readonly packing?: readonly Packing[];
  /** Of a member on the box: its line above the box's lower edge. */
  readonly line?: Tally;
  /** What is worked into the box's back, by name. */
  readonly sizes?: PartCut['sizes'];
  /** What this level was measured wider than the narrowest, half of it on each side. */
  readonly level?: readonly LevelPacking[];
}

/**
 * The hanging in its order, by the bank's school: top first with one spacer cut down for each slide below, or from the
 * bottom up with spacers between. Both slides of a drawer are set on the same spacer, so they are level by themselves.
 * Boxes are tried when all slides hang, and only then locked. Common practice. Empty while a slide has no height.
 */
export function hangSteps(plan: BankPlan): readonly HangStep[] {
  const { bank, drawers, spacers, buildOut, packing, opening } = plan;
  if (spacers.length !== drawers.length || drawers.length === 0) return [];
  const order = bank.mounting?.order === 'bottom-up' ? [...drawers].reverse() : drawers;
  const padded = buildOut && (buildOut.left.wanted > 0 || buildOut.right.wanted > 0);
  return [
    ...(padded ? [{ name: 'build-out', kind: 'build-out', buildOut } as const] : []),
    ...(plan.carriers.some(({ role }) => role === 'strip') ? [{ name: 'strips', kind: 'strips' } as const] : []),
    ...order.flatMap((drawer, index) => slidesOf(drawer, spacers[index], packing, opening)),
    ...wallSteps(plan),
    ...drawers.flatMap((drawer) => boxSteps(drawer)),
  ];
}

/** Wood between and over wooden runners, where there is any. */
function wallSteps({ carriers, drawers }: BankPlan): readonly HangStep[] {
  return drawers.flatMap(({ id, place }) =>
    (['guide', 'kicker'] as const).flatMap((kind) =>
      carriers.some(({ drawer, role }) => drawer === id && role === kind)
        ? [{ name: `${id}/${kind}`, kind, place }]
        : [],
    ),
  );
}

/** What is done to a box before it goes in, in it, and after; by its slide's own row. */
function boxSteps(drawer: DrawerPlan): readonly HangStep[] {
  const { id, place, family } = drawer;
  const step = (kind: HangStep['kind'], more: Partial<HangStep> = {}): HangStep => ({
    ...{ name: `${id}/${kind}`, kind, place },
    ...more,
  });
  if (!isBought(family)) return [step('test'), step('wax')];
  if (family.seat === 'bay' && family.onFloor !== true)
    return [...backSteps(drawer, step), step('locks'), step('test'), step('lock'), step('adjust')];
  const line = family.seat === 'side' ? lineOnBox(drawer) : undefined;
  return [...(line ? [step('member', { line })] : []), step('test'), step('lock')];
}

function backSteps(
  { machining }: DrawerPlan,
  step: (kind: HangStep['kind'], more: Partial<HangStep>) => HangStep,
): readonly HangStep[] {
  const worked = (kind: 'notch' | 'bore') => machining.find((cut) => cut.role === 'back' && cut.kind === kind);
  const [notch, hook] = [worked('notch'), worked('bore')];
  return [
    ...(notch ? [step('notch', { sizes: notch.sizes })] : []),
    ...(hook ? [step('hooks', { sizes: hook.sizes })] : []),
  ];
}

/** Up from the box's lower edge to the middle of its slide. Common practice. */
function lineOnBox({ id, dimensions }: DrawerPlan): Tally | undefined {
  const [centre, bottom] = [dimensions['slide.centreY'], dimensions['box.bottomY']];
  return centre && bottom
    ? tally(
        plus('centre-line-slide', centre.total, ofDimension('slide.centreY', id)),
        minus('lower-edge-box', bottom.total, ofDimension('box.bottomY', id)),
      )
    : undefined;
}

function slidesOf(
  drawer: DrawerPlan,
  spacer: Tally | undefined,
  packing: readonly Packing[],
  opening: Opening,
): readonly HangStep[] {
  const { id, place, dimensions, holes } = drawer;
  const setback = dimensions['slide.setback'];
  const common = {
    place,
    ...(spacer ? { spacer } : {}),
    ...(setback ? { setback } : {}),
    ...(holes ? { holes } : {}),
  };
  const level = levelPacking(opening, id);
  // A level that was measured says itself where to pack; the readings of the whole opening only guess at it.
  const packed = level ? { level } : { packing };
  return [
    // What stands on the floor wants no spacer.
    ...(spacer && spacer.total > 0 ? [{ name: `${id}/spacer`, kind: 'spacer', ...common } as const] : []),
    { name: `${id}/left`, kind: 'left', ...common, ...packed },
    { name: `${id}/right`, kind: 'right', ...common, ...packed },
  ];
}

/** The spacer's own height is what the fence is set to; how high it stands is from the floor, or on the slide below. */
export function spacerStands(
  plan: BankPlan,
  place: number,
): { readonly from: Length; readonly to: Length } | undefined {
  const edge = plan.drawers[place]?.dimensions['slide.lowerEdgeY']?.total;
  if (edge === undefined) return undefined;
  const below = plan.bank.mounting?.order === 'bottom-up' ? plan.drawers[place + 1] : undefined;
  const under = below?.dimensions['slide.lowerEdgeY']?.total;
  const from = below && under !== undefined ? under + below.family.profile : 0;
  return { from: from as Length, to: edge };
}
