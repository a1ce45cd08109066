import type { JobDocument } from '../job';
import { inMillimetres } from '../length';
import { tallyIn, type Asked } from './asked';
import { plan, readJobDocument } from './plan';
import { kindOfAsked, kindOfDimension } from './size-kinds';
import { WHOLE_CASE, wholeBank, wholeJob } from './whole-case.spec-data';

const band = { thickness: '1/32 in', members: { divider: ['front'] } };
const reading = readJobDocument(wholeJob({ ...WHOLE_CASE, build: { ...WHOLE_CASE.build, band } }) as JobDocument);
if (!reading.ok) throw new Error('unread');
const planned = plan(reading.job);
const asked = (of: object): number | undefined => {
  const tally = tallyIn(planned, undefined, { case: 'cases[0]', ...of } as Asked);
  return tally && inMillimetres(tally.total);
};

describe('the sum behind a number of a case', () => {
  const members = planned.cases[0]!.casework!.members;
  const row = members.findIndex(({ role }) => role === 'divider');

  it('is that of a member as it is sawn, before its band', () => {
    // 565.9 deep less 1/32 in.
    expect(asked({ kind: 'member', row, size: 'width' })).toBeCloseTo(565.9 - 25.4 / 32, 6);
    expect(asked({ kind: 'member', row: 99, size: 'width' })).toBeUndefined();
  });

  it('is that of a compartment', () => {
    expect(asked({ kind: 'compartment', compartment: 'left', size: 'width' })).toBe(431.8);
    expect(asked({ kind: 'compartment', compartment: 'left', size: 'depth' })).toBeCloseTo(584.95, 6);
    expect(asked({ kind: 'compartment', compartment: 'attic', size: 'depth' })).toBeUndefined();
  });
});

describe('the sum behind a number of a bank', () => {
  const lined = readJobDocument(
    wholeJob({ ...WHOLE_CASE }, [wholeBank('b1', 'lower', 2, { slide: { family: 'wood-runner' } })]) as JobDocument,
  );
  if (!lined.ok) throw new Error('unread');
  const bank = plan(lined.job).cases[0]!.banks[0]!;
  const of = (what: object): number | undefined => tallyIn(undefined, bank, what as Asked)?.total;

  it('is that of a part of a drawer, of what carries it, of a size of it, of the opening, of a spacer', () => {
    const [drawer] = bank.drawers;
    const side = drawer!.parts.find(({ role }) => role === 'side');
    expect(of({ kind: 'part', drawer: 'd1', role: 'side', size: 'length' })).toBe(side!.length!.total);
    expect(of({ kind: 'part', drawer: 'd1', role: 'side', size: 'width' })).toBe(side!.width!.total);
    const own = bank.carriers.filter((each) => each.drawer === 'd2');
    expect(own.length).toBeGreaterThan(0);
    for (const { role } of own) {
      const first = own.find((each) => each.role === role);
      expect(of({ kind: 'part', drawer: 'd2', role, size: 'length' })).toBe(first!.length.total);
    }
    expect(of({ kind: 'part', drawer: 'd9', role: 'side', size: 'length' })).toBeUndefined();
    expect(of({ kind: 'dimension', drawer: 'd1', dimension: 'box.height' })).toBe(
      drawer!.dimensions['box.height']?.total,
    );
    expect(of({ kind: 'dimension', drawer: 'd9', dimension: 'box.height' })).toBeUndefined();
    const sizes = [bank.opening.width, bank.opening.height, bank.opening.depth, bank.opening.taper, bank.share];
    for (const [at, dimension] of [
      'opening.width',
      'opening.height',
      'opening.depth',
      'opening.taper',
      'share',
    ].entries())
      expect([dimension, of({ kind: 'dimension', dimension })]).toEqual([dimension, sizes[at]?.total]);
    bank.spacers.forEach((spacer, index) => expect(of({ kind: 'spacer', index })).toBe(spacer.total));
    expect(of({ kind: 'spacer', index: 99 })).toBeUndefined();
    expect(tallyIn(undefined, undefined, { kind: 'spacer', index: 0 })).toBeUndefined();
  });

  it('is shown as what it is: a reading, an opening, a part, a spacer, or else a gap', () => {
    const asked = (of: object) => kindOfAsked(of as Asked);
    expect(asked({ kind: 'compartment' })).toBe('opening');
    expect(asked({ kind: 'spacer' })).toBe('spacer');
    expect([asked({ kind: 'part' }), asked({ kind: 'member' })]).toEqual(['part', 'part']);
    expect(asked({ kind: 'dimension', dimension: 'opening.width' })).toBe('opening');
    expect([kindOfDimension('slide.nominal'), kindOfDimension('opening.taper')]).toEqual(['reading', 'gap']);
    expect(kindOfDimension('nothing of the kind')).toBe('gap');
  });
});
