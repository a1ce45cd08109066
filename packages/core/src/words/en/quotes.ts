import type { Words } from '../words';

const OF = { case: 'Case', boxes: 'Drawer boxes', fronts: 'Drawer fronts', doors: 'Doors' };

/** What a customer reads of a price. */
export const QUOTES = {
  'paper/quote': 'quote',
  'quote/wood': 'Wood and sheets',
  'quote/hardware': 'Hardware, glue and finish',
  'quote/making': 'Making',
  'quote/fitting': 'Delivery and fitting',
  'quote/bought': 'Bought in',
  'quote/sizes': ({ wide, high, deep }: { wide: string; high: string; deep: string }) =>
    `${wide} wide, ${high} high, ${deep} deep over all`,
  'quote/opening': ({ wide, high, deep }: { wide: string; high: string; deep: string }) =>
    `for an opening ${wide} wide, ${high} high, ${deep} deep`,
  'quote/made': ({ of, names }: { of: keyof typeof OF; names: readonly string[] }, w: Words) =>
    `${OF[of]}: ${w.list(names)}`,
  'quote/slides': ({ names, drawers }: { names: readonly string[]; drawers: number }, w: Words) =>
    `${w.count(drawers, { one: 'drawer', other: 'drawers' })} on slides: ${w.list(names)}`,
  'quote/finish': ({ names }: { names: readonly string[] }, w: Words) => `Finish: ${w.list(names)}`,
  'quote/number': ({ number }: { number: number }) => `Quote ${number}`,
  'quote/for': ({ customer }: { customer: string }) => `for ${customer}`,
  'quote/of-day': ({ date }: { date: string }) => `of ${date}`,
  'quote/valid': ({ date }: { date: string }) => `This price holds until ${date}.`,
  'quote/is-made': 'What it is made of',
  'quote/holds': 'What goes in',
  'quote/price': 'The price',
  'quote/net': 'Before tax',
  'quote/tax': 'Tax',
  'quote/tax-in-it': 'Tax in it',
  'quote/total': 'In all',
  'quote/excluded': 'Not included',
  'quote/terms': 'Terms',
  'quote/rough': 'The sizes are of a first survey and may change with the second; the price is made again if they do.',
  'quote/without': ({ count }: { count: number }, w: Words) =>
    `Without ${w.count(count, { one: 'line', other: 'lines' })} whose price is still to come.`,
  'quote/sign': 'Agreed: place, date, name',
  'quote/to-scale': ({ scale }: { scale: number }) => `drawn 1 : ${scale}`,
  'quote/gone': 'This quote is not shown here any more. Ask whoever sent you the link.',
};
