import { IN_ENGLISH } from './plan.spec-data';
import { readJobDocument } from './plan';
import { newerSaid } from '../job';
import { BANK, sample } from '../job/sample.spec-data';
import { patched } from '../reading';

const strange = [
  { path: `${BANK}.box.scent`, value: { of: 'cedar' } },
  { path: `${BANK}.drawers[1].lamp`, value: true },
  { path: 'motto', value: 'measure twice' },
];

describe('a file of a newer minor', () => {
  const document: unknown = patched(sample, [{ path: 'minor', value: 999 }, ...strange]);

  it('is read, with what nobody here knows left where it stands, and says so', () => {
    const reading = readJobDocument(document);
    if (!reading.ok) throw new Error(reading.errors.map(({ path }) => path).join());
    expect(reading.document).toBe(document);
    expect(reading.newer).toEqual({ minor: 999, untouched: [`${BANK}.box.scent`, `${BANK}.drawers[1].lamp`, 'motto'] });
    expect(JSON.stringify(reading.job)).not.toContain('cedar');
    expect(reading.newer && IN_ENGLISH.say(newerSaid(reading.newer))).toBe(
      'This job was written by a newer Zabble (1.999; this one knows 1.6). What this one does not know stays in the ' +
        `file and is not planned: ${BANK}.box.scent, ${BANK}.drawers[1].lamp and motto.`,
    );
  });

  it('still has everything wrong with the fields that are known said', () => {
    const reading = readJobDocument(patched(document, [{ path: `${BANK}.front.gap`, value: '3' }]));
    expect(reading).toMatchObject({ ok: false, errors: [{ path: `${BANK}.front.gap` }] });
  });

  it('of the same minor, or of none, may hold no stranger', () => {
    for (const minor of [undefined, 0]) {
      const reading = readJobDocument(patched(sample, [{ path: 'minor', value: minor }, ...strange]));
      expect(reading).toMatchObject({ ok: false, errors: strange.map(({ path }) => ({ path })) });
    }
  });

  it.each([-1, 1.5, '2', null])('has a whole number for it, not %j', (minor) => {
    expect(readJobDocument({ ...sample, minor })).toMatchObject({ ok: false, errors: [{ path: 'minor' }] });
  });
});
