import type { Bank, Drawer } from '../job';
import { divide, type Division, type DivisionProblem } from '../division';
import { millimetres, minus, plus, tally, type Length, type Tally } from '../length';
import type { Exact, Finding, Remedy, Say } from './finding';
import { wishesToDrop } from './wishes';

export function drawerName(drawer: Drawer | undefined, place: number): string {
  return drawer?.name ? `${place + 1}, ${drawer.name}` : `${place + 1}`;
}

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
export function divisionImpossible(facts: DivisionFacts, say: Say, exact: Exact): Finding | undefined {
  const { bank, path, problem, division, share } = facts;
  if (division.ok) return undefined;
  const { fails, by, place } = division;
  const called = (at: number): string => drawerName(bank.drawers[at], at);
  const between = (problem.lines ?? []).length > 0 ? ` between two lines, at drawer ${called(place ?? 0)}` : '';
  const says = {
    over: `The heights held (locked, or asked for by what is stored) come to ${say(by)} more than there is to share out${between}.`,
    under: `Every height is held and together they leave ${say(by)} over${between}. Free one drawer to take it.`,
    'nothing-left': `Drawer ${drawerName(bank.drawers[place ?? 0], place ?? 0)} would come out ${say(by)} under nothing. A smaller step, or fewer drawers, would leave it room.`,
    open: `By hand, every height is given but one, which takes the rest. Here ${by} are open.`,
    bounds: `Drawer ${called(place ?? 0)} is asked to be two things at once, ${say(by)} apart: look at its lock, tie, least and most.`,
    line: by
      ? `The line at drawer ${called(place ?? 0)} leaves the drawers on one side of it ${say(by)} under nothing.`
      : 'A line carried across can’t be kept: the bank it comes from has no heights, or drawers tied across it can’t all be served.',
  }[fails];
  const remedies = [...wishesToDrop(bank, path, problem, called), ...equalHeights(facts, exact)];
  return { code: 'DIVISION_IMPOSSIBLE', severity: 'stop', step: 'divide', says, because: share, remedies };
}

/** The free heights made equal, where that can be done and isn't so already. */
function equalHeights({ bank, path, problem }: DivisionFacts, exact: Exact): readonly Remedy[] {
  const increment = problem.increment ?? millimetres(1);
  const alike = problem.choice.scheme === 'equal';
  if (alike || !divide({ ...problem, choice: { scheme: 'equal' }, increment }).ok) return [];
  const needed = bank.division.increment ? [] : [{ path: `${path}.division.increment`, value: exact(increment) }];
  const patches = [{ path: `${path}.division.scheme`, value: 'equal' }, ...needed];
  return [{ says: 'Make the free heights equal', patches }];
}

/** A lower drawer shallower than the one above it, unless ordered by hand. */
export function divisionReversed(facts: DivisionFacts, say: Say, exact: Exact): readonly Finding[] {
  const { bank, path, division } = facts;
  if (bank.division.scheme === 'manual' || !division.ok) return [];
  const { heights } = division;
  return heights.flatMap((height, place) => {
    const [above, drawer] = [heights[place - 1], bank.drawers[place]];
    if (above === undefined || !drawer || height >= above || drawer.height !== undefined) return [];
    return {
      code: 'DIVISION_REVERSED',
      severity: 'note',
      step: 'divide',
      drawer: drawer.id,
      says: `Drawer ${drawerName(drawer, place)} is ${say((above - height) as Length)} shallower than the one above it.`,
      because: tally(plus('front above', above), minus('front', height)),
      remedies: [
        ...restAtTheBottom(facts, place),
        { says: 'Keep it so', patches: [{ path: `${path}.drawers[${place}].height`, value: exact(height) }] },
      ],
    };
  });
}

/** The odd rest taken by the bottom drawer, where that sets the order right. */
function restAtTheBottom({ bank, path, problem }: DivisionFacts, place: number): readonly Remedy[] {
  if (bank.division.makeup === undefined || bank.division.makeup === 'bottom') return [];
  const division = divide({ ...problem, makeup: bank.drawers.length - 1 });
  if (!division.ok || (division.heights[place] ?? 0) < (division.heights[place - 1] ?? 0)) return [];
  return [
    {
      says: 'Let the bottom drawer take the odd rest',
      patches: [{ path: `${path}.division.makeup`, value: 'bottom' }],
    },
  ];
}
