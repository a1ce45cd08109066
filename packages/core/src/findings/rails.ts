import { said } from '../words';
import { railOf, type Bank } from '../job';
import { inches, millimetres, minus, nm, plus, plusTimes, subtract, tally, ofField } from '../length';
import { remedy, type Exact, type Finding } from './finding';

/** The reveal beside a rail. Common practice. */
const USUAL_REVEAL = { in: inches(3, 32), mm: millimetres(2) } as const;

/** Inset fronts over the rail between them: the gap holds no more than the rail, or not even that. */
export function frontsOnRails(bank: Bank, path: string, unit: 'in' | 'mm', exact: Exact): Finding | undefined {
  const rail = railOf(bank);
  const { front, drawers } = bank;
  if (front.mount !== 'inset' || rail === 0 || front.gap >= rail || drawers.length < 2) return undefined;
  const over = subtract(rail, front.gap);
  const reveal = USUAL_REVEAL[unit];
  return {
    ...said('FRONTS_COLLIDE', { at: 'rail', over, rail, gap: front.gap }),
    severity: 'stop',
    step: 'fronts',
    because: tally(
      plus('rail', rail, ofField(`${path}.rail`)),
      minus('gap-between-fronts', front.gap, ofField(`${path}.front.gap`)),
    ),
    remedies: [
      remedy('leave-reveal', { reveal }, [
        {
          path: `${path}.front.gap`,
          value: exact(tally(plus('rail', rail), plusTimes('reveal', 2, nm(reveal))).total),
        },
      ]),
    ],
  };
}
