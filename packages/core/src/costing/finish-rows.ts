/** A way of finishing: what it takes and how often. A shop has its own. */
export interface FinishRow {
  readonly id: string;
  readonly coats: number;
  /** Square metres a litre covers. */
  readonly cover: number;
  /** How often it is sanded in all: bare wood in two grits, then before coats. */
  readonly grits: number;
}

const BARE = 2;

/** The rows that ship; from memory, the tin always wins. */
export const FINISH_ROWS: readonly FinishRow[] = [
  { id: 'clear', coats: 3, cover: 10, grits: BARE + 2 },
  { id: 'oil', coats: 3, cover: 14, grits: BARE },
  { id: 'wax', coats: 1, cover: 20, grits: BARE },
  { id: 'lacquer', coats: 3, cover: 8, grits: BARE },
  { id: 'enamel', coats: 3, cover: 10, grits: BARE },
  { id: 'stain', coats: 1, cover: 12, grits: BARE },
];
