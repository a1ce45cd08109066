import type { QuoteShown } from '@zabble/contract';
import { ENGLISH, millimetres, said, wordsIn, type QuoteFace, type Words } from '@zabble/core';
import { dayInWords, moneyIn } from '../http/told';
import type { Paper } from './paper';
import { MARGIN, Pdf } from './pdf';

/** A quote with the paper it is printed on. */
export interface QuoteOrder {
  readonly quote: QuoteShown;
  readonly paper: Paper;
}

const LINE = 5;
/** Room for the face on the first page, and for what stands beside and under it, in millimetres. */
const DRAWN = 74;
const BESIDE = 22;
/** Scales a drawing is told in: one of these to one. */
const SCALES = [5, 10, 15, 20, 25, 30, 40, 50, 75, 100];

/** What a customer holds: the face to scale with its sizes, what it is made of, the price, how long it holds, room to sign. */
export function quotePdf({ quote, paper }: QuoteOrder, { fonts }: { readonly fonts: string }, onPage: () => void) {
  const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(1) });
  const { body, number } = quote;
  const title = `${words.say(said('quote/number', { number }))}: ${body.job}`;
  const foot = [[body.job, body.customer].filter(Boolean).join(' · '), title] as const;
  const pdf = new Pdf({ fonts, paper, ink: 'colour', words, onPage }, { title, foot });
  new QuotePages(pdf, words, quote).all();
  return pdf.finish({ mark: false });
}

/** Its pages, written from the top down. */
class QuotePages {
  private at = MARGIN;
  private readonly width: number;
  private readonly money: (cents: number) => string;

  constructor(
    private readonly pdf: Pdf,
    private readonly words: Words,
    private readonly quote: QuoteShown,
  ) {
    this.width = pdf.width - 2 * MARGIN;
    this.money = moneyIn(quote.currency);
  }

  all(): void {
    const { body, terms, excluded } = this.quote;
    this.pdf.page();
    this.head();
    this.faces(body.faces);
    this.list(said('quote/is-made'), body.made);
    this.list(said('quote/holds'), body.holds.length > 0 ? [this.words.list(body.holds)] : []);
    this.price();
    this.list(said('quote/excluded'), lines(excluded));
    this.list(said('quote/terms'), lines(terms));
    this.sign();
  }

  private head(): void {
    const { number, madeAt, body } = this.quote;
    const of = this.words.say(said('quote/of-day', { date: dayInWords(madeAt) }));
    this.pdf.title(body.job, MARGIN, this.at, 18, this.width);
    this.at += 9;
    const whom = body.customer ? ` ${this.words.say(said('quote/for', { customer: body.customer }))}` : '';
    this.told(`${this.words.say(said('quote/number', { number }))}${whom}, ${of}`, 11);
    this.at += 3;
  }

  /** Beside one another at one scale, the largest told one they fit at. */
  private faces(all: readonly QuoteFace[]): void {
    const wide = all.reduce((sum, { face }) => sum + face.width, 0);
    const high = Math.max(1, ...all.map(({ face }) => face.height));
    const room = this.width - all.length * BESIDE;
    const scale =
      SCALES.find((each) => wide / each <= room && high / each <= DRAWN) ??
      Math.ceil(Math.max(wide / room, high / DRAWN));
    let x = MARGIN;
    const foot = this.at + high / scale;
    for (const each of all) {
      this.face(each, x, foot, scale);
      x += each.face.width / scale + BESIDE;
    }
    this.at = foot + 7;
    for (const { name, sizes } of all) this.told(all.length > 1 ? `${name}: ${sizes}` : sizes, 10);
    this.told(this.words.say(said('quote/to-scale', { scale })), 8);
    this.at += 2;
  }

  private face({ face, wide, high }: QuoteFace, x: number, foot: number, scale: number): void {
    for (const box of face.boxes)
      this.pdf.rect(
        x + (box.x - face.x) / scale,
        foot - (box.y - face.y + box.height) / scale,
        box.width / scale,
        box.height / scale,
        { weight: box.role === 'case' ? 0.35 : 0.2, fill: box.role === 'case' ? '#ffffff' : '#f3ecdd' },
      );
    const [right, top] = [x + face.width / scale, foot - face.height / scale];
    this.pdf.line(x, foot + 2, right, foot + 2, 0.15);
    this.pdf.text(wide, x, foot + 2.6, { size: 8.5, align: 'center', width: right - x });
    this.pdf.line(right + 2, top, right + 2, foot, 0.15);
    this.pdf.text(high, right + 3, (top + foot) / 2 - 1.5, { size: 8.5, width: BESIDE - 4 });
  }

  private price(): void {
    const { body, validUntil } = this.quote;
    this.heading(said('quote/price'));
    for (const { what, count, cents } of body.lines) this.row(capital(what), cents, count);
    if (body.tax !== 0 && body.taxed === 'added') {
      this.row(this.words.say(said('quote/net')), body.net);
      this.row(this.words.say(said('quote/tax')), body.tax);
    }
    if (body.tax !== 0 && body.taxed === 'included') this.row(this.words.say(said('quote/tax-in-it')), body.tax);
    this.pdf.line(MARGIN, this.at, MARGIN + this.width, this.at, 0.3);
    this.at += 1.2;
    this.row(this.words.say(said('quote/total')), body.total, undefined, 'bold');
    this.at += 1;
    this.told(this.words.say(said('quote/valid', { date: dayInWords(validUntil) })), 10);
    if (body.stage !== 'as-built') this.told(this.words.say(said('quote/rough')), 9);
    if (body.without > 0) this.told(this.words.say(said('quote/without', { count: body.without })), 9);
  }

  private sign(): void {
    this.room(22);
    this.at += 16;
    this.pdf.line(MARGIN, this.at, MARGIN + this.width * 0.6, this.at, 0.2);
    this.told(this.words.say(said('quote/sign')), 8.5);
  }

  private heading(what: Parameters<Words['say']>[0]): void {
    this.room(3 * LINE);
    this.at += 2;
    this.pdf.text(this.words.say(what), MARGIN, this.at, { size: 11.5, font: 'bold', width: this.width });
    this.at += LINE + 1;
  }

  private list(what: Parameters<Words['say']>[0], all: readonly string[]): void {
    if (all.length === 0) return;
    this.heading(what);
    for (const each of all) this.told(each, 10);
  }

  private row(what: string, cents: number, count?: string, font: 'bold' | 'plain' = 'plain'): void {
    this.room(LINE);
    const size = font === 'bold' ? 12 : 10;
    const told = count === undefined ? what : `${what}, ${count}`;
    this.pdf.text(told, MARGIN, this.at, { size, font, width: this.width - 45 });
    this.pdf.text(this.money(cents), MARGIN + this.width - 42, this.at, { size, font, align: 'right', width: 42 });
    this.at += LINE + (font === 'bold' ? 1 : 0);
  }

  private told(text: string, size: number): void {
    for (const line of this.pdf.wrapped(text, this.width, size)) {
      this.room(LINE);
      this.pdf.text(line, MARGIN, this.at, { size, width: this.width });
      this.at += LINE;
    }
  }

  private room(needed: number): void {
    if (this.at + needed <= this.pdf.height - MARGIN - 6) return;
    this.pdf.page();
    this.at = MARGIN;
  }
}

const lines = (text: string): readonly string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);
const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`;
