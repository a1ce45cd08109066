import { said } from '../words';
import {
  add,
  millimetres,
  minus,
  nm,
  plus,
  share,
  subtract,
  tally,
  type Length,
  type Tally,
  ofDimension,
} from '../length';
import { judged, type BoxFacts, type BoxRule } from './box-facts';
import { remedy, type Remedy } from './finding';

/** Nearer an edge a bore breaks out. Common practice. */
const NEAR_EDGE = millimetres(12);

/** A slide on the side whose height reaches past the box's, above or below. */
export const slideOffBox: BoxRule = (facts) => {
  const { family, at } = facts;
  const [centre, bottom, height] = [at('slide.centreY'), at('box.bottomY'), at('box.height')];
  if (family.seat !== 'side' || !centre || !bottom || !height) return undefined;
  const rise = subtract(centre.total, bottom.total);
  const half = share(family.profile, 2);
  const [under, over] = [subtract(half, rise), subtract(add(rise, half), height.total)];
  if (under <= 0 && over <= 0) return undefined;
  const about = { height: family.profile, by: under > over ? under : over, under: under > over };
  const because =
    under > over
      ? tally(plus('half-slide-height', half), minus('line-above-lower-edge', rise))
      : tally(plus('line-above-lower-edge', rise), plus('half-slide-height', half), minus('box-height', height.total));
  return judged(
    { ...said('SLIDE_OFF_BOX', about), severity: 'stop', step: 'fit' },
    [halfway(facts, height.total, half)],
    because,
  );
};

/** At half the box's height, where that is not so already and the box is high enough. */
function halfway({ bank, bankPath, family }: BoxFacts, height: Length, half: Length): Remedy | undefined {
  const now = bank.mounting?.rise ?? 'half';
  const middle = share(height, 2);
  if (now === 'half' || middle < half || height - middle < family.profile - half) return undefined;
  return remedy('set-slides-halfway', {}, [{ path: `${bankPath}.mounting.rise`, value: 'half' }]);
}

/** A pull's bore too near an edge of its front, or off it. */
export const boreOffFront: BoxRule = (facts) => {
  const { bores, at } = facts;
  const [width, height] = [at('front.width'), at('front.height')];
  if (!width || !height) return undefined;
  const edges = bores.flatMap(({ x, y }) => [
    { edge: 'left' as const, left: x, size: x.total },
    { edge: 'lower' as const, left: y, size: y.total },
    { edge: 'right' as const, left: x, size: subtract(width.total, x.total) },
    { edge: 'upper' as const, left: y, size: subtract(height.total, y.total) },
  ]);
  const [worst] = edges.filter(({ size }) => size < NEAR_EDGE).sort((a, b) => a.size - b.size);
  if (!worst) return undefined;
  const { edge, size } = worst;
  const about = { edge, left: size, past: size < 0 ? nm(-size) : undefined, wanted: NEAR_EDGE };
  const sideways = edge === 'left' || edge === 'right';
  const remedies = sideways ? [onePull(facts, width.total)] : [centred(facts, height.total)];
  return judged(
    { ...said('BORE_OFF_FRONT', about), severity: 'stop', step: 'fronts', holds: 'fronts' },
    remedies,
    worst.left,
  );
};

/** At the middle of the front's height, where there is room. */
function centred({ bank, bankPath }: BoxFacts, height: Length): Remedy | undefined {
  if (bank.front.pull?.school === 'centre' || share(height, 2) < NEAR_EDGE) return undefined;
  return remedy('centre-pulls', {}, [{ path: `${bankPath}.front.pull.school`, value: 'centre' }]);
}

/** One pull instead of two, where its bores stay on the front. */
function onePull({ bank, bankPath, bores }: BoxFacts, width: Length): Remedy | undefined {
  const { pull } = bank.front;
  const each = pull?.centres === undefined ? 1 : 2;
  if (!pull || bores.length <= each || width < (pull.centres ?? 0) + 2 * NEAR_EDGE) return undefined;
  return remedy('use-one-pull', {}, [{ path: `${bankPath}.front.pull.count`, value: 1 }]);
}

/** So much of a box beside its front is not seen. Common practice. */
const SEEN = millimetres(1);

/** A box that shows above or below its own front: an inset one, or one whose laps don't cover it. */
export const boxOverFront: BoxRule = (facts) => {
  const { at } = facts;
  const [bottom, height, frontBottom, front] = [
    at('box.bottomY'),
    at('box.height'),
    at('front.bottomY'),
    at('front.height'),
  ];
  if (!bottom || !height || !frontBottom || !front) return undefined;
  const of = (dimension: string) => ofDimension(dimension, facts.drawer.id);
  const over = tally(
    plus('lower-edge-box', bottom.total, of('box.bottomY')),
    plus('box-height', height.total, of('box.height')),
    minus('lower-edge-front', frontBottom.total, of('front.bottomY')),
    minus('height-front', front.total, of('front.height')),
  );
  const under = tally(
    plus('lower-edge-front', frontBottom.total, of('front.bottomY')),
    minus('lower-edge-box', bottom.total, of('box.bottomY')),
  );
  if (over.total <= SEEN && under.total <= SEEN) return undefined;
  const above = over.total > SEEN;
  const because = above ? over : under;
  const remedies = above ? [lowered(facts, height, over)] : [];
  const finding = said('BOX_OVER_FRONT', { by: because.total, above });
  return judged({ ...finding, severity: 'warn', step: 'boxes' }, remedies, because);
};

/** The box made as high as its front covers, where its slide takes so low a one. */
function lowered({ path, exact, family }: BoxFacts, height: Tally, over: Tally): Remedy | undefined {
  const covered = subtract(height.total, over.total);
  if (covered < family.minBox || covered <= 0) return undefined;
  return remedy('set-box-height', { height: covered }, [{ path: `${path}.boxHeight`, value: exact(covered) }]);
}

/** A slide under the opening's floor, or one that reaches over the slide below it: no spacer holds it. */
export const belowFloor: BoxRule = (facts) => {
  const { at, below } = facts;
  const edge = at('slide.lowerEdgeY');
  if (!edge) return undefined;
  const spacer = below
    ? tally(plus('lower-edge-slide', edge.total), minus('upper-edge-slide-below', below.upper))
    : edge;
  if (spacer.total >= 0) return undefined;
  const finding = said('BELOW_FLOOR', { by: nm(-spacer.total), slideBelow: below !== undefined });
  return judged({ ...finding, severity: 'stop', step: 'fit' }, [atHalf(facts)], spacer);
};

/** At half the box's height, where that stands clear. */
function atHalf({ at, below, bank, bankPath, family }: BoxFacts): Remedy | undefined {
  const [bottom, height] = [at('box.bottomY')?.total, at('box.height')?.total];
  const risen = family.seat === 'side' && (bank.mounting?.rise ?? 'half') !== 'half';
  if (bottom === undefined || height === undefined || !risen) return undefined;
  const edge = subtract(add(bottom, share(height, 2)), share(family.profile, 2));
  if (edge < (below?.atHalf ?? 0)) return undefined;
  return remedy('set-slides-halfway', {}, [{ path: `${bankPath}.mounting.rise`, value: 'half' }]);
}
