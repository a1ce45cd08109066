import { readJobDocument } from './plan';
import { inches, millimetres, writeExact } from '../length';
import { patched } from '../reading';
import { WHOLE_CASE, wholeBank, wholeJob } from './whole-case.spec-data';
import { contentOf, KNOWN_THINGS } from '../pullouts';

describe('things with a known size', () => {
  const exact = (length: number) => writeExact(length as never, 'mm');

  it('are written as anything that is put in a drawer, and read', () => {
    for (const thing of KNOWN_THINGS) {
      const contents = [contentOf(thing, thing.id, exact)];
      const document = patched(wholeJob(WHOLE_CASE, [wholeBank('b1', 'lower', 1)]), [
        { path: 'cases[0].banks[0].drawers[0].contents', value: contents },
      ]);
      const read = readJobDocument(document);
      expect(read.ok ? read.job.cases[0]!.banks[0]!.drawers[0]!.contents : read.errors).toMatchObject([
        {
          ...{ name: thing.id, height: thing.height },
          ...(thing.files ? { files: thing.files } : {}),
          ...(thing.count === undefined ? {} : { count: thing.count, weight_kg: thing.weight_kg }),
          ...(thing.footprint ? { footprint: thing.footprint } : {}),
        },
      ]);
    }
  });

  it('hang as high over the bottom as their files do, the bottle as high as it stands', () => {
    // From memory: 10 1/2 in clear above the bottom, A4 270 mm; a bottle 320 mm.
    const heights = Object.fromEntries(KNOWN_THINGS.map(({ id, height }) => [id, height]));
    expect(heights).toMatchObject({ letter: inches(21, 2), legal: inches(21, 2), a4: millimetres(270) });
    expect(heights).toMatchObject({ bottle: millimetres(320) });
  });
});
