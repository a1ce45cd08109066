import type { Material } from '../job';
import { millimetres, nm, share, smallest, subtract, type Length } from '../length';
import { grainPlateSag, plateSag, stripSag, type Panel } from './plate';
import { stiffnessOf, type Bearing } from './stiffness';

/** Load on a drawer bottom where nothing is known of what lies on it: 15 lb/ft² (ANSI/KCMA A161.1; from memory). In Pa. */
export const TEST_LOAD = 718.2;
/** Newtons a kilogram weighs. */
const GRAVITY = 9.81;

const SAGS: Readonly<Record<Bearing, (panel: Panel) => number>> = {
  plate: plateSag,
  'grain-plate': grainPlateSag,
  strip: stripSag,
};

/** A bottom, or half of one beside a muntin, under what it carries. */
export interface Bottom {
  readonly material: Material;
  readonly across: Length;
  readonly long: Length;
  /** Weight on it in kilograms; absent where it isn't known, and the test load is taken. */
  readonly weight?: number;
}

export interface Sag {
  readonly sag: Length;
  /** The least of span/200 and 3 mm. */
  readonly limit: Length;
  /** Whether it counts what a load that stays adds over the years: stored things do, the test load does not. */
  readonly withCreep: boolean;
}

/** A bottom in its drawer: with a muntin it bears in two halves. */
export interface BottomInDrawer {
  readonly material: Material;
  readonly inside: { readonly width: Length; readonly length: Length };
  readonly muntin: Length | undefined;
  /** Weight of what is stored, where it is known. */
  readonly contents: number | undefined;
}

/** Sag of the bottom, or of either half of it; undefined where a muntin leaves no room for halves. */
export function drawerSag({ material, inside, muntin, contents }: BottomInDrawer): Sag | undefined {
  const halves = muntin === undefined ? 1 : 2;
  const across = muntin === undefined ? inside.width : share(subtract(inside.width, muntin), 2);
  if (across <= 0) return undefined;
  const weight = contents === undefined ? {} : { weight: contents / halves };
  return bottomSag({ material, across, long: inside.length, ...weight });
}

/** Centre sag of a uniformly loaded bottom, its edges simply supported in their grooves. */
export function bottomSag({ material, across, long, weight }: Bottom): Sag {
  const { bearing, along, across: crosswise, creep } = stiffnessOf(material);
  const [a, b] = [across / 1e9, long / 1e9];
  const load = weight === undefined ? TEST_LOAD : (weight * GRAVITY) / (a * b);
  const thickness = material.thickness / 1e9;
  const metres = SAGS[bearing]({ across: a, long: b, thickness, load, stiffAcross: along, stiffLong: crosswise });
  const lasting = weight === undefined ? 1 : creep;
  const span = bearing === 'strip' ? across : smallest([across, long]);
  return {
    // A sheet of paper's sag knows no bound; no length does over 100 m.
    sag: nm(Math.round(Math.min(metres * lasting, 100) * 1e9)),
    limit: smallest([nm(Math.round(span / 200)), millimetres(3)]),
    withCreep: weight !== undefined,
  };
}

/** A shelf that bears at both its ends. */
export interface Shelf {
  readonly material: Material;
  readonly span: Length;
  readonly deep: Length;
  /** Weight on it in kilograms; absent where it isn't known, and the test load is taken. */
  readonly weight?: number;
}

/** Sag in the middle of a shelf under an even load: `5·q·L⁴/(384·E·I)`; with creep where the load is told. */
export function shelfSag({ material, span, deep, weight }: Shelf): Sag {
  const { along, creep } = stiffnessOf(material);
  const [long, wide, thickness] = [span / 1e9, deep / 1e9, material.thickness / 1e9];
  const load = weight === undefined ? TEST_LOAD : (weight * GRAVITY) / (long * wide);
  const lasting = weight === undefined ? 1 : creep;
  const metres = stripSag({ across: long, long: wide, thickness, load, stiffAcross: along, stiffLong: along });
  const limit = smallest([share(span, 200), millimetres(3)]);
  return { sag: nm(Math.round(metres * lasting * 1e9)), limit, withCreep: weight !== undefined };
}
