/**
 * One height to be found: how many drawers share it (tied fronts), its ideal over the problem's denominator, and the
 * lowest place it stands at, for choosing among equals.
 */
export interface Unknown {
  readonly weight: number;
  readonly ideal: bigint;
  readonly lowest: number;
}

/** Heights in whole nanometres to share `rest`: multiples of `increment`, but for the makeup's, which takes what is left. */
export interface Sharing {
  readonly unknowns: readonly Unknown[];
  readonly denominator: bigint;
  readonly rest: bigint;
  readonly increment: bigint;
  /** Index among the unknowns. */
  readonly makeup: number;
}

/**
 * The increments each unknown takes in the division with the least sum of squared departures from the ideals, the
 * makeup's own departure included; among equals the one whose heights, read from the bottom up, are greatest. The
 * makeup's entry is not used: it takes the rest.
 *
 * With every weight one this is a separable convex sharing of whole increments: start every height at the multiple
 * below its ideal and give the increments left over to those with the largest remainders.
 */
export function nearestIncrements(sharing: Sharing): readonly bigint[] {
  return sharing.unknowns.every(({ weight }) => weight === 1) ? largestRemainders(sharing) : weighted(sharing);
}

function largestRemainders({ unknowns, denominator, rest, increment, makeup }: Sharing): readonly bigint[] {
  const odd = rest % increment;
  const step = increment * denominator;
  const aims = unknowns.map(({ ideal }, index) => (index === makeup ? ideal - odd * denominator : ideal));
  const counts = aims.map((aim) => floorDivide(aim, step));
  const spare = Number((rest - odd) / increment - counts.reduce((sum, count) => sum + count, 0n));
  const remainder = (index: number): bigint => (aims[index] ?? 0n) - (counts[index] ?? 0n) * step;
  const order = unknowns.map((_, index) => index);
  order.sort((a, b) => compare(remainder(b), remainder(a)) || lowestOf(unknowns, b) - lowestOf(unknowns, a));
  for (const index of order.slice(0, spare)) counts[index] = (counts[index] ?? 0n) + 1n;
  return counts;
}

/** The best way found to share among the first few unknowns, for one sum of weighted increments. */
interface Way {
  readonly sum: bigint;
  readonly cost: bigint;
  readonly counts: readonly bigint[];
}

/**
 * With ties the increments come in lumps of the weights: a table over the weighted sum of increments, one unknown at a
 * time, holds the optimum. Whatever alone would cost more than a division already found is left out.
 */
function weighted(sharing: Sharing): readonly bigint[] {
  const { unknowns, denominator, increment, makeup } = sharing;
  const step = increment * denominator;
  const own = BigInt(unknowns[makeup]?.weight ?? 1);
  const most = costOfRounding(sharing);
  let ways = new Map<bigint, Way>([[0n, { sum: 0n, cost: 0n, counts: [] }]]);
  unknowns.forEach((unknown, index) => {
    const next = new Map<bigint, Way>();
    for (const way of ways.values()) {
      if (index === makeup) {
        next.set(way.sum, { ...way, counts: [...way.counts, 0n] });
        continue;
      }
      const tryCount = (count: bigint): boolean => {
        const off = count * step - unknown.ideal;
        const cost = way.cost + BigInt(unknown.weight) * off * off;
        if (own * cost > most) return false;
        const sum = way.sum + BigInt(unknown.weight) * count;
        keepBetter(next, { sum, cost, counts: [...way.counts, count] }, unknowns);
        return true;
      };
      const base = floorDivide(unknown.ideal, step);
      for (let count = base; tryCount(count); count -= 1n);
      for (let count = base + 1n; tryCount(count); count += 1n);
    }
    ways = next;
  });
  return bestOf([...ways.values()], sharing);
}

/** What it costs (as `bestOf` counts) to round one height after the other, each making up for those before it. */
function costOfRounding({ unknowns, denominator, increment, makeup }: Sharing): bigint {
  const step = increment * denominator;
  let [over, cost] = [0n, 0n];
  unknowns.forEach(({ weight, ideal }, index) => {
    if (index === makeup) return;
    const [w, aim] = [BigInt(weight), ideal - floorDivide(over, BigInt(weight))];
    const off = floorDivide(2n * aim + step, 2n * step) * step - ideal;
    cost += w * off * off;
    over += w * off;
  });
  return BigInt(unknowns[makeup]?.weight ?? 1) * cost + over * over;
}

/** `m·cost + S²`, S being what the others take over their ideals and so the makeup's `m` drawers take under. */
function bestOf(ways: readonly Way[], { unknowns, denominator, increment, makeup }: Sharing): readonly bigint[] {
  const weight = BigInt(unknowns[makeup]?.weight ?? 1);
  const others = unknowns.reduce((sum, each, i) => (i === makeup ? sum : sum + BigInt(each.weight) * each.ideal), 0n);
  const total = (way: Way): bigint => {
    const over = way.sum * increment * denominator - others;
    return weight * way.cost + over * over;
  };
  const finished = ways.map((way) => ({ ...way, cost: total(way) }));
  const [best] = finished.sort((a, b) => compare(a.cost, b.cost) || lessFromBelow(a, b, unknowns, makeup));
  return best?.counts ?? [];
}

/** Negative when `a`’s heights, read from the bottom up, are the greater. More for the others is less for the makeup. */
function lessFromBelow(a: Way, b: Way, unknowns: readonly Unknown[], makeup?: number): number {
  const order = unknowns.map((_, index) => index).sort((i, j) => lowestOf(unknowns, j) - lowestOf(unknowns, i));
  for (const index of order) {
    const [x, y] = index === makeup ? [-a.sum, -b.sum] : [a.counts[index] ?? 0n, b.counts[index] ?? 0n];
    if (x !== y) return compare(y, x);
  }
  return 0;
}

function keepBetter(ways: Map<bigint, Way>, way: Way, unknowns: readonly Unknown[]): void {
  const held = ways.get(way.sum);
  if (!held || way.cost < held.cost || (way.cost === held.cost && lessFromBelow(way, held, unknowns) < 0))
    ways.set(way.sum, way);
}

function lowestOf(unknowns: readonly Unknown[], index: number): number {
  return unknowns[index]?.lowest ?? 0;
}

function floorDivide(a: bigint, b: bigint): bigint {
  const down = a / b;
  return a < 0n && down * b !== a ? down - 1n : down;
}

function compare(a: bigint, b: bigint): number {
  return a < b ? -1 : a > b ? 1 : 0;
}
