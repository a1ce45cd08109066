import type { Words } from '../words';

const HEADS = {
  label: 'Label',
  key: 'Key',
  what: 'What',
  packs: 'Packs',
  pack: 'In a pack',
  unit: 'Unit',
  price: 'A pack',
  total: 'Together',
};

const money = (cents: number): string => (cents / 100).toFixed(2);

/** What is said of buying: on orders, and of what a supplier answered. */
export const BUYING = {
  'paper/order': 'order',
  'buy/head': ({ head }: { head: keyof typeof HEADS }) => HEADS[head],
  'buy/order': ({ number, supplier }: { number: number; supplier: string }) => `Order ${number} to ${supplier}`,
  'buy/order-line': (
    {
      label,
      packs,
      pack,
      unit,
      what,
      key,
    }: { label: string; packs: number; pack: number; unit: string; what: string; key: string },
    w: Words,
  ) =>
    pack === 1
      ? `${label}  ${packs} ${unit}: ${what} (${key})`
      : `${label}  ${w.count(packs, { one: 'pack', other: 'packs' })} of ${pack} ${unit}: ${what} (${key})`,
  'buy/of-day': ({ date }: { date: string }) => `Ordered ${date}`,
  'buy/for-jobs': ({ names }: { names: readonly string[] }, w: Words) => `for ${w.list(names)}`,
  'buy/expected': ({ date }: { date: string }) => `Expected ${date}`,
  'buy/together': 'Together',
  'buy/delivered': ({ supplier, date }: { supplier: string; date: string }) =>
    `${supplier} says it was delivered on ${date}: press Arrived once it is here.`,
  'buy/silent-since': ({ supplier }: { supplier: string }) =>
    `${supplier} does not answer now; it has taken the order. Ask again later.`,
  'buy/made-up':
    'The supplier is a stand-in that ships with the program: its prices are made up, and it delivers nothing.',
  'buy/acknowledged': ({ supplier, date }: { supplier: string; date: string }) =>
    `${supplier} took the order and promises it for ${date}.`,
  'buy/late': ({ supplier, date, usual }: { supplier: string; date: string; usual: string }) =>
    `${supplier} took the order, but for ${date}: later than the ${usual} its usual days would give.`,
  'buy/no-answer': ({ supplier }: { supplier: string }) =>
    `${supplier} did not answer: whether it has the order is not known. It counts as ordered until you ask again or call it off; asked again, it is not ordered twice.`,
  'buy/out-of-stock': ({ supplier, names }: { supplier: string; names: readonly string[] }, w: Words) =>
    `${supplier} has no ${w.list(names)}: nothing was ordered. Order the others alone, or buy them elsewhere.`,
  'buy/wrong-price': (
    {
      supplier,
      prices,
    }: { supplier: string; prices: readonly { readonly what: string; readonly was: number; readonly is: number }[] },
    w: Words,
  ) =>
    `${supplier} asks another price for ${w.list(prices.map(({ what, was, is }) => `${what} (${money(is)}, not ${money(was)})`))}: nothing was ordered. Take its prices into the book, then order again.`,
  'buy/not-understood': ({ supplier, status }: { supplier: string; status: number }) =>
    `${supplier} answered with what can’t be read (${status}): nothing is known to be ordered. Ask again, or call it off.`,
  'buy/unknown-there': ({ supplier }: { supplier: string }) =>
    `${supplier} knows nothing of this order: send it again, or call it off.`,
  'buy/called-off': 'Called off.',
};
