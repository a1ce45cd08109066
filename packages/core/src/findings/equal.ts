import { inches, largest, millimetres, minus, nm, plus, smallest, subtract, tally, ZERO, type Length } from '../length';
import type { DivisionFacts } from './division';
import type { Exact, Finding, Remedy, Say } from './finding';

/** Nobody sees or measures less. */
const ALIKE = millimetres(0.001);
/** Fronts of sheet goods want no less between them. Common practice. */
const LEAST_GAP = millimetres(1.5);
const FINER = [
  inches(1, 4),
  inches(1, 8),
  inches(1, 16),
  inches(1, 32),
  inches(1, 64),
  millimetres(0.5),
  millimetres(0.25),
  millimetres(0.1),
];

/** Heights asked to be equal that whole steps make differ: what would keep them alike. */
export function equalNotAlike(facts: DivisionFacts, say: Say, exact: Exact): Finding | undefined {
  const { bank, division, problem } = facts;
  if (!division.ok || problem.choice.scheme !== 'equal' || division.stretches.length > 1) return undefined;
  if (division.held.some((held) => held !== undefined) || problem.groups.some(({ members }) => members.length > 1))
    return undefined;
  const { heights } = division;
  const [most, least] = [largest(heights), smallest(heights)];
  if (most - least <= ALIKE) return undefined;
  const { increment = ZERO } = bank.division;
  return {
    code: 'EQUAL_NOT_ALIKE',
    severity: 'note',
    step: 'divide',
    says: `Equal fronts come out ${say(subtract(most, least))} apart, since their heights are whole steps of ${say(increment)}.`,
    because: tally(plus('highest', most), minus('lowest', least)),
    remedies: [
      ...byGap(facts, increment, exact),
      ...byMargin(facts, increment, exact),
      ...byStep(facts, increment, exact),
    ],
  };
}

/** The gap that leaves whole steps, the nearest to what it is. */
function byGap({ bank, path, problem }: DivisionFacts, step: Length, exact: Exact): readonly Remedy[] {
  const count = bank.drawers.length;
  const { gap } = bank.front;
  const whole = problem.total + (count - 1) * gap;
  const each = problem.total / count / step;
  const [near] = [Math.floor(each), Math.ceil(each)]
    .map((steps) => Math.round((whole - count * steps * step) / (count - 1)))
    .filter((other) => other >= Math.min(gap, LEAST_GAP))
    .sort((a, b) => Math.abs(a - gap) - Math.abs(b - gap));
  if (near === undefined) return [];
  return [written(`Make the gaps ${exact(nm(near))}`, `${path}.front.gap`, nm(near), exact)];
}

/** The lap (or the gap) below the lowest front, changed by what is over whole steps. */
function byMargin({ bank, path, problem }: DivisionFacts, step: Length, exact: Exact): readonly Remedy[] {
  const whole = bank.drawers.length * step;
  const over = problem.total % whole;
  const overlay = bank.front.mount === 'overlay';
  const [less, more] = [nm(bank.front.bottom - over), nm(bank.front.bottom + over)];
  const value = overlay ? (less >= 0 ? less : nm(bank.front.bottom + whole - over)) : more;
  const what = overlay ? 'lap' : 'gap';
  return [written(`Make the ${what} below ${exact(value)}`, `${path}.front.bottom`, value, exact)];
}

/** The coarsest finer step that all of them are whole in. */
function byStep({ bank, path, problem }: DivisionFacts, step: Length, exact: Exact): readonly Remedy[] {
  const each = problem.total / bank.drawers.length;
  const finer = FINER.filter((other) => other < step && each % other === 0).sort((a, b) => b - a)[0];
  return finer === undefined
    ? []
    : [written(`Divide in steps of ${exact(finer)}`, `${path}.division.increment`, finer, exact)];
}

function written(says: string, path: string, value: Length, exact: Exact): Remedy {
  return { says, patches: [{ path, value: exact(value) }] };
}
