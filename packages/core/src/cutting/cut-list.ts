import type { Job, Material } from '../job';
import type { Length, Tally } from '../length';
import type { Plan } from '../plan';
import { grainRuns } from './grain-runs';
import type { CutPart, Use, CutMaterial } from './cut-part';
import { partsOf, toCut } from './parts';
import { RELEASES, type Release } from './release';

/** One drawer's share of a row of the cut list. */
export interface Served extends Use {
  readonly count: number;
}

/** Parts alike in size and in what is worked into them, cut against one stop. */
export interface Crosscut {
  readonly length: Length;
  readonly count: number;
  /** How many are still to cut. */
  readonly left: number;
  readonly parts: readonly CutPart[];
  readonly uses: readonly Served[];
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
  readonly material: CutMaterial;
  readonly count: number;
  readonly rips: readonly Rip[];
}

/** A panel that fronts are cut from one after the other. */
export interface FrontPanel {
  readonly material: Material;
  /** Along the grain of its fronts, and across it. */
  readonly length: Length;
  readonly width: Length;
  /** Its fronts as they lie in it, from the top down, bank by bank. */
  readonly parts: readonly CutPart[];
  readonly release: Release;
}

export interface CutList {
  readonly groups: readonly CutGroup[];
  /** The panels of grain-matched fronts that are still to be cut. */
  readonly panels: readonly FrontPanel[];
  /** Parts whose size can't be worked out yet. */
  readonly unsized: number;
}

/** A plan's parts in the order they are cut, as sawn: by material, then rip width, then length, longest first. */
export function cutList(job: Job, plan: Plan): CutList {
  const { parts, unsized } = partsOf(job, plan);
  return { groups: groupsOf(job.materials, parts), panels: frontPanels(job, plan, parts), unsized };
}

/** The panel of every run that has all its fronts still to be cut; it waits for the last of them. */
export function frontPanels(job: Job, plan: Plan, parts: readonly CutPart[]): readonly FrontPanel[] {
  const byName = new Map(parts.map((part) => [part.name, part]));
  return grainRuns(job, plan, parts.filter(toCut)).flatMap(({ names, piece }) => {
    const fronts = names.flatMap((name) => byName.get(name) ?? []);
    const [first] = fronts;
    if (!first) return [];
    const release = fronts.reduce<Release>(
      (latest, each) => (RELEASES.indexOf(each.release) > RELEASES.indexOf(latest) ? each.release : latest),
      'now',
    );
    return [{ material: first.material, length: piece.length, width: piece.width, parts: fronts, release }];
  });
}

/** Parts in the order they are cut, by material; the materials in their order, then wood that is none of the job's. */
export function groupsOf(materials: readonly CutMaterial[], parts: readonly CutPart[]): readonly CutGroup[] {
  const known = new Set(materials.map(({ id }) => id));
  const others = new Map(
    parts.filter(({ material }) => !known.has(material.id)).map(({ material }) => [material.id, material]),
  );
  return [...materials, ...others.values()].flatMap((material) => {
    const own = parts.filter((part) => part.material.id === material.id);
    return own.length === 0 ? [] : [groupOf(material, own)];
  });
}

function groupOf(material: CutMaterial, parts: readonly CutPart[]): CutGroup {
  const widths = [...new Set(parts.map(({ width }) => width.total))].sort((a, b) => b - a);
  const rips = widths.map((width) => ({
    width,
    crosscuts: crosscuts(parts.filter((part) => part.width.total === width)),
  }));
  return { material, rips, count: parts.length };
}

function crosscuts(parts: readonly CutPart[]): readonly Crosscut[] {
  const alike = new Map<string, CutPart[]>();
  for (const part of parts) {
    const key = `${part.length.total}/${part.release}/${worksOf(part)}`;
    alike.set(key, [...(alike.get(key) ?? []), part]);
  }
  return [...alike.values()]
    .map(crosscutOf)
    .sort((a, b) => b.length - a.length || RELEASES.indexOf(a.release) - RELEASES.indexOf(b.release));
}

/** What is worked into a part, as far as two parts are alike by it: what is done where, in which sizes. */
function worksOf({ machining, cuts = [], seen }: CutPart): string {
  const worked = cuts.map(({ kind, face, radius, ...sizes }) =>
    [
      kind,
      radius ?? 0,
      sizes.depth === undefined || face === seen,
      ...Object.values(sizes).map(({ total }) => total),
    ].join(' '),
  );
  const ofBox = machining
    .map(({ kind, where, sizes }) =>
      [kind, where, ...Object.entries(sizes).map(([name, { total }]) => `${name} ${total}`)].join(' '),
    )
    .join('/');
  return [ofBox, ...worked].join('/');
}

function crosscutOf(parts: readonly CutPart[]): Crosscut {
  const [first] = parts as readonly [CutPart];
  return {
    length: first.length.total,
    count: parts.length,
    left: parts.filter(toCut).length,
    parts,
    uses: usesOf(parts),
    release: first.release,
    lengthTally: first.length,
    widthTally: first.width,
  };
}

function usesOf(parts: readonly CutPart[]): readonly Served[] {
  const found = new Map<string, Served>();
  for (const { use } of parts) {
    const key = [use.path, use.drawer, use.place, use.role, use.node].join('/');
    found.set(key, { ...use, count: (found.get(key)?.count ?? 0) + 1 });
  }
  return [...found.values()];
}
