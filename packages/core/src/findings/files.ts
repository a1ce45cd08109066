import { largest, minus, plus, subtract, tally } from '../length';
import { FILES } from '../pullouts';
import { said } from '../words';
import { judged, type BoxRule } from './box-facts';

/** Hanging files go across or front to back: one of the inside sizes takes their rails. */
export const filesTooNarrow: BoxRule = ({ drawer, at }) => {
  const [width, length] = [at('inside.width'), at('inside.length')];
  const hung = (drawer.contents ?? []).flatMap(({ files, name }) => (files ? [{ name, ...FILES[files] }] : []));
  const [widest] = [...hung].sort((a, b) => b.rails - a.rails);
  if (!widest || !width || !length) return undefined;
  const most = largest([width.total, length.total]);
  if (most >= widest.rails) return undefined;
  const because = tally(plus('rails-apart', widest.rails), minus('inside-width', most));
  const params = { thing: widest.name, rails: widest.rails, short: subtract(widest.rails, most) };
  return judged({ ...said('FILES_TOO_NARROW', params), severity: 'stop', step: 'divide' }, [], because);
};
