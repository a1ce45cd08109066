import type { PlannedOpening } from '../casework';
import { add, inches, millimetres, minus, nm, plus, subtract, tally, ZERO, type Length, type Tally } from '../length';
import { said } from '../words';
import { cutOutsMeet } from './case-cut-outs';
import { lookOverDoors } from './case-doors';
import { lookOverThings } from './case-things';
import { keepOutsCrossed, keepOutsMet } from './case-keep-outs';
import { lookOverMembers } from './case-members';
import { lookOverSpace } from './case-space';
import { roomToWork } from './case-room-to-work';
import type { LookedAtCase } from './looked-at-case';
import type { Finding } from './finding';

/** Common practice, every figure here. */
const LEAST = {
  in: { clear: inches(2), toe: { high: inches(3), deep: inches(2) }, cheek: inches(1, 4) },
  mm: {
    clear: millimetres(50),
    toe: { high: millimetres(75), deep: millimetres(50) },
    cheek: millimetres(6),
  },
} as const;

/** What an experienced builder would say looking over a case. */
export function lookOverCase(looked: LookedAtCase): readonly Finding[] {
  return [
    ...misfits(looked),
    ...unheld(looked),
    ...behindWalls(looked),
    ...tenons(looked),
    ...underWithKick(looked),
    ...racks(looked),
    ...lowKick(looked),
    ...lookOverSpace(looked),
    ...lookOverMembers(looked),
    ...keepOutsMet(looked),
    ...keepOutsCrossed(looked),
    ...cutOutsMeet(looked),
    ...roomToWork(looked),
    ...lookOverDoors(looked),
    ...lookOverThings(looked),
  ];
}

const of = (severity: Finding['severity']) => ({ severity, step: 'case' as const });

function misfits({ owner, casework, job: { unit } }: LookedAtCase): readonly Finding[] {
  const { misfits: all, compartments } = casework.front;
  const least = LEAST[unit].clear;
  // The slot of a work board is as low as that.
  const isSlot = (id: string): boolean => owner.boards?.some(({ compartment }) => compartment === id) ?? false;
  const small = compartments.flatMap(({ id, width, height }): readonly Finding[] => {
    const size = isSlot(id) ? width.total : nm(Math.min(width.total, height.total));
    return size < least
      ? [
          {
            ...said('SIZES_DO_NOT_ADD_UP', { node: id, off: subtract(least, size), share: { size, least } }),
            ...of('stop'),
          },
        ]
      : [];
  });
  return [
    ...all.map(({ node, off }): Finding => ({
      ...said('SIZES_DO_NOT_ADD_UP', { node, off, share: undefined }),
      ...of('stop'),
    })),
    ...small,
  ];
}

function unheld({ casework }: LookedAtCase): readonly Finding[] {
  return casework.front.unheld.map(({ node }) => ({ ...said('NOTHING_TO_STAND_ON', { node }), ...of('stop') }));
}

function behindWalls({ casework }: LookedAtCase): readonly Finding[] {
  return casework.openings.flatMap(({ compartment, buildOut }) =>
    (['left', 'right'] as const).flatMap((side): readonly Finding[] =>
      buildOut[side] < 0
        ? [
            {
              ...said('FRAME_BEHIND_WALL', { node: compartment.id, side, by: nm(-buildOut[side]) }),
              ...of('stop'),
              because: behind(compartment, buildOut, side),
            },
          ]
        : [],
    ),
  );
}

/** The edge of the frame less the wall it ends behind. */
function behind(
  { left, right }: PlannedOpening['compartment'],
  buildOut: PlannedOpening['buildOut'],
  side: 'left' | 'right',
): Tally {
  return side === 'left'
    ? tally(plus('edge-face-frame', add(left, buildOut.left)), minus('wall-left', left))
    : tally(plus('wall-right', right), minus('edge-face-frame', subtract(right, buildOut.right)));
}

/** Two tenons meet in a middle member; in an end stile, a top or a bottom rail there is one. */
function tenons({ owner, job: { unit } }: LookedAtCase): readonly Finding[] {
  const { frame } = owner.build ?? {};
  const { tenon = ZERO } = frame ?? {};
  if (!frame || tenon <= 0) return [];
  const most = (width: Length | undefined, meet: 1 | 2): number =>
    width === undefined || width <= 0 ? Infinity : Math.floor(Math.max(0, width - LEAST[unit].cheek) / meet);
  const least = Math.min(
    most(frame.stile, 1),
    most(frame.topRail, 1),
    most(frame.bottomRail, 1),
    most(frame.middle, 2),
  );
  if (tenon <= least) return [];
  return [
    {
      ...said('TENON_TOO_LONG', { tenon, most: nm(least) }),
      ...of('stop'),
    },
  ];
}

function underWithKick({ owner }: LookedAtCase): readonly Finding[] {
  const { bottom, base } = owner.build ?? {};
  return bottom?.kind === 'under' && base?.kind === 'toe-kick' ? [{ ...said('UNDER_WITH_KICK'), ...of('stop') }] : [];
}

function racks({ owner }: LookedAtCase): readonly Finding[] {
  const { back, frame, cleats } = owner.build ?? {};
  const squared =
    (back !== undefined && back.kind !== 'none') || frame !== undefined || (cleats?.count ?? (cleats ? 2 : 0)) >= 2;
  return squared ? [] : [{ ...said('CASE_RACKS'), ...of('warn') }];
}

function lowKick({ owner, job: { unit }, board }: LookedAtCase): readonly Finding[] {
  const { base } = owner.build ?? {};
  if (base?.kind !== 'toe-kick') return [];
  const { high, deep } = LEAST[unit].toe;
  const height = base.height ?? ZERO;
  const room = nm(Math.max(0, (base.setback ?? 0) - (base.board?.run === 'across' ? board : 0)));
  return height < high || room < deep ? [{ ...said('KICK_LOW', { height, deep: room }), ...of('note') }] : [];
}
