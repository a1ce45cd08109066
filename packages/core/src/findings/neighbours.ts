import { said } from '../words';
import {
  add,
  minus,
  nm,
  plus,
  smallest,
  subtract,
  tally,
  ZERO,
  type Length,
  type Tally,
  label,
  ofField,
} from '../length';
import type { Edge } from '../job';
import type { Patch } from '../reading';
import type { CaseFacts, Neighbour } from './case';
import { remedy, type Exact, type Finding, type Remedy } from './finding';

/** Two banks on one member: a divider between columns, or what parts two rows. */
interface Pair {
  readonly left: Neighbour;
  readonly right: Neighbour;
  /** The edge each laps it with. */
  readonly edges: readonly [of: Edge, other: Edge];
  readonly gap: Length;
  readonly divider: Length;
  /** Laps and gap together, less the divider. */
  readonly over: Tally;
}

/**
 * Neighbouring fronts that meet on their divider: laps and gap together over its thickness. Told to each of the two, by
 * the path of its bank or its door.
 */
export function frontsCollide(facts: CaseFacts, exact: Exact): readonly (readonly [string, Finding])[] {
  return pairsOf(facts).flatMap((pair) => {
    if (pair.over.total <= 0) return [];
    const remedies = [...lapsWritten(pair, exact), ...gapWritten(pair, exact)];
    const told = (bank: Neighbour, other: Neighbour): readonly [string, Finding] => [
      bank.path,
      {
        ...collision(bank, pair.edges[bank === pair.left ? 0 : 1], other, pair),
        severity: 'stop',
        ...(bank.door === undefined
          ? ({ step: 'fronts', holds: 'fronts' } as const)
          : ({ step: 'case', holds: 'door', door: bank.door } as const)),
        because: pair.over,
        remedies,
      },
    ];
    return [told(pair.left, pair.right), told(pair.right, pair.left)];
  });
}

/** A front that laps an end of its case by more than there is: past the side, or into the wall. */
export function frontsPastEnds(
  { owner, path, banks }: CaseFacts,
  exact: Exact,
): readonly (readonly [string, Finding])[] {
  return (['left', 'right'] as const).flatMap((edge) => {
    const bank = edge === 'left' ? banks[0] : banks.at(-1);
    const most = owner.ends?.[edge];
    if (!bank || most === undefined || bank.laps[edge] <= most) return [];
    const over = tally(
      plus(label('lap-at', { edge }), bank.laps[edge], ofField(`${bank.at}.${edge}`)),
      minus(label('room-at-end', { edge }), most, ofField(`${path}.ends.${edge}`)),
    );
    const finding: Finding = {
      ...said('FRONTS_COLLIDE', { at: 'end', edge, over: over.total, most }),
      severity: 'stop',
      step: 'fronts',
      holds: 'fronts',
      because: over,
      remedies: [lapped(most, [{ path: `${bank.at}.${edge}`, value: exact(most) }], edge)],
    };
    return [[bank.path, finding] as const];
  });
}

function pairsOf({ banks, shared }: CaseFacts): readonly Pair[] {
  if (shared)
    return shared.map(({ kind, first, second, member }) =>
      pairOf(first, second, kind === 'column' ? ['right', 'left'] : ['bottom', 'top'], member),
    );
  return banks.slice(1).flatMap((right, index) => {
    const left = banks[index] as Neighbour;
    return left.divider ? [pairOf(left, right, ['right', 'left'], left.divider)] : [];
  });
}

function pairOf(
  left: Neighbour,
  right: Neighbour,
  edges: Pair['edges'],
  { thickness: divider, path }: NonNullable<Neighbour['divider']>,
): Pair {
  const gap = smallest([left.gap, right.gap]);
  const lapAt = (bank: Neighbour, edge: Edge) =>
    plus(label('lap-at', { edge }), bank.laps[edge], ofField(`${bank.at}.${edge}`));
  const over = tally(
    lapAt(left, edges[0]),
    lapAt(right, edges[1]),
    plus('gap-between-fronts', gap, ofField(`${left.at}.gap`)),
    minus('divider', divider, ofField(path)),
  );
  return { left, right, edges, gap, divider, over };
}

function collision(bank: Neighbour, edge: Edge, other: Neighbour, { gap, over, divider }: Pair) {
  const overlap = subtract(over.total, gap);
  const left = nm(-overlap);
  return said('FRONTS_COLLIDE', {
    at: 'divider',
    ...(bank.door === undefined ? {} : { of: bank.called }),
    edge,
    other: other.called,
    overlap,
    left,
    gap,
    over: over.total,
    divider,
  });
}

/** Each lapped by half of what the gap leaves of the divider; an inset front keeps its own gap. */
function lapsWritten({ left, right, edges, gap, divider }: Pair, exact: Exact): readonly Remedy[] {
  const shared = subtract(divider, gap);
  if (left.inset || right.inset) {
    const [overlay, edge, inset] = left.inset
      ? [right, edges[1], left.laps[edges[0]]]
      : [left, edges[0], right.laps[edges[1]]];
    const lap = subtract(shared, inset);
    return lap < 0 ? [] : [lapped(lap, lapWritten(overlay, edge, exact(lap)))];
  }
  if (shared < 0) return [];
  const half = nm(Math.floor(shared / 2));
  return [
    lapped(half, [
      ...lapWritten(left, edges[0], exact(half)),
      ...lapWritten(right, edges[1], exact(subtract(shared, half))),
    ]),
  ];
}

/** The lap itself, and what decided it till now taken away. */
function lapWritten({ at, instead = {} }: Neighbour, edge: Edge, value: string): readonly Patch[] {
  const other = instead[edge];
  return [{ path: `${at}.${edge}`, value }, ...(other === undefined ? [] : [{ path: other, value: undefined }])];
}

function lapped(lap: Length, patches: Remedy['patches'], what: 'divider' | 'left' | 'right' = 'divider'): Remedy {
  return remedy('lap-by', { what, lap }, patches);
}

/** Laps that leave something of the divider leave that much of a gap. */
function gapWritten({ left, right, edges, divider }: Pair, exact: Exact): readonly Remedy[] {
  const rest = subtract(divider, add(left.laps[edges[0]], right.laps[edges[1]]));
  if (rest <= ZERO) return [];
  const patches = [...new Set([left, right])].map(({ at }) => ({ path: `${at}.gap`, value: exact(rest) }));
  return [remedy('set-gaps', { gap: rest }, patches)];
}
