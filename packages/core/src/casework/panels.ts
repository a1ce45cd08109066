import {
  minus,
  minusTimes,
  ofField,
  plus,
  plusTimes,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Tally,
  type Term,
} from '../length';
import type { CaseBackOf } from '../job';
import type { Divider, Front } from '../layout';
import { materialOf, thicknessPath, type CaseStock } from './case-stock';
import type { Member } from './member';
import type { MemberRole } from './roles';
import type { Outline } from './outline';

/** What every group of members is reckoned from. */
export interface Casework {
  readonly stock: CaseStock;
  readonly outline: Outline;
  readonly front: Front;
}

const RAIL_WIDTH = { in: 76_200_000, mm: 75_000_000 } as const;

/** Sides, bottom, top, dividers, fixed shelves, rails, back and cleats. */
export function panelMembers(casework: Casework): readonly Member[] {
  return [
    ...sides(casework),
    ...bottoms(casework),
    ...tops(casework),
    ...dividers(casework),
    ...shelves(casework),
    ...backs(casework),
    ...cleats(casework),
  ];
}

export function member(
  { stock }: Casework,
  role: MemberRole,
  count: number,
  [length, width]: readonly [Tally, Tally],
  material: string,
  node?: string,
): Member {
  const { thickness } = materialOf(stock, material);
  return { role, count, length, width, thickness, material, ...(node === undefined ? {} : { node }) };
}

export const buildField = ({ stock }: Casework, name: string) => ofField(`${stock.path}.build.${name}`);
const panelFrom = ({ stock }: Casework) => ofField(thicknessPath(stock, stock.build.panel));

function sides(casework: Casework): readonly Member[] {
  const { stock, outline } = casework;
  const { build } = stock;
  const height = tally(
    plus('height-case', outline.height, buildField(casework, 'height')),
    build.top?.kind === 'over' ? minus('case-top', outline.top, panelFrom(casework)) : undefined,
    build.bottom?.kind === 'under' ? minus('case-bottom', outline.bottom, panelFrom(casework)) : undefined,
    unlessZero(minus('stands-on', outline.sidesFrom, buildField(casework, 'stands.height'))),
  );
  const size = [height, sideDepth(casework)] as const;
  return (['case-side-left', 'case-side-right'] as const).map((role) => member(casework, role, 1, size, build.panel));
}

/** Of sides, and of what lies over or under them. */
function sideDepth(casework: Casework): Tally {
  const { stock, outline } = casework;
  return tally(
    plus('depth-case', outline.depth, buildField(casework, 'depth')),
    unlessZero(minus('face-frame', outline.frame)),
    stock.build.back?.kind === 'applied' ? minus('back-panel', outline.back) : undefined,
  );
}

/** Of what stands or lies inside, in front of the back. */
function innerDepth(casework: Casework, shortBy: Length = ZERO): Tally {
  const { outline } = casework;
  return tally(
    ...outline.inside.terms,
    unlessZero(minus('face-frame', outline.frame)),
    unlessZero(minus('short-of-back', shortBy, buildField(casework, 'shelfBack'))),
  );
}

/** Between the sides, let into them. */
export function betweenSides(casework: Casework, letIn: Length = casework.outline.letIn): Tally {
  const { outline } = casework;
  return tally(
    ...outline.width.terms,
    minusTimes('case-side', 2, outline.panel, panelFrom(casework)),
    letIn > 0 ? plusTimes('let-in', 2, letIn, buildField(casework, 'joint.depth')) : undefined,
  );
}

function bottoms(casework: Casework): readonly Member[] {
  const { build } = casework.stock;
  const bottom = build.bottom ?? { kind: 'between' as const };
  const material = bottom.material ?? build.panel;
  if (bottom.kind === 'none') return [];
  if (bottom.kind === 'stretchers') return [stretchers(casework, bottom, 'bottom')];
  const size =
    bottom.kind === 'under'
      ? ([casework.outline.width, sideDepth(casework)] as const)
      : ([betweenSides(casework), innerDepth(casework)] as const);
  return [member(casework, 'case-bottom', 1, size, material)];
}

function tops(casework: Casework): readonly Member[] {
  const { build } = casework.stock;
  const top = build.top ?? { kind: 'between' as const };
  const material = top.material ?? build.panel;
  if (top.kind === 'none') return [];
  if (top.kind === 'stretchers') return [stretchers(casework, top, 'top')];
  const size =
    top.kind === 'over'
      ? ([casework.outline.width, sideDepth(casework)] as const)
      : ([betweenSides(casework), innerDepth(casework)] as const);
  return [member(casework, 'case-top', 1, size, material)];
}

function stretchers(
  casework: Casework,
  { width, count = 2, letIn, material }: { width?: Length; count?: number; letIn?: boolean; material?: string },
  where: 'top' | 'bottom',
): Member {
  const across = tally(plus('width-stretcher', width ?? ZERO, buildField(casework, `${where}.width`)));
  const size = [betweenSides(casework, letIn ? casework.outline.letIn : ZERO), across] as const;
  return member(casework, 'stretcher', count, size, material ?? casework.stock.build.panel);
}

function dividers(casework: Casework): readonly Member[] {
  return casework.front.dividers.map((divider) => {
    const upright = isRoundStretchers(casework, divider);
    const height = tally(
      plus('face-above', upright ? casework.outline.height : divider.to),
      minus('face-below', divider.from),
      letInto(casework, divider.standsOn),
      upright ? undefined : letInto(casework, divider.reaches),
    );
    return member(casework, 'divider', 1, [height, innerDepth(casework)], casework.stock.build.panel, divider.node);
  });
}

/** Round upright stretchers it is notched, and runs to the case's top edge. */
function isRoundStretchers({ stock, outline }: Casework, { to, reaches }: Divider): boolean {
  return reaches === 'stretchers' && stock.build.top?.lie === 'upright' && to === outline.ceiling;
}

/** Dividers are let into panels, and end at stretchers and rails. */
function letInto(casework: Casework, bound: Divider['reaches']) {
  const into = bound === 'panel' || bound === 'shelf' ? casework.outline.letIn : ZERO;
  return unlessZero(plus('let-in', into, buildField(casework, 'joint.depth')));
}

function shelves(casework: Casework): readonly Member[] {
  const { outline, front, stock } = casework;
  const { build, unit } = stock;
  return front.shelves.map(({ node, between: kind, left, right }) => {
    const clear = [plus('wall-right', right), minus('wall-left', left)];
    if (kind === 'rail') {
      const width = build.railWidth ?? (RAIL_WIDTH[unit] as Length);
      const size = [tally(...clear), tally(plus('width-rail', width, buildField(casework, 'railWidth')))] as const;
      return member(casework, 'case-rail', 2, size, build.panel, node);
    }
    const letIn =
      outline.letIn > 0 ? plusTimes('let-in', 2, outline.letIn, buildField(casework, 'joint.depth')) : undefined;
    const size = [tally(...clear, letIn), innerDepth(casework, build.shelfBack)] as const;
    return member(casework, 'fixed-shelf', 1, size, build.panel, node);
  });
}

function backs(casework: Casework): readonly Member[] {
  const { back, panel } = casework.stock.build;
  if (!back || back.kind === 'none') return [];
  const size = back.kind === 'applied' ? appliedBack(casework, back) : backLetIn(casework, back);
  return [member(casework, 'case-back', 1, size, back.material ?? panel)];
}

function backHeight(casework: Casework): readonly Term[] {
  const { outline } = casework;
  return [
    plus('height-case', outline.height, buildField(casework, 'height')),
    ...(outline.base > 0 ? [minus('base-below', outline.base)] : []),
  ];
}

/** On the back edges, shy of them all. */
function appliedBack(casework: Casework, { shy = ZERO }: CaseBackOf<Length>): readonly [Tally, Tally] {
  const less = unlessZero(minusTimes('shy-of-edge', 2, shy, buildField(casework, 'back.shy')));
  return [tally(...backHeight(casework), less), tally(...casework.outline.width.terms, less)];
}

/** In a rabbet or a groove of the sides, between what lies over and under them. */
function backLetIn(casework: Casework, { kind, depth, play }: CaseBackOf<Length>): readonly [Tally, Tally] {
  const { stock, outline } = casework;
  const { top, bottom } = stock.build;
  return [
    tally(
      ...backHeight(casework),
      top?.kind === 'over' ? minus('case-top', outline.top) : undefined,
      bottom?.kind === 'under' ? minus('case-bottom', outline.bottom) : undefined,
    ),
    tally(
      ...betweenSides(casework, ZERO).terms,
      plusTimes('back-let-in', 2, depth ?? ZERO, buildField(casework, 'back.depth')),
      kind === 'grooved' ? unlessZero(minus('play', play ?? ZERO, buildField(casework, 'back.play'))) : undefined,
    ),
  ];
}

function cleats(casework: Casework): readonly Member[] {
  const { cleats: wanted } = casework.stock.build;
  if (!wanted) return [];
  const width = tally(plus('width-cleat', wanted.width, buildField(casework, 'cleats.width')));
  return [member(casework, 'cleat', wanted.count ?? 2, [betweenSides(casework, ZERO), width], wanted.material)];
}
