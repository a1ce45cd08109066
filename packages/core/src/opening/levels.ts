import { readingsOf, type AsBuiltReading, type Bank } from '../job';
import { label, nm, plus, share, tally, type Length, type ReadAt, type Tally, ofField } from '../length';

/** What the opening is at one drawer's level, as measured back there. */
export interface Level {
  readonly drawer: string;
  /** Widths at its front and its back edge, where taken. */
  readonly front?: Tally;
  readonly back?: Tally;
  /** Every width of the case that was measured of this level. */
  readonly widths: readonly Tally[];
  /** Every size that was measured between its hung slides, with what they take. */
  readonly between: readonly Tally[];
  /** Between the hung slides at their front and back ends, with what they take. */
  readonly hung: { readonly front?: Tally; readonly back?: Tally };
  /** The smaller of all widths of this level; those between the hung slides count with what the slides take. */
  readonly least: Tally;
}

/**
 * The levels that were measured, from the top down. A reading between the hung slides is a width less what the pair
 * takes (`taken`, by drawer). Only an opening that counts as built has any.
 */
export function levelsOf(bank: Bank, taken: (drawer: string) => Length): readonly Level[] {
  if (bank.basis !== 'as-built' || !bank.asBuilt) return [];
  return bank.drawers.flatMap(({ id }, place): readonly Level[] => {
    const widths = readingsOf(bank, 'width', id).map((each) => widthOf(each, place));
    const slides = readingsOf(bank, 'slides', id).map((each) => betweenSlides(each, place, taken(id)));
    const [least] = [...widths, ...slides].sort((a, b) => a.width.total - b.width.total);
    if (!least) return [];
    const of = (all: readonly Taken[]): readonly Tally[] => all.map(({ width }) => width);
    return [
      {
        drawer: id,
        ...endsOf(widths),
        widths: of(widths),
        between: of(slides),
        hung: endsOf(slides),
        least: least.width,
      },
    ];
  });
}

/** What was measured back of no drawer's level; the bank's own slides (`taken`) count as they do at a level. */
export function looseReadings(bank: Bank, taken: Length): Pick<Level, 'widths' | 'between'> {
  if (bank.basis !== 'as-built') return { widths: [], between: [] };
  const loose = (what: 'width' | 'slides') => readingsOf(bank, what).filter(({ drawer }) => drawer === undefined);
  return {
    widths: loose('width').map((each) => widthOf(each).width),
    between: loose('slides').map((each) => betweenSlides(each, undefined, taken).width),
  };
}

function endsOf(taken: readonly Taken[]): { readonly front?: Tally; readonly back?: Tally } {
  const at = (where: string) => taken.find(({ place }) => place === where)?.width;
  const [front, back] = [at('front'), at('back')];
  return { ...(front ? { front } : {}), ...(back ? { back } : {}) };
}

/** What one end of a level is packed out by, on each side. */
export interface LevelPacking {
  readonly place: 'front' | 'back';
  readonly eachSide: Length;
  /** Measured between the hung slides. */
  readonly hung: boolean;
}

/**
 * What is still to be packed out at a drawer’s own level, front and back, where it was measured: between its hung slides,
 * which have their packing already, else the case; undefined where it was not.
 */
export function levelPacking(
  { levels, width }: { readonly levels: readonly Level[]; readonly width: Tally },
  drawer: string,
): readonly LevelPacking[] | undefined {
  const level = levels.find((each) => each.drawer === drawer);
  if (!level) return undefined;
  return (['front', 'back'] as const).flatMap((place) => {
    const over = nm(((level.hung[place] ?? level[place])?.total ?? width.total) - width.total);
    return over > 0 ? [{ place, eachSide: share(over, 2), hung: level.hung[place] !== undefined }] : [];
  });
}

interface Taken {
  readonly place: AsBuiltReading['place'];
  readonly width: Tally;
}

/** `level` is the drawer's place; none where it is of the whole opening. */
function widthOf({ place, length, path }: AsBuiltReading, level?: number): Taken {
  return { place, width: tally(plus(label('width-measured', readAt(level, place)), length, ofField(path))) };
}

function betweenSlides({ place, length, path }: AsBuiltReading, level: number | undefined, taken: Length): Taken {
  const between = plus(label('between-slides-measured', readAt(level, place)), length, ofField(path));
  return { place, width: tally(between, plus('what-slides-take', nm(taken))) };
}

function readAt(level: number | undefined, place: AsBuiltReading['place']): ReadAt {
  return { ...(level === undefined ? {} : { level }), places: place ? [place] : [] };
}
