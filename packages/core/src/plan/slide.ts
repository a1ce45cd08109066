import { minus, plus, tally, unlessZero, type Source } from '../length';
import { markedSetback, runnersOf } from '../mounting';
import { travelOf } from '../slides';
import type { BoxPlan, Making } from './box';
import type { BankFacts } from './facts';

function handSetback({ bank, path }: BankFacts) {
  const setback = bank.mounting?.setback;
  return setback === undefined ? undefined : { setback, path: `${path}.mounting.setback` };
}

/** How far it comes out, what stays under the top, its first hole, and the wood the shop makes for it. */
export function slideDimensions(facts: BankFacts, making: Making, box: BoxPlan) {
  const { drawer, family, fit, insetFront, paths, front } = making;
  const setback = markedSetback(family, insetFront, paths.thickness(front), handSetback(facts));
  const wood = runnersOf(family, facts.bank.buildOut, facts.path);
  const runners = {
    'runner.left': wood.left,
    'runner.right': wood.right,
    'runner.thickness': wood.thickness,
    'runner.kicker': wood.kicker,
    'runner.groove': wood.groove,
  };
  const dimensions = { ...runners, 'slide.setback': setback };
  if (fit.nominal === undefined || !box.length) return dimensions;
  const travel = travelOf(family, fit.nominal);
  const of = (name: string): Source => ({ kind: 'dimension', drawer: drawer.id, dimension: name });
  const hidden = tally(
    plus('set-back', setback.total, of('slide.setback')),
    plus('box length', box.length.total, of('box.length')),
    unlessZero(plus('overhang of the top', facts.overhang, { kind: 'field', path: facts.overhangPath })),
    minus('comes out', travel.total, of('slide.travel')),
  );
  return { ...dimensions, 'slide.travel': travel, 'slide.hidden': hidden };
}
