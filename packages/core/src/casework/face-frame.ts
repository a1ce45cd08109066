import { minus, minusTimes, ofField, plus, plusTimes, tally, unlessZero, ZERO, type Tally, type Term } from '../length';
import type { Member } from './member';
import { buildField, member, type Casework } from './panels';

type Wide = (
  name: 'stile' | 'topRail' | 'bottomRail' | 'middle' | 'rail',
  label: 'width-stile' | 'width-rail',
) => Tally;

/** Stiles, rails and what stands between them; each as long as its clear length and the tenons it carries. */
export function frameMembers(casework: Casework): readonly Member[] {
  const { frame } = casework.stock.build;
  if (!frame) return [];
  const { material } = frame;
  const wide: Wide = (name, label) => tally(plus(label, frame[name] ?? ZERO, buildField(casework, `frame.${name}`)));
  const rails = (['topRail', 'bottomRail'] as const).flatMap((name): readonly Member[] =>
    (frame[name] ?? 0) > 0
      ? [member(casework, 'frame-rail', 1, [railLength(casework, name), wide(name, 'width-rail')], material)]
      : [],
  );
  const [top, bottom] = rails;
  const alike = top && bottom && same(top, bottom);
  return [
    member(casework, 'frame-stile', 2, [stileHeight(casework), wide('stile', 'width-stile')], material),
    ...(alike ? [{ ...top, count: 2 }] : rails),
    ...middles(casework, wide),
  ];
}

function same(one: Member, other: Member): boolean {
  return one.length.total === other.length.total && one.width.total === other.width.total;
}

/** One tenon an end that enters a member. */
function tenons(casework: Casework, times: number): Term | undefined {
  const { tenon = ZERO } = casework.stock.build.frame ?? {};
  return unlessZero(plusTimes('tenon', times, tenon, buildField(casework, 'frame.tenon')));
}

function stileHeight(casework: Casework): Tally {
  const { outline, stock } = casework;
  const { frame } = stock.build;
  const under = frame?.through === 'rails' && (frame.topRail ?? 0) > 0;
  return tally(
    plus('height-case', outline.height, buildField(casework, 'height')),
    frame?.stiles === 'floor'
      ? unlessZero(minus('stands-on', outline.sidesFrom))
      : unlessZero(minus('base-below', outline.base)),
    under ? minus('top-rail-through', frame.topRail ?? ZERO, buildField(casework, 'frame.topRail')) : undefined,
    under ? tenons(casework, 1) : undefined,
  );
}

/** Between the stiles; the top rail runs over them where rails run through. */
function railLength(casework: Casework, which: 'topRail' | 'bottomRail'): Tally {
  const { outline, stock } = casework;
  const { frame } = stock.build;
  const past = unlessZero(plusTimes('frame-past-side', 2, frame?.over ?? ZERO, buildField(casework, 'frame.over')));
  if (which === 'topRail' && frame?.through === 'rails') return tally(...outline.width.terms, past);
  return tally(
    ...outline.width.terms,
    past,
    minusTimes('end-stile', 2, frame?.stile ?? ZERO, ofField(`${stock.path}.build.frame.stile`)),
    tenons(casework, 2),
  );
}

function middles(casework: Casework, wide: Wide): readonly Member[] {
  const material = casework.stock.build.frame?.material ?? '';
  return casework.front.members.map(({ kind, node, length }) => {
    const long = tally(plus(kind === 'stile' ? 'clear-height' : 'clear-width', length), tenons(casework, 2));
    return kind === 'stile'
      ? member(casework, 'frame-middle-stile', 1, [long, wide('middle', 'width-stile')], material, node)
      : member(casework, 'frame-middle-rail', 1, [long, wide('rail', 'width-rail')], material, node);
  });
}
