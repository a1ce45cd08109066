import { add, minus, nm, plus, smallest, subtract, tally, ZERO, type Length, type Tally } from '../length';
import type { CaseFacts, Neighbour } from './case';
import type { Exact, Finding, Remedy, Say } from './finding';

/** Two banks on one divider. */
interface Pair {
  readonly left: Neighbour;
  readonly right: Neighbour;
  readonly gap: Length;
  /** Laps and gap together, less the divider. */
  readonly over: Tally;
}

/**
 * Neighbouring fronts that meet on their divider: laps and gap together over its thickness. Told to each of the two, by
 * the path of its bank.
 */
export function frontsCollide(facts: CaseFacts, say: Say, exact: Exact): readonly (readonly [string, Finding])[] {
  const { divider } = facts.owner;
  if (divider === undefined) return [];
  return pairsOf(facts, divider).flatMap((pair) => {
    if (pair.over.total <= 0) return [];
    const remedies = [...lapsWritten(pair, divider, exact), ...gapWritten(pair, divider, exact)];
    const told = (bank: Neighbour, other: Neighbour): readonly [string, Finding] => [
      bank.path,
      {
        code: 'FRONTS_COLLIDE',
        severity: 'stop',
        step: 'fronts',
        holds: 'fronts',
        says: saysOf(bank === pair.left ? 'right' : 'left', other, pair, divider, say),
        because: pair.over,
        remedies,
      },
    ];
    return [told(pair.left, pair.right), told(pair.right, pair.left)];
  });
}

function pairsOf({ banks, path }: CaseFacts, divider: Length): readonly Pair[] {
  return banks.slice(1).map((right, index) => {
    const left = banks[index] as Neighbour;
    const gap = smallest([left.gap, right.gap]);
    const over = tally(
      plus('lap at the right', left.laps.right, { kind: 'field', path: `${left.path}.front.right` }),
      plus('lap at the left', right.laps.left, { kind: 'field', path: `${right.path}.front.left` }),
      plus('gap between fronts', gap, { kind: 'field', path: `${left.path}.front.gap` }),
      minus('divider', divider, { kind: 'field', path: `${path}.divider` }),
    );
    return { left, right, gap, over };
  });
}

function saysOf(edge: 'left' | 'right', other: Neighbour, { gap, over }: Pair, divider: Length, say: Say): string {
  const overlap = subtract(over.total, gap);
  const what =
    overlap > 0
      ? `overlap those of ${other.title} by ${say(overlap)}`
      : `leave ${say(nm(-overlap))} to those of ${other.title}, where a gap of ${say(gap)} is wanted`;
  return `Its fronts ${what}: the laps at the ${edge} and the gap come to ${say(over.total)} more than the divider of ${say(divider)}.`;
}

/** Each lapped by half of what the gap leaves of the divider; an inset front keeps its own gap. */
function lapsWritten({ left, right, gap }: Pair, divider: Length, exact: Exact): readonly Remedy[] {
  const shared = subtract(divider, gap);
  if (left.inset || right.inset) {
    const [overlay, edge, inset] = left.inset
      ? [right, 'left' as const, left.laps.right]
      : [left, 'right' as const, right.laps.left];
    const lap = subtract(shared, inset);
    return lap < 0 ? [] : [lapped(exact(lap), [{ path: `${overlay.path}.front.${edge}`, value: exact(lap) }])];
  }
  if (shared < 0) return [];
  const half = nm(Math.floor(shared / 2));
  return [
    lapped(exact(half), [
      { path: `${left.path}.front.right`, value: exact(half) },
      { path: `${right.path}.front.left`, value: exact(subtract(shared, half)) },
    ]),
  ];
}

function lapped(lap: string, patches: Remedy['patches']): Remedy {
  return { says: `Lap the divider by ${lap}`, patches };
}

/** Laps that leave something of the divider leave that much of a gap. */
function gapWritten({ left, right }: Pair, divider: Length, exact: Exact): readonly Remedy[] {
  const rest = subtract(divider, add(left.laps.right, right.laps.left));
  if (rest <= ZERO) return [];
  const patches = [...new Set([left, right])].map(({ path }) => ({ path: `${path}.front.gap`, value: exact(rest) }));
  return [{ says: `Make the gaps ${exact(rest)}`, patches }];
}
