import type { Patch } from '../reading';

/** Another slide for the bank at `path`: a length or list of one family is seldom one of another. */
export function slidePatches(path: string, family: string): readonly Patch[] {
  return [{ path: `${path}.slide.family`, value: family }, ...withoutLength(path)];
}

/** The length and its list taken out: the longest that fits is used. */
export function withoutLength(path: string): readonly Patch[] {
  return ['length', 'lengths'].map((field) => ({ path: `${path}.slide.${field}`, value: undefined }));
}
