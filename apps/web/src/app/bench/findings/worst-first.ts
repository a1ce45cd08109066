import { groupOverBanks, type BankPlan, type JobFindingGroup } from '@zabble/core';

const ORDER = { stop: 0, warn: 1, note: 2 } as const;

/** Findings of all banks, those alike told once, the gravest first. */
export function worstFirst(banks: readonly BankPlan[]): readonly JobFindingGroup[] {
  const groups = groupOverBanks(banks);
  return [...groups].sort((a, b) => ORDER[a.finding.severity] - ORDER[b.finding.severity]);
}
