import type { SupplierPrice } from '@zabble/contract';

/** Where prices are asked for: a supplier's list as it is today. A real one could answer the same. */
export type Supplier = () => Promise<readonly SupplierPrice[]>;

type Line = Omit<SupplierPrice, 'pricedOn'>;

type Size = readonly [length: string, width: string];
const METRIC_SHEET: Size = ['2440 mm', '1220 mm'];
const INCH_SHEET: Size = ['96 in', '48 in'];

const sheet = (name: string, thickness: string, price: number, [length, width] = METRIC_SHEET): Line => ({
  name,
  kind: 'sheet',
  length,
  width,
  thickness,
  price,
});

/** Made up: what a small supplier might carry, and about what it might ask. */
const CARRIED: readonly Line[] = [
  sheet('6 mm birch plywood', '5.5 mm', 38, INCH_SHEET),
  sheet('12 mm birch plywood', '11.8 mm', 74, INCH_SHEET),
  sheet('9 mm birch plywood', '8.8 mm', 56),
  sheet('15 mm birch plywood', '14.8 mm', 88),
  sheet('18 mm shop plywood', '17.6 mm', 62),
  sheet('3/4 in maple-faced plywood', '23/32 in', 96, INCH_SHEET),
  sheet('1/4 in hardboard', '6 mm', 21),
  { name: 'Black cherry, 4/4', kind: 'board', length: '96 in', width: '7 in', thickness: '1 in', price: 46 },
  { name: 'Hard maple, 4/4', kind: 'board', length: '96 in', width: '6 in', thickness: '1 in', price: 31 },
];
/** Prices go up and down by up to this much from one asking to the next. */
const SWAY = 0.06;

/** A supplier that is none: its list is made up and sways a little with every asking. */
export function simulatedSupplier(chance: () => number, today: () => Date): Supplier {
  return () => {
    const pricedOn = today().toISOString().slice(0, 10);
    const swayed = (price: number): number => Math.round(100 * price * (1 + SWAY * (2 * chance() - 1))) / 100;
    return Promise.resolve(CARRIED.map((line) => ({ ...line, price: swayed(line.price), pricedOn })));
  };
}
