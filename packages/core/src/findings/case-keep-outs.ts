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
