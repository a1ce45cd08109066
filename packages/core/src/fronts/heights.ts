import type { Division } from '../division';
import { tieGroups, type Bank, type TieGroup } from '../job';
import {
  minus,
  nm,
  plus,
  plusTimes,
  subtract,
  tally,
  unlessZero,
  ZERO,
  type Length,
  type Source,
  type Tally,
  type Term,
  label,
  ofField,
  ofDimension,
} from '../length';
import { lap } from './fronts';

type Divided = Extract<Division, { ok: true }>;

/** Front heights from the top down, each by how it came about: held, the scheme's, or what the others leave. */
export function frontHeightsOf(
  bank: Bank,
  path: string,
  division: Divided,
  needs: readonly (Tally | undefined)[],
): readonly Tally[] {
  const groups = tieGroups(bank.drawers);
  const groupOf = new Map(groups.flatMap((group) => group.members.map((place) => [place, group] as const)));
  return division.heights.map((height, place) =>
    tally(...heightTerms({ bank, path, division, needs, group: groupOf.get(place) }, place, height)),
  );
}

/** One drawer's share of a divided bank, with the fronts it is tied to. */
interface Shared {
  readonly bank: Bank;
  readonly path: string;
  readonly division: Divided;
  /** What each wants for what is stored in it. */
  readonly needs: readonly (Tally | undefined)[];
  readonly group: TieGroup | undefined;
}

function heightTerms(shared: Shared, place: number, height: Length): readonly Term[] {
  const { path, division } = shared;
  const field = (name: string): Source => ofField(`${path}.${name}`);
  const held = division.held[place];
  if (held === 'locked') return [plus('locked', height, field(`drawers[${lockedAt(shared, place)}].height`))];
  if (held === 'line') return [plus('left-by-line', height, ofDimension('share'))];
  if (held === 'contents') return contentsTerms(shared, place, height);
  if (held) return [plus(HOLDS[held], height, field(`drawers[${place}].${held}`))];
  return division.makeups.includes(place) ? makeupTerms(shared, place) : schemeTerms(shared, place, height);
}

const HOLDS = {
  least: 'held-up-at-least',
  most: 'held-down-at-most',
} as const;

/** What is stored makes it up; another it is tied to, or the increment, may want more. */
function contentsTerms({ path, group, needs }: Shared, place: number, height: Length): readonly Term[] {
  const tied = group !== undefined && group.members.length > 1;
  const own = needs[place];
  const rest = subtract(height, own?.total ?? ZERO);
  const source = ofField(`${path}.division.increment`);
  if (!own) return [plus('held-up-by-contents', height)];
  if (rest === 0) return own.terms;
  return [...own.terms, plus(tied ? 'tied-and-to-increment' : 'to-increment', rest, source)];
}

/** What the other fronts of its stretch leave. */
function makeupTerms({ bank, division }: Shared, place: number): readonly Term[] {
  const stretch = division.stretches.find(({ places }) => places.includes(place));
  const others = (stretch?.places ?? []).flatMap((other) =>
    other === place
      ? []
      : minus(label('front-of', { place: other }), division.heights[other] ?? ZERO, frontOf(bank, other)),
  );
  const called = division.stretches.length > 1 ? 'height-between-lines' : 'height-to-share';
  return [plus(called, stretch?.total ?? ZERO, ofDimension('share')), ...others];
}

/** What the scheme asked for, and what the increment (or a tie) made of it. */
function schemeTerms({ bank, path, division, group }: Shared, place: number, height: Length): readonly Term[] {
  const field = (name: string): Source => ofField(`${path}.division.${name}`);
  const { scheme, step = ZERO } = bank.division;
  const ideal = division.ideals[place] ?? height;
  const tied = group !== undefined && group.members.length > 1;
  const rounding = unlessZero(
    plus(tied ? 'tied-and-to-increment' : 'to-increment', subtract(height, ideal), field('increment')),
  );
  const asked =
    scheme === 'step'
      ? [
          plus('top-front-by-scheme', subtract(ideal, nm(place * step)), field('scheme')),
          unlessZero(plusTimes('step', place, step, field('step'))),
        ]
      : [plus(ASKED[scheme], ideal, field(scheme === 'ratio' ? 'ratio' : 'scheme'))];
  return [...asked, rounding].filter((term): term is Term => term !== undefined);
}

const ASKED = {
  equal: 'equal-share',
  ratio: 'by-ratio',
  contents: 'by-contents',
  manual: 'equal-share',
} as const;

/** The drawer whose lock it is: its own, or that of one it is tied to. */
function lockedAt({ bank, group }: Shared, place: number): number {
  if (bank.drawers[place]?.height !== undefined) return place;
  return group?.lockedBy ?? place;
}

/** Lower edges of the fronts above the opening's floor, from the top down. */
export function frontBottomsOf(bank: Bank, path: string, { heights }: Divided): readonly Tally[] {
  const { front } = bank;
  const called = label(front.mount === 'overlay' ? 'lap-at' : 'gap-at', { edge: 'bottom' });
  const lowest = minus(called, lap(front, 'bottom'), ofField(`${path}.front.bottom`));
  return heights.map((_, place) => {
    const below = heights.slice(place + 1).map((height, index) => {
      const other = place + index + 1;
      return plus(label('front-of', { place: other }), height, frontOf(bank, other));
    });
    if (below.length === 0) return tally(lowest);
    return tally(lowest, ...below, plusTimes('gap', below.length, front.gap, ofField(`${path}.front.gap`)));
  });
}

function frontOf(bank: Bank, place: number): Source {
  return ofDimension('front.height', bank.drawers[place]?.id ?? '');
}
