import { pullScrew, type Pulled } from '../fronts';
import type { Material } from '../job';
import { millimetres, minus, plus, tally, type Tally } from '../length';
import { slideScrew } from '../mounting';
import type { Making } from './box';
import type { BankFacts } from './facts';
import type { DrawerDimensions } from './types';

/** A front as its pulls need it, where the bank has pulls. */
export function pulledOf(facts: BankFacts, { drawer, place }: Making, height: Tally): Pulled | undefined {
  const { bank, path, unit, frontWidth, frontBottoms } = facts;
  const bottomY = frontBottoms[place];
  if (!bank.front.pull || !bottomY) return undefined;
  const of = { pull: bank.front.pull, path: `${path}.front.pull`, drawer: drawer.id };
  return { ...of, unit, width: frontWidth, height, bottomY };
}

/** A screw driven from inside the box stops this far short of the front's face. Common practice. */
const SHORT_OF_FACE = millimetres(3);

/** The longest screws that come out nowhere: into the side, from the box into the front, and the pull's. */
export function screwLengths({ family, stock, front, paths }: Making, pulled: Pulled | undefined): DrawerDimensions {
  const at = (label: string, { thickness }: Material, path: string): Tally =>
    tally(plus(label, thickness, { kind: 'field', path }));
  const face = at('drawer front', front, paths.thickness(front));
  const ends = at('box front', stock.ends, paths.thickness(stock.ends));
  const slide = slideScrew(family, stock.sides.thickness, paths.thickness(stock.sides));
  return {
    ...(slide ? { 'screw.slide': slide } : {}),
    'screw.front': tally(...ends.terms, ...face.terms, minus('short of the face', SHORT_OF_FACE)),
    ...(pulled ? { 'screw.pull': pullScrew(pulled, face, ends) } : {}),
  };
}
