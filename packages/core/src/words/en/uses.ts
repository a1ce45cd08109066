import type { CalledBank } from '../called';
import { bankName } from './places';

const USES = {
  'use/sides': 'sides',
  'use/ends': 'box fronts and backs',
  'use/back': 'backs',
  'use/bottom': 'bottoms',
  'use/muntin': 'muntins',
  'use/fronts': 'drawer fronts',
  'use/panels': 'panels of the fronts',
  'use/build-outs': 'build-outs',
};

/** What a material of a bank is used for. */
export type UseCode = keyof typeof USES;

interface UseOf {
  readonly use: UseCode | 'front';
  readonly drawer: number | undefined;
  readonly owner: string;
  readonly bank: CalledBank | undefined;
}

/** Where a material is used. */
export const MATERIAL_USES = {
  ...USES,
  'used-in': ({ use, drawer, owner, bank }: UseOf) => {
    const what = use === 'front' ? 'front' : USES[use];
    const whose = drawer === undefined ? what : `${what} of drawer ${drawer + 1}`;
    return `${whose} of ${owner}${bank ? `, ${bankName(bank)}` : ''}`;
  },
  'used-by-part': ({ name }: { name: string }) => `the part ${name}`,
};
