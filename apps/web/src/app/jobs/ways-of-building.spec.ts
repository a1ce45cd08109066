import { plan, readJobDocument, type Finding } from '@zabble/core';
import { copyOf } from '../store/job/copy-of';
import { WAYS } from './ways-of-building';

describe.each(WAYS)('$name', ({ begin }) => {
  it.each(['in', 'mm'] as const)('can be built as it stands, in %s', (unit) => {
    const reading = readJobDocument(begin(unit));
    if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
    const banks = plan(reading.job).cases.flatMap((each) => each.banks);
    const asked = banks.flatMap(({ findings }) => findings.filter(({ severity }: Finding) => severity !== 'note'));
    expect(asked.map(({ code }) => code)).toEqual([]);
    expect(banks.flatMap(({ findings }) => findings.map(({ code }) => code))).toContain('FORECAST');
  });
});

describe('a copy of a job', () => {
  it('has all of it under a name that can be read, however long the first was', () => {
    const first = WAYS[0]!.begin('in');
    expect(copyOf(first)).toEqual({ ...first, name: `${first.name}, again` });
    const long = copyOf({ ...first, name: 'x'.repeat(200) });
    expect(readJobDocument(long)).toMatchObject({ ok: true });
  });
});
