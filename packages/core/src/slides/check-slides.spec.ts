import type { WrittenJob } from '../job';
import { millimetres } from '../length';
import { Report } from '../reading';
import { checkSlides } from './table';

/** What is wrong with the slides of a job, as where it stands and the code of what is said. */
function wrong(slides: readonly object[], bank: object, ...drawers: readonly (object | undefined)[]) {
  const report = new Report('refused');
  const cases = [{ banks: [{ slide: bank, drawers: drawers.map((slide) => (slide ? { slide } : {})) }] }];
  checkSlides({ unit: 'mm', slides, cases } as unknown as WrittenJob, report);
  return report.errors.map(({ path, said }) => {
    const { why } = said.params as { readonly why?: { readonly code: string } };
    return [path, why?.code ?? said.code];
  });
}

const BALL = { family: 'side-ball-bearing' };

describe('what a job says of slides', () => {
  it('may be a built-in row, one of its own, and a length on its list', () => {
    const own = { id: 'ours', like: 'side-light' };
    expect(wrong([own], BALL, undefined, { family: 'ours' }, { length: millimetres(450) }, {})).toEqual([]);
  });

  it('is wrong where nobody knows the row, of the bank or of a drawer', () => {
    expect(wrong([], { family: 'nobody’s' })).toEqual([['cases[0].banks[0].slide.family', 'no-family']]);
    expect(wrong([], BALL, {}, { family: 'nobody’s' })).toEqual([
      ['cases[0].banks[0].drawers[1].slide.family', 'no-family'],
    ]);
    // A drawer that says nothing is told of once, at its bank.
    expect(wrong([], { family: 'nobody’s' }, {}, undefined)).toHaveLength(1);
  });

  it('is wrong where a length is not on the list of the row it is of', () => {
    const odd = { length: millimetres(451) };
    expect(wrong([], { ...BALL, ...odd })).toEqual([['cases[0].banks[0].slide.length', 'not-on-list']]);
    // A drawer has the row of its bank.
    expect(wrong([], BALL, odd)).toEqual([['cases[0].banks[0].drawers[0].slide.length', 'not-on-list']]);
    // Wood is as long as it is cut.
    expect(wrong([], { family: 'wood-runner', ...odd })).toEqual([]);
  });

  it('is wrong in an own row that is called as a built-in one, is like none, or lacks the figure of its basis', () => {
    const [named, like] = [
      { id: 'side-light', like: 'side-light' },
      { id: 'ours', like: 'nobody’s' },
    ];
    expect(wrong([named, like], BALL)).toEqual([
      ['slides[0].id', 'built-in-id'],
      ['slides[1].like', 'no-built-in'],
    ]);
    expect(wrong([{ id: 'ours', like: 'side-light', basis: 'inside' }], BALL)).toEqual([
      ['slides[0].insideDeduction', 'field-needed'],
    ]);
    expect(wrong([{ id: 'ours', like: 'undermount-16', basis: 'outside' }], BALL)).toEqual([
      ['slides[0].side', 'field-needed'],
    ]);
  });
});
