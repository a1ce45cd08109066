import type { Drawing, Shape } from '../drawing';

/** Round the drawing, in millimetres. */
const MARGIN = 10;

type Look = string;

const FILLED: Look = 'fill="#f3ecdd" stroke="#222" stroke-width="0.6"';
const LINE: Look = 'fill="none" stroke="#222" stroke-width="0.6"';
const WORKED: Look = 'fill="#cbd5d8" stroke="#222" stroke-width="0.3"';
const FAR: Look = 'fill="none" stroke="#222" stroke-width="0.3" stroke-dasharray="3 2"';
const LOOKS: Readonly<Record<string, Look>> = {
  sheet: LINE,
  part: FILLED,
  'held-part': 'fill="none" stroke="#222" stroke-width="0.6" stroke-dasharray="6 4"',
  'off-cut': 'fill="none" stroke="#777" stroke-width="0.4" stroke-dasharray="2 3"',
};

/** A drawing as an SVG file at full size: one millimetre is one millimetre. Each shape says what it stands for. */
export function svgOf({ x, y, width, height, shapes }: Drawing, title: string): string {
  const [wide, high] = [width + 2 * MARGIN, height + 2 * MARGIN];
  const lines = shapes.map((shape) => element(shape)).filter((line) => line !== '');
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${wide}mm" height="${high}mm" viewBox="${x - MARGIN} ${-(y + height) - MARGIN} ${wide} ${high}" font-family="sans-serif">`,
    `<title>${escaped(title)}</title>`,
    ...lines,
    '</svg>',
    '',
  ].join('\n');
}

/** Pages point down, drawings up: what is `y` up is `−y` down. */
function element(shape: Shape): string {
  const of = `class="${shape.role}${shape.far ? ' other-face' : ''}"${shape.part === undefined ? '' : ` data-part="${escaped(shape.part)}"`}`;
  switch (shape.kind) {
    case 'box':
      return `<rect ${of} x="${n(shape.x)}" y="${n(-shape.y - shape.height)}" width="${n(shape.width)}" height="${n(shape.height)}" ${LOOKS[shape.role] ?? (shape.far ? FAR : WORKED)}/>`;
    case 'circle':
      return `<circle ${of} cx="${n(shape.x)}" cy="${n(-shape.y)}" r="${n(shape.diameter / 2)}" ${LINE}/>`;
    case 'words':
      return `<text ${of} x="${n(shape.x)}" y="${n(-shape.y)}" font-size="${n(shape.height)}" text-anchor="${shape.begins ? 'start' : 'middle'}" dominant-baseline="central">${escaped(shape.text)}</text>`;
    case 'outline':
      return `<polygon ${of} points="${shape.points.map(([px, py]) => `${n(px)},${n(-py)}`).join(' ')}" ${LINE}/>`;
    default:
      return `<line ${of} x1="${n(shape.x1)}" y1="${n(-shape.y1)}" x2="${n(shape.x2)}" y2="${n(-shape.y2)}" ${LINE}/>`;
  }
}

function n(value: number): string {
  return String(Math.round(value * 1e6) / 1e6 + 0);
}

function escaped(text: string): string {
  return text.replace(/[&<>"']/g, (sign) => `&#${sign.charCodeAt(0)};`);
}
