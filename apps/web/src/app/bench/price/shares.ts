import type { ShareShape, ShareWay } from './share-field';

type Fields = Readonly<Record<string, unknown>>;

/** `{ percent: 20, of: 'cost' }`: a percentage, and of what. */
const percentWith = (kind: string): ShareShape => ({
  read: (value) => {
    const { percent, [kind]: way } = (value ?? {}) as Fields;
    return typeof percent === 'number' && typeof way === 'string' ? { way, amount: percent } : undefined;
  },
  write: (way, percent) => ({ percent, [kind]: way }),
});

/** `{ percent: 20 }` or `{ hour: 12 }`: how it is told is the name of its field. */
const byName: ShareShape = {
  read: (value) => {
    const [first] = Object.entries((value ?? {}) as Fields);
    return first && typeof first[1] === 'number' ? { way: first[0], amount: first[1] } : undefined;
  },
  write: (way, amount) => ({ [way]: amount }),
};

/** A plain percentage. */
const plain: ShareShape = {
  read: (value) => (typeof value === 'number' ? { way: 'percent', amount: value } : undefined),
  write: (_, amount) => amount,
};

/** What a job decides of its price in percent and the like. */
export const SHARES: readonly {
  readonly path: string;
  readonly label: string;
  readonly none: string;
  readonly shape: ShareShape;
  readonly ways: readonly ShareWay[];
}[] = [
  {
    path: 'pricing.overhead',
    label: $localize`Overhead`,
    none: $localize`as the shop has it`,
    shape: byName,
    ways: [
      { id: 'percent', label: $localize`% of labour`, begins: 20 },
      { id: 'hour', label: $localize`an hour of work`, begins: 10 },
    ],
  },
  {
    path: 'pricing.margin',
    label: $localize`Margin`,
    none: $localize`as the shop has it`,
    shape: percentWith('of'),
    ways: [
      { id: 'cost', label: $localize`% of cost`, begins: 20 },
      { id: 'price', label: $localize`% of the price`, begins: 20 },
    ],
  },
  {
    path: 'pricing.discount',
    label: $localize`Discount`,
    none: $localize`none`,
    shape: plain,
    ways: [{ id: 'percent', label: $localize`% of what it comes to`, begins: 5 }],
  },
  {
    path: 'pricing.tax',
    label: $localize`Tax`,
    none: $localize`as the shop has it`,
    shape: percentWith('how'),
    ways: [
      { id: 'added', label: $localize`% added`, begins: 20 },
      { id: 'included', label: $localize`% that is in it`, begins: 20 },
    ],
  },
];
