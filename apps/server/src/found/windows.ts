/** A stretch of a list, newest first: what of it serves, and where the list goes on after it. */
export interface Stretch<Row> {
  readonly rows: readonly Row[];
  readonly next: string | null;
}

/** So many are enough for a word to be common: they are then found sooner in the order of the list than by the word. */
export const COMMON = 1000;
/** So much of a list is looked through in one go, so many times for one question. */
export const STRETCH = 2000;
const MOST_STRETCHES = 4;

/**
 * Looks through a list stretch by stretch until `size` rows are found or enough was looked at. `next` is where the page
 * goes on: after its last row, or, where enough was looked at, after the last stretch.
 */
export async function through<Row>(
  after: string | undefined,
  size: number,
  stretch: (after: string | undefined, wanted: number) => Promise<Stretch<Row>>,
  cursorOf: (row: Row) => string,
): Promise<Stretch<Row> & { readonly enough: boolean }> {
  const rows: Row[] = [];
  let at = after;
  for (let looked = 0; looked < MOST_STRETCHES; looked += 1) {
    const found = await stretch(at, size + 1 - rows.length);
    rows.push(...found.rows);
    const last = rows[size - 1];
    if (rows.length > size && last) return { rows: rows.slice(0, size), next: cursorOf(last), enough: false };
    if (found.next === null) return { rows, next: null, enough: false };
    at = found.next;
  }
  return { rows, next: at ?? null, enough: true };
}
