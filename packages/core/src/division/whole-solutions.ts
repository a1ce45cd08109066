/** All whole-number solutions of a system: one of them, and what may be added to it any whole number of times. */
export interface WholeSolutions {
  readonly one: readonly number[];
  /** As many as there are ways to move; each as long as a solution. */
  readonly moves: readonly (readonly number[])[];
}

/**
 * The whole-number solutions of `rows · x = sums`; undefined where there are none. Columns are combined by whole numbers
 * (Euclid's way) until each row has one entry beyond those used: source, H. Cohen, A Course in Computational Algebraic
 * Number Theory, 1993, section 2.4 (from memory). Bounded by the sizes of the entries.
 */
export function wholeSolutions(
  rows: readonly (readonly number[])[],
  sums: readonly number[],
  count: number,
): WholeSolutions | undefined {
  const columns = Array.from({ length: count }, (_, at) => ({
    entries: rows.map((row) => row[at] ?? 0),
    unit: Array.from({ length: count }, (__, other) => (other === at ? 1 : 0)),
  }));
  const times: number[] = [];
  for (let row = 0; row < rows.length; row += 1) {
    const from = times.length;
    gathered(columns, from, row);
    const pivot = columns[from]?.entries[row] ?? 0;
    const missing = times.reduce((left, each, at) => left - each * (columns[at]?.entries[row] ?? 0), sums[row] ?? 0);
    if (pivot === 0 && missing !== 0) return undefined;
    if (pivot === 0) continue;
    if (missing % pivot !== 0) return undefined;
    times.push(missing / pivot);
  }
  const one = Array.from({ length: count }, (_, at) =>
    times.reduce((sum, each, column) => sum + each * (columns[column]?.unit[at] ?? 0), 0),
  );
  return { one, moves: columns.slice(times.length).map(({ unit }) => unit) };
}

interface ColumnOf {
  entries: number[];
  unit: number[];
}

/** Leaves a row no entry from a column on but in that column: the greatest divisor of what stood there. */
function gathered(columns: ColumnOf[], from: number, row: number): void {
  for (;;) {
    const left = columns
      .map((column, at) => ({ column, at, size: Math.abs(column.entries[row] ?? 0) }))
      .filter(({ at, size }) => at >= from && size > 0)
      .sort((a, b) => a.size - b.size);
    const [least, ...others] = left;
    if (!least) return;
    if (others.length === 0) {
      [columns[from], columns[least.at]] = [columns[least.at] as ColumnOf, columns[from] as ColumnOf];
      return;
    }
    for (const { column } of others) {
      const times = Math.trunc((column.entries[row] ?? 0) / (least.column.entries[row] ?? 1));
      column.entries = column.entries.map((entry, at) => entry - times * (least.column.entries[at] ?? 0));
      column.unit = column.unit.map((entry, at) => entry - times * (least.column.unit[at] ?? 0));
    }
  }
}
