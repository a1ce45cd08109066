import { divide, makeupPlace, type Division, type DivisionProblem } from '../division';
import {
  boxFindings,
  buildOutMissing,
  divisionImpossible,
  divisionReversed,
  drawerName,
  openingFindings,
  present,
} from '../findings';
import type { Exact, Finding, Say } from '../findings';
import { bays, frontBottomsOf, frontHeightsOf, frontWidth, heightToShare, leastHeights } from '../fronts';
import { tieGroups, type Bank, type Case, type Job } from '../job';
import type { Tally } from '../length';
import { spacers, type HungSlide } from '../mounting';
import { governOpening, type Opening } from '../opening';
import { fitSlide, type SlideFamily } from '../slides';
import { planBox, prepare, type BoxPlan, type Making } from './box';
import { planDrawer, type BankFacts } from './drawer';
import type { BankPlan, DrawerPlan } from './types';

/** How findings write lengths: in a sentence, and as the job document holds them. */
export interface Writing {
  readonly say: Say;
  readonly exact: Exact;
}

/** One bank from its readings to its parts. */
export function planBank(
  job: Job,
  owner: Case,
  bank: Bank,
  path: string,
  table: ReadonlyMap<string, SlideFamily>,
  writing: Writing,
): BankPlan {
  const opening = governOpening(bank, path);
  const makings = bank.drawers.map((_, place) => prepare(job, bank, place, path, opening, table));
  const share = heightToShare(bank, opening.height, path);
  const problem = problemOf(bank, share, makings);
  const facts = gather(bank, path, opening, makings, divide(problem));
  const boxes = makings.map((making) => planBox(making, opening, facts.bays[making.place]?.height));
  const drawers = makings.map((making, place) => planDrawer(facts, making, boxes[place] as BoxPlan));
  const findings = [
    ...openingFindings(bank, opening, writing.say),
    ...present(buildOutMissing(owner.style, bank, [...new Set(makings.map(({ family }) => family))])),
    ...divisionFindings(facts, problem, share, writing),
    ...allBoxFindings({ facts, problem, boxes, drawers, table }, writing),
  ];
  return { id: bank.id, path, bank, opening, share, drawers, spacers: hang(bank, drawers), findings };
}

function divisionFindings(
  { bank, path, division }: BankFacts,
  problem: DivisionProblem,
  share: Tally,
  { say, exact }: Writing,
): readonly Finding[] {
  if (division.ok) return divisionReversed(bank, division.heights, say);
  return present(divisionImpossible({ bank, path, problem, division, share }, say, exact));
}

/** A bank worked out, before it is looked over. */
interface Worked {
  readonly facts: BankFacts;
  readonly problem: DivisionProblem;
  readonly boxes: readonly BoxPlan[];
  readonly drawers: readonly DrawerPlan[];
  readonly table: ReadonlyMap<string, SlideFamily>;
}

function allBoxFindings(
  { facts, problem, boxes, drawers, table }: Worked,
  { say, exact }: Writing,
): readonly Finding[] {
  const tied = new Set(problem.groups.flatMap(({ members }) => (members.length > 1 ? members : [])));
  const families = [...table.values()];
  return facts.makings.flatMap((making, place) => {
    const of = factsOfBox({ ...facts, tied }, making, boxes[place] as BoxPlan, drawers[place] as DrawerPlan);
    return boxFindings({ ...of, families, exact }, say);
  });
}

function problemOf(bank: Bank, share: Tally, makings: readonly Making[]): DivisionProblem {
  const { scheme, step, ratio, increment, makeup } = bank.division;
  const stored = makings.map(({ drawer, family, bottomFace }) => ({ drawer, family, bottomFace: bottomFace.total }));
  return {
    total: share.total,
    choice: { scheme, ...(step === undefined ? {} : { step }), ...(ratio === undefined ? {} : { ratio }) },
    groups: tieGroups(bank.drawers),
    ...(increment === undefined ? {} : { increment }),
    makeup: makeupPlace(
      makeup,
      bank.drawers.map(({ id }) => id),
    ),
    least: leastHeights(bank, stored),
  };
}

function gather(bank: Bank, path: string, opening: Opening, makings: readonly Making[], division: Division): BankFacts {
  const frontBottoms = division.ok ? frontBottomsOf(bank, path, division) : [];
  const bottoms = frontBottoms.map(({ total }) => total);
  return {
    bank,
    path,
    opening,
    makings,
    division,
    frontWidth: frontWidth(bank, opening.width, path),
    frontHeights: division.ok ? frontHeightsOf(bank, path, division) : [],
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

function factsOfBox(
  facts: BankFacts & { readonly tied: ReadonlySet<number> },
  making: Making,
  box: BoxPlan,
  plan: DrawerPlan,
) {
  const { drawer, place, family, stock, fit, list, insetFront } = making;
  const tallest = [...(drawer.contents ?? [])].sort((a, b) => b.height - a.height)[0];
  const depth = facts.opening.depth.total;
  const longest = fit.short > 0 ? fitSlide(family, list, { depth, insetFront }, undefined).nominal : undefined;
  const frontHeight = plan.dimensions['front.height']?.total;
  const clearHeight = plan.dimensions['inside.clearHeight'];
  return {
    drawer: drawer.id,
    name: drawerName(drawer, place),
    path: making.path,
    field: making.paths.field,
    family,
    stock,
    fit,
    depth,
    vanished: box.vanished,
    locked: drawer.height !== undefined,
    tied: facts.tied.has(place),
    byHand: facts.bank.division.scheme === 'manual',
    ...(longest === undefined ? {} : { longest }),
    ...(box.height ? { height: box.height } : {}),
    ...(frontHeight === undefined ? {} : { frontHeight }),
    ...(clearHeight ? { clearHeight } : {}),
    ...(tallest ? { tallest } : {}),
  };
}
