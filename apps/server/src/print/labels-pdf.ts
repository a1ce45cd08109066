import { ownerOfPart, partSaid, partsOf, said, toCut, type CutPart, materialCalled } from '@zabble/core';
import QRCode from 'qrcode';
import { paperOf, type Pdf } from './pdf';
import type { Printing } from './printing';

/** Stickers on a sheet: three across, eight down, of a common size for each paper. In millimetres. */
const STICKERS = {
  a4: { across: 3, down: 8, width: 64, height: 34, left: 9, top: 12.5, apart: 0 },
  letter: { across: 3, down: 8, width: 66, height: 32, left: 8.9, top: 11.7, apart: 0 },
} as const;
const CODE = 22;

/** Which face is up and where the arrow points, for every kind of part. */
const LIES = {
  side: ['lies/inside', 'edge/front-end'],
  'box-front': ['lies/inside', 'edge/top-edge'],
  back: ['lies/inside', 'edge/top-edge'],
  bottom: ['lies/inside-up', 'edge/front-edge'],
  muntin: ['lies/top', 'edge/front-end'],
  'drawer-front': ['lies/show-face', 'edge/top-edge'],
  stile: ['lies/show-face', 'edge/top-end'],
  rail: ['lies/show-face', 'edge/top-edge'],
  panel: ['lies/show-face', 'edge/top-edge'],
  pull: ['lies/show-face', 'edge/top-edge'],
  'build-out': ['lies/towards-box', 'edge/front-end'],
  runner: ['lies/top', 'edge/front-end'],
  batten: ['lies/towards-box', 'edge/front-end'],
  strip: ['lies/face', 'edge/top-end'],
  blocking: ['lies/towards-box', 'edge/front-end'],
  guide: ['lies/towards-box', 'edge/front-end'],
  kicker: ['lies/underside', 'edge/front-end'],
  extra: ['lies/face', 'edge/front-edge'],
  'case-side-left': ['lies/inside', 'edge/top-end'],
  'case-side-right': ['lies/inside', 'edge/top-end'],
  'case-bottom': ['lies/top', 'edge/front-edge'],
  'case-top': ['lies/underside', 'edge/front-edge'],
  stretcher: ['lies/face', 'edge/front-edge'],
  divider: ['lies/right-face', 'edge/top-end'],
  'fixed-shelf': ['lies/top', 'edge/front-edge'],
  'case-rail': ['lies/top', 'edge/front-edge'],
  'case-back': ['lies/inside', 'edge/top-end'],
  cleat: ['lies/face', 'edge/top-edge'],
  'kick-board': ['lies/show-face', 'edge/top-edge'],
  'plinth-front': ['lies/show-face', 'edge/top-edge'],
  'plinth-end': ['lies/show-face', 'edge/top-edge'],
  leg: ['lies/show-face', 'edge/top-end'],
  apron: ['lies/show-face', 'edge/top-edge'],
  'frame-stile': ['lies/show-face', 'edge/top-end'],
  'frame-rail': ['lies/show-face', 'edge/top-edge'],
  'frame-middle-stile': ['lies/show-face', 'edge/top-end'],
  'frame-middle-rail': ['lies/show-face', 'edge/top-edge'],
  worktop: ['lies/top', 'edge/front-edge'],
  'worktop-trim': ['lies/show-face', 'edge/top-edge'],
  filler: ['lies/show-face', 'edge/top-end'],
  shelf: ['lies/top', 'edge/front-edge'],
  upright: ['lies/right-face', 'edge/front-edge'],
  lid: ['lies/top', 'edge/front-edge'],
  'lid-strip': ['lies/top', 'edge/front-edge'],
  'work-board': ['lies/top', 'edge/front-edge'],
  'board-edging': ['lies/show-face', 'edge/top-edge'],
  'board-guide': ['lies/face', 'edge/front-edge'],
  platform: ['lies/top', 'edge/front-edge'],
  gusset: ['lies/face', 'edge/front-edge'],
  door: ['lies/show-face', 'edge/top-end'],
  'door-panel': ['lies/show-face', 'edge/top-end'],
  'door-stile': ['lies/show-face', 'edge/top-end'],
  'door-rail': ['lies/show-face', 'edge/top-edge'],
  'door-middle-stile': ['lies/show-face', 'edge/top-end'],
  'door-middle-rail': ['lies/show-face', 'edge/top-edge'],
} as const satisfies Readonly<Record<CutPart['use']['role'], readonly [face: string, edge: string]>>;

/** A sticker for every part that is still to cut: what it is, its size or HOLD, how it lies, and a code that opens it. */
export function labelsPdf(printing: Printing): Promise<Buffer> {
  const { job, plan, paper } = printing;
  const pdf = paperOf(printing, 'paper/labels');
  const { across, down, width, height, left, top } = STICKERS[paper];
  const parts = partsOf(job, plan).parts.filter(toCut);
  if (parts.length === 0) pdf.page();
  parts.forEach((part, index) => {
    const place = index % (across * down);
    if (place === 0) pdf.page();
    sticker(pdf, printing, part, left + (place % across) * width, top + Math.floor(place / across) * height);
  });
  // The last row of stickers reaches to where the foot of other pages stands.
  return pdf.finish({ low: true });
}

function sticker(pdf: Pdf, printing: Printing, part: CutPart, x: number, y: number): void {
  const { paper, plan, words } = printing;
  const { width, height } = STICKERS[paper];
  pdf.rect(x, y, width, height, { stroke: '#c9cfc9', weight: 0.1 });
  const room = width - CODE - 6;
  const owner = ownerOfPart(plan, part);
  pdf.text(part.called ?? (owner ? words.say(owner) : ''), x + 2.5, y + 2, { size: 8.5, width: room });
  pdf.say(partSaid(part), x + 2.5, y + 5.6, { size: 12, font: 'bold', width: room });
  const free = part.release === 'now';
  const size = { length: part.length.total, width: part.width.total };
  pdf.say(free ? said('paper/size', size) : said(`printed-when/${part.release}`), x + 2.5, y + 11.2, {
    size: 12,
    font: 'medium',
    width: room + 2,
  });
  pdf.say(materialCalled(part.material), x + 2.5, y + 16.8, { size: 7.5, width: room });
  pdf.text(part.name, x + 2.5, y + 20.2, { size: 6.5, width: room });
  const [face, edge] = LIES[part.use.role];
  arrow(pdf, x + 4.5, y + 25);
  pdf.say(said(face), x + 8.5, y + 23.8, { size: 7.5, width: room - 6 });
  pdf.say(said('paper/arrow-to', { edge: said(edge) }), x + 8.5, y + 27.2, { size: 7.5, width: room - 6 });
  code(pdf, printing.partAt(part.name), x + width - CODE - 2, y + (height - CODE) / 2);
}

/** Points up: the sticker goes on with it towards the edge that is named. */
function arrow(pdf: Pdf, x: number, y: number): void {
  pdf.triangle(
    [
      [x, y - 1],
      [x + 2, y + 2],
      [x - 2, y + 2],
    ],
    '#1d2424',
  );
  pdf.line(x, y + 2, x, y + 5, 0.8);
}

/** All its dark squares as one path, those beside one another as one. */
function code(pdf: Pdf, text: string, x: number, y: number): void {
  // To search for the best of the eight masks takes longer than all else on a sticker; readers take any.
  const { modules } = QRCode.create([{ data: Buffer.from(text), mode: 'byte' }], {
    errorCorrectionLevel: 'L',
    maskPattern: 2,
  });
  const dark: (readonly [x: number, y: number, width: number, height: number])[] = [];
  for (let row = 0; row < modules.size; row += 1)
    for (let column = 0, from = 0; column <= modules.size; column += 1) {
      if (column < modules.size && modules.get(row, column)) continue;
      if (column > from) dark.push([from, row, column - from, 1]);
      from = column + 1;
    }
  pdf.blocks(dark, x, y, CODE / modules.size);
}
