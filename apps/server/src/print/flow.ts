import type { Drawing } from '@zabble/core';
import { MARGIN, type Pdf } from './pdf';
import { drawOn } from './pen';

const LINE = 4.4;
/** Headings of facts stand in a column of their own. */
const HEAD = 20;
/** Room for a drawing among them, in millimetres. */
const DRAWN = 68;

/** Lines one under another, on as many pages as they take. */
export class Flow {
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

  /** A drawing under its heading, as large as there is room for it. */
  drawn(text: string, drawing: Drawing): void {
    const scale = Math.min(this.width / drawing.width, DRAWN / drawing.height);
    this.room(drawing.height * scale + 2 * LINE + 6);
    this.heading(text);
    drawOn(this.pdf, drawing, MARGIN, this.at + 2, scale);
    this.at += drawing.height * scale + 5;
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
