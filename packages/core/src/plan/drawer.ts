import type { Division } from '../division';
import { lowestAbove, type Bay } from '../fronts';
import { railOf, type Bank } from '../job';
import { minus, nm, plus, tally, type Source, type Tally } from '../length';
import { markedSetback, slideLine } from '../mounting';
import type { Opening } from '../opening';
import type { BoxPlan, Making } from './box';
import { faceOf } from './face';
import type { DrawerDimensions, DrawerPlan } from './types';

/** What is known of a bank when its drawers are worked out one by one. */
export interface BankFacts {
  readonly bank: Bank;
  readonly path: string;
  readonly opening: Opening;
  readonly frontWidth: Tally;
  readonly makings: readonly Making[];
  readonly division: Division;
  /** By place; empty when the height could not be divided. */
  readonly frontHeights: readonly Tally[];
  readonly frontBottoms: readonly Tally[];
  readonly bays: readonly Bay[];
}

export function planDrawer(facts: BankFacts, making: Making, box: BoxPlan): DrawerPlan {
  const { drawer, place, path, front, family, fit } = making;
  const held = facts.division.ok ? facts.division.held[place] : undefined;
  const dimensions = drawerDimensions(facts, making, box);
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
    makeup: facts.division.ok && facts.division.makeup === place,
    parts: [...box.parts, faceOf(front, dimensions)],
  };
}

function drawerDimensions(facts: BankFacts, making: Making, box: BoxPlan): DrawerDimensions {
  const { place, insetFront, family, paths } = making;
  const frontPath = paths.thickness(making.front);
  const found: Partial<Record<keyof DrawerDimensions, Tally | undefined>> = {
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
    'slide.setback': markedSetback(family, insetFront, frontPath),
    ...heightsInBay(facts, making, box),
  };
  return Object.fromEntries(Object.entries(found).filter(([, value]) => value !== undefined)) as DrawerDimensions;
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
