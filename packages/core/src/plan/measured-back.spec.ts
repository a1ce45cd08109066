import { partsOf, type JobDocument } from '..';
import { inMillimetres } from '../length';
import { plan, readJobDocument } from './plan';
import { WHOLE_CASE, wholeJob } from './whole-case.spec-data';

const shelves = [{ compartment: 'left', count: 2, play: '1/8 in' }];

function shelf(measured: readonly object[]) {
  const reading = readJobDocument(wholeJob({ ...WHOLE_CASE, shelves, measured }) as JobDocument);
  if (!reading.ok) throw new Error(reading.errors.map(({ path, said }) => `${path} ${said.code}`).join(' '));
  return partsOf(reading.job, plan(reading.job)).parts.find(({ use }) => use.role === 'shelf')!;
}

describe('a compartment that was measured back', () => {
  it('governs its shelves by the least of its readings, and the sum says so', () => {
    const planned = shelf([]);
    const built = shelf([{ compartment: 'left', width: ['18 in', '17 15/16 in'], depth: ['22 in'] }]);
    // 17 15/16 in less 1/8 in of play.
    expect(inMillimetres(built.length.total)).toBeCloseTo((17 + 13 / 16) * 25.4, 6);
    expect(built.length.terms[0]).toMatchObject({
      label: { code: 'between-walls-measured' },
      from: { path: 'cases[0].measured[0].width[1]' },
    });
    // 22 in less the frame of 3/4 and the inset of 1/4.
    expect(inMillimetres(built.width.total)).toBeCloseTo(21 * 25.4, 6);
    expect(built.length.total).not.toBe(planned.length.total);
  });

  it('leaves the others as they are', () => {
    expect(shelf([{ compartment: 'upper', width: ['10 in'] }])).toEqual(shelf([]));
  });

  it('is refused where there is no such compartment', () => {
    const reading = readJobDocument(
      wholeJob({ ...WHOLE_CASE, measured: [{ compartment: 'attic', width: ['10 in'] }] }) as JobDocument,
    );
    expect(reading.ok ? [] : reading.errors.map(({ path }) => path)).toEqual(['cases[0].measured[0].compartment']);
  });
});
