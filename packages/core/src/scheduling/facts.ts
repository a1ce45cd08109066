import { cutRecords } from '../cutting';
import { doorSteps, frontSteps, hangSteps, stepsDone } from '../fitting';
import type { CaseGates, Deed } from '../job';
import { everyDoor } from '../pullouts';
import type { Counted } from './counted';
import type { Moment } from './moment';
import type { Task, TaskKind } from './task';

/** How a moment of a record (ISO 8601, in UTC) stands on the clock of the shop. */
export type Clock = (at: string) => Moment;

/** Which share of a task is done, and when the last of it was. */
export interface Facts {
  readonly share: number;
  readonly at?: Moment;
}

type Of = (facts: Gathered, task: Task, name: string) => Facts | undefined;

/** What a job’s record says, where several kinds of tasks ask for it. */
interface Gathered {
  readonly counted: Counted;
  readonly clock: Clock;
}

/** What gates, cuts, readings and steps say of tasks by their kind. */
const FACTS: Readonly<Partial<Record<TaskKind, Of>>> = {
  survey: surveyed,
  cut: cutOf,
  case: (of, _, name) => gate(of, name, 'case', ({ glued, standing, level }) => glued ?? standing ?? level),
  frame: (of, _, name) => gate(of, name, 'frame', ({ standing, level }) => standing ?? level),
  measure: ({ counted }) => allBuilt(counted),
  hang: (of) =>
    latest(
      of,
      banksOf(of.counted).map(({ gates }) => gates?.hung),
    ) ?? stepsOfBanks(of, hangSteps),
  front: (of) => stepsOfBanks(of, frontSteps),
  hinge: stepsOfDoors,
  install: (of, _, name) => gate(of, name, 'install', ({ level }) => level),
};

/** What the record says of a task besides what was pressed for it; nothing where it says nothing. */
export const factsOf = (counted: Counted, clock: Clock, task: Task, name: string): Facts | undefined =>
  FACTS[task.kind]?.({ counted, clock }, task, name);

const banksOf = ({ of }: Counted) => of.job.cases.flatMap((owner) => owner.banks);

/** All of them done, the last of them then. */
function latest({ clock }: Gathered, deeds: readonly (Deed | undefined)[]): Facts | undefined {
  if (deeds.length === 0 || deeds.some((deed) => !deed)) return undefined;
  return { share: 1, at: Math.max(...deeds.map((deed) => clock(deed?.at ?? ''))) };
}

function gate(
  of: Gathered,
  name: string,
  kind: TaskKind,
  which: (gates: CaseGates) => Deed | undefined,
): Facts | undefined {
  const owner = of.counted.of.job.cases.find(({ id }) => name === `${kind}-${id}`);
  return owner && latest(of, [which(owner.gates ?? {})]);
}

function allBuilt(counted: Counted): Facts | undefined {
  const banks = banksOf(counted);
  return banks.length > 0 && banks.every(({ basis }) => basis === 'as-built') ? { share: 1 } : undefined;
}

/** Where a case is planned its gate; else that the openings were measured. */
function surveyed(of: Gathered): Facts | undefined {
  const whole = of.counted.of.job.cases.filter(({ build }) => build);
  if (whole.length === 0) return allBuilt(of.counted);
  return latest(
    of,
    whole.map(({ gates = {} }) => gates.survey ?? gates.glued ?? gates.standing ?? gates.level),
  );
}

function cutOf({ counted, clock }: Gathered, { stage }: Task): Facts | undefined {
  const parts = stage ? (counted.parts.get(stage) ?? []) : [];
  const records = cutRecords(counted.of.job);
  const made = parts.flatMap(({ name }) => {
    const record = records.get(name);
    return record && record.wrong === undefined ? [record] : [];
  });
  if (made.length === 0) return undefined;
  return { share: made.length / parts.length, at: Math.max(...made.map(({ at }) => clock(at))) };
}

interface Steps {
  readonly of: string;
  readonly names: readonly string[];
}

function steps({ counted, clock }: Gathered, all: readonly Steps[]): Facts | undefined {
  const total = all.reduce((sum, { names }) => sum + names.length, 0);
  const done = all.flatMap(({ of, names }) => {
    const made = stepsDone(counted.of.job.log ?? [], of);
    return names.flatMap((name) => made.get(name) ?? []);
  });
  if (done.length === 0) return undefined;
  return { share: done.length / total, at: Math.max(...done.map(({ at }) => clock(at))) };
}

const namesOf = (all: readonly { readonly name: string }[]): readonly string[] => all.map(({ name }) => name);

function stepsOfBanks(of: Gathered, which: typeof hangSteps | typeof frontSteps): Facts | undefined {
  const banks = of.counted.of.plan.cases.flatMap((owner) =>
    owner.banks.map((bank) => ({ of: `${owner.id}/${bank.bank.id}`, names: namesOf(which(bank)) })),
  );
  return steps(of, banks);
}

function stepsOfDoors(of: Gathered): Facts | undefined {
  const doors = of.counted.of.plan.cases.flatMap((owner) =>
    everyDoor(owner.doors, owner.things).map((door) => ({
      of: `${owner.id}/${door.id}`,
      names: namesOf(doorSteps(door)),
    })),
  );
  return steps(of, doors);
}
