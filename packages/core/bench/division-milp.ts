import { idealHeights, nm, type DivisionProblem, type Length, type TieGroup } from '../src';

/** How far from its ideal each height may go in the model, in increments: an optimum lies well within. */
const REACH = 3;

interface Unknown {
  readonly group: TieGroup;
  readonly weight: number;
  /** Ideal height in increments. */
  readonly ideal: number;
}

/**
 * The division as a mixed-integer linear programme (in the text form solvers read): every height picks one whole number
 * of increments near its ideal, the makeup one of the sums the others can make, each choice at its squared departure
 * (in increments squared). Its optimum is the least cost there is; nothing of the exact division is used but the
 * ideals' definition. For problems without least heights.
 */
export function asProgramme(problem: DivisionProblem): string | undefined {
  const { unknowns, makeup, rest, increment } = freeParts(problem);
  if (!makeup || rest <= 0) return undefined;
  const others = unknowns.filter((unknown) => unknown !== makeup);
  const costs: string[] = [];
  const sums: string[] = [];
  const picks: string[] = [];
  const names: string[] = [];
  others.forEach(({ weight, ideal }, g) => {
    const own: string[] = [];
    for (let count = Math.floor(ideal) - REACH; count <= Math.floor(ideal) + REACH + 1; count += 1) {
      const name = `z${g}_${own.length}`;
      own.push(name);
      costs.push(`${signed(weight * (count - ideal) ** 2)} ${name}`);
      sums.push(`${signed(weight * count)} ${name}`);
    }
    picks.push(` one${g}: ${own.join(' + ')} = 1`);
    names.push(...own);
  });
  const middle = others.reduce((sum, { weight, ideal }) => sum + weight * ideal, 0);
  const spread = REACH + others.reduce((sum, { weight }) => sum + weight, 0);
  const totals: string[] = [];
  for (let sum = Math.floor(middle) - spread; sum <= middle + spread; sum += 1) {
    const name = `y${totals.length}`;
    const height = (rest / increment - sum) / makeup.weight;
    totals.push(name);
    costs.push(`${signed(makeup.weight * (height - makeup.ideal) ** 2)} ${name}`);
    sums.push(`${signed(-sum)} ${name}`);
  }
  picks.push(` total: ${totals.join(' + ')} = 1`);
  const lines = ['Minimize', ` cost: ${costs.join(' ')}`, 'Subject To', ...picks, ` sum: ${sums.join(' ')} = 0`];
  return [...lines, 'Binary', ` ${[...names, ...totals].join(' ')}`, 'End'].join('\n');
}

/** What a division costs: squared departures from the ideals of its groups, in increments squared. */
export function costOf(problem: DivisionProblem, heights: readonly Length[]): number {
  const { unknowns, increment } = freeParts(problem);
  return unknowns.reduce((sum, { group, weight, ideal }) => {
    const height = group.members.reduce((total, place) => total + (heights[place] ?? 0), 0) / weight;
    return sum + weight * (height / increment - ideal) ** 2;
  }, 0);
}

function freeParts(problem: DivisionProblem) {
  const increment = problem.increment ?? 1;
  const locked = problem.groups.reduce((sum, { locked: height = 0, members }) => sum + height * members.length, 0);
  const rest = problem.total - locked;
  const free = problem.groups.filter((group) => group.locked === undefined);
  const places = free.flatMap(({ members }) => members);
  const { numerators, denominator } = idealHeights(problem.choice, nm(Math.max(0, rest)), places);
  const ideal = new Map(places.map((place, i) => [place, Number(numerators[i] ?? 0n) / Number(denominator)]));
  const unknowns = free.map((group): Unknown => {
    const mean = group.members.reduce((sum, place) => sum + (ideal.get(place) ?? 0), 0) / group.members.length;
    return { group, weight: group.members.length, ideal: mean / increment };
  });
  const wanted = places.reduce((best, place) => {
    const closer = Math.abs(place - problem.makeup) - Math.abs(best - problem.makeup);
    return closer < 0 || (closer === 0 && place > best) ? place : best;
  }, places[0] ?? 0);
  const makeup = unknowns.find(({ group }) => group.members.includes(wanted));
  return { unknowns, makeup, rest, increment };
}

function signed(value: number): string {
  return `${value < 0 ? '-' : '+'} ${Math.abs(value).toFixed(9)}`;
}
