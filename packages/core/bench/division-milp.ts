import { idealHeights, nm, type DivisionProblem, type Length, type TieGroup } from '../src';

/** How far from its ideal each height may go in the model, in increments: an optimum lies well within. */
const REACH = 3;
/** Where drawers are tied across a line they pull their neighbours further: by so many nanometres, and increments. */
const PULL_ACROSS = 70_000_000;
const REACH_ACROSS = 9;

/** Heights held (locked, or at a bound), by place; those that are the scheme's to give are absent. */
export type HeldHeights = readonly (Length | undefined)[];

interface Unknown {
  readonly group: TieGroup;
  /** How many of its drawers are in each stretch. */
  readonly weights: readonly number[];
  /** Ideal height in increments. */
  readonly ideal: number;
  readonly least: number;
  readonly most: number;
}

interface Model {
  readonly increment: number;
  readonly unknowns: readonly Unknown[];
  /** What each stretch has to share, in nanometres, and the unknown that takes its odd rest. */
  readonly stretches: readonly { readonly rest: number; readonly makeup: Unknown | undefined }[];
}

/**
 * The division as a mixed-integer linear programme (in the text form solvers read): every height picks one whole number
 * of increments near its ideal and within its bounds, the makeup of every stretch one of the sums the others can make,
 * each choice at its squared departure (in increments squared). Its optimum is the least cost there is; nothing of the
 * exact division is used but the ideals' definition and which heights are held. Undefined where a stretch has nothing
 * to choose.
 */
export function asProgramme(problem: DivisionProblem, held?: HeldHeights): string | undefined {
  const model = modelOf(problem, held ?? lockedHeights(problem));
  if (model.stretches.some(({ makeup, rest }) => !makeup || rest <= 0)) return undefined;
  const programme = new Programme();
  const makeups = new Set(model.stretches.map(({ makeup }) => makeup));
  const picked = model.unknowns.filter((unknown) => !makeups.has(unknown));
  const reach = picked.some(({ weights }) => weights.filter((weight) => weight > 0).length > 1)
    ? Math.max(REACH_ACROSS, Math.ceil(PULL_ACROSS / model.increment))
    : REACH;
  const sums = model.stretches.map(() => [] as string[]);
  picked.forEach((unknown, g) => {
    const names: string[] = [];
    for (let count = Math.floor(unknown.ideal) - reach; count <= Math.floor(unknown.ideal) + reach + 1; count += 1) {
      if (count < unknown.least - NEAR || count > unknown.most + NEAR || count < 1) continue;
      const name = programme.binary(`z${g}_${names.length}`, weightOf(unknown) * (count - unknown.ideal) ** 2);
      names.push(name);
      unknown.weights.forEach((weight, s) => weight > 0 && sums[s]?.push(`${signed(weight * count)} ${name}`));
    }
    programme.one(names);
  });
  model.stretches.forEach(({ rest, makeup }, s) => {
    if (makeup) programme.takesRest(s, rest / model.increment, makeup, sums[s] ?? [], picked, reach);
  });
  return programme.text();
}

/** Heights in increments are no whole numbers: what is so near to a bound is on it. */
const NEAR = 1e-9;

class Programme {
  private readonly costs: string[] = [];
  private readonly rows: string[] = [];
  private readonly names: string[] = [];

  binary(name: string, cost: number): string {
    this.costs.push(`${signed(cost)} ${name}`);
    this.names.push(name);
    return name;
  }

  one(names: readonly string[]): void {
    this.rows.push(` one${this.rows.length}: ${names.join(' + ')} = 1`);
  }

  /** The makeup of a stretch picks one sum of the others'. */
  takesRest(
    s: number,
    rest: number,
    makeup: Unknown,
    terms: readonly string[],
    picked: readonly Unknown[],
    reach: number,
  ): void {
    const own = makeup.weights[s] ?? 1;
    const others = picked.filter(({ weights }) => (weights[s] ?? 0) > 0);
    const middle = others.reduce((sum, { weights, ideal }) => sum + (weights[s] ?? 0) * ideal, 0);
    const spread = reach * (1 + others.reduce((sum, { weights }) => sum + (weights[s] ?? 0), 0));
    const totals: string[] = [];
    const chosen: string[] = [];
    for (let sum = Math.floor(middle) - spread; sum <= middle + spread; sum += 1) {
      const height = (rest - sum) / own;
      if (height <= 0 || height < makeup.least - NEAR || height > makeup.most + NEAR) continue;
      const name = this.binary(`y${s}_${totals.length}`, own * (height - makeup.ideal) ** 2);
      totals.push(name);
      chosen.push(`${signed(-sum)} ${name}`);
    }
    this.one(totals);
    this.rows.push(` sum${s}: ${[...terms, ...chosen].join(' ')} = 0`);
  }

  text(): string {
    const lines = ['Minimize', ` cost: ${this.costs.join(' ')}`, 'Subject To', ...this.rows];
    return [...lines, 'Binary', ` ${this.names.join(' ')}`, 'End'].join('\n');
  }
}

/** What a division costs: squared departures from the ideals of its groups, in increments squared. */
export function costOf(problem: DivisionProblem, heights: readonly Length[], held?: HeldHeights): number {
  const { unknowns, increment } = modelOf(problem, held ?? lockedHeights(problem));
  return unknowns.reduce((sum, unknown) => {
    const { members } = unknown.group;
    const height = members.reduce((total, place) => total + (heights[place] ?? 0), 0) / members.length;
    return sum + weightOf(unknown) * (height / increment - unknown.ideal) ** 2;
  }, 0);
}

function lockedHeights({ groups }: DivisionProblem): HeldHeights {
  const byPlace = new Map(groups.flatMap(({ members, locked }) => members.map((place) => [place, locked] as const)));
  return [...byPlace.keys()].sort((a, b) => a - b).map((place) => byPlace.get(place));
}

function modelOf(problem: DivisionProblem, held: HeldHeights): Model {
  const increment = problem.increment ?? 1;
  const stretches = cutAtLines(problem, held.length);
  const ideals = new Map<number, number>();
  const rests = stretches.map(({ places, total }) => {
    const rest = total - places.reduce((sum, place) => sum + (held[place] ?? 0), 0);
    const free = places.filter((place) => held[place] === undefined);
    const { numerators, denominator } = idealHeights(problem.choice, nm(Math.max(0, rest)), free);
    free.forEach((place, i) => ideals.set(place, Number(numerators[i] ?? 0n) / Number(denominator)));
    return rest;
  });
  const unknowns = problem.groups
    .filter(({ members }) => held[members[0] ?? 0] === undefined)
    .map((group): Unknown => {
      const { members } = group;
      const mean = members.reduce((sum, place) => sum + (ideals.get(place) ?? 0), 0) / members.length;
      const least = Math.max(
        0,
        ...members.map((place) => Math.max(problem.least?.[place] ?? 0, problem.needs?.[place] ?? 0)),
      );
      const most = Math.min(Infinity, ...members.map((place) => problem.most?.[place] ?? Infinity));
      return {
        group,
        weights: stretches.map(({ places }) => members.filter((place) => places.includes(place)).length),
        ideal: mean / increment,
        least: least / increment,
        most: most / increment,
      };
    });
  return {
    increment,
    unknowns,
    stretches: rests.map((rest, s) => ({ rest, makeup: makeupOf(problem, unknowns, s) })),
  };
}

/** The free drawer nearest the one asked for, the lower of two as near; tied across a line it can't be. */
function makeupOf(problem: DivisionProblem, unknowns: readonly Unknown[], s: number): Unknown | undefined {
  const local = unknowns.filter(({ weights, group }) => weights[s] === group.members.length);
  const places = local.flatMap(({ group }) => group.members);
  const [first] = places;
  if (first === undefined) return undefined;
  const wanted = places.reduce((best, place) => {
    const closer = Math.abs(place - problem.makeup) - Math.abs(best - problem.makeup);
    return closer < 0 || (closer === 0 && place > best) ? place : best;
  }, first);
  return local.find(({ group }) => group.members.includes(wanted));
}

function cutAtLines({ total, lines }: DivisionProblem, count: number) {
  const found: { places: readonly number[]; total: number }[] = [];
  let [from, left]: [number, number] = [0, total];
  for (const { place, below } of [...(lines ?? [])].sort((a, b) => a.place - b.place)) {
    found.push({ places: range(from, place + 1), total: left - below });
    [from, left] = [place + 1, below];
  }
  return [...found, { places: range(from, count), total: left }];
}

function range(from: number, to: number): readonly number[] {
  return Array.from({ length: to - from }, (_, index) => from + index);
}

function weightOf({ group }: Unknown): number {
  return group.members.length;
}

function signed(value: number): string {
  return `${value < 0 ? '-' : '+'} ${Math.abs(value).toFixed(9)}`;
}
