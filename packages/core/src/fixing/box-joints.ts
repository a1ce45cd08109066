import { BOTTOMS, type BoxStock, type Part, type Role } from '../box';
import { CORNERS, type Corner, type Joint, type LaidFixing, type Material } from '../job';
import { nm, share, type Length, type Unit } from '../length';
import { densityOf } from '../timber';
import { ACROSS, pocketInFromEnd, type FixingMark } from './marks';
import { brad, connectorScrew, FIXING_ROWS, pocketScrew, spaced, woodScrew, type Entered } from './rules';

/** A drawer as what holds it needs it. */
export interface HeldBox {
  readonly unit: Unit;
  readonly stock: BoxStock;
  readonly parts: readonly Part[];
}

/** What holds a kind of joint of a box. */
export interface BoxFixing {
  readonly kind: LaidFixing;
  readonly one: Role;
  readonly other: Role;
  readonly joints: number;
  /** In all its joints. */
  readonly count: number;
  readonly glue: boolean;
  readonly long?: Length;
  readonly thread?: 'coarse' | 'fine';
  /** The part it is set from, and where: the same on every part of that kind. */
  readonly on?: Role;
  readonly marks: readonly FixingMark[];
}

/** Glue alone on a butt end holds nothing: it is screwed besides, common practice. A heavier wood is hard to a screw. */
const OF_JOINT: Readonly<Partial<Record<Joint, LaidFixing>>> = {
  'butt-sides-run': 'screw',
  'butt-ends-run': 'screw',
  'pocket-screw': 'pocket-screw',
};
const HARD = 550;
const GLUED: ReadonlySet<LaidFixing> = new Set(['brad', 'dowel', 'loose-tenon', 'biscuit']);

/** What holds the corners and the bottom of a box; bound by its parts. */
export function boxJoints(held: HeldBox): readonly BoxFixing[] {
  return [...cornerOf(held, 'front'), ...cornerOf(held, 'back'), ...bottomOf(held)];
}

type Sized = Part & { readonly length: NonNullable<Part['length']>; readonly width: NonNullable<Part['width']> };

function partOf({ parts }: HeldBox, role: Role): Sized | undefined {
  const part = parts.find((each) => each.role === role);
  return part?.length && part.width ? (part as Sized) : undefined;
}

/** What is told, or what goes with the joint. */
function kindOf(joint: Joint, told: LaidFixing | undefined): LaidFixing {
  const usual = OF_JOINT[joint];
  return told === undefined || (told === 'glue' && usual !== undefined) ? (usual ?? 'glue') : told;
}

/** The part it goes through, and the one it enters: a side that covers the end, or an end that covers the sides. */
function throughAt(joint: Joint, kind: LaidFixing, end: Role): readonly [on: Role, into: Role] {
  const covers = CORNERS[joint].reach.sides === 1 && joint !== 'mitre';
  return covers || kind === 'pocket-screw' ? [end, 'side'] : ['side', end];
}

interface CornerAt {
  readonly at: 'front' | 'back';
  readonly end: 'box-front' | 'back';
  readonly corner: Corner;
  readonly side: Sized;
  readonly board: Sized;
}

function cornerOf(held: HeldBox, at: 'front' | 'back'): readonly BoxFixing[] {
  const { stock } = held;
  // The drawer front itself is screwed on where it is the box's own: what holds it stands with the front.
  if (at === 'front' && stock.faced) return [];
  const end = at === 'front' ? 'box-front' : 'back';
  const corner = at === 'front' ? stock.frontCorner : stock.backCorner;
  const [side, board] = [partOf(held, 'side'), partOf(held, end)];
  return side && board ? [fixedCorner(held, { at, end, corner, side, board })] : [];
}

function fixedCorner({ stock, unit }: HeldBox, here: CornerAt): BoxFixing {
  const { at, end, side, board } = here;
  const { joint } = here.corner;
  const kind = kindOf(joint, stock.box.fixing);
  const common = { kind, one: end, other: 'side', joints: 2 } as const;
  if (kind === 'glue') return { ...common, count: 0, glue: true, marks: [] };
  const [on, into] = throughAt(joint, kind, end);
  const { places, glue } = spaced(nm(Math.min(side.width.total, board.width.total)), FIXING_ROWS[kind]);
  const wood = into === 'side' ? stock.sides : endWood(stock, at);
  const long = longOf(kind, on === 'side' ? side.thickness : board.thickness, wood, unit);
  return {
    ...{ ...common, count: 2 * places.length, on },
    glue: glue || GLUED.has(kind) || (kind === 'screw' && OF_JOINT[joint] === 'screw'),
    ...(long === undefined ? {} : { long }),
    ...(kind === 'pocket-screw' ? { thread: isHard(wood) ? 'fine' : 'coarse' } : {}),
    marks: placesAlong(here, kind, on).flatMap((along) =>
      places.map((up) => ({ kind, along, in: up, across: ACROSS[kind] })),
    ),
  };
}

/** Where along the part they go through: in the middle of what they enter; a pocket so far from the end it stands in. */
function placesAlong({ at, corner, side, board }: CornerAt, kind: LaidFixing, on: Role): readonly Length[] {
  if (on !== 'side') {
    const inFrom = kind === 'pocket-screw' ? pocketInFromEnd(board.thickness) : share(side.thickness, 2);
    return [inFrom, nm(board.length.total - inFrom)];
  }
  const inFrom = nm(share(board.thickness, 2) + (corner.short ?? 0));
  return [at === 'front' ? inFrom : nm(side.length.total - inFrom)];
}

function endWood({ ends, back }: BoxStock, at: 'front' | 'back'): Material {
  return at === 'front' ? ends : back;
}

function longOf(kind: LaidFixing, first: Length, into: Material, unit: Unit): Length | undefined {
  const entered: Entered = into.kind === 'solid' ? 'end-grain' : 'edge';
  if (kind === 'pocket-screw') return pocketScrew(first, unit);
  if (kind === 'connector-screw') return connectorScrew(first, unit);
  if (kind === 'screw') return woodScrew(first, entered, unit);
  return kind === 'brad' ? brad(first, entered, unit) : undefined;
}

function isHard(wood: Material): boolean {
  return wood.kind === 'solid' && densityOf(wood) >= HARD;
}

/** Brads on all edges of a bottom that is applied below; one in grooves is only let in. */
function bottomOf(held: HeldBox): readonly BoxFixing[] {
  const { stock, unit } = held;
  const bottom = partOf(held, 'bottom');
  if (!bottom || !BOTTOMS[stock.box.bottomFit].onOutside || stock.box.muntin) return [];
  const long = brad(bottom.thickness, 'edge', unit);
  const edges = [
    { other: 'side', wood: stock.sides, joints: 2, ends: ['low', 'high'] },
    ...(stock.faced ? [] : [{ other: 'box-front', wood: stock.ends, joints: 1, ends: ['front'] } as const]),
    { other: 'back', wood: stock.back, joints: 1, ends: ['back'] },
  ] as const;
  const [across, deep] = [bottom.length.total, bottom.width.total];
  return edges.map(({ other, wood, joints, ends }): BoxFixing => {
    const half = share(wood.thickness, 2);
    const runs = other === 'side' ? deep : across;
    const { places } = spaced(runs, FIXING_ROWS.brad);
    const at = (place: Length, end: (typeof ends)[number]): Pick<FixingMark, 'along' | 'in'> => {
      if (end === 'low') return { along: half, in: place };
      if (end === 'high') return { along: nm(across - half), in: place };
      return { along: place, in: end === 'front' ? half : nm(deep - half) };
    };
    return {
      ...{ kind: 'brad', one: 'bottom', other, joints, count: joints * places.length, glue: true, on: 'bottom' },
      ...(long === undefined ? {} : { long }),
      marks: ends.flatMap((end) =>
        places.map((place): FixingMark => ({ kind: 'brad', ...at(place, end), across: ACROSS.brad })),
      ),
    };
  });
}
