import { ENGLISH, millimetres, partOfJob, partsOf, plan, readJobDocument, wordsIn, type JobDocument } from '..';
import { WHOLE_CASE, wholeJob } from '../plan/whole-case.spec-data';

const WORDS = wordsIn(ENGLISH, { unit: 'in', step: millimetres(0.5) });
const AT = { at: '2026-11-03T08:00:00Z' };

function partsIn(over: object) {
  const reading = readJobDocument(wholeJob({ ...WHOLE_CASE, ...over }) as JobDocument);
  if (!reading.ok) throw new Error(reading.errors.map(({ path }) => path).join(' '));
  const planned = plan(reading.job);
  const all = partsOf(reading.job, planned).parts.filter(({ use }) => use.bank === '');
  const release = (name: string) => all.find((each) => each.name === `c1/${name}`)?.release;
  return { all, release, called: all.map((part) => WORDS.say(partOfJob(planned, part))) };
}

describe('parts of a case to be cut', () => {
  it('are named by their case and their node, every piece one', () => {
    const { all, called } = partsIn({});
    expect(all.map(({ name }) => name)).toEqual([
      ...['c1/case-side-left', 'c1/case-side-right', 'c1/case-bottom', 'c1/stretcher 1', 'c1/stretcher 2'],
      ...['c1/divider left', 'c1/rail upper 1', 'c1/rail upper 2', 'c1/case-back', 'c1/kick-board'],
      ...['c1/frame-stile 1', 'c1/frame-stile 2', 'c1/frame-rail 1', 'c1/frame-rail 2'],
      ...['c1/frame-middle-stile left', 'c1/frame-middle-rail upper'],
    ]);
    expect(called).toContain('divider right of left');
    expect(called).toContain('case rail under upper 2');
  });

  // Common practice: the stage gate of cases.
  it.each([
    ['nothing is known', {}, ['survey', 'survey', 'case-glued', 'case-glued', 'standing']],
    ['it is surveyed', { gates: { survey: AT } }, ['now', 'now', 'case-glued', 'case-glued', 'standing']],
    ['it is glued', { gates: { glued: AT } }, ['now', 'now', 'now', 'now', 'standing']],
    ['it stands', { gates: { standing: AT } }, ['now', 'now', 'now', 'now', 'now']],
    [
      'its frame is made first',
      { gates: { survey: AT }, build: { ...WHOLE_CASE.build, frameFirst: true } },
      ['now', 'now', 'case-glued', 'now', 'standing'],
    ],
    [
      'its back lies on the back edges',
      { gates: { survey: AT }, build: { ...WHOLE_CASE.build, back: { kind: 'applied', material: 'ply6' } } },
      ['now', 'now', 'now', 'case-glued', 'standing'],
    ],
  ])('wait for their gates where %s', (_, over, releases) => {
    const { release } = partsIn(over);
    const asked = ['case-side-left', 'divider left', 'case-back', 'frame-stile 1', 'kick-board'];
    expect(asked.map(release)).toEqual(releases);
  });

  it('are all held where something of the case stops', () => {
    const layout = { id: 'front', across: [{ id: 'left', size: '80 in' }, { id: 'right' }] };
    const { all } = partsIn({ layout, banks: [], gates: { standing: AT } });
    expect(new Set(all.map(({ release }) => release))).toEqual(new Set(['mend']));
  });
});
