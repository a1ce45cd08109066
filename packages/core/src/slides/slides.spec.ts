import type { Job, OwnSlide } from '../job';
import { inches, millimetres, nm, ZERO, type Length } from '../length';
import { BUILT_IN } from './builtin';
import type { SlideFamily } from './family';
import { missingFromSheet } from './own-sheet';
import { fitSlide, takenBySlides, travelOf } from './rule';
import { readShopRow } from './shop-row';
import { lengthListOf, slideTable } from './table';

const mm = millimetres;
const job = (unit: 'in' | 'mm', ...slides: OwnSlide[]): Job => ({ unit, slides }) as unknown as Job;
const family = (id: string, ...own: OwnSlide[]) => slideTable(job('mm', ...own)).get(id)!;
const listOf = (id: string, unit: 'in' | 'mm') => lengthListOf(job(unit), family(id), { family: id });

describe('the built-in slides', () => {
  it('are eleven rows with every figure a rule needs', () => {
    expect(BUILT_IN.map(({ id }) => id)).toEqual([
      'side-ball-bearing',
      'side-light',
      'side-heavy',
      'roller-corner',
      'undermount-16',
      'undermount-19',
      'centre-mount',
      'wood-runner',
      'side-hung',
      'tray-base',
      'side-over-travel',
    ]);
    for (const row of BUILT_IN) {
      expect(row[row.basis === 'outside' ? 'side' : 'insideDeduction']).toBeGreaterThan(0);
      expect(row.bottoms.length).toBeGreaterThan(0);
      expect(Object.keys(row.lengths)).toEqual(['in', 'mm']);
    }
  });

  it('come in inch and millimetre lengths', () => {
    expect(listOf('side-ball-bearing', 'in').list).toEqual(
      [10, 12, 14, 16, 18, 20, 22, 24, 26, 28].map((n) => inches(n)),
    );
    expect(listOf('undermount-16', 'mm').list).toEqual([250, 300, 350, 400, 450, 500, 550, 600].map(mm));
    expect(listOf('undermount-16', 'mm')).toMatchObject({ boxShorter: mm(10), rear: ZERO });
    expect(listOf('undermount-16', 'in')).toMatchObject({ boxShorter: ZERO, rear: mm(18) });
    expect(listOf('wood-runner', 'in').list).toBeUndefined();
    expect(lengthListOf(job('in'), family('side-light'), { family: 'side-light', lengths: 'mm' }).list?.[0]).toBe(
      mm(250),
    );
  });
});

describe('own rows', () => {
  const like = { id: 'own', like: 'undermount-16' };

  it('copy every figure of the row they are like, with theirs in its place', () => {
    const own = family('own', { ...like, name: 'Mine', insideDeduction: mm(41), load_kg: 35 });
    expect(own).toMatchObject({
      id: 'own',
      called: { code: 'text', params: { text: 'Mine' } },
      origin: 'own',
      insideDeduction: mm(41),
      load_kg: 35,
      recess: mm(13),
    });
    expect(own.lengths).toEqual(family('undermount-16').lengths);
  });

  it('with both figures keep the basis of the row they are like, or the one they name', () => {
    const figures = { side: mm(12.7), insideDeduction: mm(42) };
    expect(family('own', { ...like, ...figures }).basis).toBe(family('undermount-16').basis);
    expect(family('own', { ...like, like: 'side-light', ...figures }).basis).toBe(family('side-light').basis);
    expect(family('own', { ...like, ...figures, basis: 'outside' }).basis).toBe('outside');
    expect(family('own', { ...like, side: mm(12.7) }).basis).toBe('outside');
    expect(family('own', { ...like, like: 'side-light', insideDeduction: mm(42) }).basis).toBe('inside');
  });

  it('merge their lengths list by list, figure by figure', () => {
    const own = family('own', { ...like, lengths: { mm: { list: [mm(420)] } } });
    expect(own.lengths.mm).toEqual({ list: [mm(420)], boxShorter: mm(10), rear: ZERO });
    expect(own.lengths.in).toEqual(family('undermount-16').lengths.in);
  });

  it('mean the basis whose figure they give, unless they say which', () => {
    expect(family('own', { ...like, side: mm(13) }).basis).toBe('outside');
    expect(family('own', { ...like, like: 'side-light', insideDeduction: mm(40) }).basis).toBe('inside');
    expect(family('own', { ...like, side: mm(13), insideDeduction: mm(40), basis: 'inside' }).basis).toBe('inside');
    expect(family('own', like).basis).toBe('inside');
  });
});

describe('the slide that fits', () => {
  const side = family('side-ball-bearing');
  const list = listOf('side-ball-bearing', 'mm');
  const room = (depth: number, insetFront = ZERO) => ({ depth: mm(depth), insetFront });

  it('is the longest whose length, set-back and rear the depth takes, with the drawer front once when inset', () => {
    expect(fitSlide(side, list, room(505), undefined)).toEqual({ nominal: mm(500), short: ZERO });
    expect(fitSlide(side, list, room(504.999), undefined).nominal).toBe(mm(450));
    expect(fitSlide(side, list, room(523.999, mm(19)), undefined).nominal).toBe(mm(450));
    expect(fitSlide(side, list, room(524, mm(19)), undefined).nominal).toBe(mm(500));
  });

  it('is the one asked for, and by how much it is too long', () => {
    expect(fitSlide(side, list, room(505), mm(400))).toEqual({ nominal: mm(400), short: mm(-100) });
    expect(fitSlide(side, list, room(505), mm(550))).toEqual({ nominal: mm(550), short: mm(50) });
  });

  it('is none in a shallow case, and says what is missing to the shortest', () => {
    expect(fitSlide(side, list, room(200), undefined)).toEqual({ short: mm(55) });
  });

  it('of runners takes all the depth but the rear and an inset front', () => {
    const runner = listOf('wood-runner', 'in');
    const depth = inches(23);
    expect(fitSlide(family('wood-runner'), runner, { depth, insetFront: ZERO }, undefined).nominal).toBe(inches(91, 4));
    expect(fitSlide(family('wood-runner'), runner, { depth, insetFront: inches(3, 4) }, undefined).nominal).toBe(
      inches(22),
    );
    expect(
      fitSlide(family('wood-runner'), runner, { depth: inches(1, 4), insetFront: ZERO }, undefined).nominal,
    ).toBeUndefined();
    expect(fitSlide(family('wood-runner'), runner, { depth, insetFront: ZERO }, inches(20)).nominal).toBe(inches(20));
  });
});

describe('what a pair of slides takes', () => {
  it('is twice its side, or the whole that is less inside, by the basis of its row', () => {
    const both = { side: mm(13), insideDeduction: mm(42) };
    const taken = (basis: string, more: object = both) => takenBySlides({ basis, ...more } as never);
    expect([taken('outside'), taken('inside')]).toEqual([mm(26), mm(42)]);
    expect([taken('outside', {}), taken('inside', {})]).toEqual([0, 0]);
  });

  it('runs out by its share of its length, rounded half up, and by what it runs over', () => {
    const run = (more: object, nominal: Length) =>
      travelOf({ ...family('side-ball-bearing'), ...more } as SlideFamily, nominal);
    const whole = run({ extension: 1 }, mm(500));
    expect([whole.total, whole.terms.map(({ label: { code } }) => code)]).toEqual([mm(500), ['whole-length']]);
    const part = run({ extension: 0.75, overTravel: mm(38) }, nm(1002));
    // 751.5 and 38 000 000 over.
    expect(part.total).toBe(38_000_752);
    expect(part.terms.map(({ label: { code } }) => code)).toEqual(['share-of-length', 'over-travel']);
  });
});

describe('a row of the shop', () => {
  it('is taken as it was written, or told what is wrong with it', () => {
    const row = { id: 'ours', like: 'side-light', side: '13 mm' };
    expect(readShopRow(row)).toEqual({ ok: true, row });
    const paths = (value: unknown): readonly string[] => {
      const reading = readShopRow(value);
      return reading.ok ? [] : reading.errors.map(({ path }) => path);
    };
    expect(paths({ ...row, side: 'wide' })).toEqual(['row.side']);
    expect(paths({ ...row, like: 'nobody’s' })).toEqual(['row.like']);
    expect(paths({ ...row, side: 'wide', like: 'nobody’s' })).toEqual(['row.side']);
    expect(paths('side-light')).toEqual(['row']);
  });

  it('still takes of another what is not told of its own sheet', () => {
    const missing = (own: object, id = 'side-ball-bearing', unit: 'in' | 'mm' = 'mm') =>
      missingFromSheet(own as OwnSlide, family(id), unit);
    expect(missing({})).toEqual(['side', 'narrowBy', 'top', 'bottom', 'setback', 'lengths.mm.list']);
    expect(missing({}, 'undermount-16')).toContain('insideDeduction');
    const told = { side: mm(13), narrowBy: ZERO, top: mm(9), bottom: mm(9), setback: ZERO };
    expect(missing(told)).toEqual(['lengths.mm.list']);
    expect(missing({ ...told, lengths: { mm: { list: [mm(400)] } } })).toEqual([]);
    expect(missing({ ...told, lengths: { mm: { list: [mm(400)] } } }, 'side-ball-bearing', 'in')).toEqual([
      'lengths.in.list',
    ]);
    // Wood has no list of lengths to be told.
    expect(missing({}, 'wood-runner')).not.toContain('lengths.mm.list');
  });
});
