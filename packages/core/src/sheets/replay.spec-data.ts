import type { Direction, LayoutTask, Layout, SawnPanel } from './types';

/** Every part as it comes off the saw, with its sizes, and how often the direction changed. */
interface Cut {
  readonly piece: string;
  readonly turned: boolean;
  readonly length: number;
  readonly width: number;
}

/**
 * Replays a layout as straight cuts, knowing nothing of how it was found: throws where a cut runs outside its panel,
 * the kerf is not between two parts, there are too many stages, a part comes out another size or against the grain, is
 * cut twice or not at all.
 */
export function replay(task: LayoutTask, layout: Layout): void {
  const cuts = layout.sheets.flatMap(({ stock, length, width, panel }) => {
    const own = task.stock.find(({ id }) => id === stock);
    if (own?.length !== length || own.width !== width) throw new Error(`no such stock: ${stock}`);
    const { trim } = task.rules;
    return sawn(task, panel, length - 2 * trim, width - 2 * trim, 0, undefined);
  });
  for (const { id, count } of task.stock)
    if (count !== undefined && layout.sheets.filter(({ stock }) => stock === id).length > count)
      throw new Error(`more of ${id} than there are`);
  const out = [...cuts.map(({ piece }) => piece), ...layout.left].sort();
  if (
    out.join() !==
    task.pieces
      .map(({ id }) => id)
      .sort()
      .join()
  )
    throw new Error('not every part once');
  for (const { piece, turned, length, width } of cuts) {
    const wanted = task.pieces.find(({ id }) => id === piece)!;
    if (turned && !wanted.mayTurn) throw new Error(`${piece} lies across the grain`);
    const [along, across] = turned ? [wanted.width, wanted.length] : [wanted.length, wanted.width];
    if (length !== along || width !== across)
      throw new Error(`${piece} is ${length} × ${width}, not ${along} × ${across}`);
  }
}

function sawn(
  task: LayoutTask,
  panel: SawnPanel,
  length: number,
  width: number,
  stage: number,
  last: Direction | undefined,
): readonly Cut[] {
  if (panel.kind === 'rest') return [];
  if (panel.kind === 'part') return [{ piece: panel.piece, turned: panel.turned, length, width }];
  const { direction, children } = panel;
  const { kerf, stages, ripFirst } = task.rules;
  const next = direction === last ? stage : stage + 1;
  if (next > stages) throw new Error(`${next} stages, more than ${stages}`);
  if (last === undefined && ripFirst && direction !== 'rip') throw new Error('the first cut is not a rip');
  const whole = direction === 'rip' ? width : length;
  let at = 0;
  return children.flatMap(({ size, panel: child }, index) => {
    if (index > 0) at += kerf;
    if (size <= 0 || at + size > whole) throw new Error(`a cut at ${at + size} in a panel of ${whole}`);
    at += size;
    return direction === 'rip'
      ? sawn(task, child, length, size, next, direction)
      : sawn(task, child, size, width, next, direction);
  });
}
