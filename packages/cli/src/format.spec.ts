import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { FIELD_NOTES } from './field-notes';
import { fieldRows, noteOf } from './field-table';
import { formatCommand } from './format';

const docs = (name: string): string => readFileSync(join(__dirname, '../../../docs', name), 'utf8');
/** A table however its columns are padded. */
const unpadded = (text: string): string => text.replace(/-{2,}/g, '---').replace(/ +/g, ' ').trim();

describe('the documentation of the job file', () => {
  it('holds the schema the reader carries', () => {
    expect(JSON.parse(docs('job-file.schema.json'))).toEqual(JSON.parse(formatCommand([]).out));
  });

  it('holds the table of every field (npm run build writes it)', () => {
    const [, table = ''] =
      /<!-- fields: written by the build -->([\s\S]*?)<!-- end of fields -->/.exec(docs('job-file.md')) ?? [];
    expect(unpadded(table)).toBe(unpadded(formatCommand(['--fields']).out));
  });

  it('has no note on a field there is not', () => {
    const noted = new Set(fieldRows().map(({ path }) => noteOf(path)));
    expect(Object.entries(FIELD_NOTES).filter(([, note]) => !noted.has(note))).toEqual([]);
  });

  it('refuses what it does not know', () => {
    expect(formatCommand(['--table'])).toMatchObject({ out: '', code: 2 });
  });
});
