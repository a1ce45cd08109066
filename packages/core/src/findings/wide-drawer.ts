import { said } from '../words';
import { minus, subtract, tally, nm, type Length } from '../length';
import type { SlideFamily } from '../slides';
import { judged, type BoxFacts, type BoxRule } from './box-facts';
import { longestThatFits, otherFamilies } from './box-remedies';

/** A drawer this much wider than long racks. */
const WIDE = 1.5;

/** Wider inside than its slide serves well, or so much wider than long that it racks. */
export const wideDrawer: BoxRule = (facts) => {
  const { family, at } = facts;
  const [width, length] = [at('inside.width'), at('box.length')];
  if (!width || !length) return undefined;
  const over = subtract(width.total, family.maxWidth);
  const racks = width.total > WIDE * length.total;
  if (over <= 0 && !racks) return undefined;
  const limit = over > 0 ? family.maxWidth : nm(Math.floor(WIDE * length.total));
  const finding = said('WIDE_DRAWER', {
    over: over > 0 ? over : undefined,
    width: width.total,
    length: length.total,
    family: family.called,
    most: family.maxWidth,
  });
  const because = tally(...width.terms, minus('widest-that-runs-true', limit));
  return judged({ ...finding, severity: 'warn', step: 'slides' }, remedies(facts, length.total), because);
};

function remedies(facts: BoxFacts, length: Length) {
  const serves = (family: SlideFamily): boolean => {
    const inside = insideWith(family, facts);
    return inside <= family.maxWidth && inside <= WIDE * length;
  };
  const { fit } = facts;
  const longest = facts.longest();
  const width = facts.at('inside.width')?.total ?? 0;
  const longer = longest === undefined || fit.nominal === undefined ? length : length + longest - fit.nominal;
  const lengthens = longer > length && width <= WIDE * longer && width <= facts.family.maxWidth;
  return [...otherFamilies(facts, serves), lengthens ? longestThatFits(facts) : undefined];
}

/** Inside width of the same drawer on another slide. */
function insideWith(family: SlideFamily, { openingWidth, stock }: BoxFacts): number {
  const sides = 2 * stock.sides.thickness;
  const ease = stock.box.ease ?? 0;
  if (family.basis === 'inside') return openingWidth - (family.insideDeduction ?? 0) - ease;
  return openingWidth - 2 * (family.side ?? 0) - sides - ease;
}
