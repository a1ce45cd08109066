import { plan, partsOf, patched, readJobDocument, type JobDocument } from '@zabble/core';
import { newJob } from '../../store/job/new-job';
import { cutPatch, releasePatch } from './records';

const document = newJob('mm');
const deed = { at: '2026-11-23T10:00:00Z', by: 'Ines' };

function partsIn(of: JobDocument) {
  const reading = readJobDocument(of);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return partsOf(reading.job, plan(reading.job)).parts;
}

describe('what is written down at the saw', () => {
  const [first, second] = partsIn(document);

  it('a part cut is kept in its planned size, after those before it', () => {
    const once = patched(document, [cutPatch(document, [first!], deed, 'mm')]);
    const twice = patched(once, [cutPatch(once, [second!], deed, 'mm')]);
    const standing = partsIn(twice).map((part) => part.standing?.fits);
    expect(standing.slice(0, 3)).toEqual(['fits', 'fits', undefined]);
  });

  it('a part that came out wrong is kept with its size and the word for it', () => {
    const came = { length: '400 mm', width: '90 mm', wrong: 'split' };
    const [part] = partsIn(patched(document, [cutPatch(document, [first!], deed, 'mm', came)]));
    expect(part?.standing).toMatchObject({
      fits: 'again',
      record: { wrong: 'split', by: 'Ines', length: 400_000_000 },
    });
  });

  it('a release replaces an older one of the same part', () => {
    const once = patched(document, [releasePatch(document, [first!.name], 'a guess', deed)]);
    const twice = patched(once, [releasePatch(once, [first!.name, second!.name], 'the same cutter', deed)]);
    expect(twice.cutting?.released?.map(({ part, reason }) => [part, reason])).toEqual([
      [first!.name, 'the same cutter'],
      [second!.name, 'the same cutter'],
    ]);
    expect(partsIn(twice)[0]).toMatchObject({ release: 'now', byHand: 'the same cutter' });
  });
});
