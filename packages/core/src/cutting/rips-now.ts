import { isMember, type MemberRole } from '../casework';
import type { Job } from '../job';
import type { Length } from '../length';
import type { CutPart } from './cut-part';

/** Parts alike in width that may be ripped before their lengths are known. */
export interface RipNow {
  readonly width: Length;
  readonly parts: readonly CutPart[];
}

/** Their width is told; only their length follows from the case as it comes out. Common practice. */
const OF_ONE_WIDTH: ReadonlySet<MemberRole> = new Set<MemberRole>([
  ...(['frame-stile', 'frame-rail', 'frame-middle-stile', 'frame-middle-rail', 'worktop-trim'] as const),
]);

/** What may be ripped now though it is held: nothing that is still to be measured changes its width. Widest first. */
export function ripsNow({ cases }: Job, parts: readonly CutPart[]): readonly RipNow[] {
  const surveyed = new Set(
    cases.flatMap(({ id, gates }) => ((gates?.survey ?? gates?.glued ?? gates?.standing) ? [id] : [])),
  );
  const rows = new Map<Length, CutPart[]>();
  for (const part of parts) {
    const { use, release, width } = part;
    const waits = release === 'case-glued' || release === 'standing';
    if (!waits || !isMember(use.role) || !OF_ONE_WIDTH.has(use.role) || !surveyed.has(use.case)) continue;
    rows.set(width.total, [...(rows.get(width.total) ?? []), part]);
  }
  return [...rows].sort(([one], [other]) => other - one).map(([width, ripped]) => ({ width, parts: ripped }));
}
