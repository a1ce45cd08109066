import type { Drawing, Shape } from '@zabble/core';
import type { Pdf } from './pdf';

/** Draws core's shapes on paper: `scale` millimetres of paper to one of the work, the drawing's upper left at x, y. */
export function drawOn(
  pdf: Pdf,
  { shapes, x: left, y: low, height: high }: Drawing,
  x: number,
  y: number,
  scale: number,
): void {
  const at = (px: number, py: number): readonly [number, number] => [
    x + (px - left) * scale,
    y + (low + high - py) * scale,
  ];
  for (const shape of shapes) PENS[shape.kind]?.(pdf, shape as never, at, scale);
}

type At = (x: number, y: number) => readonly [number, number];
type Pen<K extends Shape['kind']> = (pdf: Pdf, shape: Extract<Shape, { kind: K }>, at: At, scale: number) => void;

/** No letters are printed smaller than this, in points. */
const LEAST = 5;

/** How heavy a line is drawn, in millimetres. */
const WEIGHTS: Readonly<Record<string, number>> = {
  tick: 0.25,
  floor: 0.5,
  wall: 0.8,
  leader: 0.1,
  'centre-line': 0.12,
  edge: 0.4,
};

const LOOKS: Readonly<Record<string, Parameters<Pdf['rect']>[4]>> = {
  sheet: { weight: 0.4 },
  stick: { weight: 0.15 },
  opening: { weight: 0.4 },
  'drawer-box': { dash: 1, weight: 0.15 },
  'box-side': { fill: '#f3ecdd' },
  'box-end': { fill: '#e6dcc4' },
  'box-bottom': { fill: '#e6dcc4' },
  slide: { fill: '#cbd5d8' },
  bay: { dash: 1.2, weight: 0.15 },
  part: { fill: '#f3ecdd' },
  member: { fill: '#f3ecdd', weight: 0.15 },
  foot: { fill: '#7b847e' },
  'held-part': { dash: 1.4 },
  'off-cut': { stroke: '#7b847e', dash: 0.6 },
};

/** What comes short is darker than what comes all its way, and both than what stands. */
const FACES: Readonly<Record<string, string>> = {
  face: '#f3ecdd',
  'side-face': '#d8cfba',
  way: '#dfe6e8',
  'short-way': '#b9b2ab',
  thing: '#ffffff',
  closed: '#f3ecdd',
  stood: '#fbf8f1',
};

const SWEPT: ReadonlySet<string> = new Set(['way', 'short-way']);

const PENS: { readonly [K in Shape['kind']]?: Pen<K> } = {
  box: (pdf, { role, x, y, width, height }, at, scale) => {
    const [left, top] = at(x, y + height);
    pdf.rect(left, top, width * scale, height * scale, LOOKS[role] ?? {});
  },
  line: (pdf, { x1, y1, x2, y2, role }, at) => {
    const [from, to] = [at(x1, y1), at(x2, y2)];
    pdf.line(from[0], from[1], to[0], to[1], WEIGHTS[role] ?? 0.25, role === 'leader' ? '#9aa29c' : '#1d2424');
  },
  circle: (pdf, { x, y, diameter }, at, scale) => {
    const [middle, centre] = at(x, y);
    pdf.circle(middle, centre, diameter * scale);
    pdf.line(middle - 2, centre, middle + 2, centre, 0.15);
    pdf.line(middle, centre - 2, middle, centre + 2, 0.15);
  },
  outline: (pdf, { points, role }, at) => {
    const fill = FACES[role] ?? '#fbf8f1';
    // What is swept is told in pieces: no lines between them.
    pdf.shape(
      points.map(([x, y]) => at(x, y)),
      { fill, weight: 0.15, ...(SWEPT.has(role) ? { stroke: fill } : {}) },
    );
  },
  words: (pdf, { text, x, y, height, begins }, at, scale) => {
    const [middle, centre] = at(x, y);
    const size = Math.max(LEAST, (height * scale * 72) / 25.4);
    if (begins) {
      pdf.text(text, middle, centre - size * 0.2, { size });
      return;
    }
    pdf.text(text, middle - 100, centre - size * 0.2, { size, align: 'center', width: 200 });
  },
};
