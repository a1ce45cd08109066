import { partsOf } from '../cutting';
import { ENGLISH, wordsIn } from '../words';
import { benchCards } from './bench-card';
import { benchCardText } from './bench-card-text';
import { readLog, type JobDocument, type LogEntryDocument, type Job } from '../job';
import { patched, type Patch } from '../reading';
import { inches, inMillimetres } from '../length';
import { plan, readJobDocument, type Plan } from '../plan';
import { demo, inch } from '../plan/plan.spec-data';
import { boxFits } from '../fitting';

const AT = '2026-11-20T09:00:00Z';
const BANK = 'cases[0].banks[0]';
let number = 0;
type Reading = LogEntryDocument & { readonly kind: 'reading' };
const reading = (more: Partial<Reading> & Pick<Reading, 'what' | 'length'>): LogEntryDocument => ({
  id: `e${(number += 1)}`,
  at: AT,
  kind: 'reading',
  bank: 'c1/b1',
  ...more,
});
const cut = (part: string, length: string, width: string) => ({ part, length, width, at: AT });

function worked(log: readonly LogEntryDocument[], ...patches: Patch[]) {
  const document: JobDocument = { ...patched(demo('notions-bank'), patches), log };
  const read = readJobDocument(document);
  if (!read.ok) throw new Error(JSON.stringify(read.errors));
  const planned = plan(read.job);
  return { job: read.job, plan: planned, bank: planned.cases[0]!.banks[0]! };
}
const cardOf = (job: Job, planned: Plan): string =>
  benchCardText(benchCards(job, planned)[0]!, wordsIn(ENGLISH, planned));
const widthOf = ({ bank }: ReturnType<typeof worked>, place: number): number =>
  inMillimetres(bank.drawers[place]!.dimensions['box.width']!.total);

describe('measured back at the case', () => {
  it('a narrower level governs every box of the bank, and leads to its reading', () => {
    const before = worked([]);
    const after = worked([
      reading({ what: 'width', drawer: 'd3', place: 'front', length: '24 in' }),
      reading({ what: 'width', drawer: 'd3', place: 'back', length: '23 29/32 in' }),
    ]);
    expect(inMillimetres(after.bank.opening.width.total)).toBe(inch(23 + 29 / 32));
    expect(after.bank.opening.width.terms[0]).toMatchObject({ from: { kind: 'field', path: 'log[1].length' } });
    for (const place of [0, 3, 5]) expect(widthOf(before, place) - widthOf(after, place)).toBeCloseTo(inch(3 / 32), 6);
    expect(after.bank.opening.levels).toHaveLength(1);
    expect(after.bank.opening.taper.total).toBe(inches(1, 8));
  });

  it('the newest reading of a place counts, and none of a planned opening', () => {
    const log = [
      reading({ what: 'width', drawer: 'd3', place: 'front', length: '23 1/2 in' }),
      reading({ what: 'width', drawer: 'd3', place: 'front', length: '23 31/32 in' }),
    ];
    expect(inMillimetres(worked(log).bank.opening.width.total)).toBe(inch(23 + 31 / 32));
    const planned = worked(log, { path: 'cases[0].banks[0].basis', value: 'planned' });
    expect(inMillimetres(planned.bank.opening.width.total)).toBe(inch(24));
  });

  it('between the hung slides counts with what the slides take', () => {
    const { bank } = worked([reading({ what: 'slides', drawer: 'd2', place: 'back', length: '22 15/16 in' })]);
    expect(inMillimetres(bank.opening.width.total)).toBe(inch(23 + 15 / 16));
    expect(inMillimetres(bank.drawers[4]!.dimensions['box.width']!.total)).toBe(inch(22 + 15 / 16));
  });

  it('hung slides out of parallel are told as slides, not as a taper of the case', () => {
    const says = (log: readonly LogEntryDocument[], ...patches: Patch[]): string => {
      const found = worked(log, { path: `${BANK}.opening.width`, value: ['24 in'] }, ...patches);
      const finding = found.bank.findings.find(({ code }) => code === 'OPENING_TAPERED');
      return finding ? wordsIn(ENGLISH, found.plan).say(finding) : '';
    };
    const hung = [
      reading({ what: 'slides', drawer: 'd2', place: 'front', length: '23 in' }),
      reading({ what: 'slides', drawer: 'd2', place: 'back', length: '23 1/8 in' }),
    ];
    expect(says(hung)).toBe(
      'Hung slides stand farther apart than their boxes are wide: pack them out 1/16 in a side at drawer 2, back.',
    );
    const wide = [
      reading({ what: 'width', drawer: 'd2', place: 'front', length: '24 in' }),
      reading({ what: 'width', drawer: 'd2', place: 'back', length: '24 1/8 in' }),
    ];
    expect(says(wide)).toMatch(/^The opening tapers: .* over the narrowest\..*1\/16 in a side at drawer 2, back\.$/);
    // Once they hang parallel on their packing, there is nothing left to pack at their level.
    const packed = reading({ what: 'slides', drawer: 'd2', place: 'back', length: '23 in' });
    expect(says([...wide, packed])).not.toContain('1/16 in a side');
  });

  it('a bottom follows the box as made and the groove as cut', () => {
    const at = (log: readonly LogEntryDocument[]): number => {
      const bottom = worked(log).bank.drawers[1]!.parts.find(({ role }) => role === 'bottom')!;
      return inMillimetres(bottom.length!.total);
    };
    const planned = at([]);
    const made = reading({ what: 'box-width', drawer: 'd2', place: 'front', length: '22 31/32 in' });
    expect(planned - at([made])).toBeCloseTo(inch(1 / 32), 6);
    const groove = reading({ what: 'groove', drawer: 'd2', length: '6/32 in' });
    expect(planned - at([made, groove])).toBeCloseTo(inch(1 / 32) + 2 * inch(1 / 32), 6);
  });

  it('a thickness that is not what is written is said, with the button that writes it', () => {
    const thick = reading({ what: 'thickness', material: 'ply12', length: '11.5 mm', device: 'caliper' });
    const { bank } = worked([thick]);
    const finding = bank.findings.find(({ code }) => code === 'THICKNESS_MEASURED')!;
    expect(finding.severity).toBe('warn');
    const mended = worked([thick], ...finding.remedies![0]!.patches);
    expect(mended.bank.findings.map(({ code }) => code)).not.toContain('THICKNESS_MEASURED');
    expect(inMillimetres(mended.bank.drawers[0]!.parts[0]!.thickness)).toBe(11.5);
    const near = worked([reading({ what: 'thickness', material: 'ply12', length: '11.9 mm' })]);
    expect(near.bank.findings.map(({ code }) => code)).not.toContain('THICKNESS_MEASURED');
  });

  it('entries that can’t be read are said by their field', () => {
    const bad = readLog([{ id: 'a', kind: 'reading', at: 'yesterday', what: 'girth', length: '1 in' }, { kind: 'x' }]);
    expect(bad.ok ? [] : bad.errors.map(({ path }) => path)).toEqual([
      'entries[0].at',
      'entries[0].what',
      'entries[1].kind',
    ]);
  });
});

describe('a bench card of an opening measured back', () => {
  it('says where its levels are packed out, and by how much', () => {
    const { job, plan: planned } = worked([
      reading({ what: 'width', drawer: 'd3', place: 'front', length: '24 in' }),
      reading({ what: 'width', drawer: 'd3', place: 'back', length: '23 15/16 in' }),
    ]);
    const card = cardOf(job, planned);
    expect(card).toContain('Levels   pack drawer 3 front 1/32 a side');
    const plain = cardOf(worked([]).job, worked([]).plan);
    expect(plain).not.toContain('Levels');
  });
});

describe('what is made or cut, in the opening as it was measured', () => {
  // Box 23 in wide; sides 11.8 mm, so that ends between them are 23 in − 23.6 mm long.
  const ENDS = '560.6 mm';
  const cutting = (length: string): Patch => ({
    path: 'cutting.cut',
    value: ['front', 'back'].map((role) => cut(`c1/b1/d3/${role}`, length, '4 3/16 in')),
  });
  const narrower = reading({ what: 'width', drawer: 'd5', place: 'front', length: '23 29/32 in' });

  it('one cut box is too wide by exactly what a level came out narrower, and is saved by trimming its ends', () => {
    const { job, plan: planned } = worked([narrower], cutting(ENDS));
    const fits = boxFits(job, planned);
    expect(fits).toHaveLength(1);
    expect(fits[0]).toMatchObject({ drawer: 'd3', known: 'cut', verdict: 'trim' });
    expect(inMillimetres(fits[0]!.over)).toBeCloseTo(inch(3 / 32), 6);
    const ends = partsOf(job, planned).parts.filter(({ standing }) => standing);
    expect(ends.map(({ standing }) => standing!.fits)).toEqual(['trim', 'trim']);
  });

  it('fits where its own level was measured and takes it', () => {
    const own = reading({ what: 'width', drawer: 'd3', place: 'front', length: '24 in' });
    const { job, plan: planned } = worked([narrower, own], cutting(ENDS));
    expect(boxFits(job, planned)[0]).toMatchObject({ verdict: 'fits', over: 0 });
    expect(partsOf(job, planned).parts.find(({ standing }) => standing)!.standing!.fits).toBe('fits');
  });

  it.each([
    // Half-inch slides forgive 1/16 in; packed up to 3 mm a side; past that it is made again. Common practice.
    ['22 31/32 in', 'fits', 0],
    ['22 7/8 in', 'pack', inch(1 / 16)],
    ['22 5/8 in', 'again', inch(3 / 8)],
    ['23 1/32 in', 'again', inch(1 / 32)],
  ])('a made box of %s: %s', (length, verdict, by) => {
    const { job, plan: planned } = worked([reading({ what: 'box-width', drawer: 'd1', place: 'front', length })]);
    const [fit] = boxFits(job, planned);
    expect([fit!.known, fit!.verdict]).toEqual(['made', verdict]);
    expect(inMillimetres(fit!.by)).toBeCloseTo(by, 6);
  });

  it('a solid box a little too wide is planed', () => {
    const solid = { path: 'materials[0].kind', value: 'solid' };
    const fit = (length: string) => {
      const made = reading({ what: 'box-width', drawer: 'd1', place: 'front', length });
      const { job, plan: planned } = worked([made], solid);
      return boxFits(job, planned)[0];
    };
    expect(fit('23 1/32 in')).toMatchObject({ verdict: 'plane', by: inches(1, 64) });
    // 2 mm is the most that is planed. Common practice.
    expect(fit('23 3/32 in')).toMatchObject({ verdict: 'again', by: inches(3, 32) });
  });
});
