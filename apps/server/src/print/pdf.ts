import { said, type Plan, type Said, type Words } from '@zabble/core';
import PDFDocument from 'pdfkit';
import { Fonts, type Run, type Weight } from './fonts';
import { greyOf } from './grey';
import { PAPERS } from './paper';
import type { PaperName, Printing } from './printing';

/** Paper of another size than the printer's, in millimetres: for a roll or a plotter; or lying. */
interface Sheet {
  readonly size?: { readonly width: number; readonly height: number };
  readonly lying?: boolean;
}

const POINT = 72 / 25.4;
const INK = '#1d2424';
/** Free at every edge: printers reach no further. In millimetres. */
export const MARGIN = 12;
/** What every printer reaches, from the lower edge. */
const LOWEST = 5.5;
/** Length of the line that shows whether the print is true to size. */
export const CHECK_LINE = { in: 101.6, mm: 100 } as const;

/** Whether a page is to cut by or to plan by: as the openings of the job are known. */
function basisOf({ cases }: Plan): Said {
  const built = cases.flatMap(({ banks }) => banks.map(({ bank }) => bank.basis === 'as-built'));
  // A case without drawers has nothing measured yet.
  if (built.length === 0) return said('paper/forecast');
  return said(built.every(Boolean) ? 'paper/as-built' : built.some(Boolean) ? 'paper/part-forecast' : 'paper/forecast');
}

/** What a file is called, and what stands at the foot of each of its pages: whose it is, and what. */
export interface Called {
  readonly title: string;
  readonly foot: readonly [whose: string, what: string];
}

/** A paper of a job, called by its name and told what it may be used for. */
export function paperOf(printing: Printing, name: PaperName, sheet: Sheet = {}): Pdf {
  const { job, plan, words, date } = printing;
  const foot = [
    [job.name, job.customer].filter(Boolean).join(' · '),
    [said(name), basisOf(plan), said('text', { text: date })].map(words.say).join(' · '),
  ] as const;
  return new Pdf(
    printing,
    { title: words.say(said('paper/of-job', { job: job.name, what: said(name) })), foot },
    sheet,
  );
}

export interface Style {
  readonly size?: number;
  readonly font?: Weight;
  readonly align?: 'left' | 'right' | 'center';
  /** Room there is; longer words are cut short. */
  readonly width?: number;
  readonly colour?: string;
}

/**
 * A paper as PDF, in millimetres from the upper left corner, in the application's own font with real fractions;
 * it says what stands on it in the words it is printed with.
 */
export class Pdf {
  readonly doc: PDFKit.PDFDocument;
  readonly width: number;
  readonly height: number;

  readonly words: Words;
  private readonly fonts: Fonts;
  private readonly onPage: () => void;
  private readonly inked: (colour: string) => string;
  private readonly foot: readonly [string, string];

  constructor(
    { fonts, paper, ink, words, onPage }: Pick<Printing, 'fonts' | 'paper' | 'ink' | 'words' | 'onPage'>,
    { title, foot }: Called,
    { size = PAPERS[paper], lying = false }: Sheet = {},
  ) {
    const { width, height } = size;
    this.words = words;
    this.onPage = onPage;
    this.inked = ink === 'grey' ? greyOf : (colour) => colour;
    this.foot = foot;
    [this.width, this.height] = lying ? [height, width] : [width, height];
    this.doc = new PDFDocument({
      autoFirstPage: false,
      bufferPages: true,
      margin: 0,
      info: { Title: title, Creator: 'Zabble' },
    });
    this.fonts = new Fonts(this.doc, fonts);
  }

  page(): void {
    this.doc.addPage({ size: [this.width * POINT, this.height * POINT], margin: 0 });
    this.onPage();
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
      .strokeColor(this.inked(INK))
      .circle(x * POINT, y * POINT, (diameter / 2) * POINT)
      .stroke();
  }

  /** One line of text; `y` is its upper edge. */
  text(
    text: string,
    x: number,
    y: number,
    { size = 10, font = 'plain', align = 'left', width, colour = INK }: Style = {},
  ): void {
    this.doc.fontSize(size).fillColor(this.inked(colour));
    const set = text.replaceAll('≈', '~').replace(FRACTION, '$1\u2044$2');
    const shown = width === undefined ? set : this.shortened(set, width, font);
    const wide = this.widthOf(shown, font);
    const room = width ?? 0;
    let left = align === 'right' ? x + room - wide : align === 'center' ? x + (room - wide) / 2 : x;
    for (const run of this.fonts.runs(shown, font)) {
      this.fonts.use(run.font).text(run.text, left * POINT, y * POINT, { lineBreak: false, features: FEATURES });
      left += this.runWidth(run);
    }
  }

  /** One line whole: in smaller letters where it is long, cut short only where it would be too small to read. */
  title(text: string, x: number, y: number, size: number, width: number): void {
    let fits = size;
    this.doc.fontSize(fits);
    while (fits > LEAST_TITLE && this.widthOf(text, 'bold') > width) this.doc.fontSize((fits -= 0.5));
    // It stands on the line it would stand on at its full size.
    this.text(text, x, y + (size - fits) * 0.3, { size: fits, font: 'bold', width });
  }

  /** The same of what the words have a sentence for. */
  say(what: Said, x: number, y: number, style?: Style): void {
    this.text(this.words.say(what), x, y, style);
  }

  line(x1: number, y1: number, x2: number, y2: number, weight = 0.2, colour = INK): void {
    this.doc
      .lineWidth(weight * POINT)
      .strokeColor(this.inked(colour))
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
    const { fill, stroke = INK, weight = 0.2, dash } = look;
    this.doc.save().lineWidth(weight * POINT);
    if (dash !== undefined) this.doc.dash(dash * POINT, { space: dash * POINT });
    this.doc.rect(x * POINT, y * POINT, width * POINT, height * POINT);
    if (fill === undefined) this.doc.stroke(this.inked(stroke));
    else this.doc.fillAndStroke(this.inked(fill), this.inked(stroke));
    this.doc.restore();
  }

  /** A closed figure of straight sides. */
  shape(
    points: readonly (readonly [number, number])[],
    { fill, weight, stroke = INK }: { fill: string; weight: number; stroke?: string },
  ): void {
    this.doc
      .lineWidth(weight * POINT)
      .polygon(...points.map(([x, y]) => [x * POINT, y * POINT]))
      .fillAndStroke(this.inked(fill), this.inked(stroke));
  }

  /** Rectangles told in whole squares of this size from a point, filled black as one path. */
  blocks(
    all: readonly (readonly [x: number, y: number, width: number, height: number])[],
    x: number,
    y: number,
    square: number,
  ): void {
    if (all.length === 0) return;
    this.doc
      .save()
      .translate(x * POINT, y * POINT)
      .scale(square * POINT)
      .fillColor('#000')
      .addContent(`${all.map((each) => each.join(' ')).join(' re\n')} re\nf`)
      .restore();
  }

  /** A picture as large as it fits between a corner and so much room; how wide and high it comes out. */
  picture(
    png: Buffer,
    x: number,
    y: number,
    room: { width: number; height: number },
    of: { width: number; height: number },
  ) {
    const scale = Math.min(room.width / of.width, room.height / of.height);
    const [width, height] = [of.width * scale, of.height * scale];
    this.doc.image(png, (x + (room.width - width) / 2) * POINT, y * POINT, {
      ...{ width: width * POINT, height: height * POINT },
    });
    return { width, height };
  }

  triangle(points: readonly (readonly [number, number])[], fill: string): void {
    this.doc.polygon(...points.map(([x, y]) => [x * POINT, y * POINT])).fill(this.inked(fill));
  }

  /** Words in lines no wider than this. */
  wrapped(text: string, width: number, size: number, font: Weight = 'plain'): readonly string[] {
    this.doc.fontSize(size);
    const lines: string[] = [];
    for (const word of text.replaceAll('≈', '~').split(' ')) {
      const longer = lines.length === 0 ? word : `${lines.at(-1) ?? ''} ${word}`;
      if (lines.length > 0 && this.widthOf(longer, font) <= width) lines[lines.length - 1] = longer;
      else lines.push(word);
    }
    return lines;
  }

  /**
   * Numbers the pages, puts the mark on each that shows true size, and gives the file. `low` brings the foot down to the
   * edge printers reach, where a page is full.
   */
  finish({ mark = true, low = false }: { readonly mark?: boolean; readonly low?: boolean } = {}): Promise<Buffer> {
    const { start, count } = this.doc.bufferedPageRange();
    for (let page = 0; page < count; page += 1) {
      this.doc.switchToPage(start + page);
      const y = this.height - (low ? LOWEST : MARGIN - 3);
      if (mark) this.sizeMark(MARGIN, y, low);
      const [whose, what] = this.foot;
      const number = this.words.say(said('paper/page', { page: page + 1, of: count }));
      const room = this.width - 2 * MARGIN - CHECK_LINE.in - 8;
      const right = { size: 7.5, align: 'right', width: room } as const;
      const x = this.width - MARGIN - room;
      this.text(whose, x, y - 4.4, right);
      this.text(`${what} · ${number}`, x, y - 1.4, right);
    }
    return new Promise((resolve, reject) => {
      const parts: Buffer[] = [];
      this.doc.on('data', (part: Buffer) => parts.push(part));
      this.doc.on('end', () => resolve(Buffer.concat(parts)));
      this.doc.on('error', reject);
      this.doc.end();
    });
  }

  private sizeMark(x: number, y: number, low: boolean): void {
    const long = CHECK_LINE[this.words.unit];
    this.line(x, y, x + long, y);
    this.line(x, y - 1.5, x, y + 1.5);
    this.line(x + long, y - 1.5, x + long, y + 1.5);
    this.say(said('paper/size-mark', {}), x + 2, low ? y - 3.2 : y - 4, { size: low ? 5.5 : 7 });
  }

  private shortened(text: string, width: number, font: Weight): string {
    if (this.widthOf(text, font) <= width) return text;
    let [short, long] = [0, text.length];
    while (short < long - 1) {
      const middle = Math.floor((short + long) / 2);
      if (this.widthOf(`${text.slice(0, middle)}…`, font) <= width) short = middle;
      else long = middle;
    }
    return `${text.slice(0, short).trimEnd()}…`;
  }

  private widthOf(words: string, font: Weight): number {
    return this.fonts.runs(words, font).reduce((sum, run) => sum + this.runWidth(run), 0);
  }

  private runWidth({ font, text }: Run): number {
    return this.fonts.use(font).widthOfString(text, { features: FEATURES }) / POINT;
  }
}

/** No title is set smaller, in points. */
const LEAST_TITLE = 8;
/** With the slash of fractions the font sets them as such. */
const FRACTION = /(\d+)\/(\d+)/g;
/** Figures that line up. */
const FEATURES: PDFKit.Mixins.OpenTypeFeatures[] = ['tnum', 'kern'];
