import type { TieGroup } from '../job';
import { nm, subtract, type Length } from '../length';
import { shareOut, type Ideal, type Sharing } from './share-out';

/** What all stretches of a bank come to. */
export interface Shares {
  readonly heights: ReadonlyMap<number, Length>;
  readonly makeups: readonly number[];
}

interface Search {
  readonly sharings: readonly Sharing[];
  readonly crossing: readonly TieGroup[];
  readonly wanted: number;
  readonly increment: Length;
  best?: Shares & { readonly cost: number };
}

/**
 * Shares every stretch out. Stretches are independent, but for drawers tied across a line: for these every multiple of
 * the increment that could be part of a better division is tried, outward from the ideal. Undefined where no whole
 * increments serve all stretches at once.
 */
export function shareAll(sharings: readonly Sharing[], wanted: number, increment: Length): Shares | undefined {
  const groups = [...new Set(sharings.flatMap(({ free }) => free))];
  const crossing = groups.filter((group) => sharings.filter(({ free }) => free.includes(group)).length > 1);
  const search: Search = { sharings, crossing, wanted, increment };
  if (crossing.length === 0) return sharedAt(search, new Map());
  place(search, new Map(), 0);
  return search.best;
}

/** Gives the next tied group every height worth trying, nearest its ideal first. */
function place(search: Search, fixed: ReadonlyMap<TieGroup, Length>, spent: number): void {
  const group = search.crossing[fixed.size];
  if (!group) {
    consider(search, fixed, spent);
    return;
  }
  const ideal = meanIdeal(search.sharings, group);
  const start = Math.floor(ideal / search.increment);
  const most = Math.min(...search.sharings.filter(({ free }) => free.includes(group)).map(({ rest }) => rest));
  const attempt = (count: number): boolean => {
    const height = nm(count * search.increment);
    const cost = spent + group.members.length * (height - ideal) ** 2;
    if (height <= 0 || height > most || cost > (search.best?.cost ?? Infinity)) return false;
    place(search, new Map(fixed).set(group, height), cost);
    return true;
  };
  for (let count = start; attempt(count); count -= 1);
  for (let count = start + 1; attempt(count); count += 1);
}

function consider(search: Search, fixed: ReadonlyMap<TieGroup, Length>, spent: number): void {
  const shares = sharedAt(search, fixed);
  if (!shares) return;
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
  return sharings.map(({ ideals }) => ideals.get(at)).find((ideal) => ideal !== undefined) ?? { n: 0n, d: 1n };
}

const asNumber = ({ n, d }: Ideal): number => Number(n / d) + Number(n % d) / Number(d);

function higherFromBelow(a: Shares, b: Shares): boolean {
  const order = [...a.heights.keys()].sort((x, y) => y - x);
  const first = order.find((at) => a.heights.get(at) !== b.heights.get(at));
  return first !== undefined && (a.heights.get(first) ?? 0) > (b.heights.get(first) ?? 0);
}
