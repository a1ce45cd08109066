import type { CarrierRole } from '../box';
import type { Material } from '../job';
import {
  inches,
  largest,
  millimetres,
  nm,
  plus,
  tally,
  type Length,
  type Tally,
  type Unit,
  ofDimension,
} from '../length';
import type { SlideFamily } from '../slides';
import type { Runners } from './runners';
import type { Stack } from './stack';

/** Wood fixed in the case for a drawer's slides to stand on or run in. */

/** One such piece. `length` runs front to back, along the grain. */
export interface Carrier {
  readonly drawer: string;
  readonly place: number;
  readonly role: CarrierRole;
  readonly side: 'left' | 'right';
  /** Of several behind one another on a side, counted from 1. */
  readonly number: number;
  readonly length: Tally;
  readonly width: Tally;
  readonly thickness: Length;
  /** A material of the job; none where it is planed from what hard wood there is. */
  readonly material?: string;
  /** It serves the whole bank: `drawer` is its top one. */
  readonly ofBank?: true;
  /** Of strips up the case: at its back or behind the front. */
  readonly end?: 'rear' | 'front';
  /** From its outer edge to the line its brackets stand on, and each bracket's height over the case's floor. */
  readonly line?: Tally;
  readonly marks?: readonly { readonly drawer: string; readonly y: Tally }[];
  /** Its face, back from the frame's back; and the longest screw that comes out nowhere. */
  readonly behindFrame?: Tally;
  readonly screw?: Tally;
}

/** A drawer as its carriers need it. */
export interface Carried {
  readonly id: string;
  readonly place: number;
  readonly family: SlideFamily;
  /** Nominal length of the slide, where there is one. */
  readonly nominal?: Length | undefined;
  readonly runners: Runners;
  /** Its slides under the box are fixed to blocks at the walls. */
  readonly blocked: boolean;
}

/** What the carriers of a bank are made from. */
export interface CarrierFacts {
  readonly unit: Unit;
  readonly depth: Tally;
  readonly stacks: { readonly left: Stack; readonly right: Stack } | undefined;
  readonly materials: readonly Material[];
}

const SIDES = ['left', 'right'] as const;
/** A build-out is no lower than this: it takes two rows of screws. Common practice. */
const LOWEST: Readonly<Record<Unit, Length>> = { in: inches(2), mm: millimetres(50) };

/** Whether a family's slides run on wood that bridges the frame's edge by itself. */
export function onRunners({ cuts }: SlideFamily): boolean {
  return cuts?.bearing !== undefined;
}

/** Whether its slides are bought ready made, not made of wood in the shop. */
export function isBought({ cuts }: SlideFamily): boolean {
  return cuts?.bearing === undefined && cuts?.batten === undefined;
}

/** Every piece, from the top drawer down: build-outs behind slides, runners or battens, kickers over the top drawer. */
export function carriersOf(facts: CarrierFacts, drawers: readonly Carried[]): readonly Carrier[] {
  return drawers.flatMap((drawer) => [...stacked(facts, drawer), ...ofWood(facts, drawer)]);
}

/** As long as the slide, as high as it (and no lower than two inches), piece behind piece. */
function stacked(
  { stacks, materials, unit }: CarrierFacts,
  { id, place, family, nominal, blocked }: Carried,
): readonly Carrier[] {
  if (!stacks || !(family.sideFixed || blocked) || onRunners(family) || nominal === undefined) return [];
  const role = blocked ? 'blocking' : 'build-out';
  const length = tally(plus('length-slide', nominal, ofDimension('slide.length', id)));
  const width = tally(plus('height-build-out', largest([family.profile, LOWEST[unit]])));
  return SIDES.flatMap((side) => {
    const common = { drawer: id, place, role, side, length, width } as const;
    const { pieces, wanted, rest } = stacks[side];
    if (rest === 'planed') return wanted > 0 ? [{ ...common, number: 1, thickness: wanted }] : [];
    const each = pieces.flatMap(({ material, count }) => Array.from({ length: count }, () => material));
    return each.map((material, index) => ({
      ...common,
      number: index + 1,
      material,
      thickness: materials.find((one) => one.id === material)?.thickness ?? nm(0),
    }));
  });
}

/** As long as the opening is deep: a runner lies flat, as thick as it is high. Common practice. */
function ofWood({ depth }: CarrierFacts, { id, place, family, runners }: Carried): readonly Carrier[] {
  const { thickness } = runners;
  if (!thickness) return [];
  const length = tally(plus('depth-opening', depth.total, ofDimension('opening.depth')));
  const common = { drawer: id, place, number: 1, length };
  const batten = family.cuts?.batten?.thickness;
  if (batten !== undefined)
    return SIDES.map((side) => ({ ...common, role: 'batten', side, width: thickness, thickness: batten }));
  return SIDES.flatMap((side) => {
    const width = runners[side];
    if (!width) return [];
    const runner = { ...common, side, width, thickness: thickness.total };
    const kicker = place === 0 ? [{ ...runner, role: 'kicker' } as const] : [];
    return [{ ...runner, role: 'runner' } as const, ...kicker];
  });
}
