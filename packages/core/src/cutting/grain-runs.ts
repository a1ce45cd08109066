import type { Job, Run } from '../job';
import { nm, ZERO, type Length } from '../length';
import type { BankPlan, Plan } from '../plan';
import { stagesIn, type Direction, type Piece, type SawnPanel } from '../sheets';
import type { CutPart } from './parts';
import { sawOf } from './saw';

/** Fronts kept together on a sheet, in their order. */
export interface RunPiece {
  readonly names: readonly string[];
  readonly piece: Omit<Piece, 'mayTurn'>;
}

interface Column {
  readonly names: readonly string[];
  readonly long: Length;
  readonly wide: Length;
  readonly panel: SawnPanel;
}

type Child = Extract<SawnPanel, { kind: 'cuts' }>['children'][number];

/**
 * Panels for grain-matched fronts: one down each bank with a run of its own, one for all banks of a case whose run goes
 * across. The figure runs up the fronts, so their heights lie along the sheet. A run of one front is no run.
 */
export function grainRuns(job: Job, { cases }: Plan, parts: readonly CutPart[]): readonly RunPiece[] {
  const { kerf } = sawOf(job);
  return cases.flatMap(({ id, banks, run }, index) => {
    const across = run && job.cases[index]?.run;
    if (across) return rowOf(id, columnsOf(banks, across, parts, kerf), across, kerf);
    return banks.flatMap((bank) => {
      const own = bank.bank.front.run;
      const [column] = own ? columnsOf([bank], own, parts, kerf) : [];
      if (!column || column.names.length < 2) return [];
      const piece = { id: `${id}/${bank.id}/run`, length: column.long, width: column.wide };
      return [
        { names: column.names, piece: { ...piece, made: { panel: column.panel, stages: stagesIn(column.panel) } } },
      ];
    });
  });
}

function columnsOf(banks: readonly BankPlan[], run: Run, parts: readonly CutPart[], kerf: Length): readonly Column[] {
  return banks.flatMap(({ path }) => {
    const fronts = parts.filter(({ use }) => use.path === path && use.role === 'face');
    const wide = nm(Math.max(0, ...fronts.map(({ length }) => length.total)));
    const children = inRow(
      fronts.map(({ name, length, width }) => ({
        size: width.total,
        panel: narrowed({ kind: 'part', piece: name, turned: true }, length.total, wide, kerf),
      })),
      taken(run),
      kerf,
    );
    const names = fronts.map(({ name }) => name);
    const long = nm(lengthOf(children, kerf) + run.trim);
    return names.length === 0 ? [] : [{ names, long, wide, panel: cutsOf('cross', children, long, kerf) }];
  });
}

function rowOf(id: string, columns: readonly Column[], run: Run, kerf: Length): readonly RunPiece[] {
  const names = columns.flatMap((column) => column.names);
  if (names.length < 2) return [];
  const long = nm(Math.max(...columns.map((column) => column.long)));
  const children = inRow(
    columns.map(({ wide, panel }) => ({ size: wide, panel: lengthened(panel, long, kerf) })),
    taken(run),
    kerf,
  );
  const width = nm(lengthOf(children, kerf) + run.trim);
  const panel = cutsOf('rip', children, width, kerf);
  return [{ names, piece: { id: `${id}/run`, length: long, width, made: { panel, stages: stagesIn(panel) } } }];
}

/** What is lost between two fronts: a strip where one is cut out, else what the saw takes. */
function taken({ kerf, strip }: Run): number {
  return kerf + (strip ?? ZERO);
}

/** Children with what is cut out between them: a strip of its own where it is wider than two cuts of the saw. */
function inRow(children: readonly Child[], between: number, kerf: Length): readonly Child[] {
  const strip = nm(between - 2 * kerf);
  const lost: readonly Child[] = strip > 0 ? [{ size: strip, panel: { kind: 'rest' } }] : [];
  return children.flatMap((child, index) => (index === 0 ? [child] : [...lost, child]));
}

function lengthOf(children: readonly Child[], kerf: Length): number {
  return children.reduce((sum, { size }) => sum + size, 0) + kerf * Math.max(0, children.length - 1);
}

/** Cuts, and what is left over after the last: trim. */
function cutsOf(direction: Direction, children: readonly Child[], whole: Length, kerf: Length): SawnPanel {
  const left = nm(whole - lengthOf(children, kerf) - kerf);
  return {
    kind: 'cuts',
    direction,
    children: left > 0 ? [...children, { size: left, panel: { kind: 'rest' } }] : children,
  };
}

/** A part narrower than its column is cut to its own size. */
function narrowed(panel: SawnPanel, size: Length, whole: Length, kerf: Length): SawnPanel {
  return size === whole ? panel : cutsOf('rip', [{ size, panel }], whole, kerf);
}

/** A column that ends before the longest does has more left over. */
function lengthened(panel: SawnPanel, long: Length, kerf: Length): SawnPanel {
  if (panel.kind !== 'cuts') return panel;
  const parts = panel.children.filter(
    ({ panel: child }, index) => child.kind !== 'rest' || index < panel.children.length - 1,
  );
  return cutsOf('cross', parts, long, kerf);
}
