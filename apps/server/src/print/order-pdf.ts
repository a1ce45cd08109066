import type { Order } from '@zabble/contract';
import { ENGLISH, millimetres, orderedCents, orderRows, said, wordsIn } from '@zabble/core';
import { dayInWords } from '../http/told';
import type { Paper } from './paper';
import { MARGIN, Pdf } from './pdf';

/** An order with the paper it is printed on. */
export interface OrderOnPaper {
  readonly order: Order;
  readonly paper: Paper;
}

const ROW = 6;
/** Where the columns begin, in millimetres from the left margin; the last two are written from the right. */
const COLUMNS = [0, 16, 110, 124] as const;
const MONEY = 24;

/** What a supplier reads: a line a thing, with the label it is known by when it arrives; nothing of what jobs it is for. */
export function orderPdf({ order, paper }: OrderOnPaper, { fonts }: { readonly fonts: string }, onPage: () => void) {
  const words = wordsIn(ENGLISH, { unit: 'mm', step: millimetres(1) });
  const title = words.say(said('buy/order', { number: order.number, supplier: order.supplier }));
  const pdf = new Pdf({ fonts, paper, ink: 'colour', words, onPage }, { title, foot: [order.supplier, title] });
  const width = pdf.width - 2 * MARGIN;
  let at = MARGIN;
  const row = (cells: readonly string[], font: 'bold' | 'plain', rows = 1): void => {
    const [label, what, packs, pack, price, total] = cells as [string, string, string, string, string, string];
    const put = (text: string, x: number, wide: number, align: 'left' | 'right' = 'left'): void =>
      pdf.text(text, MARGIN + x, at, { size: 9, font, align, width: wide });
    put(label, COLUMNS[0], COLUMNS[1] - 1);
    pdf.wrapped(what, COLUMNS[2] - COLUMNS[1] - 2, 9).forEach((line, down) => {
      pdf.text(line, MARGIN + COLUMNS[1], at + 4 * down, { size: 9, font, width: COLUMNS[2] - COLUMNS[1] });
    });
    put(packs, COLUMNS[2], COLUMNS[3] - COLUMNS[2] - 2);
    put(pack, COLUMNS[3], width - 2 * MONEY - COLUMNS[3]);
    put(price, width - 2 * MONEY, MONEY - 1, 'right');
    put(total, width - MONEY, MONEY, 'right');
    at += ROW + 4 * (rows - 1);
    pdf.line(MARGIN, at - 1.4, MARGIN + width, at - 1.4, font === 'bold' ? 0.3 : 0.1);
  };
  const [heads, ...rows] = orderRows(order, words).map(([label, key, what, packs, pack, unit, price, total]) => [
    ...[label ?? '', `${what} (${key})`, packs ?? '', pack === '1' ? (unit ?? '') : `${pack} ${unit}`],
    ...[price ?? '', total ?? ''],
  ]);
  const head = [heads?.[0] ?? '', words.say(said('buy/head', { head: 'what' })), ...(heads ?? []).slice(2)];
  const begin = (): void => {
    pdf.page();
    at = MARGIN;
    pdf.title(title, MARGIN, at, 16, width);
    at += 9;
    pdf.text(words.say(said('buy/of-day', { date: dayInWords(order.madeAt) })), MARGIN, at, { size: 10, width });
    at += 8;
    row(head, 'bold');
  };
  begin();
  for (const cells of rows) {
    const lines = pdf.wrapped(cells[1] ?? '', COLUMNS[2] - COLUMNS[1] - 2, 9).length;
    if (at + ROW + 4 * (lines - 1) > pdf.height - MARGIN - 8) begin();
    row(cells, 'plain', lines);
  }
  const sum = order.lines.reduce((all, line) => all + (orderedCents(line) ?? 0), 0);
  row(['', words.say(said('buy/together')), '', '', '', (sum / 100).toFixed(2)], 'bold');
  return pdf.finish({ mark: false });
}
