import { inches, millimetres, ZERO, type Length } from '../length';
import { said } from '../words';
import type { Hinge } from './hinge';

const mm = millimetres;

const row = { origin: 'built-in', load_kg: 6 } as const;
const bore = (tabMost: Length): NonNullable<Hinge['bore']> => ({
  ...{ diameter: mm(35), depth: mm(12.5) },
  ...{ tabLeast: mm(3), tabMost },
});
const cup = { ...row, kind: 'cup', opens: 110, bore: bore(mm(6)), plate: { back: mm(37) }, zone: mm(32) } as const;

/** The built-in rows. Common practice and from memory, without source: the sheet of the hinge in hand always wins. */
export const BUILT_IN_HINGES: readonly Hinge[] = [
  { ...cup, id: 'cup-110-full', called: said('hinge/cup-110-full'), base: mm(13) },
  { ...cup, id: 'cup-110-half', called: said('hinge/cup-110-half'), base: mm(3.5) },
  { ...cup, id: 'cup-110-inset', called: said('hinge/cup-110-inset'), base: mm(-5) },
  {
    ...cup,
    id: 'cup-165-full',
    called: said('hinge/cup-165-full'),
    opens: 165,
    base: mm(13),
    protrusion: ZERO,
    zone: mm(40),
  },
  {
    ...row,
    id: 'cup-frame',
    called: said('hinge/cup-frame'),
    kind: 'cup',
    opens: 105,
    least: inches(1, 4),
    most: inches(11, 8),
    bore: bore(mm(5)),
    protrusion: mm(5),
    zone: mm(32),
  },
  {
    ...row,
    id: 'butt',
    called: said('hinge/butt'),
    kind: 'butt',
    opens: 180,
    protrusion: ZERO,
    zone: mm(45),
  },
  { ...row, id: 'piano', called: said('hinge/piano'), kind: 'piano', opens: 180, protrusion: ZERO },
];
