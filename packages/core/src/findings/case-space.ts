import { inches, largest, millimetres, nm, ofField, plus, smallest, tally, minus, ZERO, type Length } from '../length';
import { studsOf } from '../fixing';
import { said } from '../words';
import { remedy, type Finding, type Remedy } from './finding';
import type { LookedAtCase } from './looked-at-case';

/** Common practice, every figure here. */
const SPARE = { in: inches(1, 2), mm: millimetres(12) } as const;
const SCRIBE = { in: inches(3, 8), mm: millimetres(10) } as const;

const of = (severity: Finding['severity']) => ({ severity, step: 'case' as const });

/** Whether a case gets to where it stands, up, and against its walls. */
export function lookOverSpace(looked: LookedAtCase): readonly Finding[] {
  return [...tiltUp(looked), ...wayIn(looked), ...humps(looked), ...studs(looked), ...feet(looked)];
}

/** Built lying down it is tilted up by its diagonal; a loose base is set under it then. */
function tiltUp(looked: LookedAtCase): readonly Finding[] {
  const { owner, casework, path } = looked;
  const { place, stands } = owner.build ?? {};
  if (!place?.height || place.height.length === 0) return [];
  const room = smallest(place.height);
  const { height, depth, sidesFrom } = casework.outline;
  const loose = stands?.kind === 'plinth' ? sidesFrom : ZERO;
  const diagonal = nm(Math.ceil(Math.hypot(height - loose, depth)));
  const over = nm(diagonal - room);
  if (over <= 0) return [];
  const at = place.height.indexOf(room);
  return [
    {
      ...said('TILT_UP', { diagonal, room, over }),
      ...of('stop'),
      because: tally(
        plus('diagonal-of-case', diagonal),
        minus('under-ceiling', room, ofField(`${path}.build.place.height[${at}]`)),
      ),
      remedies: looseBase(looked, room),
    },
  ];
}

/** The recess made apart as a plinth is so much less to tilt. */
function looseBase({ owner, casework, path, exact }: LookedAtCase, room: Length): readonly Remedy[] {
  const { base, stands } = owner.build ?? {};
  const { height, depth, base: under } = casework.outline;
  if (base?.kind !== 'toe-kick' || stands || Math.hypot(height - under, depth) > room) return [];
  const value = { kind: 'plinth', height: exact(under), setback: exact(base.setback ?? ZERO) };
  return [
    remedy('loose-base', {}, [
      { path: `${path}.build.stands`, value },
      { path: `${path}.build.base`, value: undefined },
    ]),
  ];
}

/** It passes on its two smaller sizes, with a little to spare each way. */
function wayIn({ owner, casework, job: { unit } }: LookedAtCase): readonly Finding[] {
  const way = owner.build?.place?.way;
  if (!way) return [];
  const { width, height, depth } = casework.outline;
  const [small, middle] = [width.total, height, depth].sort((a, b) => a - b) as [Length, Length, Length];
  const [narrow, tall] = [way.width, way.height].sort((a, b) => a - b) as [Length, Length];
  const spare = SPARE[unit];
  const over = nm(Math.max(small + spare - narrow, middle + spare - tall));
  return over > 0
    ? [{ ...said('CASE_TOO_BIG_FOR_WAY', { over, width: way.width, height: way.height }), ...of('stop') }]
    : [];
}

/** A wall that departs from a straight line between its first and last reading by more than is left on to shape. */
function humps({ owner, job: { unit } }: LookedAtCase): readonly Finding[] {
  const { place } = owner.build ?? {};
  const scribe = place?.scribe ?? SCRIBE[unit];
  return (['left', 'right', 'back'] as const).flatMap((wall): readonly Finding[] => {
    const readings = [...(place?.walls?.[wall] ?? [])].sort((one, other) => one.y - other.y);
    const [first, last] = [readings[0], readings.at(-1)];
    if (!first || !last || readings.length < 3 || last.y === first.y) return [];
    const off = readings.map(({ y, in: out }) => {
      const line = first.in + ((last.in - first.in) * (y - first.y)) / (last.y - first.y);
      return Math.round(Math.abs(out - line));
    });
    const most = nm(Math.max(...off));
    return most > scribe ? [{ ...said('WALL_HUMP', { wall, most, scribe }), ...of('warn') }] : [];
  });
}

/** Studs a cleat meets between its ends. */
function studs({ owner, casework }: LookedAtCase): readonly Finding[] {
  const seen = owner.build?.place?.studs;
  const cleat = casework.bodies.find(({ role }) => role === 'cleat');
  if (!seen || !cleat) return [];
  const count = studsOf(seen, cleat).length;
  return count < 2 ? [{ ...said('FEW_STUDS', { count }), ...of('warn') }] : [];
}

/** The base holds at the highest place; every other foot comes down by its reading. */
function feet({ owner, path }: LookedAtCase): readonly Finding[] {
  const { stands, floor } = owner.build ?? {};
  if (!floor || (stands?.kind !== 'feet' && stands?.kind !== 'casters') || !stands.height) return [];
  const falls = largest(floor);
  const most = stands.most ?? stands.height;
  const over = nm(stands.height + falls - most);
  if (over <= 0) return [];
  return [
    {
      ...said('FEET_OUT_OF_REACH', { over, most }),
      ...of('stop'),
      because: tally(
        plus('stands-on', stands.height, ofField(`${path}.build.stands.height`)),
        plus('floor-falls', falls, ofField(`${path}.build.floor[${floor.indexOf(falls)}]`)),
        minus('most-of-feet', most, ofField(`${path}.build.stands.most`)),
      ),
    },
  ];
}
