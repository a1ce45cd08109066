import type { BoxHeight, BoxStock } from '../box';
import { BOTTOMS } from '../box';
import { add, millimetres, nm, subtract, type Length, type Tally } from '../length';
import { OVER_CONTENTS } from '../fronts';
import type { Fit, SlideFamily } from '../slides';
import { present, type Finding, type FindingCode, type Say, type Severity, type Step } from './finding';

/** One box as its findings need it. */
export interface BoxFacts {
  readonly drawer: string;
  /** How the drawer is called in a sentence. */
  readonly name: string;
  readonly family: SlideFamily;
  readonly stock: BoxStock;
  readonly fit: Fit;
  readonly depth: Length;
  readonly height?: BoxHeight;
  readonly clearHeight?: Tally;
  readonly tallest?: { readonly name: string; readonly height: Length };
  /** Dimensions and parts that came to nothing or less. */
  readonly vanished: readonly { readonly what: string; readonly size: Tally }[];
}

const RECESS_TOLERANCE = millimetres(1);

/** What one box and its slide say. */
export function boxFindings(facts: BoxFacts, say: Say): readonly Finding[] {
  return [
    ...present(depthTooShort(facts, say), sideTooThick(facts, say), bottomNotAllowed(facts), recessWrong(facts, say)),
    ...present(easeTooMuch(facts, say), tooLow(facts, say), tooHigh(facts, say), contentsTooTall(facts, say)),
    ...facts.vanished.map(({ what, size }) =>
      finding(facts, 'SIZE_IMPOSSIBLE', 'stop', 'boxes', `The ${what} would come to ${say(size.total)}.`, size),
    ),
  ];
}

function finding(
  { drawer, name }: BoxFacts,
  code: FindingCode,
  severity: Severity,
  step: Step,
  says: string,
  because?: Tally,
): Finding {
  const sentence = `Drawer ${name}: ${says.charAt(0).toLowerCase()}${says.slice(1)}`;
  return { code, severity, step, drawer, says: sentence, ...(because ? { because } : {}) };
}

function depthTooShort(facts: BoxFacts, say: Say): Finding | undefined {
  const { fit, family, depth } = facts;
  if (fit.short <= 0) return undefined;
  const what =
    fit.nominal === undefined ? `no length of ${family.name} fits` : `a ${say(fit.nominal)} slide does not fit`;
  return finding(
    facts,
    'DEPTH_TOO_SHORT',
    'stop',
    'boxes',
    `${what}; the depth of ${say(depth)} is ${say(fit.short)} short.`,
  );
}

function sideTooThick(facts: BoxFacts, say: Say): Finding | undefined {
  const { family, stock } = facts;
  if (family.maxSide === undefined || stock.sides.thickness <= family.maxSide) return undefined;
  const over = say(subtract(stock.sides.thickness, family.maxSide));
  return finding(
    facts,
    'SIDE_TOO_THICK',
    'stop',
    'boxes',
    `${family.name} takes sides up to ${say(family.maxSide)}; ${stock.sides.name} is ${over} over.`,
  );
}

function bottomNotAllowed(facts: BoxFacts): Finding | undefined {
  const { family, stock } = facts;
  if (family.bottoms.includes(stock.box.bottomFit)) return undefined;
  const allowed = family.bottoms.map((fit) => BOTTOMS[fit].name.toLowerCase()).join(' or ');
  return finding(facts, 'BOTTOM_NOT_ALLOWED', 'stop', 'boxes', `${family.name} wants a bottom ${allowed}.`);
}

function recessWrong(facts: BoxFacts, say: Say): Finding | undefined {
  const { family, stock } = facts;
  if (family.recess === undefined) return undefined;
  const offset = BOTTOMS[stock.box.bottomFit].raised ? (stock.box.groove?.offset ?? nm(0)) : nm(0);
  if (Math.abs(offset - family.recess) <= RECESS_TOLERANCE) return undefined;
  return finding(
    facts,
    'RECESS_WRONG',
    'stop',
    'boxes',
    `${family.name} wants the bottom ${say(family.recess)} up; it is ${say(offset)} up.`,
  );
}

function easeTooMuch(facts: BoxFacts, say: Say): Finding | undefined {
  const { family, stock } = facts;
  const ease = stock.box.ease ?? nm(0);
  if (ease <= family.narrowBy) return undefined;
  return finding(
    facts,
    'EASE_TOO_MUCH',
    'stop',
    'boxes',
    `an ease of ${say(ease)} makes the box too narrow; ${family.name} allows ${say(family.narrowBy)}.`,
  );
}

function tooLow(facts: BoxFacts, say: Say): Finding | undefined {
  const { family, height } = facts;
  if (!height || height.height.total >= family.minBox) return undefined;
  const short = say(subtract(family.minBox, height.height.total));
  return finding(
    facts,
    'BOX_TOO_LOW',
    'stop',
    'divide',
    `the box is ${short} under the ${say(family.minBox)} that ${family.name} needs.`,
    height.height,
  );
}

function tooHigh(facts: BoxFacts, say: Say): Finding | undefined {
  const { height } = facts;
  if (!height?.over) return undefined;
  return finding(
    facts,
    'BOX_TOO_HIGH',
    'stop',
    'boxes',
    `the box height given is ${say(height.over)} over what the bay allows; the greatest is shown.`,
    height.greatest,
  );
}

function contentsTooTall(facts: BoxFacts, say: Say): Finding | undefined {
  const { tallest, clearHeight } = facts;
  if (!tallest || !clearHeight) return undefined;
  const short = subtract(add(tallest.height, OVER_CONTENTS), clearHeight.total);
  if (short <= 0) return undefined;
  return finding(
    facts,
    'CONTENTS_TOO_TALL',
    'stop',
    'divide',
    `${tallest.name} wants ${say(short)} more clear height, counting 1/4 in of air.`,
    clearHeight,
  );
}
