import type { DoorPlan, Hand, Leaf } from '../doors';
import { add, millimetres, nm, ofField, plus, minus, tally, ZERO, type Length, type Term } from '../length';
import { clearIn, doorBefore, leafBefore, standsIn, zonesOf, type Tray, type Trays } from '../pullouts';
import { said } from '../words';
import { remedy, type Finding, type Remedy } from './finding';
import type { LookedAtCase } from './looked-at-case';

/** Common practice: a slide keeps so far from a hinge, and farther from one whose sheet nobody has in hand. */
const CLEAR = millimetres(3);
const CLEAR_UNSEEN = millimetres(5);
/** A floor may lie so far under the frame's edge. */
const LIP = millimetres(1);

/** What doors and face frames do to the trays behind them; each with the path of its bank. */
export function lookOverTrays(looked: LookedAtCase): readonly (readonly [bank: string, finding: Finding])[] {
  return looked.trays.flatMap((trays) => {
    const place = looked.casework.front.compartments.find(({ id }) => id === trays.compartment);
    const door = doorBefore(looked.doors, looked.casework, trays);
    const found = [...lips(trays, place)];
    if (door && place) found.push(...fouls(looked, trays, door, place.y), ...hits(looked, trays, door));
    return found.map((finding) => [trays.path, finding] as const);
  });
}

/** Slides that stand on a floor under the edge of the frame, with nothing to raise them over it. */
function lips({ trays }: Trays, place: { readonly y: Length; readonly floor: Length } | undefined): readonly Finding[] {
  const lowest = trays.at(-1);
  if (!place || !lowest?.onFloor || lowest.byHand) return [];
  const under = nm(place.y - place.floor);
  if (under <= LIP) return [];
  const because = tally(plus('edge-of-frame', place.y), minus('floor-of-case', place.floor));
  return [
    {
      ...said('LIP', { place: lowest.place, under }),
      severity: 'stop',
      step: 'case',
      because,
      remedies: [remedy('raise-over-lip', { by: under }, [{ path: `${lowest.path}.y`, value: '0 mm' }])],
    },
  ];
}

interface Met {
  readonly tray: Tray;
  readonly hinge: number;
  readonly clear: number;
}

/** Each hinged side with what comes within the zones of its hinges. */
function fouls(looked: LookedAtCase, trays: Trays, door: DoorPlan, floor: Length): readonly Finding[] {
  return door.leaves.flatMap((leaf) => {
    const zones = zonesOf(door, leaf, floor);
    const met = trays.trays.flatMap((tray) =>
      zones.flatMap((zone, hinge): readonly Met[] => {
        const clear = clearIn(tray, zone, leaf.hinged);
        const stands = standsIn(leaf);
        return stands > 0 && clear < add(stands, CLEAR) ? [{ tray, hinge, clear }] : [];
      }),
    );
    return foul(looked, trays, { door, leaf }, met);
  });
}

function foul(
  looked: LookedAtCase,
  trays: Trays,
  { door, leaf }: { readonly door: DoorPlan; readonly leaf: Leaf },
  met: readonly Met[],
): readonly Finding[] {
  const [first] = met;
  if (!first) return [];
  const { hinged: side, asHung } = leaf;
  const protrusion = standsIn(leaf);
  const clear = nm(Math.min(...met.map((each) => each.clear)));
  const inHand =
    asHung?.hinge !== undefined ||
    door.door.trial !== undefined ||
    door.hinge.origin === 'own' ||
    looked.owner.gates?.hinges !== undefined;
  const pack = add(protrusion, inHand ? CLEAR : CLEAR_UNSEEN);
  const places = [...new Set(met.map(({ tray }) => tray.place))];
  const params = { door: door.id, side, hinge: first.hinge + 1, places, slide: first.tray.called };
  const because = tally(
    plus('hinge-stands-in', protrusion, asHung?.hinge && ofField(asHung.hinge.path)),
    packedBy(trays, side),
  );
  return [
    {
      ...said('HINGE_FOULS', { ...params, clear, protrusion, pack }),
      severity: clear < protrusion ? 'stop' : 'warn',
      step: 'case',
      because,
      remedies: packRemedies(looked, trays, side, pack),
    },
  ];
}

function packedBy({ path, pack, packed }: Trays, side: Hand): Term {
  const made = packed[side];
  const by = made?.length ?? pack?.[side] ?? ZERO;
  return minus('packing', by, ofField(made?.path ?? `${path}.pack.${side}`));
}

/** What was made and measured is packed anew at the case, and measured again. */
function packRemedies(looked: LookedAtCase, { path, pack, packed }: Trays, side: Hand, by: Length) {
  if (packed[side]) return [];
  const value = looked.exact(by);
  const patch = pack ? { path: `${path}.pack.${side}`, value } : { path: `${path}.pack`, value: { [side]: value } };
  return [remedy('pack-by', { by, side }, [patch])];
}

/** Trays that would come out through a leaf, open as far as it goes or as it was measured. */
function hits(looked: LookedAtCase, trays: Trays, door: DoorPlan): readonly Finding[] {
  return door.leaves.flatMap((leaf): readonly Finding[] => {
    const measured = leaf.asHung?.leaf;
    const before = measured?.length ?? leafBefore(door, leaf, door.opens);
    const met = trays.trays.filter((tray) => tray.edges[leaf.hinged] < before);
    if (met.length === 0) return [];
    const by = nm(Math.max(...met.map((tray) => before - tray.edges[leaf.hinged])));
    const params = {
      ...{ door: door.id, places: met.map(({ place }) => place), side: leaf.hinged, opens: door.opens, by },
      measured: measured !== undefined,
    };
    const because = tally(
      plus('leaf-stands-in', before, measured && ofField(measured.path)),
      minus('edge-of-tray', nm(before - by)),
    );
    const finding = { ...said('TRAY_HITS_DOOR', params), severity: 'stop', step: 'case', because } as const;
    return [{ ...finding, remedies: clearing(looked, trays, { door, leaf }, by) }];
  });
}

/** A door that opens wider, where that leaves the way free; else packing, unless it was made. */
function clearing(
  looked: LookedAtCase,
  trays: Trays,
  { door, leaf }: { readonly door: DoorPlan; readonly leaf: Leaf },
  by: Length,
): readonly Remedy[] {
  const wide = nm(leafBefore(door, leaf, door.hinge.opens));
  const free = trays.trays.every((tray) => tray.edges[leaf.hinged] >= wide);
  const wider = leaf.asHung?.leaf === undefined && free ? opened(door) : [];
  const packed = add(trays.pack?.[leaf.hinged] ?? ZERO, by);
  return [...wider, ...packRemedies(looked, trays, leaf.hinged, packed)];
}

function opened({ path, hinge, opens }: DoorPlan): readonly Remedy[] {
  return hinge.opens > opens
    ? [remedy('opens-to', { angle: hinge.opens }, [{ path: `${path}.opens`, value: hinge.opens }])]
    : [];
}
