import type { SheetLayout } from '../sheets';
import type { CutGroup } from './cut-list';
import type { MaterialLayout } from './read-layouts';

/** Sheets of one material that a job takes, and how that was found. */
export interface ToBuy {
  readonly group: CutGroup;
  readonly sheets: number;
  /** From a layout of all its parts; else by area with the usual waste. */
  readonly by: 'layout' | 'area';
}

/** What is lost of a sheet where nobody has laid it out yet. Common practice. */
const WASTE = 0.2;

/** Whole sheets to buy for the parts of a cut list, for every material that comes in sheets. */
export function sheetsToBuy(groups: readonly CutGroup[], layouts: readonly MaterialLayout[]): readonly ToBuy[] {
  return groups.flatMap((group): readonly ToBuy[] => {
    const { sheet, id } = group.material;
    if (!sheet) return [];
    const laid = layouts.filter(({ material }) => material === id);
    const placed = laid.reduce((sum, each) => sum + piecesIn(each.sheet.panel), 0);
    if (placed >= group.count && laid.length > 0)
      return [{ group, sheets: laid.filter((each) => each.sheet.stock === id).length, by: 'layout' }];
    const area = group.rips.reduce(
      (all, { width, crosscuts }) =>
        all + crosscuts.reduce((sum, { length, count }) => sum + (width / 1e6) * (length / 1e6) * count, 0),
      0,
    );
    const whole = (sheet.length / 1e6) * (sheet.width / 1e6);
    return [{ group, sheets: Math.ceil((area * (1 + WASTE)) / whole), by: 'area' }];
  });
}

function piecesIn(panel: SheetLayout['panel']): number {
  if (panel.kind === 'cuts') return panel.children.reduce((sum, child) => sum + piecesIn(child.panel), 0);
  return panel.kind === 'part' ? 1 : 0;
}
