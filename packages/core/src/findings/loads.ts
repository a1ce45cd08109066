import { said } from '../words';
import { BOTTOMS } from '../box';
import type { Material } from '../job';
import { millimetres, minus, nm, plus, subtract, tally, type Length, ofFigure } from '../length';
import { totalLoad } from '../stability';
import { drawerSag, type Sag } from '../timber';
import { judged, type BoxFacts, type BoxRule } from './box-facts';
import { otherFamilies } from './box-remedies';
import { remedy, type Remedy } from './finding';

/** A pair loaded over this part of its rating is warned of. */
const FULL = 0.8;
/** A muntin's usual width. Common practice. */
const MUNTIN = millimetres(60);

/** Contents, box and front against the rating of the pair. */
export const loadOver: BoxRule = (facts) => {
  const { family, load } = facts;
  const total = totalLoad(load);
  if (total <= FULL * family.load_kg) return undefined;
  const over = total > family.load_kg;
  const finding = said('LOAD_OVER', {
    total,
    stored: load.contents ?? 0,
    box: load.box,
    front: load.front,
    share: total / family.load_kg,
    carries: family.load_kg,
    family: family.called,
  });
  const remedies = otherFamilies(facts, ({ load_kg }) => total <= FULL * load_kg);
  return judged({ ...finding, severity: over ? 'stop' : 'warn', step: 'slides' }, remedies);
};

export const bottomTooThin: BoxRule = (facts) => {
  const { family, stock } = facts;
  if (family.minBottom === undefined || stock.bottom.thickness >= family.minBottom) return undefined;
  const finding = said('BOTTOM_TOO_THIN', {
    bottom: stock.bottom.name,
    short: subtract(family.minBottom, stock.bottom.thickness),
    wanted: family.minBottom,
  });
  const thick = otherBottoms(facts, ({ thickness }) => thickness >= (family.minBottom ?? 0));
  const because = tally(
    plus('bottom-wanted', family.minBottom, ofFigure(family.id, 'minBottom')),
    minus('bottom', stock.bottom.thickness),
  );
  return judged({ ...finding, severity: 'warn', step: 'boxes' }, thick, because);
};

/** The bottom's sag at its centre, under what is stored or the published test load. */
export const bottomSags: BoxRule = (facts) => {
  const found = facts.sag;
  if (!found || found.sag <= found.limit) return undefined;
  const { sag, limit, withCreep } = found;
  const needed = nm(Math.ceil(facts.stock.bottom.thickness * Math.cbrt(sag / limit)));
  const finding = said('BOTTOM_SAGS', { sag, withCreep, most: limit, needed });
  const because = tally(plus('sag-in-middle', sag), minus('most-that-looks-right', limit));
  const remedies = [...stifferBottoms(facts), withMuntin(facts)];
  return judged({ ...finding, severity: 'warn', step: 'boxes' }, remedies, because);
};

/** What a remedy would change of a bottom. */
interface OtherBottom {
  readonly bottom?: Material;
  readonly muntin?: Length;
}

/** The sag with another bottom, or with a muntin; undefined while the inside is unknown. */
function sagWith({ at, stock, load }: BoxFacts, change: OtherBottom): Sag | undefined {
  const [width, length] = [at('inside.width')?.total, at('inside.length')?.total];
  if (width === undefined || length === undefined) return undefined;
  const material = change.bottom ?? stock.bottom;
  const muntin = change.muntin ?? stock.box.muntin?.width;
  return drawerSag({ material, inside: { width, length }, muntin, contents: load.contents });
}

function stifferBottoms(facts: BoxFacts): readonly Remedy[] {
  return otherBottoms(facts, (bottom) => {
    const found = sagWith(facts, { bottom });
    return found !== undefined && found.sag <= found.limit;
  });
}

/** The thinnest other material of the job that will do. */
function otherBottoms({ job, stock, field }: BoxFacts, willDo: (material: Material) => boolean): readonly Remedy[] {
  const [found] = job.materials
    .filter((each) => each.id !== stock.bottom.id && each.thickness > stock.bottom.thickness && willDo(each))
    .sort((a, b) => a.thickness - b.thickness);
  return found
    ? [remedy('make-bottom-of', { material: found.name }, [{ path: field('box.bottom'), value: found.id }])]
    : [];
}

/** A muntin, where a slide under the box is not in its way and half the span holds. */
function withMuntin(facts: BoxFacts): Remedy | undefined {
  const { stock, family, exact } = facts;
  const free = family.seat === 'side' || family.seat === 'corner' || family.runnerBelow;
  if (stock.box.muntin || !BOTTOMS[stock.box.bottomFit].raised || !free) return undefined;
  const halved = sagWith(facts, { muntin: MUNTIN });
  if (!halved || halved.sag > halved.limit) return undefined;
  return remedy('add-muntin', { width: MUNTIN }, [
    { path: muntinPath(facts), value: { material: stock.ends.id, width: exact(MUNTIN) } },
  ]);
}

/** With the bank's boxes where all of them can have one, else with the drawer's own. */
function muntinPath({ bank, field, path }: BoxFacts): string {
  const all = [bank.box.bottomFit, ...bank.drawers.map(({ box }) => box?.bottomFit ?? bank.box.bottomFit)];
  return all.every((fit) => BOTTOMS[fit].raised) ? field('box.muntin') : `${path}.box.muntin`;
}
