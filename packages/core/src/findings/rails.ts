import { railOf, type Bank } from '../job';
import { inches, millimetres, minus, nm, plus, plusTimes, subtract, tally } from '../length';
import type { Exact, Finding, Say } from './finding';

/** The reveal beside a rail. Common practice. */
const USUAL_REVEAL = { in: inches(3, 32), mm: millimetres(2) } as const;

/** Inset fronts over the rail between them: the gap holds no more than the rail, or not even that. */
export function frontsOnRails(
  bank: Bank,
  path: string,
  unit: 'in' | 'mm',
  say: Say,
  exact: Exact,
): Finding | undefined {
  const rail = railOf(bank);
  const { front, drawers } = bank;
  if (front.mount !== 'inset' || rail === 0 || front.gap >= rail || drawers.length < 2) return undefined;
  const over = subtract(rail, front.gap);
  const reveal = USUAL_REVEAL[unit];
  return {
    code: 'FRONTS_COLLIDE',
    severity: 'stop',
    step: 'fronts',
    says: `Its fronts stand ${say(over)} over the rails of ${say(rail)} between them: ${say(front.gap)} is left from front to front.`,
    because: tally(
      plus('rail', rail, { kind: 'field', path: `${path}.rail` }),
      minus('gap between fronts', front.gap, { kind: 'field', path: `${path}.front.gap` }),
    ),
    remedies: [
      {
        says: `Leave a reveal of ${exact(reveal)} above and below each rail`,
        patches: [
          {
            path: `${path}.front.gap`,
            value: exact(tally(plus('rail', rail), plusTimes('reveal', 2, nm(reveal))).total),
          },
        ],
      },
    ],
  };
}
