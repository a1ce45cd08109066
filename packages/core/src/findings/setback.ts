import { said } from '../words';
import {
  millimetres,
  minus,
  nm,
  plus,
  smallest,
  subtract,
  tally,
  unlessZero,
  ZERO,
  type Length,
  ofField,
  ofDimension,
  ofFigure,
} from '../length';
import { judged, type BoxFacts, type BoxRule } from './box-facts';
import { lengthPath } from './box-remedies';
import { remedy, type Remedy } from './finding';

/** An overlay front this much off its box is packed or strains it. Common practice. */
const OFF = millimetres(1);

/**
 * A set-back marked by hand: with an overlay front the box stands off it; and behind, slide and room may no longer fit.
 * What it does to an inset front, FRONT_PROUD says.
 */
export const setbackDeparts: BoxRule = (facts) => {
  const { bank, bankPath, family, fit, depth, list } = facts;
  const setback = bank.mounting?.setback;
  if (setback === undefined || fit.nominal === undefined || fit.short > 0) return undefined;
  const own = remedy('use-own-setback', {}, [{ path: `${bankPath}.mounting.setback`, value: undefined }]);
  const wanted = tally(
    plus('set-back-by-hand', setback, ofField(`${bankPath}.mounting.setback`)),
    plus('length-slide', fit.nominal),
    unlessZero(plus('room-behind', list.rear)),
    minus('depth-opening', depth, ofDimension('opening.depth')),
  );
  const off = subtract(setback, family.setback);
  const stands = bank.front.mount === 'inset' || Math.abs(off) <= OFF;
  if (wanted.total > 0) {
    const finding = said('SETBACK_DEPARTS', { runsInto: wanted.total, marked: setback });
    return judged(
      { ...finding, severity: 'stop', step: 'slides' },
      [own, stands ? shorter(facts, wanted.total) : undefined],
      wanted,
    );
  }
  if (stands) return undefined;
  const finding = said('SETBACK_DEPARTS', { by: nm(Math.abs(off)), forward: off < 0 });
  const because = tally(
    plus('set-back-by-hand', setback, ofField(`${bankPath}.mounting.setback`)),
    minus('set-back-slide', family.setback, ofFigure(family.id, 'setback')),
  );
  return judged({ ...finding, severity: 'warn', step: 'slides' }, [own], because);
};

/** The longest slide that fits behind what is marked. */
function shorter(facts: BoxFacts, over: Length): Remedy | undefined {
  const { fit, list, exact } = facts;
  const room = subtract(fit.nominal ?? ZERO, over);
  const fitting = (list.list ?? [smallest([room, fit.nominal ?? ZERO])]).filter((each) => each > 0 && each <= room);
  if (fitting.length === 0) return undefined;
  const longest = nm(Math.max(...fitting));
  return remedy('use-shorter-slide', { length: longest }, [{ path: lengthPath(facts), value: exact(longest) }]);
}
