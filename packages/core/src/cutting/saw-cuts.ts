import type { CutKind, PartCut } from '../box';
import type { MemberCut } from '../casework';
import { nm, share, subtract, ZERO, type Length } from '../length';
import type { CutPart } from './cut-part';

/** A groove, rabbet or dado as the blade makes it, and every part it is made in at that setting. */
export interface SawCut {
  readonly kind: CutKind;
  readonly width: Length;
  /** The height of the blade. */
  readonly depth: Length;
  /** The fence (from the part's edge) or the stop (from its end) at the first pass and at the last. */
  readonly first: Length;
  readonly last: Length;
  readonly passes: number;
  /** In the middle of its edge: cut, turned round and cut again at the same settings; its passes are of both. */
  readonly centred: boolean;
  /** Narrower than the blade: a cutter as wide as it is wanted. */
  readonly tooNarrow: boolean;
  readonly parts: readonly CutPart[];
}

/** Kinds a saw makes by its fence or its stop. */
const SAWN: readonly CutKind[] = ['groove', 'rabbet', 'dado', 'batten-groove'];

/**
 * What is worked into parts by the blade, alike ones together: `⌈width / kerf⌉` passes, the fence first at the offset, at
 * last at offset + width − kerf. Common practice. In the order the parts come.
 */
export function sawCuts(parts: readonly CutPart[], kerf: Length): readonly SawCut[] {
  const found = new Map<string, SawCut & { readonly parts: CutPart[] }>();
  for (const part of parts)
    for (const made of madeIn(part, kerf)) {
      const key = JSON.stringify([made.kind, made.first, made.width, made.depth, made.centred]);
      const known = found.get(key);
      if (known) known.parts.push(part);
      else found.set(key, { ...made, parts: [part] });
    }
  return [...found.values()];
}

function madeIn(part: CutPart, kerf: Length): readonly Omit<SawCut, 'parts'>[] {
  return [
    ...part.machining.flatMap((cut) => sawnBy(cut, part, kerf) ?? []),
    ...(part.cuts ?? []).flatMap((cut) => sawnIntoMember(cut, part, kerf) ?? []),
  ];
}

/** Of a part of a case: along it or across it, from the edge (the end) it is nearer to. */
function sawnIntoMember(
  { kind, along, in: inwards, length, width, depth }: MemberCut,
  part: CutPart,
  kerf: Length,
): Omit<SawCut, 'parts'> | undefined {
  if (!depth || (kind !== 'dado' && kind !== 'groove' && kind !== 'rabbet')) return undefined;
  const runsAlong = length.total > width.total;
  const [wide, from, whole] = runsAlong
    ? [width.total, inwards.total, part.width.total]
    : [length.total, along.total, part.length.total];
  const first = nm(Math.max(0, Math.min(from, whole - from - wide)));
  return {
    ...{ kind, width: wide, depth: depth.total, first, last: nm(first + Math.max(0, wide - kerf)) },
    ...{ passes: Math.ceil(wide / kerf), centred: false, tooNarrow: wide < kerf },
  };
}

function sawnBy(
  { kind, where, sizes }: Omit<PartCut, 'role'>,
  part: CutPart,
  kerf: Length,
): Omit<SawCut, 'parts'> | undefined {
  const [width, depth] = [sizes['width']?.total, sizes['depth']?.total];
  if (!SAWN.includes(kind) || width === undefined || depth === undefined) return undefined;
  const middle = share(subtract(part.material.thickness, width), 2);
  const centred = liesInMiddle(where, sizes, middle);
  const first = centred ? middle : offsetOf(kind, sizes, width);
  // Turned round, the second cut makes the other half.
  const [reach, faces] = centred && width > kerf ? [share(width, 2), 2] : [width, 1];
  return {
    kind,
    width,
    depth,
    first,
    last: nm(first + Math.max(0, reach - kerf)),
    passes: faces * Math.ceil(reach / kerf),
    centred: faces === 2,
    tooNarrow: width < kerf,
  };
}

/** In both edges of a muntin always; in those of a frame where it is told no other place. */
function liesInMiddle(where: PartCut['where'], sizes: PartCut['sizes'], middle: Length): boolean {
  if (where === 'both edges') return true;
  return (where === 'inner edge' || where === 'both inner edges') && sizes['in']?.total === middle;
}

/** From the edge or end that lies against the fence or stop to the near side of the cut. */
function offsetOf(kind: CutKind, sizes: PartCut['sizes'], width: Length): Length {
  const at = (sizes['up'] ?? sizes['in'])?.total ?? ZERO;
  return kind === 'batten-groove' ? subtract(at, share(width, 2)) : at;
}
