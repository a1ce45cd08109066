import fc from 'fast-check';
import type { JobDocument } from '../job';
import { patched, type Patch } from '../reading';
import { BANK, sample } from '../job/sample.spec-data';
import { plan, readJobDocument } from '../plan';
import { demo } from '../plan/plan.spec-data';
import { ENGLISH, wordsIn } from '../words';
import { benchCards } from './bench-card';
import { benchCardText } from './bench-card-text';
import { setInColumns, wrap } from './columns';

function cards(document: JobDocument, ...patches: Patch[]): readonly string[] {
  const reading = readJobDocument(patched(document, patches));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const planned = plan(reading.job);
  const words = wordsIn(ENGLISH, planned);
  return benchCards(reading.job, planned).map((card) => benchCardText(card, words));
}
const widest = (card: string): number => Math.max(...card.split('\n').map((line) => line.length));

describe('the bench card', () => {
  it('is one for each bank, no wider than a hundred columns', () => {
    expect(cards(demo('rope-bench'))).toHaveLength(2);
    for (const name of ['notions-bank', 'flag-chest', 'rope-bench'])
      for (const card of cards(demo(name))) expect(widest(card)).toBeLessThanOrEqual(100);
  });

  it('gives sizes in the job’s unit with their tolerance, spacers and when each part may be cut', () => {
    const [card] = cards(demo('notions-bank'));
    expect(card).toContain('AS BUILT');
    expect(card).toContain('Opening  24 wide, 30 high, 22 1/2 deep; taper 1/32, leans ≈0.025 to the right');
    expect(card).toMatch(/1\s+Needles, palms\s+25\s+3 13\/16\s+23 \+0 −1\/16\s+2 5\/8\s+22/);
    expect(card).toMatch(/Spacers {2}top first, each cut from the one before: ≈27.35\/64 \|/);
    expect(card).toMatch(/side 5\s+2\s+22\s+5 3\/16\s+≈0\.465\s+12 mm birch plywood\s+cut now/);
    expect(card).toMatch(/^Blade {4}groove ≈0\.217 wide, 7\/32 deep: fence 1\/2, then ≈19\/32, 2 passes/m);
    expect(card).toMatch(/bottom 1 2 3 4 5 6\s+6\s+HOLD\s+HOLD\s.*HOLD: groove/);
    expect(card).toMatch(/^WARN Drawer 1, Needles, palms: the back is under/m);
  });

  it('uses the ease out of the tolerance', () => {
    const [card] = cards(sample, { path: `${BANK}.box.ease`, value: '1 mm' }, { path: 'step', value: '0.1 mm' });
    expect(card).toContain('573.6 +0 −≈0.5');
  });

  it('says HOLD where there is no number, and what stops it', () => {
    const [card] = cards(sample, { path: `${BANK}.drawers[0].height`, value: '900 mm' });
    expect(card).toMatch(/1\s+620\.0\s+HOLD\s/);
    expect(card).toContain('HOLD, see what stops them below');
    expect(card).toMatch(/^STOP The heights held/m);
  });

  it('stays within its width whatever things are called', () => {
    const name = fc
      .string({ minLength: 1, maxLength: 60 })
      .filter((text) => text.trim() !== '' && !/[\p{Cc}]/u.test(text));
    fc.assert(
      fc.property(name, name, name, (job, drawer, material) => {
        const named = cards(
          sample,
          { path: 'name', value: job },
          { path: `${BANK}.drawers[0].name`, value: drawer },
          { path: 'materials[0].name', value: material },
        );
        expect(widest(named[0]!)).toBeLessThanOrEqual(100);
      }),
      { numRuns: 200 },
    );
  });
});

describe('setting plain text', () => {
  it('in columns, left and right', () => {
    const columns = [
      { title: 'What', align: 'left', most: 5 },
      { title: 'n', align: 'right' },
    ] as const;
    expect(
      setInColumns(columns, [
        ['battens', '12'],
        ['x', '3'],
      ]),
    ).toEqual(['What    n', 'batt…  12', 'x       3']);
  });

  it('in lines that hold whole words', () => {
    expect(wrap('one two three four', 9, '  ')).toEqual(['one two', '  three', '  four']);
  });
});
