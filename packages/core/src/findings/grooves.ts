import { said } from '../words';
import { BOTTOMS, hookIntoBottom } from '../box';
import type { Material } from '../job';
import {
  add,
  inches,
  millimetres,
  minus,
  plus,
  share,
  subtract,
  tally,
  upTo,
  ZERO,
  type Length,
  plain,
  type PlainLabel,
  ofField,
} from '../length';
import { judged, type BoxFacts, type BoxRule } from './box-facts';
import { remedy, type Remedy } from './finding';

/** Wood wanted below a groove, and where a groove that is too near the edge is put instead. Common practice. */
const BELOW_GROOVE = millimetres(8);
const USUAL_OFFSET = { in: inches(3, 8), mm: millimetres(10) } as const;
/** From the bottom's upper face to the line of the slide's screws. Common practice. */
const OVER_BOTTOM = millimetres(6);

interface Groove {
  readonly what: PlainLabel;
  readonly depth: Length;
  readonly wood: Material;
  /** The field its depth comes from; none for a batten's, which the slide decides. */
  readonly field?: string;
}

/** A groove or dado over half the thickness of what it is cut in. */
export const grooveTooDeep: BoxRule = (facts) => {
  const deep = groovesOf(facts)
    .map((groove) => ({ ...groove, over: subtract(groove.depth, share(groove.wood.thickness, 2)) }))
    .find(({ over }) => over > 0);
  if (!deep) return undefined;
  const { what, depth, wood, field, over } = deep;
  const half = subtract(wood.thickness, share(wood.thickness, 2));
  const finding = said('GROOVE_TOO_DEEP', { groove: plain(what), depth, over, wood: wood.name });
  const remedies = field
    ? [remedy('set-groove-depth', { depth: half }, [{ path: facts.field(field), value: facts.exact(half) }])]
    : [];
  const because = tally(plus(what, depth), minus('half-thickness-it-is-cut-in', share(wood.thickness, 2)));
  return judged({ ...finding, severity: 'warn', step: 'boxes' }, remedies, because);
};

/** Every groove across a grain or along an edge: the bottom's, the tongues', the batten's; the thinnest wood first. */
function groovesOf({ stock, at }: BoxFacts): readonly Groove[] {
  const { box, sides, ends, back, frontCorner, backCorner } = stock;
  const row = BOTTOMS[box.bottomFit];
  const found: Groove[] = [];
  if (row.raised && box.groove) {
    const woods = [sides, ends, ...(row.underBack ? [] : [back])];
    const wood = woods.reduce((thin, each) => (each.thickness < thin.thickness ? each : thin));
    found.push({ what: 'groove-for-bottom', depth: box.groove.depth, wood, field: 'box.groove.depth' });
  }
  if (frontCorner.joint === 'tongue-dado')
    found.push({ what: 'dado', depth: frontCorner.depth ?? ZERO, wood: sides, field: 'box.corner.depth' });
  if (box.corner.back && backCorner.joint === 'tongue-dado')
    found.push({
      what: 'dado-at-back',
      depth: backCorner.depth ?? ZERO,
      wood: sides,
      field: 'box.corner.back.depth',
    });
  const batten = at('runner.groove');
  if (batten) found.push({ what: 'groove-for-batten', depth: batten.total, wood: sides });
  return found;
}

export const grooveNearEdge: BoxRule = (facts) => {
  const { stock, job, exact, field, family } = facts;
  const { groove, bottomFit } = stock.box;
  if (!groove || !BOTTOMS[bottomFit].raised || groove.offset >= BELOW_GROOVE) return undefined;
  const usual = family.recess ?? USUAL_OFFSET[job.unit];
  const finding = said('GROOVE_NEAR_EDGE', { left: groove.offset, wanted: BELOW_GROOVE });
  const because = tally(plus('groove-above-lower-edge', groove.offset, ofField(field('box.groove.offset'))));
  const raise = remedy('raise-groove', { to: usual }, [{ path: field('box.groove.offset'), value: exact(usual) }]);
  return judged({ ...finding, severity: 'warn', step: 'boxes' }, [raise], because);
};

/** Screws of a side slide that would run into the bottom or its groove. */
export const screwInGroove: BoxRule = (facts) => {
  const { family, stock, at, field } = facts;
  const [centre, bottom] = [at('slide.centreY'), at('box.bottomY')];
  if (!family.screws || family.seat !== 'side' || !centre || !bottom) return undefined;
  const offset = BOTTOMS[stock.box.bottomFit].raised ? (stock.box.groove?.offset ?? ZERO) : ZERO;
  const least = add(offset, stock.bottom.thickness, OVER_BOTTOM);
  const rise = subtract(centre.total, bottom.total);
  if (rise >= least) return undefined;
  const finding = said('SCREW_IN_GROOVE', { rise, wanted: least });
  const because = tally(
    plus('groove-above-lower-edge', offset, ofField(field('box.groove.offset'))),
    plus('bottom', stock.bottom.thickness),
    plus('clear-bottom', OVER_BOTTOM),
  );
  return judged({ ...finding, severity: 'warn', step: 'boxes' }, riseRemedies(facts, least), because);
};

function riseRemedies({ bankPath, at, exact, job }: BoxFacts, least: Length): readonly Remedy[] {
  const height = at('box.height')?.total ?? ZERO;
  const path = `${bankPath}.mounting.rise`;
  if (share(height, 2) >= least) return [remedy('set-slides-halfway', {}, [{ path, value: 'half' }])];
  const rise = upTo(least, job.unit === 'in' ? inches(1, 16) : millimetres(1));
  if (add(rise, OVER_BOTTOM) > height) return [];
  return [remedy('set-slides-up', { rise }, [{ path, value: exact(rise) }])];
}

/** A hook's bore that lands in a thick bottom instead of the back that stands on it. */
export const hookInBottom: BoxRule = ({ family, stock }) => {
  const into = hookIntoBottom(family, stock);
  if (into === undefined) return undefined;
  return judged({ ...said('HOOK_IN_BOTTOM', { into }), severity: 'warn', step: 'boxes' });
};
