import { memberName, memberSaid, type Body } from '../casework';
import { nm, subtract, ZERO, type Length } from '../length';
import type { Patch } from '../reading';
import { said } from '../words';
import { remedy, type Finding, type Remedy } from './finding';
import type { LookedAtBank, LookedAtCase } from './looked-at-case';

type Drawer = LookedAtBank['drawers'][number];

/** Drawers that come into what is to be kept clear of in their compartment, with the room it needs. */
export function keepOutsMet(looked: LookedAtCase): readonly Finding[] {
  const { stock, casework } = looked;
  return (stock.keepOuts ?? []).flatMap((keepOut): readonly Finding[] => {
    const { compartment, name, y, z, height, room = ZERO } = keepOut;
    const place = casework.front.compartments.find(({ id }) => id === compartment);
    const bank = looked.banks.find((each) => each.compartment === compartment);
    if (!place || !bank) return [];
    const low = place.floor + y - room - place.y;
    const high = low + height + 2 * room;
    const free = nm(Math.max(0, z - room));
    const met = bank.drawers.filter(
      ({ from, to, back }) => from < high && to > low && (back === undefined || back > free),
    );
    if (met.length === 0) return [];
    const backs = met.flatMap(({ back }) => back ?? []);
    return [
      {
        ...said('KEEP_OUT_MET', {
          thing: name,
          places: met.map((drawer) => drawer.place),
          over: backs.length === met.length ? subtract(nm(Math.max(...backs)), free) : undefined,
        }),
        severity: 'stop',
        step: 'case',
        remedies: shorter(looked, met, free),
      },
    ];
  });
}

/** Shelves of its compartment, and what tilts or comes out of it, that stand where it is, with the room it needs. */
export function keepOutsCrossed({ stock, casework, things }: LookedAtCase): readonly Finding[] {
  return (stock.keepOuts ?? []).flatMap((keepOut): readonly Finding[] => {
    const place = casework.front.compartments.find(({ id }) => id === keepOut.compartment);
    if (!place) return [];
    const box = boxOf(keepOut, place);
    const crosses = (body: Body): boolean =>
      AXES.every((axis) => body[axis].from < box[axis].to && body[axis].to > box[axis].from);
    const shelves = casework.bodies.filter((body) => body.node === place.id && crosses(body));
    const others = things.flatMap((thing) =>
      thing.kind !== 'lid' && thing.compartment === place.id ? thing.bodies.filter(crosses) : [],
    );
    const told = (bodies: readonly Body[], severity: 'stop' | 'warn'): readonly Finding[] =>
      [...new Map(bodies.map((body) => [memberName(body), body])).values()].map((body) => ({
        ...said('KEEP_OUT_CROSSED', { thing: keepOut.name, member: memberSaid(body) }),
        ...{ severity, step: 'case', holds: 'nothing' },
      }));
    // Shelves on pins may stand elsewhere; what moves may not.
    return [...told(shelves, 'warn'), ...told(others, 'stop')];
  });
}

const AXES = ['x', 'y', 'z'] as const;
type KeepOut = NonNullable<LookedAtCase['stock']['keepOuts']>[number];

/** Where it is in its case, from the left, the floor and the front. */
function boxOf(
  { x, y, z, width, height, depth, room = ZERO }: KeepOut,
  { left, floor }: { readonly left: Length; readonly floor: Length },
): Readonly<Record<(typeof AXES)[number], { readonly from: number; readonly to: number }>> {
  const around = (from: number, long: number) => ({ from: from - room, to: from + long + room });
  return { x: around(left + x, width), y: around(floor + y, height), z: around(z, depth) };
}

/** As long as what stands behind leaves: what was asked for is taken back, or told. */
function shorter({ exact }: LookedAtCase, met: readonly Drawer[], free: Length): readonly Remedy[] {
  const lengths = met.map(({ slideWithin }) => slideWithin(free));
  if (lengths.includes(undefined)) return [];
  const patches = met.map(({ path }, index): Patch => {
    const length = lengths[index] ?? ZERO;
    return { path: `${path}.slide.length`, value: exact(length) };
  });
  const length = nm(Math.min(...lengths.map((each) => each ?? 0)));
  return [remedy('shorter-drawers', { count: met.length, length }, patches)];
}
