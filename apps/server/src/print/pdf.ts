import { join } from 'node:path';
import { said, type Said, type Words } from '@zabble/core';
import PDFDocument from 'pdfkit';
import { PAPERS } from './paper';
import type { PaperName, Printing } from './printing';

/** Paper of another size than the printer's, in millimetres: for a roll or a plotter; or lying. */
interface Sheet {
  readonly size?: { readonly width: number; readonly height: number };
  readonly lying?: boolean;
}

const POINT = 72 / 25.4;
/** Free at every edge: printers reach no further. In millimetres. */
export const MARGIN = 12;
/** Width of the line that shows whether the print is true to size. */
export const CHECK_LINE = { in: 101.6, mm: 100 } as const;

export interface Style {
  readonly size?: number;
  readonly font?: 'plain' | 'medium' | 'bold';
  readonly align?: 'left' | 'right' | 'center';
  /** Room there is; longer words are cut short. */
  readonly width?: number;
  readonly colour?: string;
}

/**
 * A paper of a job as PDF, in millimetres from the upper left corner, in the application's own font with real fractions;
 * it says what stands on it in the words it is printed with.
 */
export class Pdf {
  readonly doc: PDFKit.PDFDocument;
  readonly width: number;
  readonly height: number;

  readonly words: Words;
  private readonly foot: string;

  constructor(
    { job, fonts, paper, words }: Printing,
    name: PaperName,
    { size = PAPERS[paper], lying = false }: Sheet = {},
  ) {
    const { width, height } = size;
    const what = { job: job.name, what: said(name) };
    this.words = words;
    this.foot = words.say(said('paper/foot', what));
    [this.width, this.height] = lying ? [height, width] : [width, height];
    this.doc = new PDFDocument({
      autoFirstPage: false,
      bufferPages: true,
      margin: 0,
      info: { Title: words.say(said('paper/of-job', what)), Creator: 'Zabble' },
    });
    for (const [name, weight] of [
      ['plain', 400],
      ['medium', 500],
      ['bold', 600],
    ] as const)
      this.doc.registerFont(name, join(fonts, `barlow-latin-${weight}-normal.woff`));
  }

  page(): void {
    this.doc.addPage({ size: [this.width * POINT, this.height * POINT], margin: 0 });
  }

  /** What `draw` draws is seen only inside this frame. */
  inside(x: number, y: number, width: number, height: number, draw: () => void): void {
    this.doc
      .save()
      .rect(x * POINT, y * POINT, width * POINT, height * POINT)
      .clip();
    draw();
    this.doc.restore();
  }

  circle(x: number, y: number, diameter: number, weight = 0.2): void {
    this.doc
      .lineWidth(weight * POINT)
      .strokeColor('#1d2424')
      .circle(x * POINT, y * POINT, (diameter / 2) * POINT)
      .stroke();
  }

  /** One line of text; `y` is its upper edge. */
  text(
    text: string,
    x: number,
    y: number,
    { size = 10, font = 'plain', align = 'left', width, colour = '#1d2424' }: Style = {},
  ): void {
    this.doc.font(font).fontSize(size).fillColor(colour);
    const set = text.replaceAll('≈', '~').replace(FRACTION, '$1\u2044$2');
    const shown = width === undefined ? set : this.shortened(set, width);
    const wide = this.widthOf(shown);
    const room = width ?? 0;
    const left = align === 'right' ? x + room - wide : align === 'center' ? x + (room - wide) / 2 : x;
    this.doc.text(shown, left * POINT, y * POINT, { lineBreak: false, features: FEATURES });
  }

  /** The same of what the words have a sentence for. */
  say(what: Said, x: number, y: number, style?: Style): void {
    this.text(this.words.say(what), x, y, style);
  }

  line(x1: number, y1: number, x2: number, y2: number, weight = 0.2, colour = '#1d2424'): void {
    this.doc
      .lineWidth(weight * POINT)
      .strokeColor(colour)
      .moveTo(x1 * POINT, y1 * POINT)
      .lineTo(x2 * POINT, y2 * POINT)
      .stroke();
  }

  rect(
    x: number,
    y: number,
    width: number,
    height: number,
    look: { fill?: string; stroke?: string; weight?: number; dash?: number } = {},
  ): void {
    const { fill, stroke = '#1d2424', weight = 0.2, dash } = look;
    this.doc.save().lineWidth(weight * POINT);
    if (dash !== undefined) this.doc.dash(dash * POINT, { space: dash * POINT });
    this.doc.rect(x * POINT, y * POINT, width * POINT, height * POINT);
    if (fill === undefined) this.doc.stroke(stroke);
    else this.doc.fillAndStroke(fill, stroke);
    this.doc.restore();
  }

  triangle(points: readonly (readonly [number, number])[], fill: string): void {
    this.doc.polygon(...points.map(([x, y]) => [x * POINT, y * POINT])).fill(fill);
  }

  /** Words in lines no wider than this. */
  wrapped(text: string, width: number, size: number): readonly string[] {
    this.doc.font('plain').fontSize(size);
    const lines: string[] = [];
    for (const word of text.replaceAll('≈', '~').split(' ')) {
      const longer = lines.length === 0 ? word : `${lines.at(-1) ?? ''} ${word}`;
      if (lines.length > 0 && this.widthOf(longer) <= width) lines[lines.length - 1] = longer;
      else lines.push(word);
    }
    return lines;
  }

  /** Numbers the pages, puts the mark on each that shows true size, and gives the file. */
  finish(mark = true): Promise<Buffer> {
    const { start, count } = this.doc.bufferedPageRange();
    for (let page = 0; page < count; page += 1) {
      this.doc.switchToPage(start + page);
      const y = this.height - MARGIN + 3;
      if (mark) this.sizeMark(MARGIN, y);
      const pages = count > 1 ? ` · ${this.words.say(said('paper/page', { page: page + 1, of: count }))}` : '';
      this.text(`${this.foot}${pages}`, this.width / 2, y - 1.5, {
        size: 8,
        align: 'right',
        width: this.width / 2 - MARGIN,
      });
    }
    return new Promise((resolve, reject) => {
      const parts: Buffer[] = [];
      this.doc.on('data', (part: Buffer) => parts.push(part));
      this.doc.on('end', () => resolve(Buffer.concat(parts)));
      this.doc.on('error', reject);
      this.doc.end();
    });
  }

  private sizeMark(x: number, y: number): void {
    const long = CHECK_LINE[this.words.unit];
    this.line(x, y, x + long, y);
    this.line(x, y - 1.5, x, y + 1.5);
    this.line(x + long, y - 1.5, x + long, y + 1.5);
    this.say(said('paper/size-mark', {}), x + 2, y - 4, { size: 7 });
  }

  private shortened(text: string, width: number): string {
    if (this.widthOf(text) <= width) return text;
    let [short, long] = [0, text.length];
    while (short < long - 1) {
      const middle = Math.floor((short + long) / 2);
      if (this.widthOf(`${text.slice(0, middle)}…`) <= width) short = middle;
      else long = middle;
    }
    return `${text.slice(0, short).trimEnd()}…`;
  }

  private widthOf(words: string): number {
    return this.doc.widthOfString(words, { features: FEATURES }) / POINT;
  }
}

/** With the slash of fractions the font sets them as such. */
const FRACTION = /(\d+)\/(\d+)/g;
/** Figures that line up. */
const FEATURES: PDFKit.Mixins.OpenTypeFeatures[] = ['tnum', 'kern'];
