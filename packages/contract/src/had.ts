import type { BuyingKept, Order } from './buying';

/** Orders that are under way or are here: not those that were refused or called off. */
const standing = ({ state }: Order): boolean => state === 'asked' || state === 'ordered';

/** What each job has already: laid aside for it, ordered for it, or arrived for it. */
export function hadBy({ aside, orders }: Pick<BuyingKept, 'aside' | 'orders'>) {
  const lines = orders.filter(standing).flatMap((order) => order.lines);
  return [
    ...aside.map(({ job, key, count }) => ({ job, key, count, is: 'aside' as const })),
    ...lines.flatMap(({ key, for: of, arrivedOn }) =>
      of.map(({ job, count }) => ({
        job,
        key,
        count,
        is: arrivedOn === undefined ? ('ordered' as const) : ('arrived' as const),
      })),
    ),
  ];
}

/** What is ordered for each job and not here: of whom, and when it is promised. */
export const onOrderBy = ({ orders }: Pick<BuyingKept, 'orders'>) =>
  orders
    .filter(standing)
    .flatMap(({ supplier, expectedOn, lines }) =>
      lines
        .filter(({ arrivedOn }) => arrivedOn === undefined)
        .flatMap(({ key, for: of }) =>
          of.map(({ job }) => ({ job, key, supplier, ...(expectedOn === undefined ? {} : { expectedOn }) })),
        ),
    );
