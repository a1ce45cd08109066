import { caseCards, drawCase, drawExploded, said, type CaseCard, type CaseworkPlan } from '@zabble/core';
import { MARGIN, type Pdf } from './pdf';
import { drawOn } from './pen';
import type { Printing } from './printing';

const LINE = 4.4;
/** Headings of facts stand in a column of their own. */
const HEAD = 20;
/** Room for the drawings, in millimetres. */
const DRAWN = 68;

/** A card for every case that is told how it is made: as it stands and taken apart, its order of assembly, what matters. */
export function caseCardPages(pdf: Pdf, { job, plan }: Printing): void {
  for (const card of caseCards(job, plan)) {
    const casework = plan.cases.find(({ id }) => id === card.id)?.casework;
    if (casework) cardPages(pdf, card, casework);
  }
}

function cardPages(pdf: Pdf, card: CaseCard, casework: CaseworkPlan): void {
  const width = pdf.width - 2 * MARGIN;
  pdf.page();
  pdf.title(`${card.job} · ${card.owner}`, MARGIN, MARGIN, 15, width);
  pdf.say(card.basis, MARGIN, MARGIN + 7, { size: 9.5, width });
  const below = drawings(pdf, casework, MARGIN + 14, width);
  const { say } = pdf.words;
  const flow = new Flow(pdf, below + 5, width);
  for (const { head, said: what } of card.facts) flow.told(say(head), say(what));
  flow.heading(say(said('card-head/order')));
  card.steps.forEach(({ parts, held }, index) => {
    flow.told(`${index + 1}.`, parts.map(say).join(', '), 'bold');
    for (const each of held) flow.told('', say(each));
  });
  flow.heading(say(said('paper/parts-of-case')));
  for (const row of card.parts.rows) flow.row(row.map(say));
  for (const { severity, said: what } of card.findings) flow.told(say(said(`card-severity/${severity}`)), say(what));
}

/** As it stands with its outer sizes, and taken apart the way it goes together. */
function drawings(pdf: Pdf, casework: CaseworkPlan, y: number, width: number): number {
  const front = drawCase(casework, 'front');
  const apart = drawExploded(casework);
  const scale = Math.min((width * 0.42) / front.width, (DRAWN - 8) / front.height);
  drawOn(pdf, front, MARGIN, y, scale);
  const { width: wide, height } = casework.outline;
  const foot = y + front.height * scale;
  pdf.text(`${pdf.words.mark(wide.total, 'part')} × ${pdf.words.mark(height, 'part')}`, MARGIN, foot + 2, {
    size: 9.5,
    align: 'center',
    width: front.width * scale,
  });
  const side = Math.min((width * 0.52) / apart.width, DRAWN / apart.height);
  drawOn(pdf, apart, MARGIN + width - apart.width * side, y, side);
  return y + Math.max(front.height * scale + 7, apart.height * side);
}

/** Lines one under another, on as many pages as they take. */
class Flow {
  constructor(
    private readonly pdf: Pdf,
    private at: number,
    private readonly width: number,
  ) {}

  heading(text: string): void {
    this.room(2 * LINE + 2);
    this.at += 2;
    this.pdf.text(text, MARGIN, this.at, { size: 10.5, font: 'bold', width: this.width });
    this.at += LINE + 1;
  }

  told(head: string, text: string, font?: 'bold'): void {
    const { pdf, width } = this;
    pdf.wrapped(text, width - HEAD, 9, font).forEach((line, index) => {
      this.room(LINE);
      if (index === 0) pdf.text(head, MARGIN, this.at, { size: 9, font: 'bold', width: HEAD - 2 });
      pdf.text(line, MARGIN + HEAD, this.at, { size: 9, width: width - HEAD, ...(font ? { font } : {}) });
      this.at += LINE;
    });
  }

  /** Part, count, length, width, thickness, material, when. */
  row(cells: readonly string[]): void {
    this.room(LINE + 0.6);
    const whole = SHARES.reduce((sum, share) => sum + share, 0);
    let x = MARGIN;
    cells.forEach((cell, column) => {
      const room = ((SHARES[column] ?? 10) / whole) * this.width;
      const right = column > 0 && column < 5;
      this.pdf.text(cell, x, this.at, { size: 9, align: right ? 'right' : 'left', width: room - 2 });
      x += room;
    });
    this.at += LINE + 0.6;
    this.pdf.line(MARGIN, this.at - 0.5, MARGIN + this.width, this.at - 0.5, 0.1, '#9aa29c');
  }

  private room(needed: number): void {
    if (this.at + needed <= this.pdf.height - MARGIN - 6) return;
    this.pdf.page();
    this.at = MARGIN;
  }
}

const SHARES = [56, 8, 16, 16, 12, 36, 26];
