import { benchCards, drawFace, drawSection, said, type BankPlan, type BenchCard, type CardTable } from '@zabble/core';
import { MARGIN, Pdf } from './pdf';
import { drawOn } from './pen';
import type { Printing } from './printing';
import { banksOf } from './stick-pdf';

const LINE = 4.6;
/** How wide the columns of the drawers are beside one another. */
const SHARES = [4, 15, 9, 9, 16, 9, 9, 9, 8, 9, 8];
const ROW = 6;
/** Room for the drawings, in millimetres. */
const DRAWN = 78;

/** A card for every bank: its face and section, its drawers, spacers with their fence settings, and what matters. */
export function benchCardPdf(printing: Printing): Promise<Buffer> {
  const pdf = new Pdf(printing, 'paper/bench-card');
  const cards = benchCards(printing.job, printing.plan);
  banksOf(printing).forEach(({ title, plan }, index) => {
    const card = cards[index];
    if (card) cardPage(pdf, card, title, plan);
  });
  return pdf.finish();
}

function cardPage(pdf: Pdf, card: BenchCard, title: string, plan: BankPlan): void {
  const width = pdf.width - 2 * MARGIN;
  pdf.page();
  pdf.text(title, MARGIN, MARGIN, { size: 15, font: 'bold', width });
  pdf.say(card.basis, MARGIN, MARGIN + 7, { size: 9.5, width });
  const drawn = drawings(pdf, plan, MARGIN + 13, width);
  const below = drawerTable(pdf, card.drawers, MARGIN + 13 + drawn + 4, width);
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
  pdf.say(said('paper/section', { drawer: plan.drawers.length }), x, y + section.height * right + 2, { size: 8 });
  return Math.max(face.height * left, section.height * right + 6);
}

function drawerTable(pdf: Pdf, { columns, rows }: CardTable, y: number, width: number): number {
  const shares = columns.map((_, index) => SHARES[index] ?? 8);
  const whole = shares.reduce((a, b) => a + b, 0);
  const edges = shares.map((_, index) => (shares.slice(0, index).reduce((a, b) => a + b, 0) / whole) * width);
  const cell = (text: string, column: number, at: number, size: number): void => {
    const room = ((shares[column] ?? 0) / whole) * width - 3;
    const align = columns[column]?.align === 'left' ? 'left' : 'right';
    pdf.text(text, MARGIN + (edges[column] ?? 0), at, { size, align, width: room });
  };
  columns.forEach(({ title }, column) => cell(pdf.words.say(said(title)), column, y, 8));
  pdf.line(MARGIN, y + 4.5, MARGIN + width, y + 4.5, 0.4);
  rows.forEach((row, index) => {
    const at = y + 5.5 + index * ROW;
    row.forEach((each, column) => cell(pdf.words.say(each), column, at, 10));
    pdf.line(MARGIN, at + ROW - 0.8, MARGIN + width, at + ROW - 0.8, 0.1, '#9aa29c');
  });
  return y + 5.5 + rows.length * ROW;
}

/** Large: they are set one after the other, the fence at each as it stands. */
function spacerRow(pdf: Pdf, { spacers, order }: BenchCard, y: number, width: number): number {
  pdf.say(said('paper/spacers', { spacing: said(`card/spacing/${order}`) }), MARGIN, y, {
    size: 9.5,
    font: 'bold',
    width,
  });
  if (spacers.length === 0) {
    pdf.say(said('cell/hold'), MARGIN, y + 5, { size: 12, font: 'bold' });
    return y + 11;
  }
  const across = Math.max(1, Math.floor(width / 30));
  spacers.forEach((size, index) => {
    const [x, at] = [MARGIN + (index % across) * 30, y + 5 + Math.floor(index / across) * 11];
    if (size === 0) {
      pdf.say(said('paper/no-spacer', { number: index + 1 }), x, at, { size: 7.5 });
      pdf.say(said('card/on-floor'), x, at + 3.4, { size: 9.5, font: 'medium', width: 29 });
      return;
    }
    pdf.say(said('paper/fence', { number: index + 1 }), x, at, { size: 7.5 });
    pdf.text(pdf.words.bare(size, 'spacer'), x, at + 3.4, { size: 13, font: 'medium', width: 29 });
  });
  return y + 5 + Math.ceil(spacers.length / across) * 11;
}

function notes(pdf: Pdf, { opening, mounting, findings }: BenchCard, y: number, width: number): void {
  const { say } = pdf.words;
  const told = [
    ...[...opening, ...mounting].map((fact) => `${say(fact.head)} ${say(fact.said)}`),
    ...findings.map((each) => `${say(said(`card-severity/${each.severity}`))} ${say(each.said)}`),
  ];
  let at = y;
  for (const text of told) {
    for (const line of pdf.wrapped(text, width, 9)) {
      if (at > pdf.height - MARGIN - 8) {
        pdf.page();
        at = MARGIN;
      }
      pdf.text(line, MARGIN, at, { size: 9, width });
      at += LINE;
    }
  }
}
