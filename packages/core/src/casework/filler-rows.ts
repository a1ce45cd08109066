import { ofField, plus, tally, type Tally, type Term } from '../length';
import { materialOf, thicknessPath, type CaseStock } from './case-stock';
import { fillerWidth, type Outline } from './outline';

type Side = 'left' | 'right';

/** Fillers of one width, and the sides of the case they stand at. */
export interface FillerRow {
  readonly sides: readonly Side[];
  readonly width: Tally;
}

/** At an inside corner it runs on behind the filler that stands across: by the thickness of that. */
function behindOther(stock: CaseStock): Term {
  const { panel } = stock.build;
  return plus('behind-other-filler', materialOf(stock, panel).thickness, ofField(thicknessPath(stock, panel)));
}

/** Those of the space a case goes into, shaped to its walls; then those that keep it from what it stands beside in its room. */
export function fillerRows(stock: CaseStock, outline: Outline): readonly FillerRow[] {
  const asked = stock.build.place?.fillers;
  const sides = (['left', 'right'] as const).filter((side) => asked?.[side] !== undefined);
  const width = fillerWidth(stock, outline);
  const inSpace = width && sides.length > 0 ? [{ sides, width }] : [];
  const inRoom = (['left', 'right'] as const).flatMap((side): readonly FillerRow[] => {
    const field = side === 'left' ? 'fillerLeft' : 'fillerRight';
    const wide = stock.at?.[field];
    if (wide === undefined) return [];
    const beside = plus('filler-beside', wide, ofField(`${stock.path}.at.${field}`));
    return [{ sides: [side], width: tally(beside, stock.at?.post === side ? behindOther(stock) : undefined) }];
  });
  return [...inSpace, ...inRoom];
}
