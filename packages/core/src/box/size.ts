import type { SlideFamily } from '../slides';
import {
  downTo,
  largest,
  minus,
  minusTimes,
  nm,
  plus,
  plusTimes,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Source,
  type Tally,
  type Term,
  ofFigure,
  ofField,
  ofDimension,
} from '../length';
import { BOTTOMS } from './bottoms';
import type { BoxPaths, BoxStock } from './stock';

function figure(family: SlideFamily, name: string): Source {
  return ofFigure(family.id, name);
}

function field(path: string): Source {
  return ofField(path);
}

/**
 * Outside width. Outside basis: `B = W − 2·c`; inside basis: `B = W − d + 2·ts`; in both less the ease.
 * The box may be narrower by the family's `narrowBy`, never wider. `packed` is what keeps it clear of a door.
 */
export function boxWidth(
  family: SlideFamily,
  stock: BoxStock,
  opening: Tally,
  paths: BoxPaths,
  packed: readonly Term[] = [],
): Tally {
  const width = plus('opening', opening.total, ofDimension('opening.width'));
  const ease = unlessZero(minus('ease', stock.box.ease ?? ZERO, field(paths.field('box.ease'))));
  if (family.basis === 'outside')
    return tally(width, ...packed, minusTimes('slide', 2, family.side ?? ZERO, figure(family, 'side')), ease);
  return tally(
    width,
    ...packed,
    minus('slide-to-inside-width', family.insideDeduction ?? ZERO, figure(family, 'insideDeduction')),
    plusTimes('side', 2, stock.sides.thickness, field(paths.thickness(stock.sides))),
    ease,
  );
}

/** `L` = nominal length − what the family's list makes the box shorter by. */
export function boxLength(family: SlideFamily, nominal: Length, boxShorter: Length, from: Source | undefined): Tally {
  return tally(
    plus('nominal-length-slide', nominal, from),
    unlessZero(minus('box-shorter-than-slide', boxShorter, figure(family, 'boxShorter'))),
  );
}

export interface HeightWish {
  /** Height given by hand, and the path of its field. */
  readonly byHand?: { readonly height: Length; readonly path: string };
  readonly step?: { readonly height: Length; readonly path: string };
  /** Heights the stock comes in. */
  readonly listed?: { readonly heights: readonly Length[]; readonly path: string };
}

/** The box height, and the greatest the bay allows before any step. */
export interface BoxHeight {
  readonly height: Tally;
  readonly greatest: Tally;
  /** By how much a height given by hand is over the greatest. */
  readonly over?: Length;
}

/** Bay − top − bottom clearance, down to the height step, or the height given by hand where the bay allows it. */
export function boxHeight(family: SlideFamily, bay: Tally, drawer: string, wish: HeightWish): BoxHeight {
  const greatest = tally(
    plus('bay', bay.total, ofDimension('bay.height', drawer)),
    minus('clear-above', family.top, figure(family, 'top')),
    minus('clear-below', family.bottom, figure(family, 'bottom')),
  );
  const { byHand, step, listed } = wish;
  if (!byHand && listed) {
    const fitting = listed.heights.filter((height) => height <= greatest.total);
    if (fitting.length > 0)
      return { greatest, height: tally(plus('height-of-stock', largest(fitting), field(listed.path))) };
  }
  if (byHand && byHand.height <= greatest.total)
    return { greatest, height: tally(plus('box-height-by-hand', byHand.height, field(byHand.path))) };
  const off = step ? nm(greatest.total - downTo(greatest.total, step.height)) : ZERO;
  const down = step ? unlessZero(minus('down-to-height-step', off, field(step.path))) : undefined;
  const height = down ? tally(...greatest.terms, down) : greatest;
  return byHand ? { greatest, height, over: nm(byHand.height - greatest.total) } : { greatest, height };
}

/** The box height taken down to the lowest of those that share one height; itself where it is the lowest. */
export function sharedHeight(own: BoxHeight, lowest: Tally, from: Source): BoxHeight {
  if (own.height.total <= lowest.total) return own;
  return { ...own, height: tally(plus('height-shared-with-another-box', lowest.total, from)) };
}

/** Upper face of the bottom above the box's lower edge. */
export function bottomFace(stock: BoxStock, paths: BoxPaths): Tally {
  const raised = BOTTOMS[stock.box.bottomFit].raised;
  return tally(
    raised
      ? plus('groove-above-lower-edge', stock.box.groove?.offset ?? ZERO, field(paths.field('box.groove.offset')))
      : undefined,
    plus('bottom', stock.bottom.thickness, field(paths.thickness(stock.bottom))),
  );
}
