import { decimal, pieces, type Amount } from './amount';
import type { Cents } from './money';

/** What something costs: so much for a pack of so many units. */
export interface Price {
  readonly key: string;
  /** As the list writes it; of overhead `%` for a percentage, `h` for so much an hour. */
  readonly unit: string;
  readonly pack: Amount;
  readonly cents: Cents;
  readonly supplier?: string;
  /** `2026-11-01` */
  readonly date?: string;
}

/** Prices by their keys. A list that is given beats what a job says, and that a row of hardware. */
export type PriceBook = ReadonlyMap<string, Price>;

/** A price of one, that a job or a row of hardware tells. */
export const priceOfOne = (key: string, unit: string, cents: Cents): Price => ({ key, unit, cents, pack: pieces(1) });

/** A price is old after so many days; common practice. */
const OLD_AFTER = 60;
const DAY = 86_400_000;

/** Days from one date to another, both as `2026-11-01`. */
export const daysOld = (date: string, today: string): number =>
  Math.round((Date.parse(today) - Date.parse(date)) / DAY);

/** Whether a price is older than it should be on a day. One without a date is not known to be. */
export const isOld = ({ date }: Price, today: string): boolean =>
  date !== undefined && daysOld(date, today) > OLD_AFTER;

/** A price as it is kept: the pack a plain number of units. */
export interface KeptPrice extends Omit<Price, 'pack'> {
  readonly pack: number;
}

export const priceOf = (row: KeptPrice): Price => ({ ...row, pack: decimal(row.pack) });
