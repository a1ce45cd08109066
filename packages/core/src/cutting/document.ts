import { inMillimetres } from '../length';
import { layOut, type Found, type SawnPanel, type SawRules } from '../sheets';
import type { CutGroup, CutList } from './cut-list';
import { sheetParts, type SheetParts } from './sheet-parts';

/** How long each material's layout is looked for: so many tries, from this seed. */
export interface Effort {
  readonly tries: number;
  readonly seed: number;
}

/** The cut list and a layout of every material that comes in sheets, as plain JSON; lengths in millimetres. */
export function cutDocument(list: CutList, rules: SawRules, effort: Effort) {
  return {
    format: 'zabble-cut',
    version: 1,
    unsized: list.unsized,
    saw: { ...rules, kerf: inMillimetres(rules.kerf), trim: inMillimetres(rules.trim) },
    materials: list.groups.map((group) => {
      const parts = sheetParts({ ...list, groups: [group] }, rules)[0];
      return {
        material: group.material.id,
        thickness: inMillimetres(group.material.thickness),
        parts: partsOf(group),
        ...(parts ? { sheets: sheetsOf(parts, effort) } : {}),
      };
    }),
  } as const;
}

function partsOf({ rips }: CutGroup) {
  return rips.flatMap(({ width, crosscuts }) =>
    crosscuts.map(({ length, count, release, uses }) => ({
      width: inMillimetres(width),
      length: inMillimetres(length),
      count,
      release,
      uses: uses.map(({ case: owner, bank, drawer, role, count: many }) => ({
        part: [owner, bank, drawer, role].join('/'),
        count: many,
      })),
    })),
  );
}

function sheetsOf({ task }: SheetParts, { tries, seed }: Effort) {
  const found = bestOf(layOut(task, seed), tries);
  if (!found) return { used: 0, fewest: 0, proven: true, left: [], layouts: [] };
  const { layout, fewest, proven } = found;
  return {
    used: layout.sheets.length,
    fewest,
    proven,
    left: layout.left,
    layouts: layout.sheets.map(({ length, width, panel }) => ({
      length: inMillimetres(length),
      width: inMillimetres(width),
      panel: panelDocument(panel),
    })),
  };
}

function bestOf(steps: Iterable<Found>, tries: number): Found | undefined {
  let best: Found | undefined;
  for (const found of steps) {
    best = found;
    if (found.tried >= tries) break;
  }
  return best;
}

/** Panels within panels; the sizes of cuts in millimetres. */
function panelDocument(panel: SawnPanel): object {
  if (panel.kind !== 'cuts') return panel;
  const { direction, children } = panel;
  return {
    kind: 'cuts',
    direction,
    children: children.map(({ size, panel: child }) => ({ size: inMillimetres(size), panel: panelDocument(child) })),
  };
}
