import type { Swap } from '../findings';
import { IN_COMPARTMENTS, type Case } from '../job';
import type { Patch } from '../reading';
import { leafName } from './movers';
import type { CasePlan } from './types';

/** What was measured of a compartment stays with it; all else in it is written with it. */
const SWAPPED = IN_COMPARTMENTS.filter((field) => field !== 'measured');

/**
 * With which compartments of its case one may change what stands in them: those as wide and as high beside it, nothing in
 * either of them built, no door over more than one of them. Nothing of one that is not there. Bound by the compartments.
 */
export function swapsOf(owner: Case, plan: CasePlan, compartment: string | undefined): readonly Swap[] {
  const places = (plan.casework?.openings ?? []).map((opening) => opening.compartment);
  const own = places.find(({ id }) => id === compartment);
  if (!own || !isFree(owner, plan, own.id)) return [];
  return places
    .filter(({ id, y, width, height }) => {
      const alike = y === own.y && width.total === own.width.total && height.total === own.height.total;
      return id !== own.id && alike && isFree(owner, plan, id);
    })
    .map(({ id, x }) => ({
      ...{ one: own.id, other: id, by: x - own.x },
      ...{ mine: moversIn(plan, own.id), theirs: moversIn(plan, id) },
      patches: [...movedTo(owner, plan.path, own.id, id), ...movedTo(owner, plan.path, id, own.id)],
    }));
}

/** Nothing in it is built, and no door is over it together with others. */
function isFree({ banks }: Case, { doors, casework }: CasePlan, id: string): boolean {
  const within = casework?.front.compartments.find((place) => place.id === id)?.within ?? [];
  const shared = doors.some(({ door: { over } }) => over !== id && within.includes(over));
  return !shared && banks.every((bank) => bank.compartment !== id || bank.basis === 'planned');
}

function moversIn({ id: owner, banks, doors, things }: CasePlan, compartment: string): readonly string[] {
  return [
    ...banks
      .filter(({ bank }) => bank.compartment === compartment)
      .flatMap((bank) => bank.drawers.map(({ id }) => `${owner}/${bank.id}/${id}`)),
    ...doors
      .filter(({ door }) => door.over === compartment)
      .flatMap((door) => door.leaves.map(({ hinged }) => leafName(owner, door, hinged))),
    ...things
      .filter((thing) => thing.kind !== 'lid' && thing.compartment === compartment)
      .map(({ id }) => `${owner}/${id}`),
  ];
}

function movedTo(owner: Case, path: string, from: string, value: string): readonly Patch[] {
  const at = (field: string, list: readonly { readonly compartment?: string | undefined }[] = []): readonly Patch[] =>
    list.flatMap(({ compartment }, index) =>
      compartment === from ? [{ path: `${path}.${field}[${index}].compartment`, value }] : [],
    );
  const over = (owner.doors ?? []).flatMap((door, index) =>
    door.over === from ? [{ path: `${path}.doors[${index}].over`, value }] : [],
  );
  return [...at('banks', owner.banks), ...over, ...SWAPPED.flatMap((field) => at(field, owner[field]))];
}
