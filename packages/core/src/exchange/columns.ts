/** One column of a plain-text table. */
export interface Column {
  readonly title: string;
  readonly align: 'left' | 'right';
  /** Longer entries are cut to this many characters. */
  readonly most?: number;
}

const BETWEEN = '  ';

/** Rows set in columns, their titles above, a word a line; no line longer than its widest entries. */
export function setInColumns(columns: readonly Column[], rows: readonly (readonly string[])[]): readonly string[] {
  const cut = rows.map((row) => row.map((cell, i) => shorten(cell, columns[i]?.most)));
  const titles = columns.map(({ title }) => title.split(' '));
  const deep = Math.max(...titles.map(({ length }) => length));
  const widths = titles.map((words, i) =>
    Math.max(...[...words, ...cut.map((row) => row[i] ?? '')].map((each) => each.length)),
  );
  const line = (cells: readonly string[]): string =>
    columns
      .map(({ align }, i) => {
        const cell = cells[i] ?? '';
        return align === 'left' ? cell.padEnd(widths[i] ?? 0) : cell.padStart(widths[i] ?? 0);
      })
      .join(BETWEEN)
      .trimEnd();
  // Short titles stand on the last line, next to what they are of.
  const heads = Array.from({ length: deep }, (_, at) =>
    line(titles.map((words) => words[at - deep + words.length] ?? '')),
  );
  return [...heads, ...cut.map(line)];
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
