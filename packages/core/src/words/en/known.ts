/** Things with a known size, as they are put in a drawer. */
export const KNOWN = {
  'known/letter': 'letter files, by the inch',
  'known/legal': 'legal files, by the inch',
  'known/a4': 'A4 files, by the inch',
  'known/bottle': 'bottle',
  'known/small-bottle': 'small bottle',
  'known/can': 'can',
  'known/small-can': 'small can',
  'known/folded-cloth': 'folded cloth',
  'known/kit-bag': 'kit bag',
  'known/bin': 'bin',
};

export type KnownCode = keyof typeof KNOWN;
