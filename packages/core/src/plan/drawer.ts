import { battenGroove, type Part, type PartCut } from '../box';
import {
  frameGroove,
  frameTongue,
  frameWork,
  lowestAbove,
  panelRabbet,
  pullBores,
  pullScrew,
  type Bore,
  type Pulled,
} from '../fronts';
import { railOf, type Pull } from '../job';
import {
  minus,
  negated,
  nm,
  plus,
  tally,
  unlessZero,
  type Length,
  type Source,
  type Tally,
  label,
  ofTable,
  ofDimension,
  ofField,
  ofFigure,
} from '../length';
import { slideLine } from '../mounting';
import { bracketHoles } from '../pullouts';
import { contentsWeight, partsWeight } from '../stability';
import { drawerSag, growth, movementOf } from '../timber';
import type { BoxPlan } from './box';
import type { FacePlan } from './face';
import type { BankFacts } from './facts';
import { passedByPull, pulledOf } from './fixing';
import { given } from './given';
import type { Making } from './making';
import type { DrawerDimensions, DrawerPlan } from './types';

export function planDrawer(facts: BankFacts, making: Making, box: BoxPlan, face: FacePlan): DrawerPlan {
  const { drawer, place, path, front, family, fit, material } = making;
  const held = facts.division.ok ? facts.division.held[place] : undefined;
  const height = facts.frontHeights[place];
  const pulled = height && pulledOf(facts, making, height);
  const dimensions = drawerDimensions(facts, making, box, pulled);
  const contents = contentsWeight(drawer);
  const sag = sagOf(making, box, contents);
  return {
    id: drawer.id,
    ...(drawer.name === undefined ? {} : { name: drawer.name }),
    place,
    path,
    dimensions,
    bottomFit: making.stock.box.bottomFit,
    frontThickness: front.thickness,
    frontMaterial: front.id,
    family,
    ...(fit.nominal === undefined ? {} : { nominal: fit.nominal }),
    ...(held ? { held } : {}),
    makeup: facts.division.ok && facts.division.makeups.includes(place),
    parts: [...box.parts, ...face.parts, ...madePulls(facts, making, pulled)],
    machining: [
      ...making.machining,
      ...battenCuts(making, dimensions),
      ...framedCuts(facts, making),
      ...gripCut(facts),
      ...bevelCut(facts, making),
    ],
    bores: pulled ? pullBores(pulled) : [],
    brackets: bracketsOf(facts, drawer.id, dimensions),
    ...(making.holes ? { holes: making.holes } : {}),
    load: {
      box: partsWeight(box.parts, material),
      front: partsWeight(face.parts, material),
      ...(contents === undefined ? {} : { contents }),
    },
    ...(sag ? { sag } : {}),
  };
}

function sagOf({ stock }: Making, { inside: { width, length } }: BoxPlan, contents: number | undefined) {
  if (!width || !length) return undefined;
  const inside = { width: width.total, length: length.total };
  return drawerSag({ material: stock.bottom, inside, muntin: stock.box.muntin?.width, contents });
}

/** What a solid front still gains in height to the wettest season; a framed one stands on its stiles and hardly moves. */
function growthOf({ bank, moistureRise }: BankFacts, { front }: Making, height: Tally | undefined): Tally | undefined {
  if (!height || front.kind !== 'solid' || bank.front.frame) return undefined;
  const { coefficient, species } = movementOf(front);
  return tally(
    plus(
      label('growth', { species: species.name, rise: moistureRise }),
      growth(height.total, coefficient, moistureRise),
      ofTable('species', species.id),
    ),
  );
}

/** Holes of its brackets; none of trays, or while a size is not known. */
function bracketsOf({ bank, path, opening }: BankFacts, drawer: string, of: DrawerDimensions): readonly Bore[] {
  const { 'front.width': width, 'front.height': height, 'front.bottomY': bottomY, 'box.width': box } = of;
  if (bank.front.mount === 'none' || !width || !height || !bottomY || !box) return [];
  const sizes = { width, height, bottomY, opening: opening.width.total, box: box.total };
  return bracketHoles({ front: bank.front, path: `${path}.front`, drawer, ...sizes });
}

/** Pulls that are made: one, or two where the front has two. */
function madePulls({ bank, path }: BankFacts, { material }: Making, pulled: Pulled | undefined): readonly Part[] {
  const pull = bank.front.pull;
  if (pull?.kind !== 'made' || !pull.made || !pulled) return [];
  const { made } = pull;
  const wood = material(made.material);
  const count = pullBores({ ...pulled, pull: withoutCentres(pull) }).length;
  const size = (name: 'length' | 'height'): Tally =>
    tally(
      plus(name === 'length' ? 'length' : 'height-of-pull', made[name], ofField(`${path}.front.pull.made.${name}`)),
    );
  const sizes = { length: size('length'), width: size('height') };
  return [{ role: 'pull', count, thickness: wood.thickness, material: wood.id, ...sizes }];
}

/** One bore a pull. */
function withoutCentres({ centres: _centres, ...pull }: Pull): Pull {
  return pull;
}

/** A grip cut out of the front, below its upper edge. */
function gripCut({ bank, path }: BankFacts): readonly PartCut[] {
  const { pull, frame } = bank.front;
  if (pull?.kind !== 'grip' || !pull.grip || frame) return [];
  const { width, height, radius, fromTop } = pull.grip;
  const size = (name: string, amount: Length): Tally =>
    tally(plus('grip', amount, ofField(`${path}.front.pull.grip.${name}`)));
  const more = {
    ...(radius === undefined ? {} : { radius: size('radius', radius) }),
    ...(fromTop === undefined ? {} : { up: size('fromTop', fromTop) }),
  };
  const sizes = { width: size('width', width), height: size('height', height), ...more };
  return [{ role: 'drawer-front', kind: 'grip', where: 'upper edge', sizes }];
}

/** The lower edge of a pull that is made, bevelled: so far in as its angle takes over its thickness, to the nanometre. */
function bevelCut({ bank, path }: BankFacts, { material }: Making): readonly PartCut[] {
  const { made, kind } = bank.front.pull ?? {};
  if (kind !== 'made' || made?.angle === undefined) return [];
  const reach = nm(Math.round(material(made.material).thickness * Math.tan((made.angle * Math.PI) / 180)));
  const depth = tally(plus('reach-of-bevel', reach, ofField(`${path}.front.pull.made.angle`)));
  return [{ role: 'pull', kind: 'bevel', where: 'lower edge', sizes: { depth } }];
}

/** Grooves, tongues and the panel's rabbet of a framed front. */
function framedCuts({ bank, path }: BankFacts, { front, panel }: Making): readonly PartCut[] {
  const { frame } = bank.front;
  if (!frame || !panel) return [];
  const of = { ...frame, wood: front.thickness, panel: panel.thickness, tongue: frame.groove };
  const work = frameWork({ ...of, path: `${path}.front.frame` });
  const groove = frameGroove(work);
  return [
    { role: 'stile', ...groove },
    { role: 'rail', ...groove },
    ...frameTongue(work).map((cut) => ({ role: 'rail' as const, ...cut })),
    ...panelRabbet(work).map((cut) => ({ role: 'panel' as const, ...cut })),
  ];
}

/** The batten's groove, on the slide's line. */
function battenCuts({ family }: Making, dimensions: DrawerDimensions): readonly PartCut[] {
  const depth = dimensions['runner.groove'];
  const [centre, bottom] = [dimensions['slide.centreY'], dimensions['box.bottomY']];
  if (!depth || !centre || !bottom) return [];
  const up = tally(plus('line-batten', centre.total), minus('lower-edge-box', bottom.total));
  return [battenGroove(family, depth, up)];
}

function drawerDimensions(
  facts: BankFacts,
  making: Making,
  box: BoxPlan,
  pulled: Pulled | undefined,
): DrawerDimensions {
  const { place, runners, screws, setback, travel } = making;
  const above = heightsInBay(facts, making, box);
  return given<{ [K in keyof DrawerDimensions]: Tally | undefined }>({
    'front.width': facts.frontWidth,
    'front.height': facts.frontHeights[place],
    'front.bottomY': facts.frontBottoms[place],
    'front.growth': growthOf(facts, making, facts.frontHeights[place]),
    'bay.bottomY': facts.bays[place]?.bottomY,
    'bay.height': facts.bays[place]?.height,
    'box.width': box.width,
    'box.length': box.length,
    'box.height': box.height?.height,
    'box.bottomY': above?.bottomY,
    'inside.width': box.inside.width,
    'inside.length': box.inside.length,
    'inside.clearHeight': above?.clearHeight,
    'inside.wallHeight': above?.wallHeight,
    'slide.setback': setback,
    'slide.travel': travel,
    'slide.hidden': hiddenOf(facts, making, box),
    'slide.centreY': above?.line?.centreY,
    'slide.lowerEdgeY': above?.line?.lowerEdgeY,
    'runner.left': runners.left,
    'runner.right': runners.right,
    'runner.thickness': runners.thickness,
    'runner.kicker': runners.kicker,
    'runner.groove': runners.groove,
    'screw.slide': screws.slide,
    'screw.front': screws.front,
    'screw.pull': pulled && pullScrew(pulled, passedByPull(facts, making, pulled), screws.throughEnd),
  });
}

/** What stays of the box under the top when it is out; less than nothing where it comes clear. */
function hiddenOf(facts: BankFacts, { drawer, setback, travel }: Making, { length }: BoxPlan): Tally | undefined {
  if (!travel || !length) return undefined;
  const of = (name: string): Source => ofDimension(name, drawer.id);
  return tally(
    plus('set-back', setback.total, of('slide.setback')),
    plus('box-length', length.total, of('box.length')),
    unlessZero(plus('overhang-top', facts.overhang, ofField(facts.overhangPath))),
    minus('comes-out', travel.total, of('slide.travel')),
  );
}

/** Everything that needs the bay and the box's height. */
function heightsInBay(facts: BankFacts, making: Making, box: BoxPlan) {
  const bay = facts.bays[making.place];
  if (!bay) return undefined;
  const { drawer, family, bottomFace } = making;
  const of = (dimension: string): Source => ofDimension(dimension, drawer.id);
  const bottomY = tally(
    plus('bottom-bay', bay.bottomY.total, of('bay.bottomY')),
    plus('clear-below', family.bottom, ofFigure(family.id, 'bottom')),
  );
  const clearHeight = clearHeightOf(facts, making, bottomY);
  if (!box.height) return { bottomY, clearHeight };
  const height = box.height.height;
  const wallHeight = tally(plus('box-height', height.total, of('box.height')), ...negated(bottomFace));
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
  return { bottomY, clearHeight, wallHeight, line };
}

/** From the bottom's upper face to the lowest thing above: rail, runner or box of the drawer above, or the opening's top. */
function clearHeightOf(facts: BankFacts, making: Making, boxBottom: Tally): Tally {
  const { drawer, place } = making;
  return tally(
    ...lowestThingAbove(facts, place),
    minus('lower-edge-box', boxBottom.total, ofDimension('box.bottomY', drawer.id)),
    ...negated(making.bottomFace),
  );
}

function lowestThingAbove(facts: BankFacts, place: number) {
  const { bank, path, makings, bays } = facts;
  const [above, bay] = [makings[place - 1], bays[place - 1]];
  if (!above || !bay) return [plus('height-opening', facts.opening.height.total, ofDimension('opening.height'))];
  const from: Source = ofDimension('bay.bottomY', above.drawer.id);
  const start = plus('bottom-bay-above', bay.bottomY.total, from);
  const rail = railOf(bank);
  if (rail > 0) return [start, minus('rail', rail, ofField(`${path}.rail`))];
  const lift = lowestAbove(above.family, false);
  return lift === 0 ? [start] : [start, plus('clear-below-box-above', lift, ofFigure(above.family.id, 'bottom'))];
}

/** Underside of the bottom above the box's lower edge: its upper face less its thickness. */
function undersideOf({ bottomFace, stock, paths }: Making): Tally {
  return tally(...bottomFace.terms, minus('bottom', stock.bottom.thickness, ofField(paths.thickness(stock.bottom))));
}
