/** How sure the sizes are that no opening was measured for as built yet. */
export const SURVEYS = ['rough', 'careful'] as const;
export type Survey = (typeof SURVEYS)[number];

/** Parts that get one finish, by their roles as a plan file writes them. */
export interface FinishGroup {
  readonly parts: readonly string[];
  /** Id of a finish of the shop. */
  readonly row: string;
  /** The faces that show, or both. */
  readonly faces: 'show' | 'both';
  /** Before the piece is put together, or after. */
  readonly when: 'before' | 'after';
}

/** Something bought in besides: a stone top, glass, delivery. */
export interface BoughtIn {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  readonly unit?: string;
  /** Of one, in the shop's currency. */
  readonly price: number;
}

/** What a job decides of its price; what it leaves out is the shop's. Percentages are of a hundred, times minutes. */
export interface Pricing {
  /** On labour: a percentage of it, or so much for every hour. */
  readonly overhead?: { readonly percent?: number; readonly hour?: number };
  /** Of what it costs, or of the price itself. */
  readonly margin?: { readonly percent: number; readonly of: 'cost' | 'price' };
  readonly discount?: number;
  readonly tax?: { readonly percent: number; readonly how: 'added' | 'included' };
  /** Ways there and back, and what one takes. */
  readonly visits?: number;
  readonly travel?: number;
  /** Stripping out what stood there. */
  readonly demolish?: number;
  /** How many work on it. */
  readonly people?: number;
  readonly bought?: readonly BoughtIn[];
}
