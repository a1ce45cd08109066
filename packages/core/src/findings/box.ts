import { BOTTOMS } from '../box';
import { OVER_CONTENTS } from '../fronts';
import { add, downTo, millimetres, nm, subtract, upTo, type Tally } from '../length';
import { judged, type BoxFacts, type BoxRule, type Judgement } from './box-facts';
import {
  anotherFamily,
  easeAllowed,
  fitAllowed,
  freeHeight,
  greatestHeight,
  higherFront,
  longestThatFits,
  raisedToRecess,
} from './box-remedies';
import { boxLengthWrong, slideCutDown, stockTooHigh } from './box-lengths';
import { contentsDontFit, contentsTooWide } from './contents';
import { filesTooNarrow } from './files';
import { frontWallThin } from './frame-walls';
import { frontProud, frontTooLow, revealTooTight } from './fronts';
import { calledDrawer, type Finding, type Remedy } from './finding';
import { grooveNearEdge, grooveTooDeep, hookInBottom, screwInGroove } from './grooves';
import { jointImpossible } from './joints';
import { bottomSags, bottomTooThin, loadOver } from './loads';
import { belowFloor, boreOffFront, boxOverFront, slideOffBox } from './placed';
import { setbackDeparts } from './setback';
import { smallPart } from './small-part';
import { wideDrawer } from './wide-drawer';
import { said } from '../words';

const RECESS_TOLERANCE = millimetres(1);

const RULES: readonly BoxRule[] = [
  depthTooShort,
  boxLengthWrong,
  slideCutDown,
  setbackDeparts,
  jointImpossible,
  sideTooThick,
  bottomNotAllowed,
  recessWrong,
  bottomTooThin,
  hookInBottom,
  easeTooMuch,
  tooLow,
  tooHigh,
  stockTooHigh,
  slideOffBox,
  belowFloor,
  contentsTooTall,
  contentsTooWide,
  filesTooNarrow,
  contentsDontFit,
  loadOver,
  bottomSags,
  wideDrawer,
  grooveTooDeep,
  grooveNearEdge,
  screwInGroove,
  frontTooLow,
  frontWallThin,
  boreOffFront,
  boxOverFront,
  frontProud,
  revealTooTight,
  smallPart,
];

/** What is said of fronts: trays have none. */
const OF_FRONTS: ReadonlySet<BoxRule> = new Set([frontTooLow, boreOffFront, boxOverFront, frontProud, revealTooTight]);

/** What one box, its slide and its front say. */
export function boxFindings(facts: BoxFacts): readonly Finding[] {
  const found: Judgement[] = [];
  for (const rule of RULES) {
    if (facts.bank.front.mount === 'none' && OF_FRONTS.has(rule)) continue;
    const judgement = rule(facts);
    if (judgement) found.push(judgement);
  }
  for (const { what, size } of facts.vanished)
    found.push(stop(said('SIZE_IMPOSSIBLE', { what, size: size.total }), [], size));
  const called = calledDrawer(facts.drawer, facts.place);
  return found.map((each) => ({ ...each, drawer: facts.drawer.id, called }));
}

function stop(
  finding: Pick<Finding, 'code' | 'params'>,
  remedies: readonly (Remedy | undefined)[],
  because?: Tally,
  step: Finding['step'] = 'boxes',
): Judgement {
  return judged({ ...finding, severity: 'stop', step }, remedies, because);
}

function depthTooShort(facts: BoxFacts): Judgement | undefined {
  const { fit, family, depth } = facts;
  if (fit.short <= 0) return undefined;
  const finding = said('DEPTH_TOO_SHORT', { family: family.called, nominal: fit.nominal, depth, short: fit.short });
  return stop(finding, [longestThatFits(facts)], undefined, 'slides');
}

function sideTooThick(facts: BoxFacts): Judgement | undefined {
  const { family, stock } = facts;
  if (family.maxSide === undefined || stock.sides.thickness <= family.maxSide) return undefined;
  const over = subtract(stock.sides.thickness, family.maxSide);
  const about = { family: family.called, most: family.maxSide, wood: stock.sides.name, over };
  return stop(said('SIDE_TOO_THICK', about), [anotherFamily(facts)]);
}

function bottomNotAllowed(facts: BoxFacts): Judgement | undefined {
  const { family, stock } = facts;
  if (family.bottoms.includes(stock.box.bottomFit)) return undefined;
  const fits = family.bottoms.map((fit) => said(`bottom-fit/${fit}`));
  return stop(
    said('BOTTOM_NOT_ALLOWED', { family: family.called, fits }),
    family.bottoms.map((fit) => fitAllowed(facts, fit)),
  );
}

function recessWrong(facts: BoxFacts): Judgement | undefined {
  const { family, stock } = facts;
  if (family.recess === undefined) return undefined;
  const offset = BOTTOMS[stock.box.bottomFit].raised ? (stock.box.groove?.offset ?? nm(0)) : nm(0);
  if (Math.abs(offset - family.recess) <= RECESS_TOLERANCE) return undefined;
  const finding = said('RECESS_WRONG', { family: family.called, wanted: family.recess, offset });
  return stop(finding, [raisedToRecess(facts)]);
}

function easeTooMuch(facts: BoxFacts): Judgement | undefined {
  const { family, stock } = facts;
  const ease = stock.box.ease ?? nm(0);
  if (ease <= family.narrowBy) return undefined;
  const finding = said('EASE_TOO_MUCH', { ease, family: family.called, most: family.narrowBy });
  return stop(finding, [easeAllowed(facts)]);
}

function tooLow(facts: BoxFacts): Judgement | undefined {
  const { family, height, stock } = facts;
  if (!height || height.height.total >= family.minBox) return undefined;
  const short = subtract(family.minBox, height.height.total);
  const finding = said('BOX_TOO_LOW', { short, least: family.minBox, family: family.called });
  const step = stock.box.heightStep;
  // With a height step the bay must allow the next whole one.
  const [allowed, needed] = step
    ? [downTo(height.greatest.total, step), upTo(family.minBox, step)]
    : [height.greatest.total, family.minBox];
  const free = allowed >= family.minBox ? greatestHeight(facts) : undefined;
  const missing = subtract(needed, height.greatest.total);
  return stop(finding, [free ?? higherFront(facts, missing)], height.height, 'divide');
}

function tooHigh(facts: BoxFacts): Judgement | undefined {
  const { height } = facts;
  if (!height?.over) return undefined;
  const [most, shown] = [height.greatest.total, height.height.total];
  const finding = said('BOX_TOO_HIGH', { over: height.over, most, shown, stepped: shown < most });
  return stop(finding, [greatestHeight(facts)], height.greatest);
}

function contentsTooTall(facts: BoxFacts): Judgement | undefined {
  const clearHeight = facts.at('inside.clearHeight');
  const [tallest] = [...(facts.drawer.contents ?? [])].sort((a, b) => b.height - a.height);
  if (!tallest || !clearHeight) return undefined;
  const short = subtract(add(tallest.height, OVER_CONTENTS), clearHeight.total);
  if (short <= 0) return undefined;
  const finding = said('CONTENTS_TOO_TALL', { thing: tallest.name, short, air: OVER_CONTENTS });
  return stop(finding, [freeHeight(facts), higherFront(facts, short)], clearHeight, 'divide');
}
