import type { Order, OrderState } from '@zabble/contract';
import { dayAfter, said, type Said } from '@zabble/core';
import type { SupplierAnswer } from '../supplier/client';

/** Where an order stands by what its supplier answered. */
export interface Outcome {
  readonly state: OrderState;
  readonly answer: Said;
  readonly expectedOn?: string;
}

/**
 * One sentence for each way a supplier can answer, or not. Nothing that may have been ordered counts as not ordered, and
 * nothing that is known to be refused as ordered.
 */
export function outcomeOf(order: Order, answer: SupplierAnswer, leadDays: number | undefined): Outcome {
  const { supplier, lines, state } = order;
  const nameOf = (key: string): string => lines.find((line) => line.key === key)?.what ?? key;
  switch (answer.is) {
    case 'taken':
      return { state: 'ordered', expectedOn: answer.expectedOn, answer: takenSaid(order, answer, leadDays) };
    case 'out-of-stock':
      return { state: 'refused', answer: said('buy/out-of-stock', { supplier, names: answer.keys.map(nameOf) }) };
    case 'wrong-price': {
      const prices = answer.prices.map(({ key, cents }) => ({
        ...{ key, what: nameOf(key), is: cents, was: lines.find((line) => line.key === key)?.cents ?? 0 },
      }));
      return { state: 'refused', answer: said('buy/wrong-price', { supplier, prices }) };
    }
    case 'unknown':
      return { state, answer: said('buy/unknown-there', { supplier }) };
    case 'silent':
      return { state, answer: said(state === 'asked' ? 'buy/no-answer' : 'buy/silent-since', { supplier }) };
    case 'unread':
      return { state, answer: said('buy/not-understood', { supplier, status: answer.status }) };
  }
}

type Taken = Extract<SupplierAnswer, { readonly is: 'taken' }>;

function takenSaid(
  { supplier, madeAt }: Order,
  { expectedOn: date, delivered }: Taken,
  leadDays: number | undefined,
): Said {
  if (delivered) return said('buy/delivered', { supplier, date });
  const usual = leadDays === undefined ? undefined : dayAfter(madeAt.slice(0, 10), leadDays);
  return usual !== undefined && date > usual
    ? said('buy/late', { supplier, date, usual })
    : said('buy/acknowledged', { supplier, date });
}
