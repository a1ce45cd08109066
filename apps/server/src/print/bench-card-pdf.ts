import {
  benchCards,
  drawFace,
  drawSection,
  inMillimetres,
  said,
  type BankPlan,
  type BenchCard,
  type CardTable,
  type SizeKind,
  type Tally,
} from '@zabble/core';
import { caseCardPages } from './case-card-pdf';
import { MARGIN, paperOf, type Pdf } from './pdf';
import { drawOn } from './pen';
import type { Printing } from './printing';
import { banksOf } from './stick-pdf';

const LINE = 4.6;
/** How wide the columns of the drawers are beside one another. */
const SHARES = [4, 17, 9, 9, 15, 8, 8, 9, 8, 10, 8];
/** Before a column that begins at its left. */
const INDENT = 3;
const ROW = 6;
/** Headings of facts stand in a column of their own. */
const HEAD = 20;
/** Room for the drawings, in millimetres. */
const DRAWN = 84;
/** Room for heights beside the face, and for its width under it. */
const BESIDE = 20;
const UNDER = 10;

/** A card for every case that is planned whole, then one for every bank: its face and section, its drawers, spacers with their fence settings, and what matters. */
export function benchCardPdf(printing: Printing): Promise<Buffer> {
  const pdf = paperOf(printing, 'paper/bench-card');
  caseCardPages(pdf, printing);
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
  pdf.title(title, MARGIN, MARGIN, 15, width);
  pdf.say(card.basis, MARGIN, MARGIN + 7, { size: 9.5, width });
  const drawn = drawings(pdf, plan, MARGIN + 13, width);
  const below = drawerTable(pdf, card.drawers, MARGIN + 13 + drawn + 4, width);
  const spaced = spacerRow(pdf, card, below + 4, width);
  notes(pdf, card, spaced + 3, width);
}

/** The face with its heights, and the lowest drawer cut from front to back with its sizes; how high they came out. */
function drawings(pdf: Pdf, plan: BankPlan, y: number, width: number): number {
  const face = drawFace(plan);
  const scale = Math.min((width * 0.42 - BESIDE) / face.width, (DRAWN - UNDER) / face.height);
  drawOn(pdf, face, MARGIN, y, scale);
  const [right, foot] = [MARGIN + face.width * scale, y + face.height * scale];
  const across = (x: number): number => MARGIN + (x - face.x) * scale;
  const down = (height: number): number => y + (face.y + face.height - height) * scale;
  for (const drawer of plan.drawers) {
    const front = face.shapes.find((shape) => shape.role === 'front' && shape.drawer === drawer.id);
    const high = drawer.dimensions['front.height'];
    if (front?.kind !== 'box' || !high) continue;
    const middle = down(front.y + front.height / 2);
    pdf.text(String(drawer.place + 1), across(front.x), middle - 2.2, {
      size: 12,
      font: 'bold',
      align: 'center',
      width: front.width * scale,
    });
    dimension(pdf, [right + 3, down(front.y + front.height)], [right + 3, down(front.y)], sizeOf(pdf, high, 'part'));
  }
  const wide = plan.opening.width;
  dimension(pdf, [across(0), foot + 4], [across(inMillimetres(wide.total)), foot + 4], sizeOf(pdf, wide, 'opening'));
  return Math.max(face.height * scale + UNDER, cutThrough(pdf, plan, y, width));
}

function cutThrough(pdf: Pdf, plan: BankPlan, y: number, width: number): number {
  const section = drawSection(plan, plan.drawers.at(-1)?.id ?? '');
  if (!section) return 0;
  const scale = Math.min((width * 0.44) / section.width, (DRAWN * 0.6) / section.height);
  const x = MARGIN + width * 0.48;
  drawOn(pdf, section, x, y, scale);
  const foot = y + section.height * scale;
  pdf.say(said('paper/section', { drawer: plan.drawers.length }), x, foot + 2, { size: 8 });
  // What is measured in it is told below, each by its name: in so small a drawing it would lie on the wood.
  const sizes = section.shapes.flatMap((shape) => (shape.kind === 'measure' ? [shape] : []));
  sizes.forEach(({ label, length, of }, index) => {
    const [column, row] = [index % 2, Math.floor(index / 2)];
    const at = [x + column * width * 0.24, foot + 7 + row * 4.2] as const;
    pdf.say(label, at[0], at[1], { size: 8.5, width: width * 0.13 });
    pdf.text(pdf.words.bare(length, of), at[0] + width * 0.13, at[1], { size: 9, font: 'medium', width: width * 0.1 });
  });
  return section.height * scale + 8 + Math.ceil(sizes.length / 2) * 4.2;
}

function sizeOf(pdf: Pdf, { total }: Tally, kind: SizeKind): string {
  return pdf.words.bare(total, kind);
}

type Point = readonly [x: number, y: number];

/** A line with a tick at either end, its size beside it or under it. */
function dimension(pdf: Pdf, [x1, y1]: Point, [x2, y2]: Point, size: string): void {
  const level = y1 === y2;
  pdf.line(x1, y1, x2, y2, 0.15);
  for (const [x, y] of [
    [x1, y1],
    [x2, y2],
  ] as const)
    pdf.line(level ? x : x - 1, level ? y - 1 : y, level ? x : x + 1, level ? y + 1 : y, 0.15);
  if (level) pdf.text(size, x1, y1 + 1, { size: 9, align: 'center', width: x2 - x1 });
  else pdf.text(size, x1 + 2, (y1 + y2) / 2 - 1.8, { size: 9, width: BESIDE - 6 });
}

function drawerTable(pdf: Pdf, { columns, rows }: CardTable, y: number, width: number): number {
  const shares = columns.map((_, index) => SHARES[index] ?? 8);
  const whole = shares.reduce((a, b) => a + b, 0);
  const edges = shares.map((_, index) => (shares.slice(0, index).reduce((a, b) => a + b, 0) / whole) * width);
  const isLeft = (column: number): boolean => columns[column]?.align === 'left';
  const roomOf = (column: number): number =>
    ((shares[column] ?? 0) / whole) * width - (isLeft(column) ? INDENT + 1 : 2);
  const cell = (lines: readonly string[], column: number, at: number, size: number): void =>
    lines.forEach((line, index) =>
      pdf.text(line, MARGIN + (edges[column] ?? 0) + (isLeft(column) ? INDENT : 0), at + index * (size * 0.42), {
        size,
        align: isLeft(column) ? 'left' : 'right',
        width: roomOf(column),
      }),
    );
  // Headings and names are whole, over several lines where they are long.
  const heads = columns.map(({ title }, column) => pdf.wrapped(pdf.words.say(said(title)), roomOf(column), 7.5));
  const deep = Math.max(...heads.map(({ length }) => length));
  heads.forEach((lines, column) => cell(lines, column, y + (deep - lines.length) * 3.15, 7.5));
  let at = y + deep * 3.15 + 1;
  pdf.line(MARGIN, at, MARGIN + width, at, 0.4);
  for (const row of rows) {
    const texts = row.map((each, column) =>
      columns[column]?.title === 'card-column/drawer'
        ? pdf.wrapped(pdf.words.say(each), roomOf(column), 9)
        : [pdf.words.say(each)],
    );
    const lines = Math.max(...texts.map(({ length }) => length));
    texts.forEach((each, column) =>
      cell(each, column, at + 1, columns[column]?.title === 'card-column/drawer' ? 9 : 10),
    );
    at += ROW + (lines - 1) * 3.8;
    pdf.line(MARGIN, at - 0.2, MARGIN + width, at - 0.2, 0.1, '#9aa29c');
  }
  return at + 1;
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

/** Facts under their headings, then what is to be looked out for. */
function notes(pdf: Pdf, { opening, mounting, findings }: BenchCard, y: number, width: number): void {
  const { say } = pdf.words;
  const told = [
    ...[...opening, ...mounting].map((fact) => [say(fact.head), say(fact.said)] as const),
    ...findings.map((each) => [say(said(`card-severity/${each.severity}`)), say(each.said)] as const),
  ];
  let at = y;
  for (const [head, text] of told)
    pdf.wrapped(text, width - HEAD, 9).forEach((line, index) => {
      if (at > pdf.height - MARGIN - 8) {
        pdf.page();
        at = MARGIN;
      }
      if (index === 0) pdf.text(head, MARGIN, at, { size: 9, font: 'bold', width: HEAD - 2 });
      pdf.text(line, MARGIN + HEAD, at, { size: 9, width: width - HEAD });
      at += LINE;
    });
}
