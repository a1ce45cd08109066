import { BORED, lyingOf, memberCuts, memberName, type Body, type MemberCut } from '../casework';
import { millimetres, nm, type Length } from '../length';
import { said } from '../words';
import type { Finding } from './finding';
import type { LookedAtBank, LookedAtCase } from './looked-at-case';

interface Rectangle {
  readonly from: readonly [along: number, across: number];
  readonly to: readonly [along: number, across: number];
}

/** Half the height of a slide's member on the wall; from memory. */
const HALF_SLIDE = millimetres(24);

/** Holes that leave their member, or meet a joint, a row of pins, a slide or another hole. */
export function cutOutsMeet(looked: LookedAtCase): readonly Finding[] {
  const { casework, stock } = looked;
  if (!stock.cutOuts?.length) return [];
  return casework.bodies.flatMap((body) => {
    const cuts = memberCuts({ stock, ...casework }, body);
    const slides = slidesOn(looked, body);
    return cuts
      .filter(({ kind }) => kind === 'cut-out')
      .flatMap((cut): readonly Finding[] => {
        const what = metBy(cut, body, cuts, slides);
        return what === undefined
          ? []
          : [{ ...said('CUT_OUT_MEETS', { member: memberName(body), what }), severity: 'stop', step: 'case' }];
      });
  });
}

/** The first thing a hole comes into. */
function metBy(cut: MemberCut, body: Body, cuts: readonly MemberCut[], slides: readonly Rectangle[]) {
  if (isOut(cut, body)) return 'edge' as const;
  const other = cuts.find((each) => each !== cut && overlaps(spread(cut), spread(each)));
  if (other) return other.kind;
  return slides.some((slide) => overlaps(spread(cut), slide)) ? ('slide' as const) : undefined;
}

function spread({ kind, along, in: inwards, length, width }: MemberCut): Rectangle {
  // A pin hole is told by its centre.
  const half = BORED.has(kind) ? length.total / 2 : 0;
  const from = [along.total - half, inwards.total - half] as const;
  return { from, to: [from[0] + length.total, from[1] + width.total] };
}

function overlaps(one: Rectangle, other: Rectangle): boolean {
  return [0, 1].every((axis) => {
    const at = axis as 0 | 1;
    return one.from[at] < other.to[at] && other.from[at] < one.to[at];
  });
}

function isOut(cut: MemberCut, body: Body): boolean {
  const { along, across } = lyingOf(body);
  const { from, to } = spread(cut);
  const size = (axis: typeof along): number => body[axis].to - body[axis].from;
  return Math.min(...from) < 0 || to[0] > size(along) || to[1] > size(across);
}

/** Slides screwed to a wall, in the wall's own measures. */
function slidesOn({ casework, banks }: LookedAtCase, body: Body): readonly Rectangle[] {
  return casework.front.compartments.flatMap((place) => {
    const beside = place.left === body.x.to || place.right === body.x.from;
    const bank = beside && banks.find(({ compartment, screwed }) => compartment === place.id && screwed);
    return bank ? bank.drawers.flatMap((drawer) => slideOf(drawer, place.y, body)) : [];
  });
}

function slideOf({ centre, back }: LookedAtBank['drawers'][number], floor: Length, body: Body): readonly Rectangle[] {
  if (centre === undefined || back === undefined) return [];
  const at = nm(floor + centre - body.y.from);
  return [{ from: [at - HALF_SLIDE, 0], to: [at + HALF_SLIDE, back - body.z.from] }];
}
