import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { JobDocument, LogEntry } from '@zabble/core';
import { jobOf, lineOf } from './lines';

const demo = (name: string): JobDocument =>
  JSON.parse(readFileSync(join(__dirname, `../../../../examples/${name}.json`), 'utf8')) as JobDocument;
const at = '2026-11-20T09:00:00Z';

describe('an entry as a line of the record', () => {
  const reading = (of: string): LogEntry =>
    ({
      ...{ id: 'r', kind: 'reading', at, by: 'Runa', bank: of, what: 'width', place: 'front' },
      length: 584_200_000,
    }) as unknown as LogEntry;

  it('has its lengths as the job shows them, and where it was', () => {
    const inches = jobOf(demo('notions-bank'))!;
    const millimetres = jobOf({ ...demo('notions-bank'), unit: 'mm', step: undefined } as JobDocument)!;
    expect(lineOf(inches, reading('c1/b1'))).toMatchObject({ kind: 'reading', by: 'Runa', at });
    expect(lineOf(inches, reading('c1/b1')).says).toBe('width of the opening, front: 23 in');
    expect(lineOf(millimetres, reading('c1/b1')).says).toBe('width of the opening, front: 584.2 mm');
    expect(lineOf(inches, reading('c1/b1')).where).not.toBe('');
    expect(lineOf(inches, { id: 't', kind: 'time', at, minutes: 40 } as LogEntry)).toMatchObject({
      ...{ says: '40 minutes', where: '' },
    });
  });

  it('is of no job that can’t be read any more', () => {
    expect(jobOf({ ...demo('notions-bank'), cases: 7 } as never)).toBeUndefined();
    expect(jobOf(demo('notions-bank'))?.name).toBe(demo('notions-bank').name);
  });
});
