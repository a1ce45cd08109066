import { MaxRectsPacker } from 'maxrects-packer';
import { layOut, plan, sheetParts, type Found, type Job, type LayoutTask } from '../src';
import { cutUp, RULES, SHEET } from '../src/sheets/cut-up.spec-data';

/** As long as a person waits, in milliseconds. */
const PATIENCE = 10_000;

interface Outcome {
  readonly found: Found;
  readonly first: number;
  readonly took: number;
}

/** Looks until it is proven or patience ends; `first` and `took` in milliseconds. */
function looked(task: LayoutTask, patience = PATIENCE): Outcome | undefined {
  const start = performance.now();
  let outcome: Outcome | undefined;
  for (const found of layOut(task)) {
    const now = performance.now() - start;
    outcome = { found, first: outcome?.first ?? now, took: now };
    if (now > patience) break;
  }
  return outcome;
}

/** Sheets a general bin-packing package takes, which need not cut from edge to edge. */
function packed({ pieces, stock: [sheet], rules: { kerf, trim } }: LayoutTask): number {
  const whole = (size: number): number => size - 2 * trim + kerf;
  const packer = new MaxRectsPacker(whole(sheet?.length ?? 0), whole(sheet?.width ?? 0), 0, {
    smart: false,
    pot: false,
    square: false,
    allowRotation: pieces.every(({ mayTurn }) => mayTurn),
  });
  packer.addArray(pieces.map(({ length, width }) => ({ width: length + kerf, height: width + kerf })) as never);
  return packer.bins.length;
}

/** Lines of the benchmark: sheets against the bound and a general package, on the same cases in the same run. */
export function layoutLines(jobs: readonly Job[]): readonly (readonly [string, string])[] {
  return [...withoutWaste(), ...realJobs(jobs), many()];
}

function withoutWaste(): readonly (readonly [string, string])[] {
  return [
    [1, false],
    [2, true],
  ].flatMap(([sheets, mayTurn]) =>
    [30, 50, 80].map((parts) => {
      const seeds = Array.from({ length: 8 }, (_, index) => 100 * parts + index);
      const rules = { ...RULES, stages: 40, ripFirst: false };
      const outcomes = seeds.map((seed) => {
        const task = { pieces: cutUp(parts, seed, Number(sheets), Boolean(mayTurn)), stock: [SHEET], rules };
        return { own: looked(task), package: packed(task) };
      });
      const none = outcomes.filter(({ own }) => own?.found.layout.sheets.length === sheets).length;
      const theirs = outcomes.filter(({ package: used }) => used === sheets).length;
      const slowest = Math.max(...outcomes.map(({ own }) => own?.took ?? 0));
      return [
        `zero waste, ${parts} parts, ${Number(sheets)} sheets${mayTurn ? ', turned' : ''}`,
        `${none} of ${seeds.length} without an extra sheet, the package ${theirs}; slowest ${(slowest / 1000).toFixed(1)} s`,
      ] as const;
    }),
  );
}

/** Five of each job together, each material on its own. */
function realJobs(jobs: readonly Job[]): readonly (readonly [string, string])[] {
  return jobs.flatMap((job) =>
    sheetParts(job, plan(job), 'all').map(({ material, task }) => {
      const pieces = Array.from({ length: 5 }, (_, time) =>
        task.pieces.map((piece) => ({ ...piece, id: `${time} ${piece.id}` })),
      ).flat();
      const many = { pieces, stock: task.stock, rules: RULES };
      const own = looked(many, 3000);
      const says = `${own?.found.layout.sheets.length} sheets, never under ${own?.found.fewest}, the package ${packed(many)}`;
      return [`5 × ${job.name}: ${material.name}`.slice(0, 41), says] as const;
    }),
  );
}

function many(): readonly [string, string] {
  const task = { pieces: cutUp(300, 5, 9).filter((_, index) => index % 9 !== 0), stock: [SHEET], rules: RULES };
  const own = looked(task, 5000);
  const says = `first after ${own?.first.toFixed(0)} ms; ${own?.found.layout.sheets.length} sheets after 5 s, never under ${own?.found.fewest}`;
  return [`${task.pieces.length} parts`, says];
}
