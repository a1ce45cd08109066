import { millimetres, nm, type Said } from '../length';
import { reached, reaches, type Met, type Mover, type Reached, type Solid, type Way } from '../travel';
import { said } from '../words';
import type { Finding, Remedy } from './finding';
import { farOf, isOfCase, siteOf, type Moves, type Site } from './moving';
import { freed, opened, slower, swapped, takenInTurn, turned, withFlatter } from './travel-remedies';

/** Common practice: what comes out less than this part of its way is no use. */
const USELESS = 3 / 4;
/** Degrees and nanometres nobody sees. */
const NONE = 1e-6;
/** A person stands so high. From memory. */
const TALL = millimetres(1800);

type Told = readonly [path: string, finding: Finding];

/** What an experienced builder would say of what moves; each with the path of the bank or the case it is told with. */
export function lookOverTravel(moves: Moves): readonly Told[] {
  return [
    ...moves.world.ways.flatMap((way) => {
      const site = moves.site(way.mover.name);
      return site ? ofWay(moves, way, site).map((finding) => [site.told, finding] as const) : [];
    }),
    ...moves.world.lids.flatMap((way) => {
      const site = moves.site(way.mover.name);
      const stays = site ? opened(way.mover, site, way.travel) : [];
      return site ? limited(moves, way, site, stays).map((finding) => [site.told, finding] as const) : [];
    }),
    ...ofMeetings(moves),
  ];
}

function ofWay(moves: Moves, way: Way, site: Site): readonly Finding[] {
  return [
    ...limited(moves, way, site, mendedBy(moves, way, site)),
    ...handleHits(moves, way, site),
    ...noRoomToStand(moves, way, site),
  ];
}

/** What its own door keeps in is packed clear of it. */
function mendedBy(moves: Moves, { mover, travel, stoppedBy = '', keptIn }: Way, site: Site): readonly Remedy[] {
  if (keptIn) return site.packed?.(keptIn.side, nm(keptIn.by)) ?? [];
  return [
    ...freed(moves, mover, site, stoppedBy),
    ...turned(moves, mover, site),
    ...swapped(moves, mover, site),
    ...opened(mover, site, travel),
    ...slower(moves, mover, site, travel),
  ];
}

/** Where it belongs: a drawer, a door, or the case itself. */
function where({ kind, id, drawer }: Site): Pick<Finding, 'drawer' | 'door' | 'called'> {
  if (kind === 'thing') return {};
  return kind === 'drawer' ? { drawer: id, ...(drawer ? { called: drawer } : {}) } : { door: id };
}

/** Named in its own sentence, where that is not said of a drawer. */
const named = (moves: Moves, { kind }: Site, name: string): Said | undefined =>
  kind === 'drawer' ? undefined : moves.called(name);

function limited(
  moves: Moves,
  { mover, travel, stoppedBy }: Way,
  site: Site,
  remedies: readonly Remedy[],
): readonly Finding[] {
  if (stoppedBy === undefined || travel >= mover.full - NONE) return [];
  const params = {
    mover: named(moves, site, mover.name),
    ...{ travel: farOf(mover, travel), full: farOf(mover, mover.full), met: moves.called(stoppedBy) },
  };
  return [
    {
      ...said('TRAVEL_LIMITED', params),
      ...where(site),
      severity: travel < USELESS * mover.full ? 'stop' : 'warn',
      step: 'case',
      holds: site.kind === 'leaf' ? 'door' : 'nothing',
      remedies,
    },
  ];
}

/** A pull, its own or one it meets, that keeps it from coming as far as it would without. */
function handleHits(moves: Moves, { mover, travel, stoppedBy, keptIn }: Way, site: Site): readonly Finding[] {
  if (stoppedBy === undefined || keptIn || travel >= mover.full - NONE) return [];
  const flat = reached(bare(mover), moves.world.solids);
  const clear = reached(
    mover,
    moves.world.solids.filter(({ pullOf }) => pullOf === undefined),
  );
  const own = flat.travel > travel + NONE;
  const better: Reached | undefined = own ? flat : clear.travel > travel + NONE ? clear : undefined;
  if (!better) return [];
  return [
    {
      ...said('HANDLE_HITS', {
        ...{ mover: named(moves, site, mover.name), met: moves.called(stoppedBy), own },
        ...{ travel: farOf(mover, travel), without: farOf(mover, better.travel) },
      }),
      ...where(site),
      severity: 'warn',
      step: 'case',
      remedies: withFlatter(moves, own ? site : siteOf(moves, stoppedBy), (out) =>
        own ? reaches(withPull(mover, out), flat.travel - NONE, moves.world.solids) : out === 0,
      ),
    },
  ];
}

/** Without its pull. */
const bare = (mover: Mover): Mover => withPull(mover, 0);

function withPull(mover: Mover, out: number): Mover {
  if (mover.kind === 'slider') return { ...mover, closed: mover.closed - mover.pull + out, pull: out };
  const { pull, ...leaf } = mover;
  return pull && out > 0 ? { ...leaf, pull: { ...pull, out } } : leaf;
}

/** So much is left before a drawer that is out, at the heights of somebody who stands there. */
function noRoomToStand(moves: Moves, { mover, travel }: Way, site: Site): readonly Finding[] {
  if (mover.kind !== 'slider' || !moves.world.room || travel <= 0) return [];
  const standing: readonly Solid[] = moves.world.solids.filter(({ name }) => !isOfCase(name, mover));
  const free = reached({ ...mover, heights: { from: 0, to: TALL }, full: Infinity }, standing);
  const left = nm(free.stoppedBy === undefined ? moves.stand : Math.max(0, free.travel - travel));
  if (free.stoppedBy === undefined || left >= moves.stand) return [];
  const params = { left, wanted: moves.stand, met: moves.called(free.stoppedBy) };
  return [{ ...said('NO_ROOM_TO_STAND', params), ...where(site), severity: 'warn', step: 'case', holds: 'nothing' }];
}

/** Pairs told together: a leaf with the drawers of one bank, else two by themselves. */
function ofMeetings(moves: Moves): readonly Told[] {
  const groups = new Map<string, { readonly first: string; readonly pairs: Met[]; readonly others: string[] }>();
  for (const pair of moves.world.meetings) {
    if (moves.accepted(pair.a, pair.b)) continue;
    const isLeaf = (name: string): boolean => moves.site(name)?.kind === 'leaf';
    // The leaf is what is named: a drawer comes before it in the file.
    const [first, other] = isLeaf(pair.b) && !isLeaf(pair.a) ? [pair.b, pair.a] : [pair.a, pair.b];
    const key = `${first} ${moves.site(other)?.told ?? other}`;
    const group = groups.get(key) ?? { first, pairs: [], others: [] };
    group.pairs.push(pair);
    group.others.push(other);
    groups.set(key, group);
  }
  return [...groups.values()].flatMap(({ first, pairs, others }) => ofMeeting(moves, first, others, pairs));
}

function ofMeeting(moves: Moves, first: string, others: readonly string[], pairs: readonly Met[]): readonly Told[] {
  const site = moves.site(first) ?? moves.site(others[0] ?? '');
  if (!site) return [];
  const leaf = [first, ...others].some((each) => moves.site(each)?.kind === 'leaf');
  const drawers = others.every((each) => moves.site(each)?.kind === 'drawer');
  const names = drawers ? [moves.calledAll(others)] : others.map(moves.called);
  const finding: Finding = {
    ...(leaf
      ? said('DOORS_MEET', { leaf: moves.called(first), others: names })
      : said('DRAWERS_MEET', { one: moves.called(first), others: names })),
    ...(site.kind === 'leaf' ? { door: site.id } : {}),
    severity: 'warn',
    step: 'case',
    holds: 'nothing',
    remedies: takenInTurn(moves, first, others, pairs),
  };
  return [[site.told, finding]];
}
