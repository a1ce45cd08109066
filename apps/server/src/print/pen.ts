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

const LOOKS: Readonly<Record<string, Parameters<Pdf['rect']>[4]>> = {
  sheet: { weight: 0.4 },
  part: { fill: '#f3ecdd' },
  'held-part': { dash: 1.4 },
  'off-cut': { stroke: '#7b847e', dash: 0.6 },
};

const PENS: { readonly [K in Shape['kind']]?: Pen<K> } = {
  box: (pdf, { role, x, y, width, height }, at, scale) => {
    const [left, top] = at(x, y + height);
    pdf.rect(left, top, width * scale, height * scale, LOOKS[role] ?? {});
  },
  words: (pdf, { text, x, y, height }, at, scale) => {
    const [middle, centre] = at(x, y);
    const size = Math.max(LEAST, (height * scale * 72) / 25.4);
    pdf.text(text, middle - 100, centre - size * 0.2, { size, align: 'center', width: 200 });
  },
};
