import { BOTTOMS, type BoxStock, type Part, type Role } from '../box';
import { CORNERS, type Corner, type Joint, type LaidFixing, type Material } from '../job';
import { nm, share, type Length, type Unit } from '../length';
import { ACROSS, pocketInFromEnd, type FixingMark } from './marks';
import { brad, FIXING_ROWS, GLUED, isHard, longOf, spaced } from './rules';

/** A drawer as what holds it needs it. */
export interface HeldBox {
  readonly unit: Unit;
  readonly stock: BoxStock;
  readonly parts: readonly Part[];
  /** The drawer front where it is the box's own: what it is of, how wide the box is, and where its lower left corner lies on it. */
  readonly face?: BoxFace;
}

export interface BoxFace {
  readonly wood: Material;
  readonly width: Length;
  readonly x: Length;
  readonly y: Length;
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

/** Glue alone on a butt end holds nothing: it is screwed besides. Common practice. */
const OF_JOINT: Readonly<Partial<Record<Joint, LaidFixing>>> = {
  'butt-sides-run': 'screw',
  'butt-ends-run': 'screw',
  'pocket-screw': 'pocket-screw',
};

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

/**
 * The part it goes through, and the one it enters: a side that covers the end, or an end that covers the sides, as a drawer
 * front does that is the box's own. A pocket stands in the part that butts.
 */
function throughAt(joint: Joint, kind: LaidFixing, end: CornerAt['end']): readonly [on: Role, into: Role] {
  const covers = end === 'drawer-front' || (CORNERS[joint].reach.sides === 1 && joint !== 'mitre');
  const butts = end === 'drawer-front' ? 'side' : end;
  if (kind === 'pocket-screw') return butts === 'side' ? ['side', end] : [end, 'side'];
  return covers ? [end, 'side'] : ['side', end];
}

interface CornerAt {
  readonly at: 'front' | 'back';
  readonly end: 'box-front' | 'back' | 'drawer-front';
  readonly corner: Corner;
  readonly side: Sized;
  readonly board: Sized;
  /** What the end is of. */
  readonly wood: Material;
  readonly face: BoxFace | undefined;
}

function cornerOf(held: HeldBox, at: 'front' | 'back'): readonly BoxFixing[] {
  const { stock } = held;
  const first = stock.faced ? 'drawer-front' : 'box-front';
  const end = at === 'front' ? first : 'back';
  const corner = at === 'front' ? stock.frontCorner : stock.backCorner;
  const [side, board] = [partOf(held, 'side'), partOf(held, end)];
  if (!side || !board) return [];
  const face = end === 'drawer-front' ? held.face : undefined;
  const wood = face?.wood ?? (at === 'front' ? stock.ends : stock.back);
  return [fixedCorner(held, { at, end, corner, side, board, wood, face })];
}

function fixedCorner({ stock, unit }: HeldBox, here: CornerAt): BoxFixing {
  const { end, side, board, face } = here;
  const { joint } = here.corner;
  const kind = kindOf(joint, stock.box.fixing);
  const common = { kind, one: end, other: 'side', joints: 2 } as const;
  if (kind === 'glue') return { ...common, count: 0, glue: true, marks: [] };
  const [on, into] = throughAt(joint, kind, end);
  const { places, glue } = spaced(nm(Math.min(side.width.total, board.width.total)), FIXING_ROWS[kind]);
  const wood = into === 'side' ? stock.sides : here.wood;
  const entered = wood.kind === 'solid' ? 'end-grain' : 'edge';
  const long = longOf(kind, on === 'side' ? side.thickness : board.thickness, entered, unit);
  return {
    ...{ ...common, count: 2 * places.length, on },
    glue: glue || GLUED.has(kind) || (kind === 'screw' && OF_JOINT[joint] === 'screw'),
    ...(long === undefined ? {} : { long }),
    ...(kind === 'pocket-screw' ? { thread: isHard(wood) ? 'fine' : 'coarse' } : {}),
    marks: placesAlong(here, kind, on).flatMap((along) =>
      places.map((up) => ({
        kind,
        along,
        in: on === 'drawer-front' ? nm(up + (face?.y ?? 0)) : up,
        across: ACROSS[kind],
      })),
    ),
  };
}

/** Where along the part they go through: in the middle of what they enter; a pocket so far from the end it stands in. */
function placesAlong(here: CornerAt, kind: LaidFixing, on: Role): readonly Length[] {
  const { at, end, corner, side, board, face } = here;
  const half = share(side.thickness, 2);
  if (on === 'drawer-front') return face ? [nm(face.x + half), nm(face.x + face.width - half)] : [];
  if (on !== 'side') {
    const inFrom = kind === 'pocket-screw' ? pocketInFromEnd(board.thickness) : half;
    return [inFrom, nm(board.length.total - inFrom)];
  }
  const pocket = kind === 'pocket-screw' && end === 'drawer-front';
  const inFrom = pocket ? pocketInFromEnd(side.thickness) : nm(share(board.thickness, 2) + (corner.short ?? 0));
  return [at === 'front' ? inFrom : nm(side.length.total - inFrom)];
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
