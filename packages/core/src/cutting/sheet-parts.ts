import type { Material } from '../job';
import type { LayoutTask, Piece, SawRules } from '../sheets';
import type { CutGroup, CutList } from './cut-list';

/** The parts of one material that come out of sheets, ready to be laid out. */
export interface SheetParts {
  readonly material: Material;
  readonly task: LayoutTask;
}

/**
 * What is to be laid out of each material that comes in sheets. Every part has a name that a new plan keeps:
 * `case/bank/drawer/role`, with its number where a drawer has several. Parts lie along the grain where there is one.
 */
export function sheetParts({ groups }: CutList, rules: SawRules): readonly SheetParts[] {
  return groups.flatMap((group) => {
    const { material } = group;
    if (!material.sheet) return [];
    const stock = [{ id: material.id, ...material.sheet }];
    return [{ material, task: { pieces: piecesOf(group), stock, rules } }];
  });
}

function piecesOf({ material, rips }: CutGroup): readonly Piece[] {
  const mayTurn = material.grain !== true;
  return rips.flatMap(({ width, crosscuts }) =>
    crosscuts.flatMap(({ length, uses }) =>
      uses.flatMap(({ case: owner, bank, drawer, role, count }) =>
        Array.from({ length: count }, (_, index) => ({
          id: [owner, bank, drawer, role].join('/') + (count > 1 ? ` ${index + 1}` : ''),
          length,
          width,
          mayTurn,
        })),
      ),
    ),
  );
}
