import { nm, type Length, type Said } from '../length';
import type { Patch } from '../reading';
import type { Met, Mover, World } from '../travel';
import type { CalledDrawer } from '../words';
import type { Exact, Remedy } from './finding';

/** A drawer, a leaf of a door or another thing of a case that moves, as what is said of it needs it. */
export interface Site {
  readonly kind: 'drawer' | 'leaf' | 'thing';
  /** Where it is told: the path of its bank, or of its case. */
  readonly told: string;
  /** Id of the drawer, or of the door. */
  readonly id: string;
  /** Path of the drawer, or of the door. */
  readonly path: string;
  /** Where how far its pull stands out is written; none where it has none. */
  readonly projection?: string;
  /** How the drawer is called in a sentence. */
  readonly drawer?: CalledDrawer;
  /** Of a door that is told no hinge, the row it is hung on. */
  readonly untold?: string;
  /** Of a door of one leaf. */
  readonly single?: boolean;
  /** Of a drawer: the longest slide that comes no farther than this. */
  readonly slideWithin?: (travel: Length) => Length | undefined;
  /** Of a tray: its bank packed so much more on a side. */
  readonly packed?: (side: 'left' | 'right', by: Length) => readonly Remedy[];
  /** Its case moved so far to its own left or right; nothing of one that has no place. */
  readonly moved: (side: 'left' | 'right', by: Length) => readonly Patch[];
  /** Compartments it may change places with; none of what was built. */
  readonly swaps: () => readonly Swap[];
  /** A filler of the case so much wider at a side. */
  readonly filled: (side: 'left' | 'right', by: Length) => readonly Patch[];
}

/** Another compartment of its case that what stands in its own may change with. */
export interface Swap {
  readonly one: string;
  readonly other: string;
  /** How far to the right the other is; nanometres. */
  readonly by: number;
  /** Addresses of what moves in its own, and in the other. */
  readonly mine: readonly string[];
  readonly theirs: readonly string[];
  readonly patches: readonly Patch[];
}

/** What moves in one world, as it is looked over. */
export interface Moves {
  readonly world: World;
  /** What an address moves; nothing of a thing of the room. */
  readonly site: (address: string) => Site | undefined;
  readonly called: (address: string) => Said;
  /** Drawers of one bank, as they are called together. */
  readonly calledAll: (addresses: readonly string[]) => Said;
  /** Whether somebody said that one of two is opened first. */
  readonly accepted: (a: string, b: string) => boolean;
  /** The patch that says so of pairs. */
  readonly accept: (pairs: readonly Met[]) => Patch;
  /** What is left to stand in before a drawer. */
  readonly stand: Length;
  readonly exact: Exact;
}

/** Whether a name is of the case a mover is of. */
export function isOfCase(name: string, { name: mover }: Pick<Mover, 'name'>): boolean {
  const owner = mover.slice(0, mover.indexOf('/'));
  return name === owner || name.startsWith(`${owner}/`);
}

/** What moves at an address, or has what stands there as its pull. */
export function siteOf({ world, site }: Moves, address: string): Site | undefined {
  return site(world.solids.find(({ name }) => name === address)?.pullOf ?? address);
}

/** How far a mover comes, as a sentence tells it. */
export function farOf({ kind }: Mover, travel: number): { length: Length } | { degrees: number } {
  return kind === 'leaf' ? { degrees: travel } : { length: nm(Math.round(travel)) };
}
