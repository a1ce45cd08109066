import type { PartCut } from '../box';
import { BORED, type MemberCut, type MemberFace } from '../casework';
import type { FixingMark } from '../fixing';
import type { Bore } from '../fronts';
import { inMillimetres, ZERO, type Tally } from '../length';
import { said, type Words } from '../words';
import type { Drawing, Shape } from './shapes';

/** A part with what is worked into it. */
export interface WorkedPart {
  readonly name: string;
  readonly length: Tally;
  readonly width: Tally;
  /** Its length stands up. */
  readonly upright?: true;
  readonly machining: readonly Omit<PartCut, 'role'>[];
  readonly bores: readonly Bore[];
  /** Of a part of a case. */
  readonly cuts?: readonly MemberCut[];
  readonly fixings?: readonly FixingMark[];
  readonly seen?: MemberFace;
}

/** Between two parts drawn one above the other, and the letters of their names, in millimetres. */
const APART = 60;
const LETTERS = 12;
/** A bore a pull's machine screw goes through; common practice. */
const PULL_BORE = 5;

/**
 * A part as it is worked: seen on the face that is worked, its length along (a front whose grain runs up stands) and its
 * lower edge below, front end to the left. A cut whose place only the joint knows is written, not drawn.
 */
export function drawPart(part: WorkedPart, label: string, words: Words): Drawing {
  const [long, wide] = [inMillimetres(part.length.total), inMillimetres(part.width.total)];
  const [width, height] = part.upright ? [wide, long] : [long, wide];
  const bores: readonly Shape[] = part.bores.map(({ x, y }) => ({
    kind: 'circle',
    role: 'bore',
    part: part.name,
    x: inMillimetres(x.total),
    y: inMillimetres(y.total),
    diameter: PULL_BORE,
  }));
  const worked = part.machining.flatMap((cut) =>
    isDrawn(cut) ? (DRAWN[cut.kind]?.(cut, { width, height }) ?? []) : [],
  );
  const notes = part.machining
    .filter((cut) => !isDrawn(cut))
    .map(({ kind, where, sizes }) => {
      const depth = sizes['depth']?.total;
      return words.say(said('cut-noted', { kind: `cut/${kind}`, at: `cut-at/${where}`, depth }));
    });
  const faces = part.seen ? [words.say(said('face-seen', { face: part.seen }))] : [];
  const text = [label, ...faces, ...notes].join('; ');
  return {
    x: 0,
    y: 0,
    width,
    height,
    shapes: [
      { kind: 'box', role: 'part', part: part.name, x: 0, y: 0, width, height },
      ...worked.map((shape) => ({ ...shape, part: part.name })),
      ...memberShapes(part, { width, height }),
      ...fixingShapes(part, { width, height }),
      ...bores,
      { kind: 'words', role: 'name', part: part.name, text, x: width / 2, y: height / 2, height: LETTERS },
    ],
  };
}

/** Parts one above another, the first on top. */
export function drawParts(drawings: readonly Drawing[]): Drawing {
  const height = drawings.reduce((sum, each) => sum + each.height, 0) + APART * Math.max(0, drawings.length - 1);
  let top = height;
  const shapes = drawings.flatMap((each) => {
    top -= each.height;
    const moved = each.shapes.map((shape) => raised(shape, top));
    top -= APART;
    return moved;
  });
  return { x: 0, y: 0, width: Math.max(0, ...drawings.map(({ width }) => width)), height, shapes };
}

function raised(shape: Shape, by: number): Shape {
  if (shape.kind === 'line' || shape.kind === 'measure') return { ...shape, y1: shape.y1 + by, y2: shape.y2 + by };
  if (shape.kind === 'outline') return { ...shape, points: shape.points.map(([x, y]) => [x, y + by] as const) };
  return { ...shape, y: shape.y + by };
}

interface Size {
  readonly width: number;
  readonly height: number;
}

/**
 * What is worked into a part of a case on the face that is seen, and what on the one behind it. Its lower (left) end is on
 * the left; the front edge is below, of a right face's mirror above: the drawing of one hand is the other's mirrored.
 */
function memberShapes({ name, cuts = [], seen }: WorkedPart, { width, height }: Size): readonly Shape[] {
  return cuts.map((cut): Shape => {
    const [length, wide] = [mm(cut.length), mm(cut.width)];
    const flipped = seen === 'left';
    const mirrored = seen === 'lower';
    const x = mirrored ? width - mm(cut.along) - length : mm(cut.along);
    const y = flipped ? height - mm(cut.in) - wide : mm(cut.in);
    const here = cut.depth === undefined || cut.face === seen;
    const far = here ? ({} as const) : ({ far: true } as const);
    // What is bored stands at its centre.
    if (BORED.has(cut.kind))
      return {
        kind: 'circle',
        role: 'bore',
        part: name,
        x,
        y: flipped ? height - mm(cut.in) : y,
        diameter: length,
        ...far,
      };
    if (cut.kind === 'cut-out')
      return {
        kind: 'outline',
        role: 'cut-out',
        part: name,
        points: rounded({ x, y, width: length, height: wide }, cut),
      };
    return { kind: 'box', role: cut.kind as FlatCut, part: name, x, y, width: length, height: wide, ...far };
  });
}

/** What is worked into a face along straight edges. */
type FlatCut = Exclude<MemberCut['kind'], 'pin-hole' | 'cup' | 'plate' | 'pull' | 'cut-out'>;

/** Segments a quarter of a round corner is drawn in. */
const ARC = 8;

/** A rectangle with its corners rounded. */
function rounded(
  { x, y, width, height }: Size & { readonly x: number; readonly y: number },
  { radius = ZERO }: MemberCut,
): readonly (readonly [number, number])[] {
  const r = Math.min(inMillimetres(radius), width / 2, height / 2);
  const corners = [
    [x + width - r, y + height - r],
    [x + r, y + height - r],
    [x + r, y + r],
    [x + width - r, y + r],
  ] as const;
  if (r === 0) return corners;
  return corners.flatMap(([cx, cy], quarter) =>
    Array.from({ length: ARC + 1 }, (_, step) => {
      const angle = ((quarter + step / ARC) * Math.PI) / 2;
      return [cx + r * Math.cos(angle), cy + r * Math.sin(angle)] as const;
    }),
  );
}

/** Where what holds it is set: a circle as wide as what is bored, on the face it is set from. */
function fixingShapes({ name, fixings = [], seen }: WorkedPart, { width, height }: Size): readonly Shape[] {
  return fixings.map(({ kind, face, along, in: inwards, across }): Shape => {
    const [x, y] = [inMillimetres(along), inMillimetres(inwards)];
    const far = face !== undefined && seen !== undefined && face !== seen;
    return {
      ...{ kind: 'circle', role: kind, part: name, diameter: inMillimetres(across) },
      x: seen === 'lower' ? width - x : x,
      y: seen === 'left' ? height - y : y,
      ...(far ? { far: true } : {}),
    };
  });
}

/** What is worked into an edge is not seen on the face. */
function isDrawn({ kind, where }: Pick<PartCut, 'kind' | 'where'>): boolean {
  return DRAWN[kind] !== undefined && where !== 'inner edge' && where !== 'both inner edges';
}

type Drawn = (cut: Pick<PartCut, 'where' | 'sizes'>, size: Size) => readonly Shape[];

const mm = (size: Tally | undefined): number => (size ? inMillimetres(size.total) : 0);

/** Along the whole part, above its lower edge; along both edges, as deep as it is. */
const groove: Drawn = ({ sizes, where }, { width, height }) => {
  if (where === 'both edges')
    return [0, height - mm(sizes['depth'])].map((y) => box('groove', 0, y, width, mm(sizes['depth'])));
  return [box('groove', 0, mm(sizes['up']), width, mm(sizes['width']))];
};

/** Along the lower edge, or as wide as its side at both ends. */
const rabbet: Drawn = ({ sizes, where }, { width, height }) => {
  const across = mm(sizes['width']);
  if (where === 'lower edge') return [box('rabbet', 0, 0, width, across)];
  if (where === 'all round the back')
    return [
      ...[0, width - across].map((x) => box('rabbet', x, 0, across, height)),
      ...[0, height - across].map((y) => box('rabbet', 0, y, width, across)),
    ];
  return [box('rabbet', 0, 0, across, height), box('rabbet', width - across, 0, across, height)];
};

/** Across the side, in from its front end (left) or its back end. */
const dado: Drawn = ({ sizes, where }, { width, height }) => {
  const [from, across] = [mm(sizes['in']), mm(sizes['width'])];
  return [box('dado', where === 'back end' ? width - from - across : from, 0, across, height)];
};

/** At both ends, as long as it goes in. */
const tongue: Drawn = ({ sizes }, { width, height }) => {
  const long = mm(sizes['depth']);
  return [box('tongue', 0, 0, long, height), box('tongue', width - long, 0, long, height)];
};

const notch: Drawn = ({ sizes }, { width }) => {
  const [across, up] = [mm(sizes['width']), mm(sizes['height'])];
  return [box('notch', 0, 0, across, up), box('notch', width - across, 0, across, up)];
};

const bore: Drawn = ({ sizes }, { width }) =>
  [mm(sizes['in']), width - mm(sizes['in'])].map((x) => ({
    kind: 'circle',
    role: 'bore',
    x,
    y: mm(sizes['up']),
    diameter: mm(sizes['diameter']),
  }));

const battenGroove: Drawn = ({ sizes }, { width }) => [
  box('groove', 0, mm(sizes['up']) - mm(sizes['width']) / 2, width, mm(sizes['width'])),
];

const DRAWN: Readonly<Partial<Record<PartCut['kind'], Drawn>>> = {
  groove,
  rabbet,
  dado,
  tongue,
  notch,
  bore,
  'batten-groove': battenGroove,
};

function box(
  role: 'groove' | 'rabbet' | 'notch' | 'dado' | 'tongue',
  x: number,
  y: number,
  width: number,
  height: number,
): Shape {
  return { kind: 'box', role, x, y, width, height };
}
