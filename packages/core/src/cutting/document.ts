import type { Words } from '../words';
import { inMillimetres } from '../length';
import type { Job } from '../job';
import type { Plan } from '../plan';
import { layOut, lyingIn, stepsOf, type Blade, type Found, type SawnPanel, type SheetLayout } from '../sheets';
import { boardList } from './boards';
import { cutList, type CutGroup } from './cut-list';
import { rulesOf, sawOf, type SawOfJob } from './saw';
import { sawSettings } from './settings';
import { partsOf, toCut } from './parts';
import { sheetParts, type RackItem, type SheetParts } from './sheet-parts';
import { holds, takenSheets, type TakenHere } from './taken';

/** How long each material's layout is looked for: so many tries, from this seed. */
export interface Effort {
  readonly tries: number;
  readonly seed: number;
}

/**
 * The cut list, saw settings, board list and a layout of every material that comes in sheets or has some in the rack,
 * as plain JSON; lengths in millimetres. Layouts hold what is held too: they are to buy by.
 */
export function cutDocument(job: Job, plan: Plan, words: Words, effort: Effort, rack: readonly RackItem[] = []) {
  const saw = sawOf(job);
  const list = cutList(job, plan);
  const laid = sheetParts(job, plan, 'all', rack);
  const taken = takenSheets(job, partsOf(job, plan).parts).filter((each) => holds(each) && !each.finished);
  const { fences, stops } = sawSettings(partsOf(job, plan).parts.filter(toCut));
  const sizes = (settings: typeof fences) =>
    settings.map(({ size, parts }) => ({ size: inMillimetres(size), parts: parts.length }));
  return {
    format: 'zabble-cut',
    version: 1,
    unsized: list.unsized,
    saw: sawOut(saw),
    settings: { fences: sizes(fences), stops: sizes(stops) },
    materials: list.groups.map((group) => {
      const parts = laid.find(({ material }) => material.id === group.material.id);
      return {
        material: group.material.id,
        thickness: inMillimetres(group.material.thickness),
        grain: group.material.grain === true,
        parts: rowsOf(group),
        ...(parts ? { sheets: sheetsOf(parts, saw, effort) } : {}),
        ...takenOf(taken.filter(({ material }) => material === group.material.id)),
      };
    }),
    boards: boardList(job, plan).map(({ wood, rows, bought }) => ({
      wood: words.say(wood),
      bought,
      rows: rows.map(({ what, count, length, width, thickness, rough }) => ({
        // The format's name for the rails between drawers.
        what: what === 'drawer-rail' ? 'rail' : what,
        count,
        length: inMillimetres(length),
        width: inMillimetres(width),
        thickness: inMillimetres(thickness),
        rough: inMillimetres(rough),
      })),
    })),
  } as const;
}

function sawOut(saw: SawOfJob) {
  return {
    ...rulesOf(saw),
    kerf: inMillimetres(saw.kerf),
    trim: inMillimetres(saw.trim),
    ...(saw.over > 0 ? { over: inMillimetres(saw.over) } : {}),
    fewerSettings: saw.fewerSettings,
    biggerOffcuts: saw.biggerOffcuts,
  };
}

function rowsOf({ rips }: CutGroup) {
  return rips.flatMap(({ width, crosscuts }) =>
    crosscuts.map(({ length, count, left, release, parts }) => ({
      width: inMillimetres(width),
      length: inMillimetres(length),
      count,
      left,
      release,
      parts: parts.map(({ name }) => name),
    })),
  );
}

function sheetsOf({ task }: SheetParts, saw: SawOfJob, { tries, seed }: Effort) {
  const found = bestOf(layOut(task, seed), tries);
  if (!found) return { used: 0, fewest: 0, proven: true, settings: 0, left: [], layouts: [] };
  const { layout, fewest, proven, settings } = found;
  return {
    used: layout.sheets.length,
    fewest,
    proven,
    settings,
    left: layout.left,
    layouts: layout.sheets.map((sheet) => layoutOf(sheet, saw)),
  };
}

/** Sheets of a layout that was taken with the job: they stay as they are, and how far they are cut. */
function takenOf(taken: readonly TakenHere[]) {
  if (taken.length === 0) return {};
  return { taken: taken.map(({ id, done, sheet, blade }) => ({ id, done, ...layoutOf(sheet, blade) })) };
}

function layoutOf(sheet: SheetLayout, saw: Blade) {
  const at = ({ x, y, long, wide }: { x: number; y: number; long: number; wide: number }) => ({
    x: x / 1e6,
    y: y / 1e6,
    length: long / 1e6,
    width: wide / 1e6,
  });
  return {
    stock: sheet.stock,
    length: inMillimetres(sheet.length),
    width: inMillimetres(sheet.width),
    panel: panelDocument(sheet.panel),
    lying: lyingIn(sheet, saw).map(({ piece, turned, ...place }) => ({
      ...(piece === undefined ? { rest: true } : { part: piece, turned }),
      ...at(place),
    })),
    steps: stepsOf(sheet, saw).map(({ direction, setting, times, panel }) => ({
      direction,
      setting: inMillimetres(setting),
      times,
      panel: at(panel),
    })),
  };
}

/** The last step of so many tries. */
export function bestOf(steps: Iterable<Found>, tries: number): Found | undefined {
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
