import { type CaseworkPlan, type Member, type MemberCut } from '../casework';
import type { HungReading, Material, WrittenJob } from '../job';
import {
  inches,
  millimetres,
  minus,
  negated,
  nm,
  ofField,
  plus,
  share,
  subtract,
  tally,
  ZERO,
  type Length,
  type Tally,
  type Unit,
} from '../length';
import { moistureRise, weightOf } from '../timber';
import type { DoorPiece, DoorPlan, Hung, Leaf } from './door';
import type { Door, Hand } from './written';
import { doorOpening, topOf, type DoorOpening } from './door-opening';
import type { Hinge } from './hinge';
import {
  asTried,
  carriedBy,
  cupLine,
  cupSetting,
  hingePlaces,
  hingesWanted,
  protrusionOf,
  takenOnWall,
} from './hinging';
import { doorLap, leavesOf, type LeafSize } from './leaf';
import { panelPlay } from './panel-play';
import { piecesOf } from './pieces';
import { hingeTable, usualHinge } from './table';

/** What the doors of a case are worked out from. */
export interface DoorStock {
  readonly job: Pick<WrittenJob, 'unit' | 'materials' | 'hinges' | 'climate'>;
  readonly casework: CaseworkPlan;
  readonly doors: readonly Door[];
  readonly framed: boolean;
  /** The path of its case. */
  readonly path: string;
  /** Where an edge of a drawer's front lies over the case's floor; nothing where it has no place. */
  readonly lineOf?: (drawer: string, edge: 'top' | 'bottom') => Length | undefined;
  /** What was measured at them as they hang. */
  readonly asHung?: readonly HungReading[] | undefined;
  /** Its floor above the room's. */
  readonly raised: Length;
}

/** Common practice: a pull's middle in from the edges, and the height over the floor a door's middle is a wall door's from. */
const PULL_IN: Readonly<Record<Unit, Length>> = { in: inches(3, 2), mm: millimetres(40) };
const PULL_BORE = millimetres(5);
const WALL_DOOR = millimetres(1200);

/**
 * Every door of a case: leaves, pieces, hinges. Pure, and bound by leaves, hinges and lights. A door over a node whose size
 * does not come out is left away: the case says why.
 */
export function planDoors(stock: DoorStock): readonly DoorPlan[] {
  const table = hingeTable(stock.job);
  return stock.doors.flatMap((written, index) => {
    const path = `${stock.path}.doors[${index}]`;
    const opening = doorOpening(stock.casework, written, path);
    const door = opening ? lined(stock, written, opening) : written;
    const wood = stock.job.materials.find(({ id }) => id === door.material);
    const hinge = table.get(door.hinge?.family ?? usualHinge(door.mount, stock.framed));
    return opening && wood && hinge
      ? [planDoor(stock, { door, path, opening, wood, hinge: asTried(hinge, door) })]
      : [];
  });
}

/** Its upper or lower edge level with a drawer's: it laps its opening by as much as that takes. */
function lined({ lineOf }: DoorStock, door: Door, opening: DoorOpening): Door {
  const sign = door.mount === 'overlay' ? 1 : -1;
  const at = (edge: 'top' | 'bottom'): Length | undefined => {
    const line = door.lines?.[edge];
    return line === undefined ? undefined : lineOf?.(line, edge);
  };
  const [top, bottom] = [at('top'), at('bottom')];
  return {
    ...door,
    ...(top === undefined ? {} : { top: nm(sign * (top - topOf(opening))) }),
    ...(bottom === undefined ? {} : { bottom: nm(sign * (opening.y - bottom)) }),
  };
}

/** A door by itself, over an opening of its own: hung on what it says, at a path of its own. Nothing where it has no opening. */
export function planDoorAt(stock: DoorStock, door: Door, path: string): DoorPlan | undefined {
  const opening = doorOpening(stock.casework, door, path);
  const wood = stock.job.materials.find(({ id }) => id === door.material);
  const hinge = hingeTable(stock.job).get(door.hinge?.family ?? 'piano');
  return opening && wood && hinge && planDoor(stock, { door, path, opening, wood, hinge });
}

interface Found {
  readonly door: Door;
  readonly path: string;
  readonly opening: DoorOpening;
  readonly wood: Material;
  readonly hinge: Hinge;
}

function planDoor(stock: DoorStock, found: Found): DoorPlan {
  const { door, path, opening, wood, hinge } = found;
  const { materials } = stock.job;
  const panel = materials.find(({ id }) => id === door.frame?.panel);
  const sizes = leavesOf(door, opening, path);
  const air = { unit: stock.job.unit, rise: moistureRise(stock.job.climate) };
  const play = panelPlay(door, panel, sizes[0]?.width.total ?? ZERO, air);
  const bare = sizes.map((size, leaf) => piecesOf({ door, path, leaf, size, wood, panel, play }));
  const leaves = sizes.map((size, leaf) => hung(stock, found, size, leaf, weightOfAll(bare[leaf] ?? [], materials)));
  const pieces = bare.flatMap((all, leaf) =>
    all.map((piece): DoorPiece => ({ ...piece, cuts: boredInto(piece, leaves[leaf], hinge) })),
  );
  return {
    ...{ id: door.id, path, door, hinge, thickness: wood.thickness, play, opening, leaves, pieces },
    members: together(pieces.map(({ member }) => member)),
    opens: door.opens ?? hinge.opens,
  };
}

function weightOfAll(pieces: readonly Pick<DoorPiece, 'member'>[], materials: readonly Material[]): number {
  return pieces.reduce((sum, { member: { material: id, length, width, thickness } }) => {
    const material = materials.find((each) => each.id === id);
    return material ? sum + weightOf(material, length.total, width.total, thickness) : sum;
  }, 0);
}

/** The side a leaf is hinged on: of a pair each on its own, of one as it is told. */
function handOf({ leaves, hinge }: Door, leaf: number): Hand {
  if (leaves === 2) return leaf === 0 ? 'left' : 'right';
  return hinge?.side ?? 'left';
}

function hung(stock: DoorStock, found: Found, size: LeafSize, leaf: number, weight: number): Leaf {
  const { door, path, opening, hinge } = found;
  const hinged = handOf(door, leaf);
  const { width, height } = size;
  const y = nm(opening.y - doorLap(door, 'bottom'));
  const right = nm(opening.x + opening.width.total + doorLap(door, 'right'));
  const x = leaf === 0 ? nm(opening.x - doorLap(door, 'left')) : subtract(right, width.total);
  const cup = cupSetting(door, hinge, hinged, path);
  const needed = hingesWanted(hinge, width.total, height.total, weight);
  const count = door.hinge?.count ?? needed;
  const { zone } = hinge;
  const taken = takenOnWall(stock.casework.bodies, hinged, opening[hinged]);
  const places = zone === undefined ? [] : hingePlaces(count, height, { at: y, zone, taken, unit: stock.job.unit });
  const pull = pullOn(stock, door, path, { hinged, y, size });
  return {
    ...{ hinged, x, y, width, height, weight_kg: weight, hinges: places, needed },
    carries_kg: carriedBy(count, hinge, width.total),
    ...(cup ? { cup } : {}),
    protrusion: protrusionOf(hinge, cup?.plate ?? ZERO),
    ...(pull ? { pull } : {}),
    ...hungAs(stock.asHung ?? [], door.id, hinged),
  };
}

function hungAs(readings: readonly HungReading[], door: string, hand: Hand): Pick<Leaf, 'asHung'> {
  const own = readings.filter((each) => each.door === door && each.hand === hand);
  if (own.length === 0) return {};
  const of = (wanted: HungReading['what']): Hung | undefined => own.find(({ what }) => what === wanted);
  const [hinge, leaf] = [of('hinge'), of('leaf')];
  const heights: Hung[] = [];
  for (const reading of own) if (reading.hinge !== undefined) heights[reading.hinge - 1] = reading;
  return {
    asHung: { ...(hinge ? { hinge } : {}), ...(leaf ? { leaf } : {}), ...(heights.length > 0 ? { heights } : {}) },
  };
}

/** On the opening side; of a door near the floor so far below its top, of one on the wall above its bottom. */
function pullOn(
  stock: DoorStock,
  door: Door,
  path: string,
  { hinged, y, size }: { readonly hinged: Hand; readonly y: Length; readonly size: LeafSize },
): Leaf['pull'] {
  if (!door.pull) return undefined;
  const by = door.pull.fromEdge ?? PULL_IN[stock.job.unit];
  const from = ofField(`${path}.pull.fromEdge`);
  const middle = stock.raised + y + share(size.height.total, 2);
  const inwards = tally(plus('from-edge', by, from));
  return {
    x: hinged === 'right' ? inwards : tally(plus('width-leaf', size.width.total), minus('from-edge', by, from)),
    y: middle > WALL_DOOR ? inwards : tally(plus('height-leaf', size.height.total), minus('from-edge', by, from)),
  };
}

/** Cups on the back along the hinged edge, and the pull through: in the piece they lie on. */
function boredInto(
  { member, x, y }: Pick<DoorPiece, 'member' | 'x' | 'y'>,
  leaf: Leaf | undefined,
  hinge: Hinge,
): readonly MemberCut[] {
  if (!leaf) return [];
  const { bore } = hinge;
  const line = leaf.cup && cupLine(leaf.cup, hinge);
  const across = leaf.hinged === 'left' ? line : line && fromLeft(leaf.width, line);
  const cups = bore && across ? leaf.hinges.map((up) => ({ kind: 'cup', bore, across, up }) as const) : [];
  const pulls = leaf.pull ? [{ kind: 'pull', across: leaf.pull.x, up: leaf.pull.y } as const] : [];
  const upright = UPRIGHT_PIECES.has(member.role);
  const [wide, high] = upright ? [member.width, member.length] : [member.length, member.width];
  return [...cups, ...pulls].flatMap((each): readonly MemberCut[] => {
    const [from, up] = [subtract(each.across.total, x), subtract(each.up.total, y)];
    if (from < 0 || from > wide.total || up < 0 || up > high.total) return [];
    const [inwards, along] = [tally(...each.across.terms, less(x)), tally(...each.up.terms, less(y))];
    const size = tally(plus('across-bore', each.kind === 'cup' ? each.bore.diameter : PULL_BORE));
    return [
      {
        ...{ kind: each.kind, face: 'back', length: size, width: size },
        ...(upright ? { along, in: inwards } : { along: inwards, in: along }),
        ...(each.kind === 'cup' ? { depth: tally(plus('bore', each.bore.depth)) } : {}),
      },
    ];
  });
}

/** Pieces whose length is a height. */
const UPRIGHT_PIECES: ReadonlySet<Member['role']> = new Set<Member['role']>([
  ...(['door', 'door-panel', 'door-stile', 'door-middle-stile'] as const),
]);

const less = (by: Length) => (by === 0 ? undefined : minus('edge-of-member', by));

function fromLeft(width: Tally, line: Tally): Tally {
  return tally(plus('width-leaf', width.total), ...negated(line));
}

/** Rows of pieces alike, in the order they come. */
function together(members: readonly Member[]): readonly Member[] {
  const rows = new Map<string, Member>();
  for (const member of members) {
    const { role, length, width } = member;
    const key = `${role} ${length.total} ${width.total}`;
    const known = rows.get(key);
    rows.set(key, known ? { ...known, count: known.count + 1 } : member);
  }
  return [...rows.values()];
}
