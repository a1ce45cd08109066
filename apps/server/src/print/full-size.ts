import { said, type Drawing, type Said } from '@zabble/core';
import { CHECK_LINE, MARGIN, type Pdf } from './pdf';
import { drawOn } from './pen';

/** Two tiles share so much: there they are laid over one another. In millimetres. */
const OVERLAP = 15;
/** Above a tile for its title, below it for the check lines. */
const HEAD = 12;
const FOOT = 16;

/** Room the check lines take beside a drawing, and where they end at the top of a page. */
const BESIDE = 28;
const HIGHEST = 104;

/** How far down from a page's upper edge the drawing begins, and how much of it a page holds. */
export function tileOf({ height }: Pick<Pdf, 'height'>, head = HEAD): { readonly top: number; readonly long: number } {
  return { top: MARGIN + head, long: height - 2 * MARGIN - head - FOOT };
}

/**
 * A drawing at full size on as many pages as it takes, the lowest first. Where two pages meet both carry the same dashed
 * lines with the same letter. Every page has a line to check the print by, upright as what is measured is; `notes` stand under the title.
 */
export function fullSize(pdf: Pdf, drawing: Drawing, title: string, notes: readonly string[] = []): void {
  const wide = pdf.width - 2 * MARGIN;
  // A title is never cut short: it is room for the number of its page that it shares the line with.
  const titled = pdf.wrapped(title, wide, 11, 'bold');
  const told = notes.flatMap((each) => pdf.wrapped(each, wide, 10));
  const { top, long } = tileOf(pdf, Math.max(HEAD, 5 * (titled.length + 1) + 4.6 * told.length + 2));
  const step = long - OVERLAP;
  const count = drawing.height <= long ? 1 : 1 + Math.ceil((drawing.height - long) / step);
  for (let tile = 0; tile < count; tile += 1) {
    pdf.page();
    const low = drawing.y + tile * step;
    const right = MARGIN + drawing.width;
    const lines = count > 1 ? [...titled, pdf.words.say(said('paper/tile', { page: tile + 1, of: count }))] : titled;
    lines.forEach((line, index) => pdf.text(line, MARGIN, MARGIN + 5 * index, { size: 11, font: 'bold', width: wide }));
    told.forEach((line, index) =>
      pdf.text(line, MARGIN, MARGIN + 5 * lines.length + 1 + 4.6 * index, { size: 10, width: wide }),
    );
    pdf.inside(MARGIN - 1, top, drawing.width + 20, long, () => {
      // The drawing's own top lies above this page by what later pages show.
      drawOn(pdf, drawing, MARGIN, top + long - (drawing.y + drawing.height - low), 1);
    });
    const join = (y: number, letter: number, what: Said): void => {
      for (let x = MARGIN - 4; x < right + 4; x += 4) pdf.line(x, y, x + 2, y, 0.15);
      pdf.text(`${String.fromCharCode(65 + letter)} ${pdf.words.say(what)}`, right + 5, y - 2, { size: 8 });
    };
    if (tile > 0) join(top + long - OVERLAP / 2, tile - 1, said('paper/page-below'));
    if (tile < count - 1) join(top + OVERLAP / 2, tile, said('paper/next-page'));
    // A drawing as wide as the page has them above it.
    const foot = drawing.width > pdf.width - 2 * MARGIN - BESIDE ? top + HIGHEST : top + long;
    checkLine(pdf, pdf.width - MARGIN - 6, foot, CHECK_LINE[pdf.words.unit], said('paper/check', {}));
  }
}

function checkLine(pdf: Pdf, x: number, y: number, long: number, what: Said): void {
  pdf.line(x, y, x, y - long, 0.25);
  pdf.line(x - 2, y, x + 2, y, 0.25);
  pdf.line(x - 2, y - long, x + 2, y - long, 0.25);
  pdf.say(what, x - 6, y + 1, { size: 7, align: 'center', width: 12 });
}
