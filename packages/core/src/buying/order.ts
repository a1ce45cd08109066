import type { Cents } from '../costing';
import { said, type Words } from '../words';

/** One line of an order as it goes to a supplier: its words are of the moment it was made. */
export interface OrderedLine {
  readonly line: number;
  readonly key: string;
  readonly what: string;
  readonly unit: string;
  readonly pack: number;
  readonly packs: number;
  /** Of one pack, where it is known. */
  readonly cents?: Cents;
}

export interface OrderedList {
  readonly number: number;
  readonly supplier: string;
  readonly madeAt: string;
  readonly lines: readonly OrderedLine[];
}

/** What is written on, and read from, a label of what arrives: the order and its line. */
export const orderLabel = ({ number }: Pick<OrderedList, 'number'>, { line }: Pick<OrderedLine, 'line'>): string =>
  `${number}-${line}`;

/** Which line of which order a label names; nothing where it names none. */
export function readOrderLabel(text: string): { readonly number: number; readonly line: number } | undefined {
  const [, number, line] = /^\s*(\d{1,9})\s*[-/.]\s*(\d{1,4})\s*$/.exec(text) ?? [];
  return number === undefined || line === undefined ? undefined : { number: Number(number), line: Number(line) };
}

/** The price of a line, where it has one. */
export const orderedCents = ({ packs, cents }: OrderedLine): Cents | undefined =>
  cents === undefined ? undefined : packs * cents;

/** The table of an order, its head first: what a supplier reads in, or a person. */
export function orderRows(order: OrderedList, words: Words): readonly (readonly string[])[] {
  const heads = ['label', 'key', 'what', 'packs', 'pack', 'unit', 'price', 'total'] as const;
  return [
    heads.map((head) => words.say(said('buy/head', { head }))),
    ...order.lines.map((line) => [
      ...[orderLabel(order, line), line.key, line.what, String(line.packs), String(line.pack), line.unit],
      ...[money(line.cents), money(orderedCents(line))],
    ]),
  ];
}

const money = (cents: Cents | undefined): string => (cents === undefined ? '' : (cents / 100).toFixed(2));

/** An order as plain text, to be pasted into a message; a line a thing. */
export function orderText(order: OrderedList, words: Words): string {
  return [
    words.say(said('buy/order', { number: order.number, supplier: order.supplier })),
    '',
    ...order.lines.map((line) => words.say(said('buy/order-line', { ...line, label: orderLabel(order, line) }))),
    '',
  ].join('\n');
}
