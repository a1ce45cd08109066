import {
  drawSheet,
  movesOf,
  partsOf,
  partTitle,
  sawOf,
  stepsOf,
  type MaterialLayout,
  type SawStep,
} from '@zabble/core';
import { MARGIN, Pdf } from './pdf';
import { drawOn } from './pen';
import { CAUTION, sizeOf, type Printing } from './printing';

/** Room below the drawing for its cuts, in millimetres. */
const STEPS = 62;
const LINE = 4.6;

/** Every sheet on a page: its drawing, and its cuts one after the other. */
export function layoutsPdf(printing: Printing): Promise<Buffer> {
  const { job, fonts, paper, layouts } = printing;
  const pdf = new Pdf(fonts, paper, `${job.name}: sheets`, true);
  layouts.forEach((layout, index) => sheetPage(pdf, printing, layout, index));
  if (layouts.length === 0) {
    pdf.page();
    pdf.text('There is nothing to lay out.', MARGIN, MARGIN, { size: 12 });
  }
  return pdf.finish(`${job.name} · sheets`);
}

function sheetPage(pdf: Pdf, printing: Printing, { material, sheet, blade }: MaterialLayout, index: number): void {
  const { job } = printing;
  const saw = { ...sawOf(job), ...blade };
  pdf.page();
  const name = job.materials.find(({ id }) => id === material)?.name ?? material;
  const width = pdf.width - 2 * MARGIN;
  const from = sheet.stock === material ? 'a whole sheet' : 'from the rack';
  pdf.text(`${index + 1}  ${name}`, MARGIN, MARGIN, { size: 14, font: 'bold', width: width * 0.6 });
  const says = `${sizeOf(printing, sheet.length)} × ${sizeOf(printing, sheet.width)}, ${from} · kerf ${sizeOf(printing, saw.kerf)}, trim ${sizeOf(printing, saw.trim)}`;
  pdf.text(says, MARGIN + width * 0.5, MARGIN + 1, { size: 9, align: 'right', width: width * 0.5 });
  const drawing = drawSheet(sheet, saw, labelOf(printing), (length) => sizeOf(printing, length));
  const room = pdf.height - 2 * MARGIN - 12 - STEPS;
  const scale = Math.min(width / drawing.width, room / drawing.height);
  drawOn(pdf, drawing, MARGIN, MARGIN + 9, scale);
  const top = MARGIN + 9 + drawing.height * scale + 4;
  writeSteps(pdf, printing, stepsOf(sheet, saw), top);
  if (index === 0) pdf.text(CAUTION, MARGIN, pdf.height - MARGIN - 6, { size: 8, width });
}

function labelOf({ job, plan }: Printing) {
  const parts = new Map(partsOf(job, plan).parts.map((part) => [part.name, part]));
  return (name: string) => {
    const part = parts.get(name);
    const held = part !== undefined && part.release !== 'now';
    return { says: `${part ? partTitle(plan, part) : name}${held ? ' HOLD' : ''}`, held };
  };
}

/** In columns down the room there is; what does not fit is told. */
function writeSteps(pdf: Pdf, printing: Printing, steps: readonly SawStep[], top: number): void {
  const settings = movesOf(steps);
  const told = settings === 1 ? 'The saw is set once.' : `The saw is set ${settings} times.`;
  pdf.text(`In this order, what lies at one setting together. ${told}`, MARGIN, top, { size: 8 });
  writeInColumns(pdf, printing, steps, top + LINE);
}

function writeInColumns(pdf: Pdf, printing: Printing, steps: readonly SawStep[], top: number): void {
  const rows = Math.max(1, Math.floor((pdf.height - MARGIN - 8 - top) / LINE));
  const columns = Math.max(1, Math.min(5, Math.ceil(steps.length / rows)));
  const wide = (pdf.width - 2 * MARGIN) / columns;
  const shown = steps.slice(0, rows * columns);
  shown.forEach((step, index) => {
    const words = `${index + 1}. ${stepWords(printing, step)}`;
    const [x, y] = [MARGIN + Math.floor(index / rows) * wide, top + (index % rows) * LINE];
    pdf.text(words, x, y, { size: 8.5, width: wide - 2 });
  });
  if (shown.length < steps.length)
    pdf.text(`… and ${steps.length - shown.length} more cuts, on the screen`, MARGIN, top + rows * LINE, { size: 8 });
}

function stepWords(printing: Printing, { direction, setting, times, trims, panel }: SawStep): string {
  if (trims) return `trim both ${direction === 'rip' ? 'long edges' : 'ends'} by ${sizeOf(printing, setting)}`;
  const what = direction === 'rip' ? 'rip' : 'cut';
  const of = `of ${sizeOf(printing, panel.long)} × ${sizeOf(printing, panel.wide)}`;
  return `${what} ${sizeOf(printing, setting)}${times > 1 ? ` × ${times}` : ''} ${of}`;
}
