import {
  asSeen,
  better,
  bestOrder,
  closesOn,
  divide,
  layOut,
  lyingIn,
  millimetres,
  movesOf,
  nm,
  schedule,
  stepsOf,
  type DivisionProblem,
  type Found,
  type LayoutTask,
  type Length,
} from './index';
import { chanceFrom } from './chance';
import { shopOf } from './scheduling/keeps.spec-data';
import { cutUp, RULES, SHEET } from './sheets/cut-up.spec-data';
import { tieGroups } from './job';

type Chance = () => number;
const pickBy =
  (chance: Chance) =>
  <T>(all: readonly T[]): T =>
    all[Math.floor(chance() * all.length)] as T;

/** Sides that several parts of a made-up job share, in millimetres, and sides of their own. */
const SIDES = [90, 120, 300, 302, 450, 560, 700, 1100];
/** So many layouts are looked at of each. */
const LOOKED = 60;

/** A made-up task of the saw: sheets cut up to the last that can be joined again, or parts as they come. */
function taskOf(seed: number): LayoutTask {
  const chance = chanceFrom(seed);
  const pick = pickBy(chance);
  const kerf = pick([RULES.kerf, RULES.kerf, nm(0)]);
  const rules = { kerf, trim: pick([nm(0), RULES.trim]), stages: pick([2, 3, 4]), ripFirst: chance() < 0.6 };
  const likes = pick([
    ...[undefined, undefined, { fewerSettings: 0, biggerOffcuts: 0 }, { fewerSettings: 1, biggerOffcuts: 0 }],
    ...[
      { fewerSettings: 0, biggerOffcuts: 1 },
      { fewerSettings: 1, biggerOffcuts: 1 },
    ],
  ]);
  const liking = likes === undefined ? {} : { likes };
  if (seed % 3 === 0)
    return {
      ...{ pieces: cutUp(pick([3, 6, 10]), seed, pick([1, 2]), chance() < 0.3), stock: [SHEET], ...liking },
      rules: { ...RULES, ripFirst: chance() < 0.5 },
    };
  const side = (): Length => millimetres(chance() < 0.7 ? pick(SIDES) : 60 + Math.floor(chance() * 900));
  const pieces = Array.from({ length: pick([1, 4, 9, 20]) }, (_, at) => {
    const [length, width] = [side(), side()];
    const made = chance() < 0.15 ? { made: { panel: halves(`p${at}`, width, kerf), stages: 1 } } : {};
    return { id: `p${at}`, length, width, mayTurn: chance() < 0.5, ...made };
  });
  const rack = { id: 'rack', length: millimetres(pick([600, 1200])), width: millimetres(610), count: pick([1, 2]) };
  const board = { id: 'board', length: millimetres(2440), width: millimetres(pick([305, 610])) };
  return { pieces, stock: pick([[SHEET], [SHEET, rack], [rack, SHEET], [board, SHEET], [rack]]), rules, ...liking };
}

/** Two parts out of one piece, side by side, their order kept. */
function halves(id: string, width: Length, kerf: Length) {
  const half = nm(Math.floor((width - kerf) / 2));
  return {
    ...({ kind: 'cuts', direction: 'rip', inOrder: true } as const),
    children: ['/1', '/2'].map((end) => ({
      size: half,
      panel: { kind: 'part', piece: `${id}${end}`, turned: false } as const,
    })),
  };
}

/** What a made-up task comes to, layout by layout, and how the last of them is cut. */
export function laidOut(seed: number): unknown {
  const task = taskOf(seed);
  const found: Found[] = [];
  for (const each of layOut(task, seed)) {
    found.push(each);
    if (found.length === LOOKED) break;
  }
  const sheets = found.at(-1)?.layout.sheets ?? [];
  return [
    found.map(({ layout, ...each }, at) => (layout === found[at - 1]?.layout ? each : { ...each, layout })),
    sheets.map((sheet) => {
      const steps = stepsOf(sheet, task.rules);
      return [steps, movesOf(steps), lyingIn(sheet, task.rules)];
    }),
  ];
}

/** The order of work of a made-up shop: as it comes, as it is bettered, as it was seen, and seen once more a while later. */
export function ordered(seed: number): unknown {
  const chance = chanceFrom(seed);
  const pick = pickBy(chance);
  const problem = shopOf(chance, { jobs: pick([1, 2, 4]), tasks: pick([4, 12, 30]), grain: pick([5, 15]) });
  const told = [...better(problem, { rows: 1, most: pick([300, 700]) })];
  const best = bestOrder(problem, { tries: 120 });
  const later = { ...problem, now: problem.now + pick([20, 400, 3000]) };
  return [
    ...[schedule(problem), told.at(0), told.at(-1), told.length, best],
    ...[asSeen(problem, best.placed), asSeen(later, best.placed.slice(1))],
    ...[bestOrder(later, { tries: 40, seen: best.placed }), closesOn(problem.hours, '2026-12-03')],
  ];
}

/** What is looked for at length: in more tries than one beginning takes, of two jobs that are late. */
export function orderedAtLength(seed: number): unknown {
  const problem = shopOf(chanceFrom(seed), { jobs: 2, tasks: 16, grain: 15, people: 2 });
  return bestOrder({ ...problem, due: { j0: problem.now + 300, j1: problem.now + 400 } }, { tries: 6000 });
}

/** How a made-up height is divided, with locks, ties, bounds, needs and lines as they come. */
export function divided(seed: number): unknown {
  const chance = chanceFrom(seed);
  const pick = pickBy(chance);
  const count = 1 + Math.floor(chance() * 8);
  const drawers = Array.from({ length: count }, (_, at) => {
    const kind = chance();
    if (kind < 0.12) return { id: `d${at}`, height: millimetres(pick([80, 100.5, 150])) };
    if (kind < 0.27 && at > 0) return { id: `d${at}`, sameAs: `d${Math.floor(chance() * at)}` };
    return { id: `d${at}` };
  });
  const some = (share: number, sizes: readonly number[]): readonly (Length | undefined)[] =>
    drawers.map(() => (chance() < share ? millimetres(pick(sizes)) : undefined));
  const total = millimetres(pick([300, 600, 708, 900.25, 1400]));
  const cut = Math.floor(count / 2);
  const line = { place: cut - 1, below: millimetres(Math.round(total / 2e6) - pick([0, 20, 60])) };
  const problem: DivisionProblem = {
    ...{ total, groups: tieGroups(drawers), makeup: Math.floor(chance() * count) },
    choice: pick([
      { scheme: 'equal' },
      { scheme: 'step', step: millimetres(pick([10, 19.05, 30])) },
      { scheme: 'ratio', ratio: pick([1.05, 1.15, 1.3]) },
      { scheme: 'manual' },
      { scheme: 'contents', needs: some(0.6, [60, 95]), shares: pick([[], [1, 2, 0.5], [0, 0, 0, 0, 0, 0, 0, 0]]) },
    ] as const),
    ...(chance() < 0.7 ? { increment: pick([millimetres(1), millimetres(5), millimetres(1.5875)]) } : {}),
    ...(chance() < 0.3 ? { needs: some(0.3, [90, 160]) } : {}),
    ...(chance() < 0.3 ? { least: some(0.3, [70, 140]) } : {}),
    ...(chance() < 0.3 ? { most: some(0.3, [200, 120]) } : {}),
    ...(chance() < 0.3 && cut > 0 ? { lines: [line] } : {}),
  };
  return divide(problem);
}
