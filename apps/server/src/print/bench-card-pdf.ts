import { benchCardOf, drawFace, drawSection, type BankPlan, type BenchCard } from '@zabble/core';
import { MARGIN, Pdf } from './pdf';
import { drawOn } from './pen';
import type { Printing } from './printing';
import { banksOf } from './stick-pdf';

const LINE = 4.6;
const ROW = 6;
/** Room for the drawings, in millimetres. */
const DRAWN = 78;

/** A card for every bank: its face and section, its drawers, spacers with their fence settings, and what matters. */
export function benchCardPdf(printing: Printing): Promise<Buffer> {
  const { job, fonts, paper } = printing;
  const pdf = new Pdf(fonts, paper, `${job.name}: bench card`);
  for (const { title, plan } of banksOf(printing)) cardPage(pdf, printing, title, plan);
  return pdf.finish(`${job.name} · bench card`);
}

function cardPage(pdf: Pdf, printing: Printing, title: string, plan: BankPlan): void {
  const { job } = printing;
  const card = benchCardOf(job, printing.plan, plan);
  const width = pdf.width - 2 * MARGIN;
  pdf.page();
  pdf.text(title, MARGIN, MARGIN, { size: 15, font: 'bold', width });
  pdf.text(card.basis, MARGIN, MARGIN + 7, { size: 9.5, width });
  const drawn = drawings(pdf, plan, MARGIN + 13, width);
  const below = drawerTable(pdf, card, MARGIN + 13 + drawn + 4, width);
  const spaced = spacerRow(pdf, card, below + 4, width);
  notes(pdf, card, spaced + 3, width);
}

/** The face, and the first drawer cut from front to back where its box is known; how high they came out. */
function drawings(pdf: Pdf, plan: BankPlan, y: number, width: number): number {
  const face = drawFace(plan);
  const left = Math.min((width * 0.48) / face.width, DRAWN / face.height);
  drawOn(pdf, face, MARGIN, y, left);
  for (const drawer of plan.drawers) {
    const front = face.shapes.find((shape) => shape.role === 'front' && shape.drawer === drawer.id);
    if (front?.kind !== 'box') continue;
    const middle = y + (face.y + face.height - front.y - front.height / 2) * left;
    const wide = front.width * left;
    pdf.text(String(drawer.place + 1), MARGIN + (front.x - face.x) * left, middle - 2.2, {
      size: 12,
      font: 'bold',
      align: 'center',
      width: wide,
    });
  }
  const section = drawSection(plan, plan.drawers.at(-1)?.id ?? '');
  if (!section) return face.height * left;
  const right = Math.min((width * 0.46) / section.width, (DRAWN * 0.7) / section.height);
  const x = MARGIN + width * 0.54;
  drawOn(pdf, section, x, y, right);
  pdf.text(`Drawer ${plan.drawers.length}, cut from front to back`, x, y + section.height * right + 2, { size: 8 });
  return Math.max(face.height * left, section.height * right + 6);
}

function drawerTable(pdf: Pdf, { columns, rows }: BenchCard, y: number, width: number): number {
  const shares = columns.map(({ share }) => share);
  const whole = shares.reduce((a, b) => a + b, 0);
  const edges = shares.map((_, index) => (shares.slice(0, index).reduce((a, b) => a + b, 0) / whole) * width);
  const cell = (text: string, column: number, at: number, size: number): void => {
    const room = ((shares[column] ?? 0) / whole) * width - 3;
    const align = columns[column]?.align === 'left' ? 'left' : 'right';
    pdf.text(text, MARGIN + (edges[column] ?? 0), at, { size, align, width: room });
  };
  columns.forEach(({ title }, column) => cell(title, column, y, 8));
  pdf.line(MARGIN, y + 4.5, MARGIN + width, y + 4.5, 0.4);
  rows.forEach((row, index) => {
    const at = y + 5.5 + index * ROW;
    row.forEach((text, column) => cell(text, column, at, 10));
    pdf.line(MARGIN, at + ROW - 0.8, MARGIN + width, at + ROW - 0.8, 0.1, '#9aa29c');
  });
  return y + 5.5 + rows.length * ROW;
}

/** Large: they are set one after the other, the fence at each as it stands. */
function spacerRow(pdf: Pdf, { spacers, spacing }: BenchCard, y: number, width: number): number {
  pdf.text(`Spacers, ${spacing}`, MARGIN, y, { size: 9.5, font: 'bold', width });
  if (spacers.length === 0) {
    pdf.text('HOLD', MARGIN, y + 5, { size: 12, font: 'bold' });
    return y + 11;
  }
  const across = Math.max(1, Math.floor(width / 30));
  spacers.forEach((size, index) => {
    const [x, at] = [MARGIN + (index % across) * 30, y + 5 + Math.floor(index / across) * 11];
    pdf.text(`${index + 1}. fence at`, x, at, { size: 7.5 });
    pdf.text(size, x, at + 3.4, { size: 13, font: 'medium', width: 29 });
  });
  return y + 5 + Math.ceil(spacers.length / across) * 11;
}

function notes(pdf: Pdf, { notes: said, findings }: BenchCard, y: number, width: number): void {
  let at = y;
  for (const words of [...said, ...findings]) {
    for (const line of pdf.wrapped(words, width, 9)) {
      if (at > pdf.height - MARGIN - 8) {
        pdf.page();
        at = MARGIN;
      }
      pdf.text(line, MARGIN, at, { size: 9, width });
      at += LINE;
    }
  }
}
