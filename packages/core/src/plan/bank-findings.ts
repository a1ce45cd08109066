import type { DivisionProblem } from '../division';
import {
  boxFindings,
  buildOutMissing,
  buildOutOff,
  buildOutWithoutFrame,
  frontsOnRails,
  equalNotAlike,
  nothingBehind,
  divisionImpossible,
  divisionReversed,
  grainJumps,
  isNominal,
  likeBoxes,
  nominalThickness,
  openingFindings,
  present,
  thicknessMeasured,
} from '../findings';
import type { BoxFacts, BuildOutFacts, Finding, RunChoice } from '../findings';
import type { GrainRun } from '../fronts';
import type { Bank, Material } from '../job';
import { add, share as part, subtract, ZERO, type Tally } from '../length';
import type { Packing } from '../mounting';
import { fitSlide, type SlideFamily } from '../slides';
import { buildOutsFromAll, type BuildOuts } from './build-outs';
import type { BoxPlan } from './box';
import type { Making } from './making';
import type { FacePlan } from './face';
import type { BankFacts, Surroundings } from './facts';
import type { DrawerDimension, DrawerPlan } from './types';

/** A bank worked out, before it is looked over. */
export interface Worked {
  readonly around: Surroundings;
  readonly facts: BankFacts;
  readonly problem: DivisionProblem;
  readonly share: Tally;
  readonly boxes: readonly BoxPlan[];
  readonly faces: readonly FacePlan[];
  readonly drawers: readonly DrawerPlan[];
  readonly packing: readonly Packing[];
  readonly run?: GrainRun;
  readonly buildOut?: BuildOuts;
}

/** What an experienced builder would say of the bank, in the order of the work. */
export function lookOver(worked: Worked): readonly Finding[] {
  const { around, facts, packing, run } = worked;
  const { bank, path, opening, makings } = facts;
  const { exact } = around;
  const families = [...new Set(makings.map(({ family }) => family))];
  const sized = worked.drawers.flatMap(({ place, dimensions }) => {
    const height = dimensions['box.height']?.total;
    const material = makings[place]?.stock.sides.id ?? '';
    return height === undefined ? [] : [{ place, height, material }];
  });
  return [
    ...openingFindings(bank, path, opening, packing),
    ...buildOutFindings(worked, families),
    ...nominalThickness(around.job, materialsOf(makings).filter(isNominal)),
    ...thicknessMeasured(around.job, materialsOf(makings)),
    ...divisionFindings(worked),
    ...present(frontsOnRails(bank, path, facts.unit, exact)),
    ...allBoxFindings(worked),
    ...likeBoxes(bank, path, sized),
    ...present(run && grainJumps(bank, run, runPaths(worked), exact)),
  ];
}

function buildOutFindings(worked: Worked, families: readonly SlideFamily[]): readonly Finding[] {
  const { around, facts, buildOut } = worked;
  const { job, owner, casePath } = around;
  const { bank, path } = facts;
  const about: BuildOutFacts = {
    style: owner.style,
    bank,
    path,
    casePath,
    families,
    stacks: buildOut,
    fromAll: () => buildOutsFromAll(job, { ...bank, ...withoutRest(bank) }, path),
    materials: job.materials,
  };
  return present(buildOutMissing(about), buildOutWithoutFrame(about), buildOutOff(about), nothingBehind(about));
}

function withoutRest({ buildOut }: Bank): Pick<Bank, 'buildOut'> {
  if (!buildOut) return {};
  const { left, right } = buildOut;
  return { buildOut: { left, right } };
}

/** The run the fronts are cut in: the bank's own, or its case's. */
function runPaths({ around, facts }: Worked): RunChoice {
  const own = facts.bank.front.run;
  const choice = own ?? around.owner.run;
  const path = own ? `${facts.path}.front.run` : `${around.casePath}.run`;
  return { path, strip: choice?.strip ?? ZERO, ...(own ? { gapPath: `${facts.path}.front.gap` } : {}) };
}

function materialsOf(makings: readonly Making[]): readonly Material[] {
  const used = makings.flatMap(({ stock, front, panel }) => [
    stock.sides,
    stock.ends,
    stock.back,
    stock.bottom,
    front,
    ...(panel ? [panel] : []),
    ...(stock.muntin ? [stock.muntin] : []),
  ]);
  return [...new Set(used)];
}

function divisionFindings({ around, facts, problem, share }: Worked): readonly Finding[] {
  const { bank, path, division } = facts;
  const { exact } = around;
  const about = { bank, path, problem, division, share };
  if (!division.ok) return present(divisionImpossible(about, exact));
  return [...divisionReversed(about, exact), ...present(equalNotAlike(about, exact))];
}

function allBoxFindings(worked: Worked): readonly Finding[] {
  const { around, facts, problem } = worked;
  const tied = new Set(problem.groups.flatMap(({ members }) => (members.length > 1 ? members : [])));
  const families = [...around.table.values()];
  return facts.makings.flatMap((making, place) => boxFindings(factsOfBox(worked, making, families, tied.has(place))));
}

function factsOfBox(
  { around, facts, boxes, faces, drawers }: Worked,
  making: Making,
  families: readonly SlideFamily[],
  tied: boolean,
): BoxFacts {
  const { drawer, place, family, stock, fit, list, insetFront, front, panel } = making;
  const [box, face, plan] = [boxes[place] as BoxPlan, faces[place] as FacePlan, drawers[place] as DrawerPlan];
  const depth = facts.opening.depth.total;
  return {
    job: around.job,
    bank: facts.bank,
    bankPath: facts.path,
    drawer,
    place,
    path: making.path,
    field: making.paths.field,
    exact: around.exact,
    families,
    below: upperEdgeOf(drawers[place + 1]),
    tied,
    family,
    stock,
    front,
    panel,
    bores: plan.bores,
    fit,
    list,
    depth,
    openingWidth: facts.opening.width.total,
    at: (dimension) => plan.dimensions[dimension as DrawerDimension],
    parts: plan.parts,
    load: plan.load,
    sag: plan.sag,
    longest: () => fitSlide(family, list, { depth, insetFront }, undefined).nominal,
    vanished: face.vanished.length === 0 ? box.vanished : [...box.vanished, ...face.vanished],
    height: box.height,
  };
}

/** How high the slide of the drawer below reaches. */
function upperEdgeOf(drawer: DrawerPlan | undefined): BoxFacts['below'] {
  if (!drawer) return undefined;
  const { family, dimensions } = drawer;
  const edge = dimensions['slide.lowerEdgeY']?.total;
  if (edge === undefined) return undefined;
  const upper = add(edge, family.profile);
  const [bottom, height] = [dimensions['box.bottomY']?.total, dimensions['box.height']?.total];
  if (family.seat !== 'side' || bottom === undefined || height === undefined) return { upper, atHalf: upper };
  return { upper, atHalf: add(bottom, part(height, 2), subtract(family.profile, part(family.profile, 2))) };
}
