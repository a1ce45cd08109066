import fc from 'fast-check';
import { withReadings, type JobDocument, type LogEntry, type Place } from '../job';
import { nm, type Length } from '../length';
import { plan, readJobDocument } from '../plan';
import { demo } from '../plan/plan.spec-data';
import { takenBySlides } from '../slides';
import { boxFits } from './box-fit';
import { frontsAsHung } from './fronts-as-hung';
import { hangSteps } from './hang-steps';

const AT = '2026-11-20T09:00:00Z';
const document = (family: string, mount: string): JobDocument => {
  const notions = demo('notions-bank');
  const [owner] = notions.cases;
  const [bank] = owner!.banks;
  const gaps = { top: '3 mm', bottom: '3 mm', left: '3 mm', right: '3 mm', gap: '3 mm', material: 'front19' };
  const front = mount === 'inset' ? ({ ...gaps, mount: 'inset' } as const) : bank!.front;
  return { ...notions, cases: [{ ...owner!, banks: [{ ...bank!, slide: { family }, front }] }] };
};

const anyReading = fc.record({
  drawer: fc.integer({ min: 1, max: 6 }),
  what: fc.constantFrom('width' as const, 'slides' as const),
  place: fc.constantFrom<Place>('front', 'back'),
  // Up to 4 mm narrower or wider than the 24 in that were read.
  off: fc.integer({ min: -4_000_000, max: 4_000_000 }),
});
const anyCase = fc.record({
  family: fc.constantFrom('side-ball-bearing', 'side-light', 'undermount-16', 'wood-runner', 'roller-corner'),
  readings: fc.array(anyReading, { maxLength: 12 }),
});
const WIDTH = 609_600_000;

function measured(
  any: { family: string; readings: readonly { drawer: number; what: 'width' | 'slides'; place: Place; off: number }[] },
  mount = 'overlay',
) {
  const reading = readJobDocument(document(any.family, mount));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const family = plan(reading.job).cases[0]!.banks[0]!.drawers[0]!.family;
  const taken = takenBySlides(family);
  const log = any.readings.map(({ drawer, what, place, off }, index): LogEntry => ({
    id: String(index),
    kind: 'reading',
    at: AT,
    bank: 'c1/b1',
    drawer: `d${drawer}`,
    what,
    place,
    length: nm(WIDTH + off - (what === 'slides' ? taken : 0)),
  }));
  const job = withReadings({ ...reading.job, log });
  const planned = plan(job);
  return { job, plan: planned, bank: planned.cases[0]!.banks[0]!, family };
}

/** Widths that count: the newest of every thing at every place. */
function newest(readings: readonly { drawer: number; what: string; place: string; off: number }[]): readonly number[] {
  return [...new Map(readings.map((each) => [`${each.drawer} ${each.what} ${each.place}`, WIDTH + each.off])).values()];
}

describe('whatever is measured back', () => {
  it('the narrowest governs, every box goes in at every level, and every sum adds up', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const { bank, family } = measured(any);
        const least = Math.min(WIDTH, ...newest(any.readings));
        expect(bank.opening.width.total).toBe(least);
        for (const { dimensions, parts } of bank.drawers) {
          const width = dimensions['box.width']!;
          expect(width.total).toBe(width.terms.reduce((sum, { amount }) => sum + amount, 0));
          if (family.basis === 'outside')
            for (const level of bank.opening.levels)
              expect(width.total).toBeLessThanOrEqual(level.least.total - takenBySlides(family));
          for (const part of parts) expect(part.length?.total ?? 1).toBeGreaterThan(0);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('what is packed out at a level brings it to the narrowest', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const { bank } = measured(any);
        for (const step of hangSteps(bank))
          for (const { place, eachSide } of step.level ?? []) {
            const level = bank.opening.levels.find(({ drawer }) => drawer === bank.drawers[step.place!]!.id)!;
            const left = (level.hung[place] ?? level[place])!.total - 2 * eachSide - bank.opening.width.total;
            expect(Math.abs(left)).toBeLessThanOrEqual(1);
          }
      }),
      { numRuns: 40 },
    );
  });

  it('a cut box that is trimmed as told fits, and a made one packed as told fills its level', () => {
    fc.assert(
      fc.property(anyCase, fc.integer({ min: -8_000_000, max: 8_000_000 }), (any, over) => {
        const { job, plan: planned, bank } = measured(any);
        const drawer = bank.drawers[2]!;
        const ends = drawer.parts.find(({ role }) => role === 'box-front')!.length!.total;
        const cut = (length: number) => ({
          ...job,
          cutting: {
            cut: ['front', 'back'].map((role) => ({
              part: `c1/b1/d3/${role}`,
              length: nm(length),
              width: nm(100_000_000),
              at: AT,
            })),
          },
        });
        const [fit] = boxFits(cut(ends + over), planned);
        const slack = fit!.takes - drawer.dimensions['box.width']!.total;
        expect(fit!.over).toBe(over - slack);
        if (fit!.verdict === 'trim') {
          const [again] = boxFits(cut(ends + over - fit!.by), planned);
          expect(again!.verdict).toBe('fits');
        }
        if (fit!.verdict === 'pack') expect(Math.abs(fit!.width + 2 * fit!.by - fit!.takes)).toBeLessThanOrEqual(1);
      }),
      { numRuns: 60 },
    );
  });

  it('a front and its gaps fill the opening at its top and its foot, square or not', () => {
    fc.assert(
      fc.property(anyCase, (any) => {
        const { bank } = measured(any, 'inset');
        const gaps = bank.bank.front.left + bank.bank.front.right;
        for (const { square, outOfSquare } of frontsAsHung(bank)) {
          const { topLeft, topRight, bottomLeft, bottomRight } = square.reveals;
          expect(topLeft + square.width + topRight).toBe(outOfSquare.top + gaps);
          expect(bottomLeft + square.width + bottomRight).toBe(outOfSquare.bottom + gaps);
          expect(outOfSquare.top).toBeGreaterThanOrEqual(square.width);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('leaves a bank without readings the same object', () => {
    const reading = readJobDocument(document('side-ball-bearing', 'overlay'));
    const job = reading.ok ? reading.job : undefined;
    const elsewhere: LogEntry = { id: 'x', kind: 'reading', at: AT, bank: 'c9/b1', what: 'width', length: 1 as Length };
    expect(withReadings(job!)).toBe(job);
    expect(withReadings({ ...job!, log: [elsewhere] }).cases[0]).toBe(job!.cases[0]);
  });
});
