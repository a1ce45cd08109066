import { IN_ENGLISH } from './plan.spec-data';
import { patched } from '../reading';
import { sample } from '../job/sample.spec-data';
import { SPECIES } from '../timber';
import { readJobDocument } from './plan';

describe('the species of a file', () => {
  it('is refused in a file with its path and the nearest names', () => {
    const path = 'materials[2].species';
    const reading = readJobDocument(patched(sample, [{ path, value: 'cherri' }]));
    expect(reading).toMatchObject({ ok: false, errors: [{ path }] });
    if (!reading.ok)
      expect(IN_ENGLISH.say(reading.errors[0]!.said)).toMatch(
        /^read "cherri": no wood .* Cherry, black \("cherry-black"\)/,
      );
  });

  it.each(SPECIES.map(({ id, name }) => [id, name]))('%s is taken by its id and its name', (id, name) => {
    for (const value of [id, name])
      expect(readJobDocument(patched(sample, [{ path: 'materials[0].species', value }])).ok).toBe(true);
  });
});
