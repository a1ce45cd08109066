import type { Said } from '../length';
import { addUp, type Amount } from './amount';
import type { Price } from './price';

/** In what things are counted and bought. */
export type CountedIn = 'sheet' | 'bdft' | 'm3' | 'm' | 'pair' | 'piece' | 'kg' | 'l';

/** The kinds of things a job takes, in the order they are told. */
export const NEED_KINDS = ['sheets', 'wood', 'hardware', 'band', 'glue', 'finish'] as const;
export type NeedKind = (typeof NEED_KINDS)[number];

/** So much of it, and for what. */
export interface ForWhat {
  readonly called: Said;
  readonly amount: Amount;
  /** Counted by a layout kept in the job: as new sheets, as pieces of the rack, or less what is left over and kept. */
  readonly from?: 'layout' | 'rack' | 'left-over';
}

/** Something a job takes, counted by its plan; what makes the count is told one by one. */
export interface Need {
  readonly kind: NeedKind;
  readonly key: string;
  readonly what: Said;
  readonly unit: CountedIn;
  readonly of: readonly ForWhat[];
  /** What the job, or the row of the hardware, says one costs. */
  readonly own?: Price;
}

/** Needs of one key as one, in the order they come. */
export function gathered(needs: readonly Need[]): readonly Need[] {
  const found = new Map<string, Need>();
  for (const need of needs) {
    const known = found.get(need.key);
    found.set(need.key, known ? { ...known, of: [...known.of, ...need.of] } : need);
  }
  return [...found.values()].filter((need) => addUp(need.of.map(({ amount }) => amount)).n > 0n);
}

export const countOf = ({ of }: Need): Amount => addUp(of.map(({ amount }) => amount));
