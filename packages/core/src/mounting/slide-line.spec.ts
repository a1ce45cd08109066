import { millimetres as mm } from '../length';
import type { SlideFamily } from '../slides';
import { markedSetback } from './slide-line';

const FAMILY = { id: 'f', setback: mm(3) } as SlideFamily;
const told = (by: number, tray: boolean, byHand?: number) =>
  markedSetback(
    FAMILY,
    { by: mm(by), path: 'front', tray },
    byHand === undefined ? undefined : { setback: mm(byHand), path: 'slide.setback' },
  ).terms.map(({ label, amount }) => [label.code, amount / 1e6]);

it('a slide is set back as its family says, behind what stands inset, or as it was marked', () => {
  expect(told(0, false)).toEqual([['set-back-slide', 3]]);
  expect(told(19, false)).toEqual([
    ['set-back-slide', 3],
    ['drawer-front-inset', 19],
  ]);
  expect(told(5, true)).toEqual([
    ['set-back-slide', 3],
    ['behind-front', 5],
  ]);
  expect(told(19, true, 7)).toEqual([['set-back-by-hand', 7]]);
});
