import type { CaseworkPlan } from '../casework';
import type { DoorPlan, Hand, Leaf } from '../doors';
import { add, millimetres, nm, ofField, plus, minus, tally, ZERO, type Length, type Term } from '../length';
import { said } from '../words';
import { remedy, type Finding } from './finding';
import type { LookedAtCase, LookedAtTray, LookedAtTrays } from './looked-at-case';

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
    if (door && place) found.push(...fouls(looked, trays, door, place.y), ...hits(trays, door));
    return found.map((finding) => [trays.path, finding] as const);
  });
}

/** The door that closes a bank: the one it is told to stand behind, or one over its compartment. */
export function doorBefore(
  doors: readonly DoorPlan[],
  { front }: Pick<CaseworkPlan, 'front'>,
  { compartment, behind }: { readonly compartment?: string | undefined; readonly behind?: string | undefined },
): DoorPlan | undefined {
  const place = front.compartments.find(({ id }) => id === compartment);
  return doors.find(({ id, door: { over } }) => (behind === undefined ? place?.within.includes(over) : id === behind));
}

/** Slides that stand on a floor under the edge of the frame, with nothing to raise them over it. */
function lips(
  { trays }: LookedAtTrays,
  place: { readonly y: Length; readonly floor: Length } | undefined,
): readonly Finding[] {
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
  readonly tray: LookedAtTray;
  readonly hinge: number;
  readonly clear: number;
}

/** Each hinged side with what comes within the zones of its hinges. */
function fouls(looked: LookedAtCase, trays: LookedAtTrays, door: DoorPlan, floor: Length): readonly Finding[] {
  return door.leaves.flatMap((leaf) => {
    const zones = zonesOf(door, leaf, floor);
    const met = trays.trays.flatMap((tray) =>
      zones.flatMap((zone, hinge): readonly Met[] => {
        const clear = clearOf(tray, zone, leaf.hinged);
        const stands = standsIn(leaf);
        return stands > 0 && clear < add(stands, CLEAR) ? [{ tray, hinge, clear }] : [];
      }),
    );
    return foul(looked, trays, { door, leaf }, met);
  });
}

function foul(
  looked: LookedAtCase,
  trays: LookedAtTrays,
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

/** As it hangs, where that was measured. */
function standsIn({ asHung, protrusion }: Leaf): Length {
  return asHung?.hinge?.length ?? protrusion;
}

function packedBy({ path, pack, packed }: LookedAtTrays, side: Hand): Term {
  const made = packed[side];
  const by = made?.length ?? pack?.[side] ?? ZERO;
  return minus('packing', by, ofField(made?.path ?? `${path}.pack.${side}`));
}

/** What was made and measured is packed anew at the case, and measured again. */
function packRemedies(looked: LookedAtCase, { path, pack, packed }: LookedAtTrays, side: Hand, by: Length) {
  if (packed[side]) return [];
  const value = looked.exact(by);
  const patch = pack ? { path: `${path}.pack.${side}`, value } : { path: `${path}.pack`, value: { [side]: value } };
  return [remedy('pack-by', { by, side }, [patch])];
}

interface Zone {
  readonly from: number;
  readonly to: number;
}

/** Heights over the opening's floor a hinge is in the way at; of one as long as the door the whole of it. */
function zonesOf({ hinge }: DoorPlan, { y, height, hinges }: Leaf, floor: Length): readonly Zone[] {
  const { zone } = hinge;
  if (zone === undefined) return [{ from: y - floor, to: y - floor + height.total }];
  return hinges.map(({ total }) => ({ from: y - floor + total - zone, to: y - floor + total + zone }));
}

const overlaps = (zone: Zone | undefined, { from, to }: Zone): boolean =>
  zone !== undefined && from < zone.to && to > zone.from;

/** How far what of a tray comes within a zone stands from the opening's edge: its slide, its box. */
function clearOf({ slide, box }: LookedAtTray, zone: Zone | undefined, side: Hand): number {
  const clear = [slide, box].flatMap((each) => (each && overlaps(zone, each) ? [each[side]] : []));
  return Math.min(Infinity, ...clear);
}

/** Trays that would come out through a leaf: one that opens less than square, or that was measured in their way. */
function hits({ trays }: LookedAtTrays, door: DoorPlan): readonly Finding[] {
  const angle = (door.opens * Math.PI) / 180;
  return door.leaves.flatMap((leaf): readonly Finding[] => {
    const measured = leaf.asHung?.leaf;
    if (!measured && door.opens >= 90) return [];
    const covers = ({ travel }: LookedAtTray): number => measured?.length ?? inTheWay(leaf, angle, travel);
    const met = trays.filter((tray) => tray.edges[leaf.hinged] < covers(tray));
    if (met.length === 0) return [];
    const by = nm(Math.round(Math.max(...met.map((tray) => covers(tray) - tray.edges[leaf.hinged]))));
    const places = met.map(({ place }) => place);
    const params = {
      door: door.id,
      places,
      side: leaf.hinged,
      opens: door.opens,
      by,
      measured: measured !== undefined,
    };
    const because = measured && tally(plus('leaf-stands-in', measured.length, ofField(measured.path)));
    const finding = { ...said('TRAY_HITS_DOOR', params), severity: 'stop', step: 'case' } as const;
    return [{ ...finding, ...(because ? { because } : {}), remedies: measured ? [] : opened(door) }];
  });
}

function opened({ path, hinge }: DoorPlan) {
  return hinge.opens >= 90
    ? [remedy('opens-to', { angle: hinge.opens }, [{ path: `${path}.opens`, value: hinge.opens }])]
    : [];
}

/** How much of the way a leaf covers where a tray comes past it. */
function inTheWay({ width }: Leaf, angle: number, travel: Length): number {
  return Math.min(travel, width.total * Math.sin(angle)) / Math.tan(angle);
}
