import type { WayGroup } from './case-way';
import { BASE, STANDS } from './ways-of-bases';
import { FRAME, WORKTOP } from './ways-of-fronts';
import { BACK, BOTTOM, JOINT, TOP } from './ways-of-panels';

/** In the order a builder decides them. */
export const WAY_GROUPS: readonly WayGroup[] = [STANDS, BASE, BOTTOM, TOP, BACK, JOINT, FRAME, WORKTOP];
