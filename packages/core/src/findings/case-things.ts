import { uprightWays } from '../casework';
import { add, minus, nm, ofField, plus, subtract, tally, type Length, type Tally } from '../length';
import type { Lid, Thing, TiltOut, WorkBoard } from '../pullouts';
import { said, type SaidAs } from '../words';
import { remedy, type Finding, type Remedy } from './finding';
import type { LookedAtCase } from './looked-at-case';

/** A liner is lifted out where so much of the mouth is before the case. Common practice. */
const MOUTH = 0.6;
/** Steeper than this a bin spills. From memory. */
const STEEPEST = 45;

/** What an experienced builder would say of tilt-outs, work boards, lids and uprights. */
export function lookOverThings(looked: LookedAtCase): readonly Finding[] {
  return [...looked.things.flatMap((thing) => ofThing(looked, thing)), ...crowded(looked)];
}

function ofThing(looked: LookedAtCase, thing: Thing): readonly Finding[] {
  if (thing.kind === 'lid') return ofLid(thing);
  return thing.kind === 'tilt-out' ? ofTiltOut(looked, thing) : ofBoard(looked, thing);
}

/** One over a closed top opens nothing, and is not cut; one that nothing keeps open falls on whoever reaches in. */
function ofLid({ id, path, over, stay }: Lid): readonly Finding[] {
  const common = { step: 'case', door: id } as const;
  const shut: readonly Finding[] = over
    ? [{ ...said('LID_SHUT', { thing: id, over }), ...common, severity: 'stop', holds: 'door' }]
    : [];
  const falls: Finding = {
    ...said('LID_FALLS', { thing: id }),
    ...{ ...common, severity: 'warn', holds: 'nothing' },
    remedies: [remedy('put-stay', {}, [{ path: `${path}.stay`, value: true }])],
  };
  return stay ? shut : [...shut, falls];
}

/** Nothing of the thing is cut before it is mended. */
function stop(
  finding: SaidAs<'TILT_FOULS' | 'BIN_TOO_WIDE' | 'SLOT_TOO_LOW' | 'BOARD_TOO_LONG'>,
  because: Tally,
  remedies: readonly Remedy[],
): Finding {
  return { ...finding, severity: 'stop', step: 'case', holds: 'door', door: finding.params.thing, because, remedies };
}

function ofTiltOut(looked: LookedAtCase, tilt: TiltOut): readonly Finding[] {
  return [...risesTooHigh(looked, tilt), ...standsTooDeep(looked, tilt), ...tooWide(looked, tilt), ...mouth(tilt)];
}

function risesTooHigh({ exact }: LookedAtCase, { id, path, rise, most, tallest }: TiltOut): readonly Finding[] {
  if (rise <= most) return [];
  const params = { thing: id, over: subtract(rise, most), against: 'above', tallest } as const;
  const because = tally(plus('rise-of-bin', rise), minus('under-edge', most));
  const lower =
    tallest === undefined
      ? []
      : [remedy('bin-so-high', { height: tallest }, [{ path: `${path}.bin.height`, value: exact(tallest) }])];
  return [stop(said('TILT_FOULS', params), because, lower)];
}

/** Too near the back of the case, or in its own door where that is set in. */
function standsTooDeep(
  { exact }: LookedAtCase,
  { id, path, farEdge, deepest, bin, back, door }: TiltOut,
): readonly Finding[] {
  const inDoor = door.door.mount === 'inset' ? nm(Math.max(0, door.thickness - back)) : nm(0);
  const over = subtract(farEdge.total, deepest);
  const found: Finding[] = [];
  if (over > 0) {
    const depth = nm(bin.depth - over);
    const shallower =
      depth > 0 ? [remedy('bin-so-deep', { depth }, [{ path: `${path}.bin.depth`, value: exact(depth) }])] : [];
    const params = { thing: id, over, against: 'behind', tallest: undefined } as const;
    found.push(stop(said('TILT_FOULS', params), tally(...farEdge.terms, minus('clear-depth', deepest)), shallower));
  }
  if (inDoor > 0) {
    const params = { thing: id, over: inDoor, against: 'door', tallest: undefined } as const;
    const to = add(back, inDoor);
    const because = tally(
      plus('inset-door', door.thickness),
      minus('behind-hinge-line', back, ofField(`${path}.back`)),
    );
    found.push(
      stop(said('TILT_FOULS', params), because, [
        remedy('bin-back-by', { back: to }, [{ path: `${path}.back`, value: exact(to) }]),
      ]),
    );
  }
  return found;
}

function tooWide({ exact }: LookedAtCase, { id, path, wide, bin }: TiltOut): readonly Finding[] {
  const over = subtract(wide.wants, wide.has);
  if (over <= 0) return [];
  const width = nm(bin.width - over);
  const because = tally(plus('bin-and-room', wide.wants), minus('width-opening', wide.has));
  const narrower =
    width > 0 ? [remedy('bin-so-wide', { width }, [{ path: `${path}.bin.width`, value: exact(width) }])] : [];
  return [stop(said('BIN_TOO_WIDE', { thing: id, over }), because, narrower)];
}

/** So little of the mouth is out that nothing is lifted out of it. */
function mouth({ id, path, mouthOut, bin, back, up, angle }: TiltOut): readonly Finding[] {
  if (mouthOut >= MOUTH) return [];
  const wanted = Math.ceil((Math.atan2(MOUTH * bin.depth + back, up + bin.height) * 180) / Math.PI);
  const wider =
    wanted > angle && wanted <= STEEPEST
      ? [remedy('tilt-to', { angle: wanted }, [{ path: `${path}.angle`, value: wanted }])]
      : [];
  const finding = said('MOUTH_HIDDEN', { thing: id, share: mouthOut });
  return [{ ...finding, severity: 'note', step: 'case', holds: 'nothing', remedies: wider }];
}

function ofBoard(looked: LookedAtCase, board: WorkBoard): readonly Finding[] {
  const { id, path, slot, length } = board;
  const found: Finding[] = [];
  const short = subtract(slot.wants, slot.has);
  if (short > 0)
    found.push(
      stop(
        said('SLOT_TOO_LOW', { thing: id, short }),
        tally(plus('slot-wants', slot.wants), minus('height-opening', slot.has)),
        higher(looked, board),
      ),
    );
  const over = subtract(length.total, slot.depth);
  if (over > 0) {
    const shorter = remedy('board-so-long', { length: slot.depth }, [
      { path: `${path}.length`, value: looked.exact(slot.depth) },
    ]);
    found.push(
      stop(said('BOARD_TOO_LONG', { thing: id, over }), tally(...length.terms, minus('clear-depth', slot.depth)), [
        shorter,
      ]),
    );
  }
  return found;
}

/** Where its compartment is given a size of its own. */
function higher({ casework, exact }: LookedAtCase, { compartment, slot }: WorkBoard): readonly Remedy[] {
  const place = casework.front.compartments.find(({ id }) => id === compartment);
  if (!place) return [];
  return [
    remedy('slot-so-high', { height: slot.wants }, [
      ...['share', 'fit'].map((field) => ({ path: `${place.path}.${field}`, value: undefined })),
      { path: `${place.path}.size`, value: exact(slot.wants) },
    ]),
  ];
}

function crowded({ casework, stock, path }: LookedAtCase): readonly Finding[] {
  return (stock.uprights ?? []).flatMap((uprights, index): readonly Finding[] => {
    const place = casework.front.compartments.find(({ id }) => id === uprights.compartment);
    if (!place || uprightWays(stock, uprights, place).length > 0) return [];
    const thick: Length = stock.materials.find(({ id }) => id === uprights.material)?.thickness ?? nm(1);
    const count = Math.max(1, Math.floor((place.right - place.left) / (2 * thick)) - 1);
    const fewer = remedy('fewer-uprights', { count }, [{ path: `${path}.uprights[${index}].count`, value: count }]);
    const finding = said('UPRIGHTS_CROWDED', { node: place.id, count: uprights.count });
    return [{ ...finding, severity: 'stop', step: 'case', remedies: count < uprights.count ? [fewer] : [] }];
  });
}
