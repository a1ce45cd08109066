import { said } from '../words';
import { inches, largest, millimetres, minus, nm, plus, smallest, subtract, tally, ZERO, type Length } from '../length';
import type { DivisionFacts } from './division';
import { remedy, type Exact, type Finding, type Remedy } from './finding';

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
export function equalNotAlike(facts: DivisionFacts, exact: Exact): Finding | undefined {
  const { bank, division, problem } = facts;
  if (!division.ok || problem.choice.scheme !== 'equal' || division.stretches.length > 1) return undefined;
  if (division.held.some((held) => held !== undefined) || problem.groups.some(({ members }) => members.length > 1))
    return undefined;
  const { heights } = division;
  const [most, least] = [largest(heights), smallest(heights)];
  if (most - least <= ALIKE) return undefined;
  const { increment = ZERO } = bank.division;
  return {
    ...said('EQUAL_NOT_ALIKE', { apart: subtract(most, least), step: increment }),
    severity: 'note',
    step: 'divide',
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
  return [remedy('set-gaps', { gap: nm(near) }, [{ path: `${path}.front.gap`, value: exact(nm(near)) }])];
}

/** The lap (or the gap) below the lowest front, changed by what is over whole steps. */
function byMargin({ bank, path, problem }: DivisionFacts, step: Length, exact: Exact): readonly Remedy[] {
  const whole = bank.drawers.length * step;
  const over = problem.total % whole;
  const overlay = bank.front.mount === 'overlay';
  const [less, more] = [nm(bank.front.bottom - over), nm(bank.front.bottom + over)];
  const value = overlay ? (less >= 0 ? less : nm(bank.front.bottom + whole - over)) : more;
  const patches = [{ path: `${path}.front.bottom`, value: exact(value) }];
  return [remedy('set-margin-below', { overlay, size: value }, patches)];
}

/** The coarsest finer step that all of them are whole in. */
function byStep({ bank, path, problem }: DivisionFacts, step: Length, exact: Exact): readonly Remedy[] {
  const each = problem.total / bank.drawers.length;
  const finer = FINER.filter((other) => other < step && each % other === 0).sort((a, b) => b - a)[0];
  return finer === undefined
    ? []
    : [remedy('divide-in-steps', { step: finer }, [{ path: `${path}.division.increment`, value: exact(finer) }])];
}
