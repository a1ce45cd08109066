import type { UsualPricing } from '@zabble/core';

/** One way of telling a share: `id` is how it is kept, `begins` what it begins with. */
export interface ShareWay {
  readonly id: string;
  readonly label: string;
  readonly begins: number;
}

/** A share of a price as it is kept: how it is told, and how much. */
export interface ShareShape {
  readonly read: (value: unknown) => { readonly way: string; readonly amount: number } | undefined;
  readonly write: (way: string, amount: number) => unknown;
}

export interface Share {
  readonly name: Exclude<keyof UsualPricing, 'people'>;
  readonly label: string;
  readonly shape: ShareShape;
  readonly ways: readonly ShareWay[];
}

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

/** What a shop, or a job for itself, decides of a price in percent and the like. */
export const SHARES: readonly Share[] = [
  {
    name: 'overhead',
    label: $localize`Overhead`,
    shape: byName,
    ways: [
      { id: 'percent', label: $localize`% of labour`, begins: 20 },
      { id: 'hour', label: $localize`an hour of work`, begins: 10 },
    ],
  },
  {
    name: 'margin',
    label: $localize`Margin`,
    shape: percentWith('of'),
    ways: [
      { id: 'cost', label: $localize`% of cost`, begins: 20 },
      { id: 'price', label: $localize`% of the price`, begins: 20 },
    ],
  },
  {
    name: 'discount',
    label: $localize`Discount`,
    shape: plain,
    ways: [{ id: 'percent', label: $localize`% of what it comes to`, begins: 5 }],
  },
  {
    name: 'tax',
    label: $localize`Tax`,
    shape: percentWith('how'),
    ways: [
      { id: 'added', label: $localize`% added`, begins: 20 },
      { id: 'included', label: $localize`% that is in it`, begins: 20 },
    ],
  },
];
