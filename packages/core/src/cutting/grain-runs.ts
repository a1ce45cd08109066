import type { Job, Run } from '../job';
import { nm, type Length } from '../length';
import type { BankPlan, Plan } from '../plan';
import { stagesIn, type Direction, type SawnPanel } from '../sheets';
import type { CutPart } from './cut-part';
import { treeRun, type RunPiece } from './tree-run';
import { cutsOf, inRow, lengthened, lengthOf, narrowed, taken } from './panel-cuts';
import { sawOf } from './saw';

/** Fronts one after the other, as they lie on the sheet. */
interface Column {
  readonly names: readonly string[];
  /** Along the sheet (and its grain), and across it. */
  readonly long: Length;
  readonly wide: Length;
  readonly panel: SawnPanel;
}

/** How fronts lie: their heights along the sheet where the grain runs up, else across it. */
interface Lie {
  /** Cuts between the fronts of a bank, and between banks. */
  readonly within: Direction;
  readonly beside: Direction;
}
const UP: Lie = { within: 'cross', beside: 'rip' };
const ACROSS: Lie = { within: 'rip', beside: 'cross' };

/**
 * Panels for grain-matched fronts: one down each bank with a run of its own, one for all banks of a case whose run goes
 * across (those whose grain runs up apart from the others), or for all that hangs at its front, doors too, where the case
 * is told how it is made. A run of one front is no run.
 */
export function grainRuns(job: Job, { cases }: Plan, parts: readonly CutPart[]): readonly RunPiece[] {
  const { kerf } = sawOf(job);
  return cases.flatMap(({ id, banks, run, fronts }, index) => {
    const across = run && job.cases[index]?.run;
    if (across && fronts)
      return fronts.flatMap((tree, place) =>
        treeRun(place === 0 ? id : `${id}/${place + 1}`, tree, across, { parts: ofCase(parts, id), kerf }),
      );
    if (across)
      return [UP, ACROSS].flatMap((lie) => {
        const alike = banks.filter(({ bank }) => lieOf(bank) === lie);
        return rowOf(alike.length === banks.length ? id : `${id}/${lie.within}`, alike, across, { parts, kerf, lie });
      });
    return banks.flatMap((bank) => {
      const own = bank.bank.front.run;
      const column = own && columnOf(bank, own, { parts, kerf, lie: lieOf(bank.bank) });
      return column && column.names.length > 1 ? [pieceOf(`${id}/${bank.id}/run`, column)] : [];
    });
  });
}

function lieOf({ front }: BankPlan['bank']): Lie {
  return front.grain === 'up' ? UP : ACROSS;
}

function pieceOf(id: string, { names, long, wide, panel }: Column): RunPiece {
  return { names, piece: { id, length: long, width: wide, made: { panel, stages: stagesIn(panel) } } };
}

function ofCase(parts: readonly CutPart[], id: string): readonly CutPart[] {
  return parts.filter(({ use }) => use.case === id);
}

interface Laying {
  readonly parts: readonly CutPart[];
  readonly kerf: Length;
  readonly lie: Lie;
}

/** The fronts of one bank in their order; undefined where it has none to cut. */
function columnOf({ path }: BankPlan, run: Run, { parts, kerf, lie }: Laying): Column | undefined {
  const fronts = parts.filter(({ use }) => use.path === path && use.role === 'drawer-front');
  if (fronts.length === 0) return undefined;
  const sizes = fronts.map(({ name, length, width }) => {
    const [along, aside] = lie === UP ? [length.total, width.total] : [width.total, length.total];
    return { name, along, aside };
  });
  const aside = nm(Math.max(...sizes.map((size) => size.aside)));
  const children = inRow(
    sizes.map((size) => ({
      size: size.along,
      panel: narrowed({ kind: 'part', piece: size.name, turned: false }, size.aside, aside, kerf, lie.beside),
    })),
    taken(run),
    kerf,
  );
  const whole = nm(lengthOf(children, kerf) + run.trim);
  const [long, wide] = lie === UP ? [whole, aside] : [aside, whole];
  return { names: fronts.map(({ name }) => name), long, wide, panel: cutsOf(lie.within, children, whole, kerf) };
}

/** The columns of several banks side by side as the fronts hang, each as long as the longest. */
function rowOf(id: string, banks: readonly BankPlan[], run: Run, laying: Laying): readonly RunPiece[] {
  const { kerf, lie } = laying;
  const columns = banks.flatMap((bank) => columnOf(bank, run, laying) ?? []);
  const names = columns.flatMap((column) => column.names);
  if (names.length < 2) return [];
  const sizes = columns.map(({ long, wide, panel }) => {
    const [along, aside] = lie === UP ? [long, wide] : [wide, long];
    return { along, aside, panel };
  });
  const along = nm(Math.max(...sizes.map((size) => size.along)));
  const children = inRow(
    sizes.map(({ aside, panel }) => ({ size: aside, panel: lengthened(panel, along, kerf, lie.within) })),
    taken(run),
    kerf,
  );
  const whole = nm(lengthOf(children, kerf) + run.trim);
  const [long, wide] = lie === UP ? [along, whole] : [whole, along];
  return [pieceOf(`${id}/run`, { names, long, wide, panel: cutsOf(lie.beside, children, whole, kerf) })];
}
