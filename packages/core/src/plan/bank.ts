import { depthBetween } from '../casework';
import { divide, makeupPlace, type CarriedLine, type Division, type DivisionProblem } from '../division';
import { bays, frontBottomsOf, frontHeightsOf, frontWidth, heightToShare, lap, leastHeights } from '../fronts';
import { type Job, drawerSettings, tieGroups, type Bank, type Drawer, type Line } from '../job';
import { type Length, nm, plus, type Tally, tally, ZERO } from '../length';
import {
  carriersOf,
  guidesOf,
  isBlocked,
  packings,
  spacers,
  stripsOf,
  type BehindFrame,
  type HungSlide,
} from '../mounting';
import { governOpening, type Opening } from '../opening';
import { takenBySlides } from '../slides';
import { moistureRise } from '../timber';
import { lookOver } from './bank-findings';
import { type BuildOuts, buildOutsOf } from './build-outs';
import { boxHeights, planBox, type BoxPlan } from './box';
import { planDrawer } from './drawer';
import { planFace, type FacePlan } from './face';
import type { BankFacts, Surroundings } from './facts';
import { prepare, type Making, type Workshop } from './making';
import { columnRun } from './runs';
import type { BankPlan, DrawerPlan } from './types';

/** One bank from its readings to its parts. */
export function planBank(around: Surroundings, bank: Bank, path: string): BankPlan {
  const { job, table } = around;
  const opening = openingOf(around, bank, path);
  const workshop = { job, table, bank, path, opening };
  const first = prepare(workshop);
  const share = heightToShare(bank, opening.height, path);
  const problem = problemOf(bank, share, needsOf(bank, path, first), around.levelOf);
  const gathered = gather(around, bank, path, opening, first, divided(bank, problem, around.levelOf));
  const makings = atTheirLevels(workshop, gathered);
  const facts = { ...gathered, makings };
  const { boxes, faces, drawers } = drawersOf(facts);
  const packing = packings(bank.opening.width, opening.width, path);
  const run = columnRun(facts, around.owner, around.casePath, drawers);
  const buildOut = buildOutsOf(job, bank, path, makings);
  const more = { ...(run ? { run } : {}), ...(buildOut ? { buildOut } : {}) };
  const worked = { around, facts, problem, share, boxes, faces, drawers, packing, ...more };
  return {
    id: bank.id,
    path,
    bank,
    opening,
    share,
    problem,
    drawers,
    spacers: hang(bank, drawers),
    ...more,
    carriers: carriersIn(job, facts, drawers, buildOut),
    packing,
    findings: lookOver(worked),
  };
}

/** All wood its slides are fixed to or run on. */
function carriersIn(job: Job, facts: BankFacts, drawers: readonly DrawerPlan[], stacks: BuildOuts | undefined) {
  const { bank, path, opening, makings } = facts;
  const behind: BehindFrame = {
    ...{ unit: job.unit, bank, path, depth: opening.depth },
    insetFront: bank.front.mount === 'inset' ? (makings[0]?.front.thickness ?? ZERO) : ZERO,
    drawers: makings.map(({ drawer, place, family, stock, runners }) => {
      const { dimensions } = drawers[place] as DrawerPlan;
      const bay = facts.bays[place];
      return {
        ...{ id: drawer.id, place, family, side: stock.sides.thickness },
        lowerEdge: dimensions['slide.lowerEdgeY'],
        bayTop: bay && tally(plus('bottom-bay', bay.bottomY.total), plus('bay', bay.height.total)),
        runner: runners.thickness?.total,
      };
    }),
  };
  const carried = makings.map(({ drawer, place, family, fit, runners }) => ({
    ...{ id: drawer.id, place, family, nominal: fit.nominal, runners },
    blocked: isBlocked(bank, family),
  }));
  const under = { unit: job.unit, depth: opening.depth, stacks, materials: job.materials };
  return [...carriersOf(under, carried), ...guidesOf(behind), ...stripsOf(behind)];
}

/** Each drawer with the depth of its own bay, where a planned bank is not as deep everywhere. */
function atTheirLevels(workshop: Workshop, { makings, bays: all }: BankFacts): readonly Making[] {
  const { depths } = workshop.bank;
  if (!depths || all.length === 0) return makings;
  const depthAt = (place: number): Length => {
    const bay = all[place];
    const from = bay?.bottomY.total ?? ZERO;
    return depthBetween(depths.whole, depths.steps, from, nm(from + (bay?.height.total ?? 0)));
  };
  return prepare({ ...workshop, depthAt });
}

/** Where the hung slides were measured between, they say how wide the opening is. */
function openingOf({ table }: Surroundings, bank: Bank, path: string): Opening {
  const familyOf = new Map(bank.drawers.map((drawer) => [drawer.id, drawerSettings(bank, drawer).slide.family]));
  return governOpening(bank, path, (drawer) => {
    const family = table.get(familyOf.get(drawer ?? '') ?? bank.slide.family);
    return family ? takenBySlides(family) : ZERO;
  });
}

function drawersOf(facts: BankFacts) {
  const { bank, path, makings } = facts;
  const heights = boxHeights(
    makings,
    facts.bays.map(({ height }) => height),
  );
  const boxes = makings.map((making, place) => planBox(making, heights[place]));
  const faces = makings.map((making, place) =>
    planFace(bank, path, making, facts.frontWidth, facts.frontHeights[place]),
  );
  const drawers = makings.map((making, place) =>
    planDrawer(facts, making, boxes[place] as BoxPlan, faces[place] as FacePlan),
  );
  return { boxes, faces, drawers };
}

/** What each drawer wants for what is stored in it. */
function needsOf(bank: Bank, path: string, makings: readonly Making[]): readonly (Tally | undefined)[] {
  const stored = makings.map(({ drawer, family, bottomFace }) => ({ drawer, family, bottomFace: bottomFace.total }));
  return leastHeights(bank, path, stored);
}

function problemOf(
  bank: Bank,
  share: Tally,
  sums: readonly (Tally | undefined)[],
  levelOf: Surroundings['levelOf'],
): DivisionProblem {
  const { scheme, step, ratio, increment, makeup } = bank.division;
  const needs = sums.map((sum) => sum?.total);
  const asked = (field: 'least' | 'most') =>
    bank.drawers.some((drawer) => drawer[field] !== undefined)
      ? bank.drawers.map((drawer) => drawer[field])
      : undefined;
  const [least, most, lines] = [asked('least'), asked('most'), linesOf(bank, levelOf)];
  const byContents = scheme === 'contents' ? contentsChoice(bank, needs) : {};
  return {
    total: share.total,
    choice: {
      scheme,
      ...(step === undefined ? {} : { step }),
      ...(ratio === undefined ? {} : { ratio }),
      ...byContents,
    },
    groups: tieGroups(bank.drawers),
    ...(increment === undefined ? {} : { increment }),
    makeup: makeupPlace(
      makeup,
      bank.drawers.map(({ id }) => id),
    ),
    needs,
    ...(least ? { least } : {}),
    ...(most ? { most } : {}),
    ...(lines.length > 0 ? { lines } : {}),
  };
}

/** What each drawer needs, stored things and stated least alike, and its part of the rest. */
function contentsChoice({ drawers }: Bank, needs: readonly (Length | undefined)[]) {
  return {
    needs: drawers.map(({ least = ZERO }, place) => nm(Math.max(least, needs[place] ?? 0))),
    shares: drawers.map(({ share }) => share),
  };
}

/** A line as what the fronts below its drawer come to: its height above the floor, the lap below it counted, less the gaps. */
function linesOf(bank: Bank, levelOf: Surroundings['levelOf']): readonly CarriedLine[] {
  const { front, drawers } = bank;
  return drawers.flatMap(({ line }, place) => {
    const y = line && heightOf(line, levelOf);
    if (y === undefined) return [];
    return { place, below: nm(y + lap(front, 'bottom') - (drawers.length - 1 - place) * front.gap) };
  });
}

function heightOf(line: Line, levelOf: Surroundings['levelOf']): Length | undefined {
  return line.y ?? levelOf(line.bank ?? '', line.drawer ?? '');
}

/** A line from a bank that has no heights can't be followed: the bank is not divided as if it were not there. */
function divided(bank: Bank, problem: DivisionProblem, levelOf: Surroundings['levelOf']): Division {
  const lost = bank.drawers.findIndex(({ line }: Drawer) => line && heightOf(line, levelOf) === undefined);
  return lost < 0 ? divide(problem) : { ok: false, fails: 'line', by: ZERO, place: lost };
}

function gather(
  { job, owner, casePath }: Surroundings,
  bank: Bank,
  path: string,
  opening: Opening,
  makings: readonly Making[],
  division: Division,
): BankFacts {
  const frontBottoms = division.ok ? frontBottomsOf(bank, path, division) : [];
  const bottoms = frontBottoms.map(({ total }) => total);
  return {
    bank,
    path,
    unit: job.unit,
    moistureRise: moistureRise(job.climate),
    overhang: owner.overhang ?? ZERO,
    overhangPath: `${casePath}.overhang`,
    opening,
    makings,
    division,
    frontWidth: frontWidth(bank, opening.width, path),
    frontHeights: division.ok ? frontHeightsOf(bank, path, division, needsOf(bank, path, makings)) : [],
    frontBottoms,
    bays: division.ok ? bays({ bank, path, height: opening.height, bottoms }) : [],
  };
}

function hang(bank: Bank, drawers: readonly DrawerPlan[]): readonly Tally[] {
  const slides = drawers.flatMap(({ id, family, dimensions }): HungSlide[] => {
    const lowerEdgeY = dimensions['slide.lowerEdgeY'];
    return lowerEdgeY ? [{ drawer: id, lowerEdgeY, family }] : [];
  });
  return slides.length === drawers.length ? spacers(slides, bank.mounting?.order ?? 'top-first') : [];
}
