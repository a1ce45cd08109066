import { pullBores, type Pulled } from '../fronts';
import { nm, plus, share, subtract, tally, unlessZero, type Tally, type PlainLabel, ofField } from '../length';
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

/**
 * What a pull's screw passes of the drawer front: of a framed one the panel, with the hollow behind it (its groove lies in
 * the middle of the frame's thickness, common practice), where a bore lies on the panel.
 */
export function passedByPull({ bank }: BankFacts, making: Making, pulled: Pulled): Tally {
  const { front, panel, paths } = making;
  const { frame } = bank.front;
  const thickness = (called: PlainLabel, of: typeof front) => plus(called, of.thickness, ofField(paths.thickness(of)));
  if (!frame || !panel || !onPanel(pulled, frame)) return tally(thickness('drawer-front', front));
  const hollow = share(nm(Math.max(0, subtract(front.thickness, panel.thickness))), 2);
  return tally(thickness('panel-of-front', panel), unlessZero(plus('hollow-behind-panel', hollow)));
}

function onPanel(pulled: Pulled, frame: NonNullable<BankFacts['bank']['front']['frame']>): boolean {
  const rail = frame.rail ?? frame.stile;
  return pullBores(pulled).some(
    ({ x, y }) =>
      x.total > frame.stile &&
      x.total < pulled.width.total - frame.stile &&
      y.total > rail &&
      y.total < pulled.height.total - rail,
  );
}
