import type { PartCut } from '../box';
import type { HangingSchool } from '../job';
import { minus, ofDimension, plus, tally, type Length, type Tally } from '../length';
import { isBought, type CaseHoles, type Packing, type Stack } from '../mounting';
import { levelPacking, type LevelPacking, type Opening } from '../opening';
import type { BankPlan, DrawerPlan } from '../plan';

/**
 * One step of hanging a bank. `build-out`: pad the case out to the frame; `spacer`: set the fence and cut the spacer;
 * `left`, `right`: a slide on that side, on the spacer, screwed in its slots (a runner or batten of wood glued and screwed);
 * `test`: the box put in and run; `lock`: one round hole each for bought slides, so that nothing moves again. By its kind of
 * slide besides: `member` on the box's sides; of slides under it `notch` and `hooks` in its back, `locks` under its front corners,
 * `adjust` by their screws; of wood `guide`, `kicker`, `wax`; `strips` up the case that slides are fixed to. By its school:
 * a `jig` bored for every slide's height; the box to `stand` in the opening on packing; its line to `carry` over by rule.
 */
export interface HangStep {
  /** Keeps its name when the plan changes: `d1/left`. */
  readonly name: string;
  readonly kind:
    | ('build-out' | 'strips' | 'spacer' | 'left' | 'right' | 'guide' | 'kicker')
    | ('jig' | 'stand' | 'carry')
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
  /** What a slide's height is set by, where that is no spacer. */
  readonly by?: HangingSchool;
  /** Over the opening's floor: what the box stands on, or its slide's line. */
  readonly up?: Tally;
  /** Of a jig: the lower edges of all slides over the opening's floor, from the top. */
  readonly heights?: readonly { readonly place: number; readonly y: Tally }[];
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
    ...jigOf(plan),
    ...order.flatMap((drawer, index) => [
      ...beforeSlides(plan, drawer),
      ...slidesOf(drawer, { school: schoolOf(plan, drawer), spacer: spacers[index] }, packing, opening),
    ]),
    ...wallSteps(plan),
    ...drawers.flatMap((drawer) => boxSteps(plan, drawer)),
  ];
}

/** What a drawer's slides are set by: only those on the sides of boxes go by another school than spacers. */
function schoolOf({ bank: { mounting } }: BankPlan, { family }: DrawerPlan): HangingSchool {
  return isBought(family) && family.seat === 'side' ? (mounting?.hanging ?? 'spacers') : 'spacers';
}

/** One jig for the bank, with a stop for every slide. */
function jigOf(plan: BankPlan): readonly HangStep[] {
  const heights = plan.drawers.flatMap((drawer) => {
    const y = drawer.dimensions['slide.lowerEdgeY'];
    return y && schoolOf(plan, drawer) === 'jig' ? [{ place: drawer.place, y }] : [];
  });
  return heights.length > 0 ? [{ name: 'jig', kind: 'jig', heights }] : [];
}

/** Where the box itself sets its slides' height, its member is on it first. */
function beforeSlides(plan: BankPlan, drawer: DrawerPlan): readonly HangStep[] {
  const { id, place, dimensions } = drawer;
  const school = schoolOf(plan, drawer);
  if (school !== 'standing' && school !== 'carried') return [];
  const [kind, up] =
    school === 'standing'
      ? (['stand', dimensions['box.bottomY']] as const)
      : (['carry', dimensions['slide.centreY']] as const);
  return [...memberOf(drawer), { name: `${id}/${kind}`, kind, place, ...(up ? { up } : {}) }];
}

function memberOf(drawer: DrawerPlan): readonly HangStep[] {
  const line = drawer.family.seat === 'side' ? lineOnBox(drawer) : undefined;
  return line ? [{ name: `${drawer.id}/member`, kind: 'member', place: drawer.place, line }] : [];
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
function boxSteps(plan: BankPlan, drawer: DrawerPlan): readonly HangStep[] {
  const { id, place, family } = drawer;
  const step = (kind: HangStep['kind'], more: Partial<HangStep> = {}): HangStep => ({
    ...{ name: `${id}/${kind}`, kind, place },
    ...more,
  });
  if (!isBought(family)) return [step('test'), step('wax')];
  if (family.seat === 'bay' && family.onFloor !== true)
    return [...backSteps(drawer, step), step('locks'), step('test'), step('lock'), step('adjust')];
  const early = ['standing', 'carried'].includes(schoolOf(plan, drawer));
  return [...(early ? [] : memberOf(drawer)), step('test'), step('lock')];
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
  by: { readonly school: HangingSchool; readonly spacer: Tally | undefined },
  packing: readonly Packing[],
  opening: Opening,
): readonly HangStep[] {
  const { id, place, dimensions, holes } = drawer;
  const setback = dimensions['slide.setback'];
  const spacer = by.school === 'spacers' ? by.spacer : undefined;
  const common = {
    place,
    ...(by.school === 'spacers' ? {} : { by: by.school }),
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
