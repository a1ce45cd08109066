import { createHash } from 'node:crypto';
import PDFDocument from 'pdfkit';

/** What papers are drawn with: of what draws itself by others of these only what was asked for is told. */
const DRAWS = [
  ...([
    'addPage',
    'switchToPage',
    'font',
    'fontSize',
    'fillColor',
    'strokeColor',
    'lineWidth',
    'dash',
    'text',
  ] as const),
  ...(['moveTo', 'lineTo', 'rect', 'circle', 'polygon', 'clip', 'stroke', 'fill', 'fillAndStroke'] as const),
  ...(['save', 'restore', 'translate', 'rotate', 'scale', 'addContent', 'image'] as const),
];

type Draws = Record<(typeof DRAWS)[number], (...args: unknown[]) => unknown>;

/** Looks on while a paper is drawn: every text of it in the order it is written, and a digest of all it is drawn with. */
export async function drawn(make: () => Promise<unknown>): Promise<string> {
  const prototype = PDFDocument.prototype as unknown as Draws;
  const texts: string[] = [];
  const sum = createHash('sha256');
  let [deep, pages] = [0, 0];
  const own = Object.fromEntries(DRAWS.map((name) => [name, prototype[name]])) as Draws;
  for (const name of DRAWS)
    prototype[name] = function (this: unknown, ...args: unknown[]) {
      if (deep === 0) {
        if (name === 'addPage') pages += 1;
        if (name === 'text') texts.push(String(args[0]));
        sum.update(`${name} ${JSON.stringify(args, rounded)}\n`);
      }
      deep += 1;
      try {
        return own[name].apply(this, args);
      } finally {
        deep -= 1;
      }
    };
  try {
    await make();
  } finally {
    Object.assign(prototype, own);
  }
  return [...texts, `${pages} pages, drawn as ${sum.digest('hex').slice(0, 12)}`].join('\n');
}

/** To a hundredth of a point: what is less nobody sees. */
function rounded(_: string, value: unknown): unknown {
  return typeof value === 'number' ? Math.round(value * 100) / 100 || 0 : value;
}
