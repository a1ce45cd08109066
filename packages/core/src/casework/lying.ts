import type { Axis, Body } from './body';
import { long } from './body';
import type { MemberRole } from './roles';

/** The axes a member's length and width lie along, and through which one it is thin. */
export interface Lying {
  readonly along: Axis;
  readonly across: Axis;
  readonly through: Axis;
}

export const UPRIGHT: Lying = { along: 'y', across: 'z', through: 'x' };
export const FLAT: Lying = { along: 'x', across: 'z', through: 'y' };
export const FLAT_BACK: Lying = { along: 'z', across: 'x', through: 'y' };
export const ON_EDGE: Lying = { along: 'x', across: 'y', through: 'z' };
export const FACING: Lying = { along: 'y', across: 'x', through: 'z' };
export const ON_EDGE_BACK: Lying = { along: 'z', across: 'y', through: 'x' };

/** How every kind of member lies; where it is several ways, by how it stands. */
const LIES: Readonly<Record<MemberRole, (body: Body) => Lying>> = {
  'case-side-left': () => UPRIGHT,
  'case-side-right': () => UPRIGHT,
  'case-bottom': () => FLAT,
  'case-top': () => FLAT,
  stretcher: ({ y, z }) => (long(y) > long(z) ? ON_EDGE : FLAT),
  divider: () => UPRIGHT,
  'fixed-shelf': () => FLAT,
  'case-rail': () => FLAT,
  'case-back': () => FACING,
  cleat: () => ON_EDGE,
  'kick-board': () => ON_EDGE,
  'plinth-front': () => ON_EDGE,
  'plinth-end': () => ON_EDGE_BACK,
  leg: () => FACING,
  apron: ({ x, z }) => (long(x) > long(z) ? ON_EDGE : ON_EDGE_BACK),
  'frame-stile': () => FACING,
  'frame-rail': () => ON_EDGE,
  'frame-middle-stile': () => FACING,
  'frame-middle-rail': () => ON_EDGE,
  worktop: () => FLAT,
  'worktop-trim': ({ x, z }) => (long(x) > long(z) ? ON_EDGE : ON_EDGE_BACK),
  filler: () => FACING,
  shelf: () => FLAT,
  upright: () => UPRIGHT,
  lid: () => FLAT,
  'lid-strip': () => FLAT,
  'work-board': () => FLAT,
  'board-edging': ({ x, z }) => (long(x) > long(z) ? FLAT : FLAT_BACK),
  'board-guide': () => FLAT_BACK,
  platform: () => FLAT,
  gusset: () => UPRIGHT,
  door: () => FACING,
  'door-panel': () => FACING,
  'door-stile': () => FACING,
  'door-rail': () => ON_EDGE,
  'door-middle-stile': () => FACING,
  'door-middle-rail': () => ON_EDGE,
};

export function lyingOf(body: Body): Lying {
  return LIES[body.role](body);
}
