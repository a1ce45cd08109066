import { begun } from '../../words/speech';
import {
  isListed,
  readLength,
  speciesOf,
  unknownSpecies,
  writeExact,
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
  readonly thickness: string;
  readonly price: string;
  readonly species: string;
}

type Material = Omit<MaterialOf<string>, 'id'>;

/** The material, or the one sentence that says what is wrong with it. `grain` is what it begins with. */
export function materialSaid(said: MaterialSaid, unit: Unit, grain: boolean, words: Words): Material | string {
  const thickness = thicknessOf(said.thickness, unit, words);
  const money = readMoney(said.price);
  const species = said.kind === 'solid' ? speciesId(said.species.trim(), words) : {};
  if (said.name.trim() === '') return $localize`What is it called? It is found by that name.`;
  if (thickness.says !== undefined) return thickness.says;
  if (!money.ok) return money.says;
  if ('says' in species) return species.says;
  const sheet = usualSheet(said.kind, unit);
  return {
    name: said.name.trim(),
    kind: said.kind,
    thickness: thickness.exact,
    ...(sheet ? { sheet } : {}),
    ...(grain ? { grain } : {}),
    ...(money.value === undefined ? {} : { price: money.value }),
    ...species,
  };
}

function thicknessOf(text: string, unit: Unit, words: Words): { readonly exact: string; readonly says?: string } {
  const no = (says: string) => ({ exact: '', says });
  if (text.trim() === '')
    return no(
      $localize`How thick is it? Measure it with a caliper at the edge: the name of a sheet is not its thickness.`,
    );
  const read = readLength(text, unit);
  if (!read.ok) return no($localize`Thickness: ${words.say(read.wrong)}`);
  if (read.value === 0) return no($localize`Thickness: read ${JSON.stringify(text)}\: it must be more than nothing.`);
  return { exact: writeExact(read.value, unit) };
}

function speciesId(wood: string, words: Words): { readonly species?: string } | { readonly says: string } {
  if (wood === '') return {};
  if (isListed(wood)) return { species: speciesOf(wood).id };
  return { says: `${begun(words.say(unknownSpecies(wood)))}.` };
}
