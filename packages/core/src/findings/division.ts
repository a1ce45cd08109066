import { said, type CalledDrawer } from '../words';
import type { Bank } from '../job';
import { divide, type Division, type DivisionProblem } from '../division';
import { millimetres, minus, plus, subtract, tally, type Tally } from '../length';
import { calledDrawer, remedy, type Exact, type Finding, type Remedy } from './finding';
import { wishesToDrop } from './wishes';

/** A bank's division as its findings need it. */
export interface DivisionFacts {
  readonly bank: Bank;
  readonly path: string;
  readonly problem: DivisionProblem;
  readonly division: Division;
  /** Height shared out. */
  readonly share: Tally;
}

/** What a division says when it can't be made, and by how much. */
export function divisionImpossible(facts: DivisionFacts, exact: Exact): Finding | undefined {
  const { bank, path, problem, division, share } = facts;
  if (division.ok) return undefined;
  const { fails, by, place } = division;
  const called = (at: number): CalledDrawer => calledDrawer(bank.drawers[at], at);
  const lines = (problem.lines ?? []).length > 0;
  const finding = said('DIVISION_IMPOSSIBLE', { fails, by, drawer: called(place ?? 0), lines });
  const remedies = [...wishesToDrop(bank, path, problem, called), ...equalHeights(facts, exact)];
  return { ...finding, severity: 'stop', step: 'divide', because: share, remedies };
}

/** The free heights made equal, where that can be done and isn't so already. */
function equalHeights({ bank, path, problem }: DivisionFacts, exact: Exact): readonly Remedy[] {
  const increment = problem.increment ?? millimetres(1);
  const alike = problem.choice.scheme === 'equal';
  if (alike || !divide({ ...problem, choice: { scheme: 'equal' }, increment }).ok) return [];
  const needed = bank.division.increment ? [] : [{ path: `${path}.division.increment`, value: exact(increment) }];
  const patches = [{ path: `${path}.division.scheme`, value: 'equal' }, ...needed];
  return [remedy('divide-equally', {}, patches)];
}

/** A lower drawer shallower than the one above it, unless ordered by hand. */
export function divisionReversed(facts: DivisionFacts, exact: Exact): readonly Finding[] {
  const { bank, path, division } = facts;
  if (bank.division.scheme === 'manual' || !division.ok) return [];
  const { heights } = division;
  return heights.flatMap((height, place) => {
    const [above, drawer] = [heights[place - 1], bank.drawers[place]];
    if (above === undefined || !drawer || height >= above || drawer.height !== undefined) return [];
    return {
      ...said('DIVISION_REVERSED', { drawer: calledDrawer(drawer, place), by: subtract(above, height) }),
      severity: 'note',
      step: 'divide',
      drawer: drawer.id,
      because: tally(plus('front-above', above), minus('front', height)),
      remedies: [
        ...restAtTheBottom(facts, place),
        remedy('keep-height', {}, [{ path: `${path}.drawers[${place}].height`, value: exact(height) }]),
      ],
    };
  });
}

/** The odd rest taken by the bottom drawer, where that sets the order right. */
function restAtTheBottom({ bank, path, problem }: DivisionFacts, place: number): readonly Remedy[] {
  if (bank.division.makeup === undefined || bank.division.makeup === 'bottom') return [];
  const division = divide({ ...problem, makeup: bank.drawers.length - 1 });
  if (!division.ok || (division.heights[place] ?? 0) < (division.heights[place - 1] ?? 0)) return [];
  return [remedy('rest-to-bottom', {}, [{ path: `${path}.division.makeup`, value: 'bottom' }])];
}
