/** A way of finishing: what it takes and how often. A shop has its own. */
export interface FinishRow {
  readonly id: string;
  readonly coats: number;
  /** Square metres a litre covers. */
  readonly cover: number;
  /** How often it is sanded in all: bare wood in two grits, then before coats. */
  readonly grits: number;
  /** Hours each coat takes until the next, or until it can be handled; the last holds for all that follow. */
  readonly dry?: readonly number[];
  /** Hours from the last coat until it stands use: until it is packed. */
  readonly use?: number;
  /** Degrees it wants at least. */
  readonly least?: number;
}

/** Grits on bare wood: 120, then 180. Common practice. */
export const BARE_GRITS = 2;
const BARE = BARE_GRITS;

/** The rows that ship; from memory, the tin always wins. Enamel is one coat of primer and two of enamel. */
export const FINISH_ROWS: readonly FinishRow[] = [
  { id: 'clear', coats: 3, cover: 10, grits: BARE + 2, dry: [2], use: 24, least: 10 },
  { id: 'oil', coats: 3, cover: 14, grits: BARE, dry: [12], use: 72, least: 10 },
  { id: 'wax', coats: 1, cover: 20, grits: BARE, dry: [24], use: 24, least: 12 },
  { id: 'lacquer', coats: 3, cover: 8, grits: BARE, dry: [1], use: 24, least: 15 },
  { id: 'enamel', coats: 3, cover: 10, grits: BARE, dry: [4, 16], use: 168, least: 10 },
  { id: 'stain', coats: 1, cover: 12, grits: BARE, dry: [8], least: 10 },
];
