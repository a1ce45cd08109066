import { said } from '../words';
import { lap } from '../fronts';
import { railOf, type Edge } from '../job';
import {
  inches,
  largest,
  millimetres,
  minus,
  nm,
  plus,
  share,
  subtract,
  tally,
  upTo,
  ZERO,
  type Length,
  ofField,
  ofFigure,
} from '../length';
import { growth, movementOf, moistureRise } from '../timber';
import { judged, type BoxFacts, type BoxRule } from './box-facts';
import { remedy, type Remedy } from './finding';

/** Lower fronts are hard to take hold of; above and below a pull this much is wanted. Common practice. */
const LOWEST = millimetres(60);
const BESIDE_PULL = millimetres(20);
/** An inset front this far out of flush shows. Common practice. */
const FLUSH = millimetres(0.8);
/** Gaps round fronts of sheet goods. */
const SHEET_GAP = millimetres(1.5);
const USUAL_SHEET_GAP = { in: inches(3, 32), mm: millimetres(2) } as const;

export const frontTooLow: BoxRule = (facts) => {
  const { at, bank, path, exact, drawer } = facts;
  const height = at('front.height');
  const pull = bank.front.pull?.height;
  const needed = pull === undefined ? LOWEST : largest([LOWEST, nm(pull + 2 * BESIDE_PULL)]);
  if (!height || height.total >= needed) return undefined;
  const short = subtract(needed, height.total);
  const finding = said('FRONT_TOO_LOW', { short, wanted: needed, ofPull: pull !== undefined });
  const locked = drawer.height !== undefined;
  const patches = [{ path: `${path}.${locked ? 'height' : 'least'}`, value: exact(needed) }];
  const remedies = facts.tied ? [] : [remedy('set-front-height', { height: needed, locked }, patches)];
  const because = tally(plus('wanted', needed), minus('front', height.total));
  return judged({ ...finding, severity: 'warn', step: 'divide' }, remedies, because);
};

/** A set-back marked by hand that leaves an inset front before or behind the case's edge. */
export const frontProud: BoxRule = ({ bank, bankPath, family, front }) => {
  const setback = bank.mounting?.setback;
  if (setback === undefined || bank.front.mount !== 'inset') return undefined;
  const off = subtract(setback, family.setback, front.thickness);
  if (Math.abs(off) <= FLUSH) return undefined;
  const finding = said('FRONT_PROUD', { by: nm(Math.abs(off)), sunk: off > 0 });
  const because = tally(
    plus('set-back-by-hand', setback, ofField(`${bankPath}.mounting.setback`)),
    minus('set-back-slide', family.setback, ofFigure(family.id, 'setback')),
    minus('drawer-front', front.thickness),
  );
  const own = remedy('use-own-setback', {}, [{ path: `${bankPath}.mounting.setback`, value: undefined }]);
  return judged({ ...finding, severity: 'warn', step: 'fronts' }, [own], because);
};

/** A gap beside a front. `extra` is what of the field's size is not gap. */
interface Reveal {
  readonly gap: Length;
  readonly field: 'gap' | Edge;
  /** Field = times × gap + extra. */
  readonly times: number;
  readonly extra: Length;
}

/** Solid fronts grow upward (fixed at their lower edge) into the gap above; sheet goods only want not to touch. */
export const revealTooTight: BoxRule = (facts) =>
  facts.front.kind === 'solid' ? solidTooTight(facts) : sheetTooTight(facts);

function solidTooTight(facts: BoxFacts) {
  const { job, front, at } = facts;
  const [height, growing, reveal] = [at('front.height'), at('front.growth'), revealAbove(facts)];
  if (!height || !growing || !reveal || reveal.gap >= growing.total) return undefined;
  const grows = growing.total;
  const { species, listed } = movementOf(front);
  const rise = moistureRise(job.climate);
  const wood = listed ? species.name : front.name;
  const finding = said('REVEAL_TOO_TIGHT', { of: 'solid', wood, listed, grows, rise, gap: reveal.gap });
  const because = tally(...growing.terms, minus('gap-above', reveal.gap));
  const remedies = [widened(facts, reveal, grows), quarterSawn(facts, reveal.gap, height.total)];
  return judged({ ...finding, severity: 'warn', step: 'fronts' }, remedies, because);
}

function sheetTooTight(facts: BoxFacts) {
  const reveals = [revealAbove(facts), ...insetReveals(facts)].filter((each): each is Reveal => each !== undefined);
  const [tight] = reveals.filter(({ gap }) => gap < SHEET_GAP).sort((a, b) => a.gap - b.gap);
  if (!tight) return undefined;
  const about = { of: 'sheet', edge: tight.field, gap: tight.gap, wanted: SHEET_GAP } as const;
  const because = tally(plus('gap', tight.gap));
  const wider = widened(facts, tight, USUAL_SHEET_GAP[facts.job.unit]);
  return judged({ ...said('REVEAL_TOO_TIGHT', about), severity: 'warn', step: 'fronts' }, [wider], because);
}

/** The gaps of an inset front to the case at its sides, and below the bottom one. */
function insetReveals({ bank, place }: BoxFacts): readonly Reveal[] {
  const { front, drawers } = bank;
  if (front.mount !== 'inset') return [];
  const edges = place === drawers.length - 1 ? (['left', 'right', 'bottom'] as const) : (['left', 'right'] as const);
  return edges.map((field) => ({ gap: front[field], field, times: 1, extra: ZERO }));
}

/** Between inset fronts a rail stands in the gap and leaves half of the rest above each. */
function revealAbove({ bank, place }: BoxFacts): Reveal | undefined {
  const { front } = bank;
  const inset = front.mount === 'inset';
  if (place === 0) return inset ? { gap: nm(-lap(front, 'top')), field: 'top', times: 1, extra: ZERO } : undefined;
  const rail = railOf(bank);
  if (!inset || rail === 0) return { gap: front.gap, field: 'gap', times: 1, extra: ZERO };
  return { gap: share(subtract(front.gap, rail), 2), field: 'gap', times: 2, extra: rail };
}

function widened({ bankPath, exact, job }: BoxFacts, reveal: Reveal, least: Length): Remedy {
  const gap = upTo(least, job.unit === 'in' ? inches(1, 64) : millimetres(0.5));
  const size = nm(reveal.times * gap + reveal.extra);
  return remedy('set-gap', { gap }, [{ path: `${bankPath}.front.${reveal.field}`, value: exact(size) }]);
}

/** The same wood quarter-sawn, where that moves little enough. */
function quarterSawn({ job, front }: BoxFacts, gap: Length, height: Length): Remedy | undefined {
  if (front.cut === 'quarter-sawn') return undefined;
  const { species } = movementOf(front);
  if (growth(height, species.radial, moistureRise(job.climate)) > gap) return undefined;
  const path = `materials[${job.materials.indexOf(front)}].cut`;
  return remedy('use-quarter-sawn', {}, [{ path, value: 'quarter-sawn' }]);
}
