import { writeExact, type Length, type OwnSlideOf, type SlideFamily, type Unit } from '@zabble/core';

/** A size in the job's own unit: the first in inches, the second in millimetres. */
type Usual = (inches: string, metric: string) => string;

/** Figures of a row that go together: all of them are said, or none. */
export interface RowGroup {
  /** Below the row: `cuts.notch`. */
  readonly path: string;
  readonly title: string;
  readonly add: string;
  readonly without: string;
  /** Each of its figures may be left blank. */
  readonly loose: boolean;
  readonly fields: readonly { readonly path: string; readonly label: string }[];
  /** What stands there to begin with: as the row it is like where that has it, else something usual. */
  readonly begin: (family: SlideFamily, unit: Unit, usual: Usual) => unknown;
}

const fields = (path: string, names: Readonly<Record<string, string>>): RowGroup['fields'] =>
  Object.entries(names).map(([name, label]) => ({ path: `${path}.${name}`, label }));

/** Lengths of an object as a document writes them. */
function written(sizes: object, unit: Unit): Readonly<Record<string, string>> {
  return Object.fromEntries(
    Object.entries(sizes as Readonly<Record<string, Length>>).map(([name, size]) => [name, writeExact(size, unit)]),
  );
}

export const ROW_GROUPS: readonly RowGroup[] = [
  {
    path: 'screws',
    title: $localize`Screws on the side`,
    add: $localize`Say where its holes are`,
    without: $localize`As the row it is like`,
    loose: false,
    fields: fields('screws', {
      firstHole: $localize`First hole in the case`,
      pitch: $localize`Then every`,
      box: $localize`Screw into the box`,
      shortOfSide: $localize`Shorter than the side by`,
    }),
    begin: ({ screws }, unit) =>
      screws
        ? written(screws, unit)
        : { firstHole: '37 mm', pitch: '32 mm', box: unit === 'in' ? '1/2 in' : '12 mm', shortOfSide: '1.5 mm' },
  },
  {
    path: 'cuts.notch',
    title: $localize`Notch in the back`,
    add: $localize`It wants a notch`,
    without: $localize`No notch`,
    loose: false,
    fields: fields('cuts.notch', { width: $localize`Notch wide`, height: $localize`Notch high` }),
    begin: ({ cuts }, unit, usual) =>
      cuts?.notch ? written(cuts.notch, unit) : { width: usual('1 3/8 in', '35 mm'), height: usual('1/2 in', '13 mm') },
  },
  {
    path: 'cuts.hook',
    title: $localize`Bore for the hook`,
    add: $localize`It wants a bore in the back`,
    without: $localize`No bore`,
    loose: false,
    fields: fields('cuts.hook', {
      diameter: $localize`Bore wide`,
      depth: $localize`Bore deep`,
      fromSide: $localize`In from the side`,
      aboveUnderside: $localize`Above the bottom’s underside`,
    }),
    begin: ({ cuts }, unit) =>
      cuts?.hook
        ? written(cuts.hook, unit)
        : { diameter: '6 mm', depth: '10 mm', fromSide: '7 mm', aboveUnderside: '11 mm' },
  },
  {
    path: 'cuts.batten',
    title: $localize`Groove for a batten`,
    add: $localize`It runs on a batten`,
    without: $localize`No batten`,
    loose: false,
    fields: fields('cuts.batten', { thickness: $localize`Batten thick`, over: $localize`Groove deeper by` }),
    begin: ({ cuts }, unit, usual) =>
      cuts?.batten ? written(cuts.batten, unit) : { thickness: usual('1/2 in', '12 mm'), over: '0.5 mm' },
  },
  {
    path: 'cuts.bearing',
    title: $localize`Wooden runner`,
    add: $localize`It is a wooden runner`,
    without: $localize`No runner`,
    loose: false,
    fields: [{ path: 'cuts.bearing', label: $localize`Bearing wide` }],
    begin: ({ cuts }, unit, usual) => (cuts?.bearing ? writeExact(cuts.bearing, unit) : usual('1 in', '25 mm')),
  },
  {
    path: 'adjust',
    title: $localize`What its own screws still move`,
    add: $localize`Say how far it adjusts`,
    without: $localize`Not said`,
    loose: true,
    fields: fields('adjust', {
      height: $localize`Adjusts up by`,
      sideways: $localize`Sideways by`,
      depth: $localize`In and out by`,
      tilt: $localize`Tilts by`,
    }),
    begin: () => ({ height: '3 mm', sideways: '1.5 mm' }),
  },
];

/** Where a row's `cuts` are given they stand for all of the row it is like: what it has goes along. */
export function withCutsOf(
  row: OwnSlideOf<string>,
  family: SlideFamily,
  unit: Unit,
): NonNullable<OwnSlideOf<string>['cuts']> {
  if (row.cuts) return row.cuts;
  const { notch, hook, batten, bearing } = family.cuts ?? {};
  return {
    ...(notch ? { notch: written(notch, unit) } : {}),
    ...(hook ? { hook: written(hook, unit) } : {}),
    ...(batten ? { batten: written(batten, unit) } : {}),
    ...(bearing ? { bearing: writeExact(bearing, unit) } : {}),
  } as NonNullable<OwnSlideOf<string>['cuts']>;
}
