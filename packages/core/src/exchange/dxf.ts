import type { Drawing, Shape } from '../drawing';
import type { Unit } from '../length';

interface Layer {
  readonly name: string;
  readonly colour: number;
}

/** A layer for each kind of work, so that who cuts elsewhere can give each its tool. */
const LAYERS: Readonly<Record<string, Layer>> = {
  sheet: { name: 'SHEET', colour: 8 },
  part: { name: 'CUT', colour: 7 },
  'held-part': { name: 'HOLD', colour: 1 },
  'off-cut': { name: 'OFFCUT', colour: 9 },
  groove: { name: 'GROOVE', colour: 5 },
  rabbet: { name: 'RABBET', colour: 4 },
  dado: { name: 'DADO', colour: 6 },
  notch: { name: 'NOTCH', colour: 3 },
  bore: { name: 'BORE', colour: 2 },
  'cut-out': { name: 'CUTOUT', colour: 3 },
  'pocket-screw': { name: 'POCKET', colour: 30 },
  'connector-screw': { name: 'CONNECTOR', colour: 40 },
  screw: { name: 'SCREW', colour: 50 },
  dowel: { name: 'DOWEL', colour: 60 },
  'loose-tenon': { name: 'TENON', colour: 70 },
  biscuit: { name: 'BISCUIT', colour: 80 },
  // Its place is marked; nothing is bored for it.
  brad: { name: 'MARK', colour: 5 },
  stick: { name: 'CUT', colour: 7 },
  tick: { name: 'MARK', colour: 5 },
  leader: { name: 'TEXT', colour: 8 },
  edge: { name: 'EDGE', colour: 3 },
  'centre-line': { name: 'CENTRE', colour: 4 },
  name: { name: 'TEXT', colour: 8 },
  note: { name: 'TEXT', colour: 8 },
};
const OTHER = { name: 'OTHER', colour: 8 };

type Pair = readonly [number, string | number];

/** A drawing as a DXF file of release 12, in millimetres or inches; layers are named by what is done. */
export function dxfOf({ x, y, width, height, shapes }: Drawing, unit: Unit): string {
  const scale = unit === 'in' ? 1 / 25.4 : 1;
  const s = (value: number): string => decimal(value * scale);
  const layers = new Map(shapes.map((shape) => [layerOf(shape).name, layerOf(shape)]));
  const pairs: readonly Pair[] = [
    [999, `units: ${unit === 'in' ? 'inches' : 'millimetres'}`],
    ...section('HEADER', [
      [9, '$ACADVER'],
      [1, 'AC1009'],
      [9, '$EXTMIN'],
      [10, s(x)],
      [20, s(y)],
      [30, '0.0'],
      [9, '$EXTMAX'],
      [10, s(x + width)],
      [20, s(y + height)],
      [30, '0.0'],
      [9, '$MEASUREMENT'],
      [70, unit === 'in' ? 0 : 1],
    ]),
    ...tables(layers),
    ...section(
      'ENTITIES',
      shapes.flatMap((shape) => entity(shape, s)),
    ),
    [0, 'EOF'],
  ];
  return pairs.map(([code, value]) => `${String(code).padStart(3)}\r\n${value}\r\n`).join('');
}

function tables(layers: ReadonlyMap<string, Layer>): readonly Pair[] {
  return section('TABLES', [
    ...table('LTYPE', 1, [
      [0, 'LTYPE'],
      [2, 'CONTINUOUS'],
      [70, 0],
      [3, 'Solid line'],
      [72, 65],
      [73, 0],
      [40, '0.0'],
    ]),
    ...table(
      'LAYER',
      layers.size,
      [...layers.values()].flatMap(({ name, colour }): Pair[] => [
        [0, 'LAYER'],
        [2, name],
        [70, 0],
        [62, colour],
        [6, 'CONTINUOUS'],
      ]),
    ),
  ]);
}

function section(name: string, inside: readonly Pair[]): readonly Pair[] {
  return [[0, 'SECTION'], [2, name], ...inside, [0, 'ENDSEC']];
}

function table(name: string, count: number, rows: readonly Pair[]): readonly Pair[] {
  return [[0, 'TABLE'], [2, name], [70, count], ...rows, [0, 'ENDTAB']];
}

/** What is worked from the other face is turned over for: a layer of its own. */
function layerOf({ role, far }: Shape): Layer {
  const layer = LAYERS[role] ?? OTHER;
  return far ? { ...layer, name: `${layer.name}_OTHER_FACE` } : layer;
}

function entity(shape: Shape, s: (value: number) => string): readonly Pair[] {
  const layer: Pair = [8, layerOf(shape).name];
  switch (shape.kind) {
    case 'box': {
      const { x, y, width, height } = shape;
      return closed(
        layer,
        [
          [x, y],
          [x + width, y],
          [x + width, y + height],
          [x, y + height],
        ],
        s,
      );
    }
    case 'outline':
      return closed(layer, shape.points, s);
    case 'circle':
      return [[0, 'CIRCLE'], layer, ...at(10, shape.x, shape.y, s), [40, s(shape.diameter / 2)]];
    case 'words':
      return [
        [0, 'TEXT'],
        layer,
        ...at(10, shape.x, shape.y, s),
        [40, s(shape.height)],
        [1, plain(shape.text)],
        [72, shape.begins ? 0 : 1],
        ...at(11, shape.x, shape.y, s),
        [73, 2],
      ];
    default:
      return [[0, 'LINE'], layer, ...at(10, shape.x1, shape.y1, s), ...at(11, shape.x2, shape.y2, s)];
  }
}

function closed(
  layer: Pair,
  points: readonly (readonly [number, number])[],
  s: (value: number) => string,
): readonly Pair[] {
  return [
    [0, 'POLYLINE'],
    layer,
    [66, 1],
    ...at(10, 0, 0, s),
    [70, 1],
    ...points.flatMap(([x, y]): Pair[] => [[0, 'VERTEX'], layer, ...at(10, x, y, s)]),
    [0, 'SEQEND'],
    layer,
  ];
}

function at(code: number, x: number, y: number, s: (value: number) => string): readonly Pair[] {
  return [
    [code, s(x)],
    [code + 10, s(y)],
    [code + 20, '0.0'],
  ];
}

/** Eight decimals hold a nanometre in inches. */
function decimal(value: number): string {
  const text = (Math.round(value * 1e8) / 1e8 + 0).toFixed(8).replace(/0+$/, '');
  return text.endsWith('.') ? `${text}0` : text;
}

/** Release 12 has letters without accents only; others are written by their number. */
function plain(text: string): string {
  return text
    .replace(/[\r\n]+/g, ' ')
    .replace(
      /[^\x20-\x7e]/gu,
      (sign) => `\\U+${(sign.codePointAt(0) ?? 0).toString(16).toUpperCase().padStart(4, '0')}`,
    );
}
