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
import { contentsDontFit, contentsTooWide } from './contents';
import { frontProud, frontTooLow, revealTooTight } from './fronts';
import type { Finding, Remedy, Say } from './finding';
import { grooveNearEdge, grooveTooDeep, hookInBottom, screwInGroove } from './grooves';
import { jointImpossible } from './joints';
import { bottomSags, bottomTooThin, loadOver } from './loads';
import { belowFloor, boreOffFront, boxOverFront, slideOffBox } from './placed';
import { setbackDeparts } from './setback';
import { smallPart } from './small-part';
import { wideDrawer } from './wide-drawer';

const RECESS_TOLERANCE = millimetres(1);

const RULES: readonly BoxRule[] = [
  depthTooShort,
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
  slideOffBox,
  belowFloor,
  contentsTooTall,
  contentsTooWide,
  contentsDontFit,
  loadOver,
  bottomSags,
  wideDrawer,
  grooveTooDeep,
  grooveNearEdge,
  screwInGroove,
  frontTooLow,
  boreOffFront,
  boxOverFront,
  frontProud,
  revealTooTight,
  smallPart,
];

/** What one box, its slide and its front say. */
export function boxFindings(facts: BoxFacts, say: Say): readonly Finding[] {
  const found: Judgement[] = [];
  for (const rule of RULES) {
    const judgement = rule(facts, say);
    if (judgement) found.push(judgement);
  }
  for (const { what, size } of facts.vanished)
    found.push(stop('SIZE_IMPOSSIBLE', `the ${what} would come to ${say(size.total)}.`, [], size));
  return found.map((each) => ({
    ...each,
    drawer: facts.drawer.id,
    body: each.says,
    says: `Drawer ${facts.name}: ${each.says}`,
  }));
}

function stop(
  code: Finding['code'],
  says: string,
  remedies: readonly (Remedy | undefined)[],
  because?: Tally,
  step: Finding['step'] = 'boxes',
): Judgement {
  return judged({ code, severity: 'stop', step, says }, remedies, because);
}

function depthTooShort(facts: BoxFacts, say: Say): Judgement | undefined {
  const { fit, family, depth } = facts;
  if (fit.short <= 0) return undefined;
  const what =
    fit.nominal === undefined ? `no length of ${family.name} fits` : `a ${say(fit.nominal)} slide does not fit`;
  const says = `${what}; the depth of ${say(depth)} is ${say(fit.short)} short.`;
  return stop('DEPTH_TOO_SHORT', says, [longestThatFits(facts, say)], undefined, 'slides');
}

function sideTooThick(facts: BoxFacts, say: Say): Judgement | undefined {
  const { family, stock } = facts;
  if (family.maxSide === undefined || stock.sides.thickness <= family.maxSide) return undefined;
  const over = say(subtract(stock.sides.thickness, family.maxSide));
  const says = `${family.name} takes sides up to ${say(family.maxSide)}; ${stock.sides.name} is ${over} over.`;
  return stop('SIDE_TOO_THICK', says, [anotherFamily(facts)]);
}

function bottomNotAllowed(facts: BoxFacts): Judgement | undefined {
  const { family, stock } = facts;
  if (family.bottoms.includes(stock.box.bottomFit)) return undefined;
  const allowed = family.bottoms.map((fit) => BOTTOMS[fit].name.toLowerCase()).join(' or ');
  return stop(
    'BOTTOM_NOT_ALLOWED',
    `${family.name} wants a bottom ${allowed}.`,
    family.bottoms.map((fit) => fitAllowed(facts, fit)),
  );
}

function recessWrong(facts: BoxFacts, say: Say): Judgement | undefined {
  const { family, stock } = facts;
  if (family.recess === undefined) return undefined;
  const offset = BOTTOMS[stock.box.bottomFit].raised ? (stock.box.groove?.offset ?? nm(0)) : nm(0);
  if (Math.abs(offset - family.recess) <= RECESS_TOLERANCE) return undefined;
  const says = `${family.name} wants the bottom ${say(family.recess)} up; it is ${say(offset)} up.`;
  return stop('RECESS_WRONG', says, [raisedToRecess(facts, say)]);
}

function easeTooMuch(facts: BoxFacts, say: Say): Judgement | undefined {
  const { family, stock } = facts;
  const ease = stock.box.ease ?? nm(0);
  if (ease <= family.narrowBy) return undefined;
  const says = `an ease of ${say(ease)} makes the box too narrow; ${family.name} allows ${say(family.narrowBy)}.`;
  return stop('EASE_TOO_MUCH', says, [easeAllowed(facts, say)]);
}

function tooLow(facts: BoxFacts, say: Say): Judgement | undefined {
  const { family, height, stock } = facts;
  if (!height || height.height.total >= family.minBox) return undefined;
  const short = subtract(family.minBox, height.height.total);
  const says = `the box is ${say(short)} under the ${say(family.minBox)} that ${family.name} needs.`;
  const step = stock.box.heightStep;
  // With a height step the bay must allow the next whole one.
  const [allowed, needed] = step
    ? [downTo(height.greatest.total, step), upTo(family.minBox, step)]
    : [height.greatest.total, family.minBox];
  const free = allowed >= family.minBox ? greatestHeight(facts) : undefined;
  const missing = subtract(needed, height.greatest.total);
  return stop('BOX_TOO_LOW', says, [free ?? higherFront(facts, missing, say)], height.height, 'divide');
}

function tooHigh(facts: BoxFacts, say: Say): Judgement | undefined {
  const { height } = facts;
  if (!height?.over) return undefined;
  const { greatest, height: shown } = height;
  const stepped = shown.total < greatest.total ? `, the greatest in whole height steps,` : '';
  const says = `the box height given is ${say(height.over)} over the ${say(greatest.total)} the bay allows; ${say(shown.total)}${stepped} is shown.`;
  return stop('BOX_TOO_HIGH', says, [greatestHeight(facts)], height.greatest);
}

function contentsTooTall(facts: BoxFacts, say: Say): Judgement | undefined {
  const clearHeight = facts.at('inside.clearHeight');
  const [tallest] = [...(facts.drawer.contents ?? [])].sort((a, b) => b.height - a.height);
  if (!tallest || !clearHeight) return undefined;
  const short = subtract(add(tallest.height, OVER_CONTENTS), clearHeight.total);
  if (short <= 0) return undefined;
  const says = `${tallest.name} wants ${say(short)} more clear height, counting 1/4 in of air.`;
  return stop('CONTENTS_TOO_TALL', says, [freeHeight(facts), higherFront(facts, short, say)], clearHeight, 'divide');
}
