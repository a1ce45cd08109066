import { inches, millimetres, nm, type Length } from '../length';
import { meetingsOf, reaches, type Frame, type Leaf, type Met, type Moved, type Mover, type Way } from '../travel';
import { remedy, type Remedy } from './finding';
import { isOfCase, siteOf, type Moves, type Site } from './moving';

/** A filler this wide is the widest anybody would leave. Common practice. */
const WIDEST_FILLER = millimetres(300);
/** Clear between a drawer and the fronts it passes. Common practice. */
const CLEAR = millimetres(5);
/** Halvings of the widest filler down to a nanometre. */
const HALVINGS = 40;

/** Its case so far from what it meets that it comes all the way: the least that does, and clear of fronts it passes. */
export function freed(moves: Moves, mover: Mover, site: Site, stoppedBy: string): readonly Remedy[] {
  if (site.moved('left', nm(0)).length === 0) return [];
  const others = moves.world.solids.filter(({ name }) => !isOfCase(name, mover));
  const passes = mover.kind === 'slider' && siteOf(moves, stoppedBy) !== undefined;
  return (['left', 'right'] as const)
    .flatMap((side) => {
      const away = side === 'left' ? 1 : -1;
      const free = (by: number): boolean => reaches(shifted(mover, away * by), mover.full, others);
      const least = leastThat(free, WIDEST_FILLER);
      return least === undefined ? [] : [{ side, by: nm(passes ? least + CLEAR : least) }];
    })
    .sort((one, other) => one.by - other.by)
    .slice(0, 1)
    .map(({ side, by }) =>
      remedy('leave-filler', { by, side }, [
        ...site.moved(side === 'left' ? 'right' : 'left', by),
        ...site.filled(side, by),
      ]),
    );
}

function shifted(mover: Mover, by: number): Mover {
  const { origin, right } = mover.frame;
  const frame: Frame = { ...mover.frame, origin: { x: origin.x + right.x * by, z: origin.z + right.z * by } };
  return { ...mover, frame };
}

/** The least whole length under a greatest from which on something holds; nothing where it does not even there. */
function leastThat(holds: (by: number) => boolean, most: Length): Length | undefined {
  if (!holds(most)) return undefined;
  let [no, yes] = [0, most as number];
  for (let step = 0; step < HALVINGS && yes - no > 1; step += 1) {
    const middle = Math.floor((no + yes) / 2);
    if (holds(middle)) yes = middle;
    else no = middle;
  }
  return nm(yes);
}

/** A door of one leaf hinged on its other side, where it then comes farther. */
export function turned({ world }: Moves, mover: Mover, site: Site): readonly Remedy[] {
  if (mover.kind !== 'leaf' || !site.single) return [];
  const other = otherHand(mover);
  if (!reaches(other, mover.full, world.solids)) return [];
  return [onOtherSide(site, other)];
}

function otherHand(leaf: Leaf): Leaf {
  const hinged = leaf.hinged === 'left' ? 'right' : 'left';
  const across = leaf.edge.across + (leaf.hinged === 'left' ? leaf.width : -leaf.width);
  return { ...leaf, hinged, edge: { ...leaf.edge, across } };
}

/** What stands in its compartment changed with what stands in another, where all of it comes as far as it should there. */
export function swapped({ world }: Moves, mover: Mover, { swaps }: Site): readonly Remedy[] {
  const others = world.solids.filter(({ name }) => !isOfCase(name, mover));
  const ways = (names: readonly string[]): readonly Way[] => world.ways.filter((way) => names.includes(way.mover.name));
  const found = swaps().find(
    ({ by, mine, theirs }) =>
      ways(mine).every((way) => reaches(shifted(way.mover, by), way.mover.full, others)) &&
      ways(theirs).every((way) => reaches(shifted(way.mover, -by), way.travel, others)),
  );
  return found ? [remedy('swap-compartments', { one: found.one, other: found.other }, found.patches)] : [];
}

/** A stay at the last whole degree it comes to. */
export function opened(mover: Mover, site: Site, travel: number): readonly Remedy[] {
  const angle = Math.floor(travel);
  if (mover.kind !== 'leaf' || angle < 1) return [];
  return [remedy('opens-to', { angle }, [{ path: `${site.path}.opens`, value: angle }])];
}

/** The longest slide that comes no farther than there is room for. */
export function slower({ exact }: Moves, mover: Mover, site: Site, travel: number): readonly Remedy[] {
  const length = mover.kind === 'slider' ? site.slideWithin?.(nm(Math.floor(travel))) : undefined;
  if (length === undefined) return [];
  return [remedy('use-shorter-slide', { length }, [{ path: `${site.path}.slide.length`, value: exact(length) }])];
}

/** Pulls that are to be had, by how far they stand out: common practice. */
const PULLS: readonly Length[] = [inches(1), millimetres(20), inches(1, 2), millimetres(6), nm(0)];

/** The pull that stands out farthest of those that help. */
export function withFlatter(
  { exact }: Moves,
  site: Site | undefined,
  helps: (out: Length) => boolean,
): readonly Remedy[] {
  const out = PULLS.find(helps);
  if (!site?.projection || out === undefined) return [];
  return [remedy('pull-out-by', { out }, [{ path: site.projection, value: exact(out) }])];
}

/** A leaf kept from opening so far that it meets none of them, or one opened after the other. */
export function takenInTurn(
  moves: Moves,
  first: string,
  others: readonly string[],
  pairs: readonly Met[],
): readonly Remedy[] {
  const alone = others.length === 1 ? stayed(moves, others[0] ?? '', [first]) : [];
  return [
    remedy('open-one-first', {}, [moves.accept(pairs)]),
    ...turnedAway(moves, first),
    ...stayed(moves, first, others),
    ...alone,
  ];
}

/** A door of one leaf hinged on its other side, where it then comes all its way and meets nobody. */
function turnedAway({ world, site }: Moves, name: string): readonly Remedy[] {
  const [way, place] = [world.ways.find(({ mover }) => mover.name === name), site(name)];
  if (way?.mover.kind !== 'leaf' || !place?.single) return [];
  const other = otherHand(way.mover);
  const beside = world.ways.filter(({ mover }) => mover.name !== name);
  const meets = beside.some(
    (each) =>
      meetingsOf([
        [other, { travel: other.full }],
        [each.mover, each],
      ]).length > 0,
  );
  return meets || !reaches(other, other.full, world.solids) ? [] : [onOtherSide(place, other)];
}

const onOtherSide = ({ path, untold: family }: Site, { hinged: side }: Leaf): Remedy =>
  remedy('hinge-other-side', { side }, [
    family === undefined
      ? { path: `${path}.hinge.side`, value: side }
      : { path: `${path}.hinge`, value: { family, side } },
  ]);

const EVERY = 5;
/** Opened less than this a door is no use. Common practice. */
const LEAST_OPEN = 85;

/** The greatest angle, of fives, a leaf may open to beside others. */
function stayed({ world, site }: Moves, name: string, others: readonly string[]): readonly Remedy[] {
  const wayOf = (of: string): Way | undefined => world.ways.find(({ mover }) => mover.name === of);
  const [way, place] = [wayOf(name), site(name)];
  if (way?.mover.kind !== 'leaf' || !place) return [];
  const beside = others.flatMap((other): readonly Moved[] => {
    const found = wayOf(other);
    return found ? [[found.mover, found]] : [];
  });
  const { mover } = way;
  const meets = (angle: number): boolean =>
    beside.some((other) => meetingsOf([[mover, { travel: angle }], other]).length > 0);
  for (let angle = Math.floor((way.travel - 1e-6) / EVERY) * EVERY; angle >= LEAST_OPEN; angle -= EVERY)
    if (!meets(angle)) return [remedy('opens-to', { angle }, [{ path: `${place.path}.opens`, value: angle }])];
  return [];
}
