import { BOTTOMS, type BoxStock } from '../box';
import type { BottomFit } from '../job';
import type { Patch } from '../reading';
import { add, inches, millimetres, ZERO, type Length } from '../length';
import type { SlideFamily } from '../slides';
import type { BoxFacts } from './box-facts';
import { remedy, type Remedy } from './finding';
import { said } from '../words';

/** The chosen length away, where another one fits; a drawer whose bank has a length chosen too has its own written. */
export function longestThatFits(facts: BoxFacts): Remedy | undefined {
  const { field, fit, path, bank, exact } = facts;
  const longest = facts.longest();
  if (longest === undefined || fit.nominal === undefined || longest === fit.nominal) return undefined;
  const chosen = field('slide.length');
  const exposed = chosen.startsWith(path) && bank.slide.length !== undefined;
  return remedy('use-longest-slide', { length: longest }, [
    { path: chosen, value: exposed ? exact(longest) : undefined },
  ]);
}

/** Where a length goes that only this slide's list may have: with the bank's slide, or with the drawer's own. */
export function lengthPath({ bank, field, path }: BoxFacts): string {
  const alike = bank.drawers.every(({ slide }) => slide?.family === undefined && slide?.lengths === undefined);
  return alike ? field('slide.length') : `${path}.slide.length`;
}

/** A family of the same basis that takes these sides. */
export function anotherFamily(facts: BoxFacts): Remedy | undefined {
  const { families, family, stock } = facts;
  const { basis, seat } = family;
  const other = families.find(
    (each) => each.basis === basis && each.seat === seat && takesSides(each, stock) && hasLengths(facts, each),
  );
  return other && familyUsed(facts, other);
}

function takesSides({ maxSide }: SlideFamily, { sides }: BoxStock): boolean {
  return maxSide === undefined || maxSide >= sides.thickness;
}

/** The cheapest other families that take these sides and this bottom, as they are wanted; of the same kind first. */
export function otherFamilies(facts: BoxFacts, wanted: (family: SlideFamily) => boolean): readonly Remedy[] {
  const { families, family, stock } = facts;
  const offset = stock.box.groove?.offset ?? ZERO;
  const takes = (each: SlideFamily): boolean =>
    each.id !== family.id &&
    each.bottoms.includes(stock.box.bottomFit) &&
    takesSides(each, stock) &&
    hasLengths(facts, each) &&
    (each.recess === undefined || Math.abs(each.recess - offset) <= millimetres(1)) &&
    wanted(each);
  const kin = (each: SlideFamily): number => (each.seat === family.seat && each.basis === family.basis ? 0 : 1);
  const found = families.filter(takes).sort((a, b) => kin(a) - kin(b) || a.price - b.price);
  return found.slice(0, 2).map((each) => familyUsed(facts, each));
}

/** Whether another family comes in the lengths that stay chosen when it is used: its bank's, or other drawers' own. */
function hasLengths({ job, bank, field, path }: BoxFacts, other: SlideFamily): boolean {
  const own = field('slide.family').startsWith(path);
  const stay = own
    ? [{ length: bank.slide.length, lengths: bank.slide.lengths }]
    : bank.drawers.flatMap(({ slide }) =>
        slide?.family === undefined ? [{ length: slide?.length, lengths: slide?.lengths ?? bank.slide.lengths }] : [],
      );
  return stay.every(({ length, lengths }) => {
    const { list } = other.lengths[lengths ?? job.unit] ?? other.lengths.mm ?? other.lengths.in ?? {};
    return length === undefined || list === undefined || list.includes(length);
  });
}

/** A chosen length is of the old family’s list, so it goes. */
function familyUsed({ field }: BoxFacts, { id, called }: SlideFamily): Remedy {
  const patches = [
    { path: field('slide.length'), value: undefined },
    { path: field('slide.family'), value: id },
  ];
  return remedy('use-family', { family: called }, patches);
}

/** A bottom the family takes, with the groove it needs. */
export function fitAllowed({ family, stock, field, exact }: BoxFacts, fit: BottomFit): Remedy {
  const { groove, play } = stock.box;
  const offset = family.recess ?? groove?.offset ?? millimetres(12);
  const patches: Patch[] = [{ path: field('box.bottomFit'), value: fit }];
  if (!groove)
    patches.push({ path: field('box.groove'), value: { depth: exact(millimetres(6)), offset: exact(offset) } });
  else if (BOTTOMS[fit].raised && family.recess !== undefined)
    patches.push({ path: field('box.groove.offset'), value: exact(offset) });
  if (play === undefined) patches.push({ path: field('box.play'), value: exact(inches(1, 16)) });
  return remedy('fit-bottom', { fit: said(`bottom-fit/${fit}`) }, patches);
}

/** The groove at the recess; a flush bottom can’t be raised. */
export function raisedToRecess({ family, stock, field, exact }: BoxFacts): Remedy | undefined {
  if (family.recess === undefined || !BOTTOMS[stock.box.bottomFit].raised) return undefined;
  return remedy('raise-groove', { to: family.recess }, [
    { path: field('box.groove.offset'), value: exact(family.recess) },
  ]);
}

export function easeAllowed({ family, field, exact }: BoxFacts): Remedy {
  return remedy('ease-as-allowed', { ease: family.narrowBy }, [
    { path: field('box.ease'), value: exact(family.narrowBy) },
  ]);
}

/** The height by hand away: the box is then as high as its bay allows. */
export function greatestHeight({ path }: BoxFacts): Remedy {
  return remedy('take-greatest-height', {}, [{ path: `${path}.boxHeight`, value: undefined }]);
}

/** The lock away: what is stored then holds the front as high as it must be. */
export function freeHeight({ path, drawer, bank }: BoxFacts): Remedy | undefined {
  if (drawer.height === undefined || bank.division.scheme === 'manual') return undefined;
  return remedy('free-height', {}, [{ path: `${path}.height`, value: undefined }]);
}

/** The front locked higher by what is missing; the others share what is left. */
export function higherFront({ path, at, tied, exact, drawer }: BoxFacts, by: Length): Remedy | undefined {
  const frontHeight = at('front.height')?.total;
  if (frontHeight === undefined || tied) return undefined;
  return remedy('raise-front', { by }, [
    { path: `${path}.height`, value: exact(add(frontHeight, by)) },
    // A box height by hand would stay as low as it is.
    ...(drawer.boxHeight === undefined ? [] : [{ path: `${path}.boxHeight`, value: undefined }]),
  ]);
}
