/** One column of a plain-text table. */
export interface Column {
  readonly title: string;
  readonly align: 'left' | 'right';
  /** Longer entries are cut to this many characters. */
  readonly most?: number;
}

const BETWEEN = '  ';

/** Rows set in columns, a title line above; no line longer than its widest entries. */
export function setInColumns(columns: readonly Column[], rows: readonly (readonly string[])[]): readonly string[] {
  const cut = rows.map((row) => row.map((cell, i) => shorten(cell, columns[i]?.most)));
  const widths = columns.map(({ title }, i) => Math.max(title.length, ...cut.map((row) => (row[i] ?? '').length)));
  const line = (cells: readonly string[]): string =>
    columns
      .map(({ align }, i) => {
        const cell = cells[i] ?? '';
        return align === 'left' ? cell.padEnd(widths[i] ?? 0) : cell.padStart(widths[i] ?? 0);
      })
      .join(BETWEEN)
      .trimEnd();
  return [line(columns.map(({ title }) => title)), ...cut.map(line)];
}

export function shorten(text: string, most = Infinity): string {
  return text.length <= most ? text : `${text.slice(0, most - 1).trimEnd()}…`;
}

/** Text broken into lines of at most `most` characters, further lines indented. */
export function wrap(text: string, most: number, indent: string): readonly string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    if (line !== '' && `${line} ${word}`.length > most) {
      lines.push(line);
      line = `${indent}${word}`;
    } else line = line === '' ? word : `${line} ${word}`;
  }
  return [...lines, line];
}
