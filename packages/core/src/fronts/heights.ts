import type { Division } from '../division';
import { tieGroups, type Bank } from '../job';
import { add, minus, plus, plusTimes, tally, type Length, type Source, type Tally, type Term } from '../length';
import { lap } from './fronts';

type Divided = Extract<Division, { ok: true }>;

/** Front heights from the top down, each by how it came about: held, the scheme's, or what the others leave. */
export function frontHeightsOf(bank: Bank, path: string, division: Divided): readonly Tally[] {
  return division.heights.map((height, place) => tally(...heightTerms(bank, path, division, place, height)));
}

function heightTerms(bank: Bank, path: string, division: Divided, place: number, height: Length): readonly Term[] {
  const field = (name: string): Source => ({ kind: 'field', path: `${path}.${name}` });
  const held = division.held[place];
  if (held === 'locked') return [plus('locked', height, field(`drawers[${lockedAt(bank, place)}].height`))];
  if (held === 'contents') return [plus('held up by what is stored', height, field(`drawers[${place}].contents`))];
  if (division.makeup !== place)
    return [plus(`by the scheme, ${bank.division.scheme}`, height, field('division.scheme'))];
  const others = division.heights.flatMap((each, other) =>
    other === place ? [] : minus(`front ${other + 1}`, each, frontOf(bank, other)),
  );
  return [plus('height to share out', add(...division.heights), { kind: 'dimension', dimension: 'share' }), ...others];
}

/** The drawer whose lock it is: its own, or that of one it is tied to. */
function lockedAt(bank: Bank, place: number): number {
  if (bank.drawers[place]?.height !== undefined) return place;
  return tieGroups(bank.drawers).find(({ members }) => members.includes(place))?.lockedBy ?? place;
}

/** Lower edges of the fronts above the opening's floor, from the top down. */
export function frontBottomsOf(bank: Bank, path: string, { heights }: Divided): readonly Tally[] {
  const { front } = bank;
  const label = front.mount === 'overlay' ? 'lap at the bottom' : 'gap at the bottom';
  const lowest = minus(label, lap(front, 'bottom'), { kind: 'field', path: `${path}.front.bottom` });
  return heights.map((_, place) => {
    const below = heights.slice(place + 1).map((height, index) => {
      const other = place + index + 1;
      return plus(`front ${other + 1}`, height, frontOf(bank, other));
    });
    if (below.length === 0) return tally(lowest);
    return tally(
      lowest,
      ...below,
      plusTimes('gap', below.length, front.gap, { kind: 'field', path: `${path}.front.gap` }),
    );
  });
}

function frontOf(bank: Bank, place: number): Source {
  return { kind: 'dimension', drawer: bank.drawers[place]?.id ?? '', dimension: 'front.height' };
}
