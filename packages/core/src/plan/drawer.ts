import { machining } from '../box';
import { lowestAbove, pullBores, type Pulled } from '../fronts';
import { railOf } from '../job';
import { minus, nm, plus, tally, type Source, type Tally } from '../length';
import { caseHoles, slideLine } from '../mounting';
import { contentsWeight, partsWeight } from '../stability';
import type { BoxPlan, Making } from './box';
import type { FacePlan } from './face';
import type { BankFacts } from './facts';
import { given } from './given';
import { pulledOf, screwLengths } from './fixing';
import { slideDimensions } from './slide';
import type { DrawerDimensions, DrawerPlan } from './types';

export function planDrawer(facts: BankFacts, making: Making, box: BoxPlan, face: FacePlan): DrawerPlan {
  const { drawer, place, path, front, family, fit, material, stock } = making;
  const held = facts.division.ok ? facts.division.held[place] : undefined;
  const height = facts.frontHeights[place];
  const pulled = height && pulledOf(facts, making, height);
  const dimensions = drawerDimensions(facts, making, box, pulled);
  const setback = dimensions['slide.setback'];
  const { insetFront, paths } = making;
  const holes =
    setback && fit.nominal !== undefined
      ? caseHoles(family, insetFront, paths.thickness(front), setback, fit.nominal)
      : undefined;
  const contents = contentsWeight(drawer);
  return {
    id: drawer.id,
    ...(drawer.name === undefined ? {} : { name: drawer.name }),
    place,
    path,
    dimensions,
    frontThickness: front.thickness,
    frontMaterial: front.id,
    family,
    ...(fit.nominal === undefined ? {} : { nominal: fit.nominal }),
    ...(held ? { held } : {}),
    makeup: facts.division.ok && facts.division.makeups.includes(place),
    parts: [...box.parts, ...face.parts],
    machining: machining({ stock, family, paths, ...battenOf(dimensions) }),
    bores: pulled ? pullBores(pulled) : [],
    ...(holes ? { holes } : {}),
    load: {
      box: partsWeight(box.parts, material),
      front: partsWeight(face.parts, material),
      ...(contents === undefined ? {} : { contents }),
    },
  };
}

/** The batten's groove and its line above the box's lower edge. */
function battenOf(dimensions: DrawerDimensions) {
  const [depth, centre, bottom] = [dimensions['runner.groove'], dimensions['slide.centreY'], dimensions['box.bottomY']];
  if (!depth || !centre || !bottom) return {};
  const up = tally(plus('line of the batten', centre.total), minus('lower edge of the box', bottom.total));
  return { batten: { depth, up } };
}

function drawerDimensions(
  facts: BankFacts,
  making: Making,
  box: BoxPlan,
  pulled: Pulled | undefined,
): DrawerDimensions {
  const { place } = making;
  return given({
    'front.width': facts.frontWidth,
    'front.height': facts.frontHeights[place],
    'front.bottomY': facts.frontBottoms[place],
    'bay.bottomY': facts.bays[place]?.bottomY,
    'bay.height': facts.bays[place]?.height,
    'box.width': box.width,
    'box.length': box.length,
    'box.height': box.height?.height,
    'inside.width': box.inside.width,
    'inside.length': box.inside.length,
    ...slideDimensions(facts, making, box),
    ...heightsInBay(facts, making, box),
    ...screwLengths(making, pulled),
  });
}

/** Everything that needs the bay and the box's height. */
function heightsInBay(facts: BankFacts, making: Making, box: BoxPlan): DrawerDimensions {
  const bay = facts.bays[making.place];
  if (!bay) return {};
  const { drawer, family, bottomFace } = making;
  const of = (dimension: string): Source => ({ kind: 'dimension', drawer: drawer.id, dimension });
  const bottomY = tally(
    plus('bottom of the bay', bay.bottomY.total, of('bay.bottomY')),
    plus('clear below', family.bottom, { kind: 'figure', family: family.id, figure: 'bottom' }),
  );
  const clearHeight = clearHeightOf(facts, making, bottomY);
  const base = { 'box.bottomY': bottomY, 'inside.clearHeight': clearHeight };
  if (!box.height) return base;
  const height = box.height.height;
  const wallHeight = tally(plus('box height', height.total, of('box.height')), ...negated(bottomFace));
  const line = slideLine({
    drawer: drawer.id,
    family,
    rise: facts.bank.mounting?.rise ?? 'half',
    risePath: `${facts.path}.mounting.rise`,
    boxBottom: bottomY,
    boxHeight: height,
    bayBottom: bay.bottomY,
    underside: undersideOf(making),
  });
  return {
    ...base,
    'inside.wallHeight': wallHeight,
    'slide.centreY': line.centreY,
    'slide.lowerEdgeY': line.lowerEdgeY,
  };
}

/** From the bottom's upper face to the lowest thing above: rail, runner or box of the drawer above, or the opening's top. */
function clearHeightOf(facts: BankFacts, making: Making, boxBottom: Tally): Tally {
  const { drawer, place } = making;
  return tally(
    ...lowestThingAbove(facts, place),
    minus('lower edge of the box', boxBottom.total, { kind: 'dimension', drawer: drawer.id, dimension: 'box.bottomY' }),
    ...negated(making.bottomFace),
  );
}

function lowestThingAbove(facts: BankFacts, place: number) {
  const { bank, path, makings, bays } = facts;
  const [above, bay] = [makings[place - 1], bays[place - 1]];
  if (!above || !bay)
    return [
      plus('height of the opening', facts.opening.height.total, {
        kind: 'dimension',
        dimension: 'opening.height',
      } as const),
    ];
  const from: Source = { kind: 'dimension', drawer: above.drawer.id, dimension: 'bay.bottomY' };
  const start = plus('bottom of the bay above', bay.bottomY.total, from);
  const rail = railOf(bank);
  if (rail > 0) return [start, minus('rail', rail, { kind: 'field', path: `${path}.rail` })];
  const lift = lowestAbove(above.family, false);
  return lift === 0
    ? [start]
    : [start, plus('clear below the box above', lift, { kind: 'figure', family: above.family.id, figure: 'bottom' })];
}

function negated({ terms }: Tally) {
  return terms.map((term) => ({ ...term, amount: nm(-term.amount) }));
}

/** Underside of the bottom above the box's lower edge: its upper face less its thickness. */
function undersideOf({ bottomFace, stock, paths }: Making): Tally {
  return tally(
    ...bottomFace.terms,
    minus('bottom', stock.bottom.thickness, { kind: 'field', path: paths.thickness(stock.bottom) }),
  );
}
