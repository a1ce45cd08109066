import type { PartRole } from '../box';
import type { MemberCut, MemberRole } from '../casework';
import type { CutPart } from '../cutting';
import type { LaidFixing } from '../job';
import { nm, type Length } from '../length';

/** One groove, dado, rabbet or tongue in a part: how far the saw runs in it, in how many passes. */
export interface Groove {
  readonly long: Length;
  readonly runs: number;
  readonly width: Length;
  readonly passes: number;
}

type Machined = CutPart['machining'][number];

/** Everything that is sawn into a part along an edge, across it or at its ends. */
export function groovesIn(part: CutPart, kerf: Length): readonly Groove[] {
  return [
    ...part.machining.flatMap((cut) => ofMachining(cut, part, kerf)),
    ...(part.cuts ?? []).flatMap((cut) => ofMember(cut, kerf)),
  ];
}

const SAWN: ReadonlySet<string> = new Set(['groove', 'rabbet', 'dado', 'batten-groove', 'tongue']);
const AT_END: ReadonlySet<string> = new Set(['front end', 'back end']);
const TWICE: ReadonlySet<string> = new Set(['both edges', 'both inner edges']);

function ofMachining({ kind, where, sizes }: Machined, part: CutPart, kerf: Length): readonly Groove[] {
  const width = sizes['width']?.total;
  if (!SAWN.has(kind) || width === undefined) return [];
  const [length, across] = [part.length.total, part.width.total];
  const passes = passesOf(width, kerf);
  if (where === 'all round the back') return [length, across].map((long) => ({ long, runs: 2, width, passes }));
  if (where === 'both ends') return [{ long: across, runs: 2, width, passes }];
  if (AT_END.has(where)) return [{ long: across, runs: 1, width, passes }];
  return [{ long: length, runs: TWICE.has(where) ? 2 : 1, width, passes }];
}

function ofMember({ kind, length, width, depth }: MemberCut, kerf: Length): readonly Groove[] {
  if (!depth || (kind !== 'dado' && kind !== 'groove' && kind !== 'rabbet')) return [];
  const [long, wide] = [Math.max(length.total, width.total), Math.min(length.total, width.total)].map(nm) as [
    Length,
    Length,
  ];
  return [{ long, runs: 1, width: wide, passes: passesOf(wide, kerf) }];
}

const passesOf = (width: Length, kerf: Length): number => Math.max(1, Math.ceil(width / kerf));

/** A cup with its screws, a pin hole, a pull's own; the screws of plates are pilots. */
const MEMBER_BORES: Readonly<Record<string, number>> = { 'pin-hole': 1, cup: 3, pull: 1 };

/** Bores in a part besides those for what holds it: pin holes, cups with their screws, bores of pulls. */
export const boresIn = ({ cuts = [], bores }: CutPart): number =>
  bores.length + added(cuts.map(({ kind }) => MEMBER_BORES[kind] ?? 0));

/** Bores for one fixing of a kind: a pocket in one part, a dowel or a tenon in both. */
const FIXING_BORES: Readonly<Partial<Record<LaidFixing, number>>> = { 'pocket-screw': 1, dowel: 2, 'loose-tenon': 2 };

export const boresFor = (fixings: readonly { readonly kind: LaidFixing; readonly count: number }[]): number =>
  added(fixings.map(({ kind, count }) => count * (FIXING_BORES[kind] ?? 0)));

const added = (all: readonly number[]): number => all.reduce((total, each) => total + each, 0);

/** What a case is put together of; doors, fronts, frames and what stands in it are told apart. */
export const CASE_MEMBERS: ReadonlySet<PartRole | MemberRole | 'extra'> = new Set<MemberRole>([
  ...(['case-side-left', 'case-side-right', 'case-bottom', 'case-top', 'stretcher', 'divider'] as const),
  ...(['fixed-shelf', 'shelf', 'case-rail', 'case-back', 'kick-board', 'cleat'] as const),
]);
