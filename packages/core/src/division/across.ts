import type { TieGroup } from '../job';
import { nm, subtract, type Length } from '../length';
import { visitNearest } from './nearest-point';
import { shareOut, type Ideal, type Sharing } from './share-out';
import { wholeSolutions } from './whole-solutions';

/** What all stretches of a bank come to. */
export interface Shares {
  readonly heights: ReadonlyMap<number, Length>;
  readonly makeups: readonly number[];
  /** False where a better one may have been missed. */
  readonly proven?: boolean;
}

interface Search {
  readonly sharings: readonly Sharing[];
  readonly crossing: readonly TieGroup[];
  readonly wanted: number;
  readonly increment: Length;
  best?: Shares & { readonly cost: number };
}

/** What a tied group is in one stretch: how many of its drawers stand there, and what they should come to. */
interface Part {
  readonly count: number;
  readonly ideal: number;
}

/**
 * Shares every stretch out. Stretches are independent, but for drawers tied across a line: their heights are a grid of
 * whole increments (only those that serve stretches where nothing else is free), and the best of it lies near the point
 * the scheme asks for, the other drawers of each stretch counted as if they could take any height. From there outward
 * every point is looked at that could still be better. Undefined where no whole increments serve all stretches at once;
 * not `proven` where there was more to look at than the search is bound to.
 */
export function shareAll(sharings: readonly Sharing[], wanted: number, increment: Length): Shares | undefined {
  const groups = [...new Set(sharings.flatMap(({ free }) => free))];
  const crossing = groups.filter((group) => sharings.filter(({ free }) => free.includes(group)).length > 1);
  const search: Search = { sharings, crossing, wanted, increment };
  if (crossing.length === 0) return sharedAt(search, new Map());
  const stretches = sharings.map((sharing) => partsOf(sharing, crossing));
  const filled = stretches.filter(({ others }) => others === 0);
  if (filled.some(({ sharing }) => sharing.rest % increment !== 0)) return undefined;
  const whole = wholeSolutions(
    filled.map(({ parts }) => parts.map(({ count }) => count)),
    filled.map(({ sharing }) => sharing.rest / increment),
    crossing.length,
  );
  if (!whole) return undefined;
  const point = pointOf(search, stretches);
  const origin = point(whole.one);
  const none = point(crossing.map(() => 0));
  const moves = whole.moves.map((move) => point(move).map((each, at) => each - (none[at] ?? 0)));
  const constant = spreadOf(search);
  const { proven } = visitNearest({ moves, target: origin.map((each) => -each) }, (times) => {
    const counts = whole.one.map((each, at) =>
      times.reduce((sum, n, move) => sum + n * (whole.moves[move]?.[at] ?? 0), each),
    );
    const heights = counts.map((count) => nm(count * increment));
    if (heights.every((height) => height > 0))
      consider(search, new Map(heights.map((height, at) => [crossing[at] as TieGroup, height])));
    if (search.best === undefined) return Infinity;
    return ((search.best.cost - constant) / increment ** 2) * (1 + 1e-9) + 1e-6;
  });
  return search.best && (proven ? search.best : { ...search.best, proven: false });
}

/** A stretch as the tied groups see it: their parts of it, and how many other drawers are free there. */
function partsOf(sharing: Sharing, crossing: readonly TieGroup[]) {
  const { stretch, ideals } = sharing;
  const parts = crossing.map(({ members }): Part => {
    const own = members.filter((at) => stretch.places.includes(at));
    return { count: own.length, ideal: own.reduce((sum, at) => sum + asNumber(ideals.get(at) ?? NONE), 0) };
  });
  const free = [...ideals.keys()].length;
  return { sharing, parts, others: free - parts.reduce((sum, { count }) => sum + count, 0) };
}

/**
 * Counts of increments as a point whose squared distance from nothing is what they cost: every tied group its departure
 * from its ideal, and every stretch what its other drawers take over among them. In increments.
 */
function pointOf({ sharings, crossing, increment }: Search, stretches: readonly ReturnType<typeof partsOf>[]) {
  const ideals = crossing.map((group) => meanIdeal(sharings, group));
  const open = stretches.filter(({ others }) => others > 0);
  return (counts: readonly number[]): number[] => [
    ...crossing.map(
      ({ members }, at) => Math.sqrt(members.length) * ((counts[at] ?? 0) - (ideals[at] ?? 0) / increment),
    ),
    ...open.map(
      ({ parts, others }) =>
        parts.reduce((sum, { count, ideal }, at) => sum + count * (counts[at] ?? 0) - ideal / increment, 0) /
        Math.sqrt(others),
    ),
  ];
}

/** What tied drawers within a stretch cost however they are shared out: their ideals' own spread. */
function spreadOf({ sharings, crossing }: Search): number {
  const local = new Set(sharings.flatMap(({ free }) => free).filter((group) => !crossing.includes(group)));
  return [...local].reduce((sum, group) => {
    const mean = meanIdeal(sharings, group);
    return sum + group.members.reduce((own, at) => own + (asNumber(idealAt(sharings, at)) - mean) ** 2, 0);
  }, 0);
}

function consider(search: Search, fixed: ReadonlyMap<TieGroup, Length>): void {
  const shares = sharedAt(search, fixed);
  if (!shares) return;
  const spent = [...fixed].reduce(
    (sum, [group, height]) => sum + group.members.length * (height - meanIdeal(search.sharings, group)) ** 2,
    0,
  );
  const own = [...shares.heights].filter(([at]) => !search.crossing.some(({ members }) => members.includes(at)));
  const cost = own.reduce((sum, [at, height]) => sum + (height - asNumber(idealAt(search.sharings, at))) ** 2, spent);
  const better = search.best === undefined || cost < search.best.cost - 0.5 * search.best.cost * Number.EPSILON;
  const equal = search.best?.cost === cost && higherFromBelow(shares, search.best);
  if (better || equal) search.best = { ...shares, cost };
}

function sharedAt(search: Search, fixed: ReadonlyMap<TieGroup, Length>): Shares | undefined {
  const heights = new Map<number, Length>();
  const makeups: number[] = [];
  for (const [{ members }, height] of fixed) for (const at of members) heights.set(at, height);
  for (const { rest, free, ideals, stretch } of search.sharings) {
    const local = free.filter((group) => !fixed.has(group));
    const taken = stretch.places.flatMap((at) => (ideals.has(at) ? (heights.get(at) ?? []) : []));
    const left = subtract(rest, ...taken);
    if (local.length === 0 && left !== 0) return undefined;
    const shared = shareOut(local, left, ideals, search.wanted, search.increment);
    for (const [at, height] of shared.heights) heights.set(at, height);
    if (shared.makeup !== undefined) makeups.push(shared.makeup);
  }
  return { heights, makeups };
}

function meanIdeal(sharings: readonly Sharing[], { members }: TieGroup): number {
  return members.reduce((sum, at) => sum + asNumber(idealAt(sharings, at)), 0) / members.length;
}

function idealAt(sharings: readonly Sharing[], at: number): Ideal {
  return sharings.map(({ ideals }) => ideals.get(at)).find((ideal) => ideal !== undefined) ?? NONE;
}

const NONE: Ideal = { n: 0n, d: 1n };

const asNumber = ({ n, d }: Ideal): number => Number(n / d) + Number(n % d) / Number(d);

function higherFromBelow(a: Shares, b: Shares): boolean {
  const order = [...a.heights.keys()].sort((x, y) => y - x);
  const first = order.find((at) => a.heights.get(at) !== b.heights.get(at));
  return first !== undefined && (a.heights.get(first) ?? 0) > (b.heights.get(first) ?? 0);
}
