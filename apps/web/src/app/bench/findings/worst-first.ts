import { groupFindings, type BankPlan, type Finding, type FindingGroup } from '@zabble/core';

const ORDER = { stop: 0, warn: 1, note: 2 } as const;

/** Findings of one bank, those that say the same said once, the gravest first. */
export function worstFirst(findings: readonly Finding[]): readonly FindingGroup[] {
  const groups = groupFindings(findings);
  return [...groups].sort((a, b) => ORDER[a.finding.severity] - ORDER[b.finding.severity]);
}

/** Of all banks together, the gravest first, banks in their order. */
export function allWorstFirst(
  banks: readonly BankPlan[],
): readonly { readonly bank: BankPlan; readonly group: FindingGroup }[] {
  const all = banks.flatMap((bank) => worstFirst(bank.findings).map((group) => ({ bank, group })));
  return [...all].sort((a, b) => ORDER[a.group.finding.severity] - ORDER[b.group.finding.severity]);
}
