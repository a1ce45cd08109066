import { saidKey } from '../words';
import type { Finding } from '../findings';
import type { CasePlan } from './types';

/** A sheet's thickness is doubted once a job, in the first bank that uses it, not in every one. */
export function firstOfJob(cases: readonly CasePlan[]): readonly CasePlan[] {
  const told = new Set<string>();
  const first = (finding: Finding): boolean => {
    if (finding.code !== 'NOMINAL_THICKNESS' && finding.code !== 'THICKNESS_MEASURED') return true;
    const key = saidKey(finding);
    const known = told.has(key);
    told.add(key);
    return !known;
  };
  return cases.map((owner) => ({
    ...owner,
    banks: owner.banks.map((bank) => {
      const findings = bank.findings.filter(first);
      return findings.length === bank.findings.length ? bank : { ...bank, findings };
    }),
  }));
}
