import type { Said } from '../length';
import { said, sameSaid, saidKey } from '../words';
import type { Finding, Remedy } from './finding';
import { allPatches, groupFindings, type FindingGroup } from './grouped';

/** What is noticed in one bank of a finding that several may share. */
export interface BankShare {
  /** Path of the bank in the document. */
  readonly path: string;
  /** Places of the drawers it is noticed of there, counted from 0; none where it is the bank's own. */
  readonly places: readonly number[];
  /** What mends it there alone. */
  readonly remedies: readonly Remedy[];
}

/** One thing noticed in one bank or alike in several; its remedies mend it everywhere at once. */
export interface JobFindingGroup extends FindingGroup {
  readonly banks: readonly BankShare[];
}

/**
 * Findings of all banks, those alike told once where the first of them stood. Where one press can't mend all of them
 * the same way they stay apart.
 */
export function groupOverBanks(
  banks: readonly { readonly path: string; readonly findings: readonly Finding[] }[],
): readonly JobFindingGroup[] {
  const all: JobFindingGroup[] = [];
  for (const { path, findings } of banks)
    for (const group of groupFindings(findings)) {
      const share = { path, places: placesOf(group, findings), remedies: group.remedies };
      const at = all.findIndex((each) => joins(each, group, path));
      const alike = all[at];
      if (alike) all[at] = joined(alike, share);
      else all.push({ ...group, banks: [share] });
    }
  return all;
}

function keyOf({ severity, step, code, params }: Finding): string {
  return `${severity} ${step} ${saidKey({ code, params })}`;
}

function joins({ finding, remedies, banks }: JobFindingGroup, group: FindingGroup, path: string): boolean {
  return (
    keyOf(finding) === keyOf(group.finding) &&
    banks.every((each) => each.path !== path) &&
    remedies.length === group.remedies.length &&
    remedies.every((remedy) => group.remedies.some((each) => sameSaid(each, remedy)))
  );
}

function joined({ finding, remedies, banks }: JobFindingGroup, share: BankShare): JobFindingGroup {
  return {
    finding,
    said: saidOfAll(finding),
    remedies: remedies.map((remedy) => {
      const there = share.remedies.find((each) => sameSaid(each, remedy))?.patches ?? [];
      return { ...remedy, patches: allPatches([...remedy.patches, ...there]) };
    }),
    banks: [...banks, share],
  };
}

function placesOf({ finding }: FindingGroup, findings: readonly Finding[]): readonly number[] {
  if (!finding.called) return [];
  const alike = findings.filter((each) => each.called && keyOf(each) === keyOf(finding));
  return alike.flatMap(({ called }) => (called ? [called.place] : [])).sort((a, b) => a - b);
}

/** Where it is said of drawers the places tell which; a bank’s own is a sentence by itself. */
function saidOfAll({ code, params, called }: Finding): Said {
  return called ? said('of-drawers-of-banks', { body: { code, params } }) : { code, params };
}
