import type { Cost, CostLine } from '../costing';
import { addUp, type Amount } from '../costing';
import type { Job } from '../job';
import type { Length, Said } from '../length';

/** How a thing can be taken from the rack: what it is made of, and how large it must be at least. */
export interface Rackable {
  readonly name: string;
  /** Whole sheets of at least this size; without it any board of that wood. */
  readonly sheet?: { readonly length: Length; readonly width: Length };
}

/** So much of something that a job takes and that has to be had: bought, or taken from what is there. */
export interface Wanted {
  readonly key: string;
  readonly kind: CostLine['kind'];
  readonly what: Said;
  readonly unit: CostLine['unit'];
  readonly amount: Amount;
  /** What the job itself says one costs. */
  readonly price?: CostLine['price'];
  readonly rack?: Rackable;
}

/**
 * Everything a job takes, as its price counts it; of a layout kept in the job only what is no piece of the rack. What is
 * brought in by hand has a key of its job’s own: nobody else’s top is meant. Pure; bound by the lines of the price.
 */
export function wantedOf(job: Job, id: string, { lines }: Cost): readonly Wanted[] {
  return lines.flatMap((line): readonly Wanted[] => {
    const { kind, what, unit, price } = line;
    const amount = addUp(
      line.of.flatMap(({ from, amount: each }) => (from === 'rack' || from === 'left-over' ? [] : [each])),
    );
    if (amount.n <= 0n) return [];
    const key = kind === 'bought' ? `bought:${id}:${line.key.slice('bought:'.length)}` : line.key;
    const rack = rackable(job, line);
    return [{ key, kind, what, unit, amount, ...(price ? { price } : {}), ...(rack ? { rack } : {}) }];
  });
}

/** What a layout was made for has taken from the rack already. */
function rackable({ materials }: Job, { kind, key, of }: CostLine): Rackable | undefined {
  if ((kind !== 'sheets' && kind !== 'wood') || of.some(({ from }) => from !== undefined)) return undefined;
  const material = materials.find(({ id }) => key === `material:${id}`);
  if (!material) return undefined;
  const { name, sheet } = material;
  return { name, ...(sheet ? { sheet: { length: sheet.length, width: sheet.width } } : {}) };
}
