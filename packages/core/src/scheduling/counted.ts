import {
  boresIn,
  costed,
  countsOf,
  finishWork,
  groovesIn,
  OPERATIONS,
  SHORT_HANDED,
  shown,
  workOf,
  type CostSettings,
  type Costed,
  type CostedWork,
  type FinishWork,
} from '../costing';
import { boardList, sawOf, type CutPart } from '../cutting';
import type { Job, OperationId } from '../job';
import type { Plan } from '../plan';
import { minutesOf, shared, type Part } from './shares';
import { STAGES, stageOfPart, type Stage } from './stages';

/** A job counted for its order of work. */
export interface Counted {
  readonly of: Costed;
  readonly finish: readonly FinishWork[];
  readonly work: readonly CostedWork[];
  readonly hands: number;
  /** Parts by the stage they are made in; only stages that have some. */
  readonly parts: ReadonlyMap<Stage, readonly CutPart[]>;
  /** How much of each operation that belongs to parts is of which stage. */
  readonly weights: Weights;
}

type Weights = ReadonlyMap<OperationId, ReadonlyMap<Stage, number>>;

export function counted(job: Job, plan: Plan, settings: CostSettings, hands: number): Counted {
  // As many as there are here, whatever its price was made for.
  const own: Job = { ...job, pricing: { ...job.pricing, people: hands } };
  const of = costed(own, plan, settings.waste, settings.credit);
  const finish = finishWork(of, settings.finishes);
  const parts = new Map<Stage, readonly CutPart[]>();
  for (const stage of STAGES) {
    const mine = of.parts.filter((part) => stageOfPart(part, job.cases) === stage);
    if (mine.length > 0) parts.set(stage, mine);
  }
  return { of, finish, parts, hands, weights: weightsOf(of, parts), work: workOf(of, finish, settings.minutes, hands) };
}

type Weigh = (stage: Stage, parts: readonly CutPart[]) => number;

/** What an operation is shared out over stages by. */
function weighs(of: Costed, parts: Counted['parts']): Readonly<Partial<Record<OperationId, Weigh>>> {
  const { kerf } = sawOf(of.job);
  const glued = new Set(
    boardList(of.job, of.plan).flatMap(({ glueUps }) => glueUps.flatMap((each) => each.parts.map(({ name }) => name))),
  );
  const sum = (all: readonly CutPart[], weight: (part: CutPart) => number): number =>
    all.reduce((total, part) => total + weight(part), 0);
  const areas = (all: readonly CutPart[]): number =>
    sum(all, ({ material, length, width }) => (material.sheet ? length.total * width.total : 0));
  const panels = (all: readonly CutPart[]): number => all.filter(({ name }) => glued.has(name)).length;
  const anyGlued = [...parts.values()].some((all) => panels(all) > 0);
  return {
    'break-down': (_, all) => areas(all),
    setting: (_, all) => all.length,
    cut: (_, all) => all.length,
    plane: (_, all) => all.filter(({ material }) => material.sheet === undefined).length,
    groove: (_, all) =>
      sum(all, (part) => total(groovesIn(part, kerf).map(({ long, runs, passes }) => long * runs * passes))),
    bore: (stage, all) =>
      stage === 'fronts' ? 0 : sum(all, boresIn) + (stage === 'case' || stage === 'boxes' ? 1 : 0),
    band: (_, all) => all.filter(({ finished }) => finished).length,
    'glue-up': (stage, all) =>
      stage === 'frame'
        ? 1
        : anyGlued
          ? panels(all)
          : all.filter(({ material }) => material.sheet === undefined).length,
  };
}

const total = (all: readonly number[]): number => all.reduce((sum, each) => sum + each, 0);

function weightsOf(of: Costed, parts: Counted['parts']): Weights {
  const all = Object.entries(weighs(of, parts)) as [OperationId, Weigh][];
  return new Map(all.map(([id, weigh]) => [id, new Map([...parts].map(([stage, own]) => [stage, weigh(stage, own)]))]));
}

/** How an operation that belongs to parts is shared out over the stages: of what `people` do together. */
export function byStage(counted: Counted, operation: OperationId, people: 1 | 2): ReadonlyMap<Stage, number> {
  const minutes = minutesOf(counted.work, operation, people);
  const later = operation === 'bore' && people === 1 ? pullBores(counted) : 0;
  return shared(minutes - later, counted.weights.get(operation) ?? new Map());
}

/** Of boring the minutes for pulls: they are bored when the fronts are fitted. */
export function pullBores({ parts, work }: Counted): number {
  const bores = (parts.get('fronts') ?? []).reduce((sum, part) => sum + part.bores.length, 0);
  const all = work.find(({ id }) => id === 'bore');
  const count = all ? shown(all.count) : 0;
  return all && count > 0 ? (shown(all.minutes) * bores) / count : 0;
}

/** Work on one case, by so many. */
export interface CaseShare {
  readonly case: string;
  readonly people: 1 | 2;
  readonly minutes: number;
  readonly lift?: true;
}

/** How an operation that is counted by cases is shared out over them, with how many it takes. */
export function byCase({ of, finish, work, hands }: Counted, operation: OperationId): readonly CaseShare[] {
  const each = work.find(({ id }) => id === operation)?.each ?? 0;
  const usual = OPERATIONS.find(({ id }) => id === operation)?.people ?? 1;
  return countsOf(of, finish)[operation].flatMap(({ count, case: id, people = usual }): readonly CaseShare[] => {
    if (id === undefined) return [];
    const alone = people === 2 && hands === 1;
    const minutes = shown(count) * each * (alone ? SHORT_HANDED : 1);
    return [{ case: id, people: alone ? 1 : people, minutes, ...(alone ? { lift: true as const } : {}) }];
  });
}

/** An operation that is one piece of work of the whole job. */
export const ofJob = (counted: Counted, operation: OperationId): readonly Part[] => {
  const minutes = minutesOf(counted.work, operation, 1) + minutesOf(counted.work, operation, 2);
  return minutes > 0 ? [{ operation, minutes }] : [];
};
