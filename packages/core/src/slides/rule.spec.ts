import { millimetres, nm, ZERO } from '../length';
import { BUILT_IN } from '.';
import { fitSlide, takenBySlides } from './rule';

const mm = millimetres;
const family = BUILT_IN.find(({ id }) => id === 'side-ball-bearing')!;
const room = (depth: number, insetFront = 0) => ({ depth: mm(depth), insetFront: mm(insetFront) });
const list = { list: [300, 450, 350].map(mm), rear: mm(10), boxShorter: ZERO };

describe('the length of a slide', () => {
  it('is the longest that fits behind its set-back, before what is left free at the rear and an inset front', () => {
    const wanted = (nominal: number) => nominal + family.setback / 1e6 + 10;
    expect(fitSlide(family, list, room(wanted(450)), undefined)).toEqual({ nominal: mm(450), short: ZERO });
    expect(fitSlide(family, list, room(wanted(450) - 0.001), undefined)).toEqual({ nominal: mm(350), short: ZERO });
    expect(fitSlide(family, list, room(wanted(350) + 19, 19), undefined)).toEqual({ nominal: mm(350), short: ZERO });
    expect(fitSlide(family, list, room(wanted(300) - 1.5), undefined)).toEqual({ short: mm(1.5) });
  });

  it('that is asked for is used, with by how much it is too long', () => {
    const deep = 450 + family.setback / 1e6 + 10;
    expect(fitSlide(family, list, room(deep), mm(450))).toEqual({ nominal: mm(450), short: ZERO });
    expect(fitSlide(family, list, room(deep - 4), mm(450))).toEqual({ nominal: mm(450), short: mm(4) });
  });

  it('that is made to any is what the depth leaves; of nothing left it is a nanometre short', () => {
    const any = { rear: mm(10), boxShorter: ZERO };
    expect(fitSlide(family, any, room(500, 19), undefined)).toEqual({ nominal: mm(471), short: ZERO });
    expect(fitSlide(family, any, room(29, 19), undefined)).toEqual({ short: nm(1) });
    expect(fitSlide(family, any, room(24, 19), undefined)).toEqual({ short: nm(5_000_001) });
  });
});

it('a pair takes twice its thickness, or what its sheet says of the inside', () => {
  expect(takenBySlides({ ...family, basis: 'outside', side: mm(12.7) })).toBe(mm(25.4));
  const { side: _, ...inside } = family;
  expect(takenBySlides({ ...inside, basis: 'inside', insideDeduction: mm(42) })).toBe(mm(42));
});
