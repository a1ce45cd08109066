import type { Pulled } from '../fronts';
import type { Tally } from '../length';
import type { BankFacts } from './facts';
import type { Making } from './making';

/** A front as its pulls need it, where the bank has pulls. */
export function pulledOf(facts: BankFacts, { drawer, place }: Making, height: Tally): Pulled | undefined {
  const { bank, path, unit, frontWidth, frontBottoms } = facts;
  const bottomY = frontBottoms[place];
  if (!bank.front.pull || !bottomY) return undefined;
  const of = { pull: bank.front.pull, path: `${path}.front.pull`, drawer: drawer.id };
  return { ...of, unit, width: frontWidth, height, bottomY };
}
