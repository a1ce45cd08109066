import { materialUses, sameName, type JobDocument, type MaterialOf, type Patch, type Words } from '@zabble/core';
import { firstFree } from '../../store/job/first-free';

type Material = MaterialOf<string>;

/** What is to be written, and the id of the material it is about. */
export interface MaterialEdit {
  readonly patches: readonly Patch[];
  readonly id: string;
}

/** The material put into the job’s rack under an id nobody has; what has its name already is it. */
export function putIn(document: JobDocument, material: Omit<Material, 'id'>): MaterialEdit {
  const known = document.materials.find(({ name }) => sameName(name, material.name));
  if (known) return { patches: [], id: known.id };
  const id = freeMaterialId(document, material.name);
  return { patches: [{ path: `materials[${document.materials.length}]`, value: { id, ...material } }], id };
}

/** Another like it, right after it, to be made over. */
export function copied(document: JobDocument, place: number): MaterialEdit | undefined {
  const like = document.materials[place];
  if (!like) return undefined;
  const name = freeName(document, like.name);
  const id = freeMaterialId(document, name);
  const value = [
    ...document.materials.slice(0, place + 1),
    { ...like, id, name },
    ...document.materials.slice(place + 1),
  ];
  return { patches: [{ path: 'materials', value }], id };
}

/** Away with it, or why not: what uses it would be left without. */
export function takenAway(document: JobDocument, place: number, words: Words): readonly Patch[] | string {
  const material = document.materials[place];
  if (!material) return [];
  const uses = materialUses(document, material.id);
  if (uses.length > 0)
    return $localize`${material.name} stays: it is used for ${told(uses.map(words.say))}. Make those of something else first.`;
  if (document.materials.length === 1) return $localize`${material.name} stays: a job has one material at least.`;
  return [{ path: `materials[${place}]`, value: undefined }];
}

/** The first few, and how many more there are. */
function told(uses: readonly string[]): string {
  const first = uses.slice(0, 3);
  const more = uses.length - first.length;
  return more > 0 ? $localize`${first.join('; ')} and ${more} more` : first.join('; ');
}

function freeMaterialId({ materials }: JobDocument, name: string): string {
  const plain = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 32);
  const base = plain === '' ? 'material' : plain;
  const taken = materials.map(({ id }) => id);
  return firstFree(taken, (number) => (number === 1 ? base : `${base}-${number}`), 1);
}

function freeName({ materials }: JobDocument, name: string): string {
  const taken = materials.map((each) => each.name);
  return firstFree(taken, (number) => `${name.slice(0, 190)}, ${number}`, 2);
}
