import {
  drawSheet,
  lyingIn,
  movesOf,
  partsOf,
  partOfJob,
  said,
  sawOf,
  stepsOf,
  type MaterialLayout,
  type Said,
  type SawStep,
} from '@zabble/core';
import { MARGIN, paperOf, type Pdf } from './pdf';
import { drawOn } from './pen';
import { sizeOf, type Printing } from './printing';

/** Room below the drawing for its cuts, in millimetres. */
const STEPS = 62;
const LINE = 4.6;

/** Every sheet on a page: its drawing, and its cuts one after the other. */
export function layoutsPdf(printing: Printing): Promise<Buffer> {
  const { layouts } = printing;
  const pdf = paperOf(printing, 'paper/sheets', { lying: true });
  layouts.forEach((layout, index) => sheetPage(pdf, printing, layout, index));
  if (layouts.length === 0) {
    pdf.page();
    pdf.say(said('paper/no-sheets'), MARGIN, MARGIN, { size: 12 });
  }
  return pdf.finish();
}

function sheetPage(pdf: Pdf, printing: Printing, { material, sheet, blade }: MaterialLayout, index: number): void {
  const { job } = printing;
  const saw = { ...sawOf(job), ...blade };
  pdf.page();
  const name = job.materials.find(({ id }) => id === material)?.name ?? material;
  const width = pdf.width - 2 * MARGIN;
  pdf.text(`${index + 1}  ${name}`, MARGIN, MARGIN, { size: 14, font: 'bold', width: width * 0.6 });
  const size = { length: sheet.length, width: sheet.width };
  const told = { size, whole: sheet.stock === material, kerf: saw.kerf, trim: saw.trim };
  pdf.say(said('paper/sheet', told), MARGIN + width * 0.5, MARGIN + 1, { size: 9, align: 'right', width: width * 0.5 });
  const label = labelOf(printing);
  const drawing = drawSheet(sheet, saw, label, (length) => sizeOf(printing, length));
  const room = pdf.height - 2 * MARGIN - 12 - STEPS;
  const scale = Math.min(width / drawing.width, room / drawing.height);
  drawOn(pdf, drawing, MARGIN, MARGIN + 9, scale);
  const top = MARGIN + 9 + drawing.height * scale + 4;
  // The settings of held parts are held with them.
  if (lyingIn(sheet, saw).some(({ piece }) => piece !== undefined && label(piece).held))
    pdf.say(said('paper/held-cuts'), MARGIN, top, { size: 9, width });
  else writeSteps(pdf, stepsOf(sheet, saw), top);
  if (index === 0) pdf.say(said('paper/caution'), MARGIN, pdf.height - MARGIN - 6, { size: 8, width });
}

function labelOf({ job, plan, words }: Printing) {
  const parts = new Map(partsOf(job, plan).parts.map((part) => [part.name, part]));
  return (name: string) => {
    const part = parts.get(name);
    const held = part !== undefined && part.release !== 'now';
    const called: Said = part ? partOfJob(plan, part) : said('text', { text: name });
    return { says: words.say(held ? said('paper/held-part', { part: called }) : called), held };
  };
}

/** In columns down the room there is; what does not fit is told. */
function writeSteps(pdf: Pdf, steps: readonly SawStep[], top: number): void {
  pdf.say(said('paper/saw-order', { settings: movesOf(steps) }), MARGIN, top, { size: 8 });
  writeInColumns(pdf, steps, top + LINE);
}

function writeInColumns(pdf: Pdf, steps: readonly SawStep[], top: number): void {
  const rows = Math.max(1, Math.floor((pdf.height - MARGIN - 8 - top) / LINE));
  const columns = Math.max(1, Math.min(5, Math.ceil(steps.length / rows)));
  const wide = (pdf.width - 2 * MARGIN) / columns;
  const shown = steps.slice(0, rows * columns);
  shown.forEach((step, index) => {
    const words = `${index + 1}. ${pdf.words.say(stepSaid(step))}`;
    const [x, y] = [MARGIN + Math.floor(index / rows) * wide, top + (index % rows) * LINE];
    pdf.text(words, x, y, { size: 8.5, width: wide - 2 });
  });
  if (shown.length < steps.length)
    pdf.say(said('paper/more-cuts', { count: steps.length - shown.length }), MARGIN, top + rows * LINE, { size: 8 });
}

function stepSaid({ direction, setting, times, trims, panel }: SawStep): Said {
  const rip = direction === 'rip';
  if (trims) return said('paper/trim', { rip, by: setting });
  return said('paper/cut', { rip, at: setting, times, of: { length: panel.long, width: panel.wide } });
}
