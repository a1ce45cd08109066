import { begun } from '../../words/speech';
import {
  isListed,
  speciesOf,
  unknownSpecies,
  writeExact,
  type Length,
  type MaterialKind,
  type MaterialOf,
  type Unit,
  type Words,
} from '@zabble/core';
import { readMoney } from '../../ui/read-number';
import { usualSheet } from './material-starts';

/** A material as it is written into the form. */
export interface MaterialSaid {
  readonly name: string;
  readonly kind: MaterialKind;
  /** Nothing where none is written. */
  readonly thickness: Length | undefined;
  readonly price: string;
  readonly species: string;
}

type Material = Omit<MaterialOf<string>, 'id'>;

/** The material, or the one sentence that says what is wrong with it. `grain` is what it begins with. */
export function materialSaid(said: MaterialSaid, unit: Unit, grain: boolean, words: Words): Material | string {
  const money = readMoney(said.price);
  const species = said.kind === 'solid' ? speciesId(said.species.trim(), words) : {};
  if (said.name.trim() === '') return $localize`What is it called? It is found by that name.`;
  if (said.thickness === undefined)
    return $localize`How thick is it? Measure it with a caliper at the edge: the name of a sheet is not its thickness.`;
  if (!money.ok) return money.says;
  if ('says' in species) return species.says;
  const sheet = usualSheet(said.kind, unit);
  return {
    name: said.name.trim(),
    kind: said.kind,
    thickness: writeExact(said.thickness, unit),
    ...(sheet ? { sheet } : {}),
    ...(grain ? { grain } : {}),
    ...(money.value === undefined ? {} : { price: money.value }),
    ...species,
  };
}

function speciesId(wood: string, words: Words): { readonly species?: string } | { readonly says: string } {
  if (wood === '') return {};
  if (isListed(wood)) return { species: speciesOf(wood).id };
  return { says: `${begun(words.say(unknownSpecies(wood)))}.` };
}
