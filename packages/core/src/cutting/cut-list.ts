import { FRONT_ROLES, type Part, type Role } from '../box';
import type { Job, Material } from '../job';
import type { Length, Tally } from '../length';
import type { BankPlan, DrawerPlan, Plan } from '../plan';

/**
 * When a part may be cut. A bank of planned sizes is a forecast; of an opening measured as built, box parts may be cut,
 * bottoms wait for the real groove and drawer fronts for the boxes as hung.
 */
export type Release = 'forecast' | 'now' | 'groove' | 'hung';

/** One drawer's share of a row of the cut list. */
export interface Use {
  readonly case: string;
  readonly bank: string;
  /** Path of the bank in the job document. */
  readonly path: string;
  readonly drawer: string;
  readonly place: number;
  readonly role: Role;
  readonly count: number;
}

/** Alike parts, cut against one stop. */
export interface Crosscut {
  readonly length: Length;
  readonly count: number;
  readonly uses: readonly Use[];
  readonly release: Release;
  /** The sums of the first of them. */
  readonly lengthTally: Tally;
  readonly widthTally: Tally;
}

/** Parts of one width, ripped at one fence setting. */
export interface Rip {
  readonly width: Length;
  readonly crosscuts: readonly Crosscut[];
}

/** Everything out of one material, widest rip first. */
export interface CutGroup {
  readonly material: Material;
  readonly count: number;
  readonly rips: readonly Rip[];
}

export interface CutList {
  readonly groups: readonly CutGroup[];
  /** Parts whose size can't be worked out yet. */
  readonly unsized: number;
}

interface Entry {
  readonly part: Part;
  readonly length: Tally;
  readonly width: Tally;
  readonly release: Release;
  readonly use: Use;
}

/** A plan's parts in the order they are cut: by material, then rip width, then length, longest first. */
export function cutList(job: Job, plan: Plan): CutList {
  const all = plan.cases.flatMap((owner) =>
    owner.banks.flatMap((bank) =>
      bank.drawers.flatMap((drawer) => drawer.parts.map((part) => ({ owner: owner.id, bank, drawer, part }))),
    ),
  );
  const entries = all.flatMap(({ owner, bank, drawer, part }) => entryOf(owner, bank, drawer, part));
  const groups = job.materials.flatMap((material) => {
    const own = entries.filter(({ part }) => part.material === material.id);
    return own.length === 0 ? [] : [groupOf(material, own)];
  });
  const pieces = all.reduce((sum, { part }) => sum + part.count, 0);
  return { groups, unsized: pieces - groups.reduce((sum, { count }) => sum + count, 0) };
}

function entryOf(owner: string, bank: BankPlan, drawer: DrawerPlan, part: Part): readonly Entry[] {
  const { length, width, role, count } = part;
  if (!length || !width) return [];
  const use = { case: owner, bank: bank.id, path: bank.path, drawer: drawer.id, place: drawer.place, role, count };
  return [{ part, length, width, use, release: releaseOf(bank, role) }];
}

function releaseOf({ bank }: BankPlan, role: Role): Release {
  if (bank.basis === 'planned') return 'forecast';
  if (role === 'bottom' || role === 'muntin') return 'groove';
  return FRONT_ROLES.has(role) ? 'hung' : 'now';
}

function groupOf(material: Material, entries: readonly Entry[]): CutGroup {
  const widths = [...new Set(entries.map(({ width }) => width.total))].sort((a, b) => b - a);
  const rips = widths.map((width) => ({
    width,
    crosscuts: crosscuts(entries.filter((entry) => entry.width.total === width)),
  }));
  return { material, rips, count: entries.reduce((sum, { use }) => sum + use.count, 0) };
}

function crosscuts(entries: readonly Entry[]): readonly Crosscut[] {
  const alike = new Map<string, Entry[]>();
  for (const entry of entries) {
    const key = `${entry.length.total}/${entry.release}`;
    alike.set(key, [...(alike.get(key) ?? []), entry]);
  }
  return [...alike.values()].map(crosscutOf).sort((a, b) => b.length - a.length);
}

function crosscutOf(entries: readonly Entry[]): Crosscut {
  const [first] = entries as readonly [Entry];
  return {
    length: first.length.total,
    count: entries.reduce((sum, { use }) => sum + use.count, 0),
    uses: entries.map(({ use }) => use),
    release: first.release,
    lengthTally: first.length,
    widthTally: first.width,
  };
}
