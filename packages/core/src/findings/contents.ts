import { said } from '../words';
import type { Length } from '../length';
import { judged, type BoxFacts, type BoxRule } from './box-facts';
import { longestThatFits } from './box-remedies';
import { calledDrawer, remedy, type Remedy } from './finding';
import { fitRowByRow, type Laid } from './packing';

type Thing = NonNullable<BoxFacts['drawer']['contents']>[number];

/** A thing that lies in the drawer neither way round. */
export const contentsTooWide: BoxRule = (facts) => {
  const [width, length] = inside(facts);
  const thing = (facts.drawer.contents ?? []).find((each) => !lies(each, width?.total, length?.total));
  if (!thing || !width || !length) return undefined;
  const [across = 0, deep = 0] = thing.footprint ?? [];
  const because = across > width.total && deep > width.total ? width : length;
  const finding = said('CONTENTS_TOO_WIDE', {
    thing: thing.name,
    across: across as Length,
    deep: deep as Length,
    width: width.total,
    length: length.total,
  });
  return judged({ ...finding, severity: 'stop', step: 'divide' }, [longerSlide(facts, thing)], because);
};

/** More things than lie side by side in rows. */
export const contentsDontFit: BoxRule = (facts) => {
  const [width, length] = inside(facts);
  const things = (facts.drawer.contents ?? []).filter(({ footprint }) => footprint !== undefined);
  if (things.length === 0 || !width || !length) return undefined;
  if (things.some((each) => !lies(each, width.total, length.total))) return undefined;
  if (fitRowByRow(things.map(laid), width.total, length.total)) return undefined;
  const count = things.reduce((sum, { count: many = 1 }) => sum + many, 0);
  const last = things.at(-1);
  const finding = said('CONTENTS_DO_NOT_FIT', { count });
  return judged({ ...finding, severity: 'warn', step: 'divide' }, [last && moved(facts, last)], width);
};

function inside({ at }: BoxFacts) {
  return [at('inside.width'), at('inside.length')] as const;
}

function laid({ footprint, count }: Thing): Laid {
  const [across, deep] = footprint as readonly [Length, Length];
  return { across, deep, count: count ?? 1 };
}

function lies({ footprint }: Thing, width = Infinity, length = Infinity): boolean {
  const [across = 0, deep = 0] = footprint ?? [];
  return (across <= width && deep <= length) || (deep <= width && across <= length);
}

/** The longest slide that fits, where that makes the box long enough. */
function longerSlide(facts: BoxFacts, thing: Thing): Remedy | undefined {
  const { fit } = facts;
  const longest = facts.longest();
  const [width, length] = inside(facts);
  if (longest === undefined || fit.nominal === undefined || !length) return undefined;
  const longer = length.total + longest - fit.nominal;
  return lies(thing, width?.total, longer) ? longestThatFits(facts) : undefined;
}

/** The thing put in the next drawer that has nothing written for it; the division then sees to its height. */
function moved({ bank, bankPath, drawer, path, exact }: BoxFacts, thing: Thing): Remedy | undefined {
  const things = drawer.contents ?? [];
  const place = bank.drawers.findIndex((each) => each !== drawer && !each.contents?.length);
  if (things.length < 2 || place < 0) return undefined;
  const { height, footprint, ...rest } = thing;
  const written = { ...rest, height: exact(height), ...(footprint ? { footprint: footprint.map(exact) } : {}) };
  return remedy('move-contents', { thing: thing.name, to: calledDrawer(bank.drawers[place], place) }, [
    { path: `${bankPath}.drawers[${place}].contents`, value: [written] },
    { path: `${path}.contents[${things.indexOf(thing)}]`, value: undefined },
  ]);
}
