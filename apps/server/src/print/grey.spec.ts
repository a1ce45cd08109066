import { greyOf } from './grey';

it.each([
  ['#000', '#000000'],
  ['#ffffff', '#ffffff'],
  ['#9a9a9a', '#9a9a9a'],
  // Common practice: green is the brightest of the three, blue the darkest. Sums by hand.
  ['#ff0000', '#4c4c4c'],
  ['#00ff00', '#969696'],
  ['#0000ff', '#1d1d1d'],
])('%s is as bright as %s', (colour, grey) => expect(greyOf(colour)).toBe(grey));
