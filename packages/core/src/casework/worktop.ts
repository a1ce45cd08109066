import type { WorktopEdge } from '../job';
import { minusTimes, plus, tally, unlessZero, ZERO, type Length, type Tally, type Term } from '../length';
import { materialOf } from './case-stock';
import type { Member } from './member';
import { buildField, member, type Casework } from './panels';

/** The worktop's panel, and the trims that cover its edges. */
export function worktopMembers(casework: Casework): readonly Member[] {
  const { worktop } = casework.stock.build;
  if (!worktop) return [];
  const finished = { length: finishedLength(casework), depth: finishedDepth(casework) };
  const { trim } = worktop;
  if (!trim) return [member(casework, 'worktop', 1, [finished.length, finished.depth], worktop.material)];
  const { thickness } = materialOf(casework.stock, trim.material);
  const has = (edge: WorktopEdge): boolean => trim.edges.includes(edge);
  const taken = (edges: readonly WorktopEdge[]): Term | undefined => {
    const times = edges.filter(has).length;
    return times > 0 ? minusTimes('trim', times, thickness) : undefined;
  };
  const panel = [
    tally(...finished.length.terms, taken(['left', 'right'])),
    tally(...finished.depth.terms, taken(['front', 'back'])),
  ] as const;
  const width = tally(plus('width-trim', trim.width, buildField(casework, 'worktop.trim.width')));
  const mitred = trim.corner === 'mitre';
  const along: Tally = mitred ? finished.depth : tally(...finished.depth.terms, taken(['front', 'back']));
  const trims = (edges: readonly WorktopEdge[], length: Tally): readonly Member[] => {
    const count = edges.filter(has).length;
    return count > 0 ? [member(casework, 'worktop-trim', count, [length, width], trim.material)] : [];
  };
  return [
    member(casework, 'worktop', 1, panel, worktop.material),
    ...trims(['front', 'back'], finished.length),
    ...trims(['left', 'right'], along),
  ];
}

function finishedLength(casework: Casework): Tally {
  return tally(...casework.outline.width.terms, past(casework, 'left'), past(casework, 'right'));
}

function finishedDepth(casework: Casework): Tally {
  return tally(
    plus('depth-case', casework.outline.depth, buildField(casework, 'depth')),
    past(casework, 'front'),
    past(casework, 'back'),
  );
}

function past(casework: Casework, edge: WorktopEdge): Term | undefined {
  const by: Length = casework.stock.build.worktop?.over?.[edge] ?? ZERO;
  return unlessZero(plus('past-case', by, buildField(casework, `worktop.over.${edge}`)));
}
