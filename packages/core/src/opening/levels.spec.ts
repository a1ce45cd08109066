import type { AsBuiltReading, Bank } from '../job';
import { millimetres, nm } from '../length';
import { levelPacking, levelsOf, looseReadings } from './levels';
import { governOpening } from './opening';

const mm = millimetres;
const reading = (
  drawer: string,
  what: 'width' | 'slides',
  length: number,
  place?: 'front' | 'back',
): AsBuiltReading => ({
  what,
  drawer,
  length: mm(length),
  path: `log[${length}].length`,
  ...(place ? { place } : {}),
});
const bank = (basis: string, ...readings: AsBuiltReading[]): Bank =>
  ({
    basis,
    opening: { width: [mm(600)], height: [mm(700)], depth: [mm(500)] },
    drawers: [{ id: 'd1' }, { id: 'd2' }],
    asBuilt: { readings },
  }) as unknown as Bank;
const taken = () => mm(26);

describe('the levels of an opening', () => {
  it('are those that were measured, each with its front, its back and its least', () => {
    const levels = levelsOf(
      bank('as-built', reading('d2', 'width', 599, 'front'), reading('d2', 'width', 598, 'back')),
      taken,
    );
    expect(levels).toHaveLength(1);
    expect(levels[0]).toMatchObject({ drawer: 'd2', front: { total: mm(599) }, back: { total: mm(598) } });
    expect(levels[0]!.least.total).toBe(mm(598));
    expect(levels[0]!.least.terms[0]!.label).toEqual({
      code: 'width-measured',
      params: { level: 1, places: ['back'] },
    });
  });

  it('count what the slides take where it was measured between them', () => {
    const [level] = levelsOf(bank('as-built', reading('d1', 'slides', 573, 'back')), taken);
    expect(level).not.toHaveProperty('back');
    expect(level!.least).toMatchObject({ total: mm(599), terms: [{ amount: mm(573) }, { amount: mm(26) }] });
  });

  it('are packed out by half of what they are over on each side, and not where they are as wide as the opening', () => {
    const opening = { width: { total: mm(600) }, levels: [{ drawer: 'd1', hung: {} }] };
    const level = (front: number, back: number) =>
      levelPacking(
        {
          ...opening,
          levels: [{ ...opening.levels[0], front: { total: mm(front) }, back: { total: mm(back) } }],
        } as unknown as Parameters<typeof levelPacking>[0],
        'd1',
      );
    expect(level(600, 600)).toEqual([]);
    expect(level(599, 603)).toEqual([{ place: 'back', eachSide: nm(1_500_000), hung: false }]);
    expect(levelPacking(opening as unknown as Parameters<typeof levelPacking>[0], 'd1')).toEqual([]);
    expect(levelPacking(opening as unknown as Parameters<typeof levelPacking>[0], 'd2')).toBeUndefined();
  });

  it('leave what was measured of no drawer to the bank, where it is planned as it was built', () => {
    const loose = ['width', 'slides'].map((what) => ({ ...reading('', what as 'width', 590), drawer: undefined }));
    const readings = [...loose, reading('d1', 'width', 580), reading('d1', 'slides', 560)] as AsBuiltReading[];
    const { widths, between } = looseReadings(bank('as-built', ...readings), mm(30));
    expect([widths, between].map((all) => all.map(({ total }) => total))).toEqual([[mm(590)], [mm(620)]]);
    expect(looseReadings(bank('planned', ...readings), mm(30))).toEqual({ widths: [], between: [] });
  });

  it('taper between the hung slides as between walls, and are packed there', () => {
    const opening = governOpening(
      bank('as-built', reading('d1', 'slides', 574, 'front'), reading('d1', 'slides', 580, 'back')),
      'P',
      taken,
    );
    expect([opening.width.total, opening.taper.total]).toEqual([mm(600), mm(6)]);
    expect(opening.caseTaper.total).toBe(0);
    expect(levelPacking(opening, 'd1')).toEqual([{ place: 'back', eachSide: mm(3), hung: true }]);
  });

  it('packed out once, and hung so, want no packing again', () => {
    // The case is 6 mm wider at the back; the slides hang parallel, on their packing.
    const opening = governOpening(
      bank(
        'as-built',
        reading('d1', 'width', 600, 'front'),
        reading('d1', 'width', 606, 'back'),
        reading('d1', 'slides', 574, 'front'),
        reading('d1', 'slides', 574, 'back'),
      ),
      'P',
      taken,
    );
    expect(opening.caseTaper.total).toBe(mm(6));
    expect(levelPacking(opening, 'd1')).toEqual([]);
  });

  it('count a width of no drawer’s, and one between the bank’s own slides', () => {
    const loose = { what: 'width', length: mm(590), path: 'log[0].length' } as AsBuiltReading;
    expect(governOpening(bank('as-built', loose), 'P', taken)).toMatchObject({
      width: { total: mm(590) },
      taper: { total: mm(10) },
    });
    const slides = { ...loose, what: 'slides' } as AsBuiltReading;
    expect(governOpening(bank('as-built', slides), 'P', () => mm(5)).width.total).toBe(mm(595));
    expect(governOpening(bank('planned', loose), 'P', taken).width.total).toBe(mm(600));
  });

  it('are none of a planned opening, and govern a built one, wide ones its taper', () => {
    expect(levelsOf(bank('planned', reading('d1', 'width', 590)), taken)).toEqual([]);
    const opening = governOpening(
      bank('as-built', reading('d1', 'width', 599), reading('d2', 'width', 602)),
      'P',
      taken,
    );
    expect(opening.width.total).toBe(mm(599));
    expect(opening.taper.total).toBe(mm(3));
    expect(opening.taper.terms.map(({ from }) => from)).toEqual([
      { kind: 'field', path: 'log[602].length' },
      { kind: 'field', path: 'log[599].length' },
    ]);
    expect(governOpening(bank('as-built', reading('d1', 'width', 601)), 'P').width.total).toBe(nm(600_000_000));
  });
});
