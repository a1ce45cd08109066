import type { Bank, Case, Job } from '../job';
import { planBank } from './bank';
import type { Surroundings } from './facts';
import { planWith } from './plan';
import type { BankPlan, Plan } from './types';

interface Kept {
  readonly bank: Bank;
  readonly owner: Case;
  readonly job: Job;
  readonly plan: BankPlan;
}

/**
 * Plans one job after another as `plan` does, and keeps the plan of every bank that is the same object as before in
 * the same surroundings (see `keepIdentity`): of sixteen drawers only those of the bank in hand are worked out again.
 */
export function planner(): (job: Job) => Plan {
  let before = new Map<string, Kept>();
  return (job) => {
    const now = new Map<string, Kept>();
    const bankPlan = (around: Surroundings, bank: Bank, path: string): BankPlan => {
      const known = before.get(path);
      const plan = known && holds(known, around, bank) ? known.plan : planBank(around, bank, path);
      now.set(path, { bank, owner: around.owner, job, plan });
      return plan;
    };
    const planned = planWith(job, bankPlan);
    before = now;
    return planned;
  };
}

/** A bank that carries a line across stands by its neighbour's heights too: it is always worked out. */
function holds(known: Kept, { owner, job }: Surroundings, bank: Bank): boolean {
  return (
    known.bank === bank &&
    sameBut('cases', known.job, job) &&
    sameBut('banks', known.owner, owner) &&
    bank.drawers.every(({ line }) => line?.bank === undefined)
  );
}

function sameBut<T extends object>(but: keyof T, one: T, other: T): boolean {
  if (one === other) return true;
  const keys = new Set([...Object.keys(one), ...Object.keys(other)] as (keyof T)[]);
  return [...keys].every((key) => key === but || one[key] === other[key]);
}
