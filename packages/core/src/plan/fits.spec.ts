import { plan, planDocument, readJobDocument, wordsIn, ENGLISH, millimetres, type JobDocument } from '..';
import { WHOLE_CASE, wholeBank, wholeJob } from './whole-case.spec-data';

const WORDS = wordsIn(ENGLISH, { unit: 'in', step: millimetres(0.5) });
const planned = (document: object) => {
  const reading = readJobDocument(document as JobDocument);
  if (!reading.ok) throw new Error(reading.errors.map(({ path, said }) => `${path} ${said.code}`).join('; '));
  const whole = planDocument(plan(reading.job), WORDS).cases[0]!;
  const opening = (id: string) => whole.openings?.find((each) => each.compartment === id);
  return { whole, opening };
};
const fitted = (fit: unknown, bank: object, box: object = {}) => {
  const layout = { id: 'front', across: [{ id: 'left', fit }, { id: 'right' }] };
  const own = wholeBank('b1', 'left', 1, bank);
  return planned(
    wholeJob({ ...WHOLE_CASE, layout }, [{ ...own, box: { ...own.box, ...box } }, wholeBank('b2', 'right', 2)]),
  );
};
const thing = (across: string, height = '3 in') => ({ name: 'Pattern roll', height, footprint: [across, '10 in'] });

describe('a compartment that fits what stands in it', () => {
  // Common practice, by hand: 14 in inside, two sides of 11.8 mm, two slides of 1/2 in.
  it('is as wide as the thing, the box around it and its slides', () => {
    const { whole, opening } = fitted(true, { drawers: [{ id: 'd1', contents: [thing('14 in')] }] });
    expect(opening('left')?.width).toBeCloseTo(14 * 25.4 + 2 * 11.8 + 25.4, 6);
    expect(whole.banks[0]?.drawers[0]?.inside['width']).toBeCloseTo(14 * 25.4, 6);
  });

  it('leaves the ease over inside the box', () => {
    const contents = { drawers: [{ id: 'd1', contents: [thing('14 in')] }] };
    const { whole, opening } = fitted(true, contents, { ease: '1/32 in' });
    expect(whole.banks[0]?.drawers[0]?.inside['width']).toBeCloseTo(14 * 25.4 + 25.4 / 32, 6);
    expect(opening('right')?.width).toBeGreaterThan(0);
  });

  it('goes by the widest of its things, none of them turned', () => {
    const two = {
      drawers: [
        { id: 'd1', contents: [thing('9 in'), thing('11 in')] },
        { id: 'd2', contents: [thing('10 in')] },
      ],
    };
    expect(fitted(true, two).opening('left')?.width).toBeCloseTo(11 * 25.4 + 2 * 11.8 + 25.4, 6);
  });

  it('takes a thing that is named, a box that is made and a panel that stands in it as they are', () => {
    const one = { drawers: [{ id: 'd1' }] };
    const width = (of: string) => fitted({ name: 'Reel', of, width: '12 in' }, one).opening('left')?.width;
    expect(width('thing')).toBeCloseTo(12 * 25.4 + 2 * 11.8 + 25.4, 6);
    expect(width('made-box')).toBeCloseTo(12 * 25.4 + 25.4, 6);
    expect(width('as-it-is')).toBeCloseTo(12 * 25.4, 6);
  });

  it('shares what is left where nothing is known of what it needs', () => {
    const { opening } = fitted(true, { drawers: [{ id: 'd1' }] });
    expect(opening('left')?.width).toBeCloseTo(opening('right')?.width ?? 0, 5);
  });

  it('is as high as its drawers, each as low as what it holds allows', () => {
    const layout = { id: 'front', down: [{ id: 'upper', fit: true }, { id: 'lower' }], between: 'rail' };
    const bank = wholeBank('b1', 'upper', 1, { drawers: [{ id: 'd1', contents: [thing('14 in', '4 in')] }] });
    const { whole, opening } = planned(wholeJob({ ...WHOLE_CASE, layout }, [bank, wholeBank('b2', 'lower', 2)]));
    const [drawer] = whole.banks[0]!.drawers;
    // By hand: the thing, 1/4 in of air, bottom 5.6 mm in its groove 3/8 in up, and 1/4 in below: the bay, front laps apart.
    expect(drawer?.bay['height']).toBeCloseTo(opening('upper')?.height ?? 0, 6);
    const held = whole.banks[0]!.findings.map(({ code }) => code);
    expect(held).not.toContain('DIVISION_IMPOSSIBLE');
    expect(held).not.toContain('CONTENTS_TOO_HIGH');
    const less = planned(
      wholeJob(
        {
          ...WHOLE_CASE,
          layout: {
            ...layout,
            down: [{ id: 'upper', size: `${(opening('upper')?.height ?? 0) - 0.01} mm` }, { id: 'lower' }],
          },
        },
        [bank, wholeBank('b2', 'lower', 2)],
      ),
    );
    expect(less.whole.banks[0]!.findings.map(({ code }) => code)).toContain('DIVISION_IMPOSSIBLE');
  });

  it('is as high as its trays, which have no fronts', () => {
    const layout = { id: 'front', down: [{ id: 'upper', fit: true }, { id: 'lower' }], between: 'rail' };
    const drawers = [{ id: 'd1', contents: [thing('14 in', '4 in')] }];
    const trays = wholeBank('t1', 'upper', 1, { front: { mount: 'none' }, drawers });
    const { opening } = planned(wholeJob({ ...WHOLE_CASE, layout }, [trays, wholeBank('b2', 'lower', 2)]));
    // Common practice, by hand: the thing, 1/4 in of air, bottom 5.6 mm in its groove 3/8 in up, 1/2 in below the box.
    expect(opening('upper')?.height).toBeCloseTo((4 + 1 / 4 + 3 / 8 + 1 / 2) * 25.4 + 5.6, 6);
  });

  it('holds every column that stands in it', () => {
    const layout = {
      id: 'front',
      across: [{ id: 'left', fit: true, across: [{ id: 'a' }, { id: 'b', size: '6 in' }] }, { id: 'right' }],
    };
    const bank = wholeBank('b1', 'a', 1, { drawers: [{ id: 'd1', contents: [thing('14 in')] }] });
    const { opening } = planned(wholeJob({ ...WHOLE_CASE, layout }, [bank]));
    expect(opening('a')?.width).toBeCloseTo(14 * 25.4 + 2 * 11.8 + 25.4, 6);
    expect(opening('b')?.width).toBeCloseTo(6 * 25.4, 6);
  });
});
