import { millimetres, nm, subtract } from '../length';
import { said } from '../words';
import { remedy, type Finding } from './finding';
import type { LookedAtCase } from './looked-at-case';

/** What a driver and a drill need with their bits, where the shop does not say. Common practice. */
const DRIVER = millimetres(150);
const DRILL = millimetres(90);

/** Compartments too narrow to screw or bore sideways in: slides, and pocket screws of the shelf over them. */
export function roomToWork({ owner, casework, stock, banks, limits, path }: LookedAtCase): readonly Finding[] {
  if (owner.build?.onBench) return [];
  const [driver, drill] = [limits?.driver ?? DRIVER, limits?.drill ?? DRILL];
  const need = nm(Math.max(driver, drill));
  const butted = stock.build.joint?.kind !== 'dado';
  const tight = casework.front.compartments.flatMap(({ id, left, right, ceiling }) => {
    const clear = subtract(right, left);
    const slides = banks.some((bank) => bank.compartment === id && bank.screwed);
    const pockets = casework.front.shelves.some(
      (shelf) =>
        shelf.left < right &&
        shelf.right > left &&
        subtract(shelf.y, casework.outline.panel) === ceiling &&
        (shelf.between === 'rail' || butted),
    );
    return clear < need && (slides || pockets) ? [{ id, clear }] : [];
  });
  if (tight.length === 0) return [];
  const least = nm(Math.min(...tight.map(({ clear }) => clear)));
  return [
    {
      ...said('NO_ROOM_TO_WORK', { nodes: tight.map(({ id }) => id), least, need, screws: driver >= drill }),
      severity: 'note',
      step: 'case',
      remedies: [remedy('fix-on-bench', {}, [{ path: `${path}.build.onBench`, value: true }])],
    },
  ];
}
