import { drawStickPaper, ENGLISH, wordsIn, type BankPlan } from '@zabble/core';
import { tileOf } from './full-size';
import { PAPERS } from './paper';
import { demo, info, Printer, text, wish, worked } from './printed.spec-data';

const printer = new Printer();
afterAll(() => printer.end());
const { planned } = worked(wish.document);
const words = wordsIn(ENGLISH, planned);
const plan = planned.cases[0]!.banks[0]!;
const MARGIN = 12;
const OVERLAP = 15;

/** Heights of all marks on one edge of the stick, floor included, in millimetres, from below. */
function wanted(bank: BankPlan, right: boolean): readonly number[] {
  const { shapes } = drawStickPaper(bank, words);
  const ticks = shapes.flatMap((shape) => (shape.kind === 'line' && shape.role === 'tick' ? [shape] : []));
  const own = ticks.filter(({ x1 }) => (right ? x1 > 0 : x1 === 0)).map(({ y1 }) => y1);
  return [...new Set([0, ...own])].sort((a, b) => a - b);
}

const { width: wide, height: high, y: low } = drawStickPaper(plan, words);
const middles = (stretches: readonly { from: number; to: number }[]): readonly number[] =>
  stretches.filter(({ from, to }) => to - from < 1.2).map(({ from, to }) => (from + to) / 2);

describe.each(['a4', 'letter'] as const)('the story stick on %s', (paper) => {
  const { long, top } = tileOf(PAPERS[paper]);
  const count = 1 + Math.ceil((high - long) / (long - OVERLAP));

  // Judged: every mark within 0.2 mm of the plan, on the page as it is printed.
  it.each([
    ['fronts', false],
    ['boxes and slides', true],
  ])('has every mark of the %s within 0.2 mm', async (_, right) => {
    const path = await printer.printed('story-stick.pdf', { paper });
    expect(info(path)).toMatch(new RegExp(`Pages:\\s+${count}`));
    const found: number[] = [];
    for (let page = 1; page <= count; page += 1) {
      const floor = low + (page - 1) * (long - OVERLAP);
      const column = printer.page(path, page).down(MARGIN + (right ? wide - 0.8 : 0.8));
      for (const y of middles(column)) {
        const height = floor + top + long - y;
        if (y > top && y < top + long) found.push(height);
      }
    }
    for (const height of wanted(plan, right)) {
      const near = Math.min(...found.map((each) => Math.abs(each - height)));
      expect(near).toBeLessThan(0.2);
    }
  });

  it('has check lines that measure what they say, on every page', async () => {
    const path = await printer.printed('story-stick.pdf', { paper });
    for (let page = 1; page <= count; page += 1) {
      const raster = printer.page(path, page);
      const [longest] = [...raster.down(PAPERS[paper].width - MARGIN - 6)].sort(
        (a, b) => b.to - b.from - (a.to - a.from),
      );
      // Four inches, in a job of inches.
      expect(Math.abs(longest!.to - longest!.from - 101.6)).toBeLessThan(0.35);
    }
    expect(text(path)).toContain('A on the next page');
    expect(text(path)).toContain('A on the page below');
  });
});

describe('the story stick in one piece', () => {
  it('is as long as it takes, with every mark within 0.2 mm', async () => {
    const path = await printer.printed('story-stick-strip.pdf');
    const points = Number(/Page size:\s+[\d.]+ x ([\d.]+)/.exec(info(path))?.[1]);
    const page = (points / 72) * 25.4;
    expect(page).toBeGreaterThan(high);
    const bottom = page - MARGIN - 8;
    const raster = printer.page(path, 1);
    for (const right of [false, true]) {
      const found = middles(raster.down(MARGIN + (right ? wide - 0.8 : 0.8))).map((y) => low + bottom - y);
      for (const height of wanted(plan, right))
        expect(Math.min(...found.map((each) => Math.abs(each - height)))).toBeLessThan(0.2);
    }
  });
});

describe('templates', () => {
  it('are full size, each once with the drawers it serves', async () => {
    const document = { ...demo('flag-chest') };
    const path = await printer.printed('templates.pdf', { document });
    const words = text(path);
    expect(words).toMatch(/Back for its slides|Screw line|Pull/);
    expect(words).toMatch(/drawers? \d/);
  });

  it('say so where a job has none', async () => {
    const path = await printer.printed('templates.pdf', { document: demo('rope-bench') });
    expect(text(path)).toContain('no pulls, no undermount backs, no slides with screws');
  });
});

describe('the bench card', () => {
  it.each(['a4', 'letter'])('has a page a bank on %s, with what is needed at the case', async (paper) => {
    const words = text(await printer.printed('bench-card.pdf', { paper }));
    expect(words).toContain('AS BUILT');
    expect(words).toMatch(/Needles, palms\s+25\s+3 13⁄16\s+23 \+0 −1⁄16/);
    expect(words).toMatch(/fence at/);
    expect(words).toContain('~27 35⁄64');
    expect(words).toMatch(/Holes\s+first/);
    expect(words).toMatch(/Build-out\s+left/);
    expect(words).toContain('Packing');
    expect(words).toContain('the back is under');
    const rope = info(await printer.printed('bench-card.pdf', { paper, document: demo('rope-bench') }));
    expect(rope).toMatch(/Pages:\s+2/);
  });
});
