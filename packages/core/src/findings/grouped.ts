import type { Patch } from '../job';
import type { Finding, Remedy } from './finding';

/** One thing said of one drawer or of several. */
export interface FindingGroup {
  readonly finding: Finding;
  readonly says: string;
  /** Each mends it for all of them. */
  readonly remedies: readonly Remedy[];
}

/** Findings that say the same of several drawers said once, where the first of them stood. `placeOf` counts from 0. */
export function groupFindings(
  findings: readonly Finding[],
  placeOf: (drawer: string) => number,
): readonly FindingGroup[] {
  const groups = new Map<string, Finding[]>();
  findings.forEach((finding, index) => {
    const key = finding.body === undefined ? String(index) : `${finding.code} ${finding.severity} ${finding.body}`;
    groups.set(key, [...(groups.get(key) ?? []), finding]);
  });
  return [...groups.values()].map((alike) => {
    const [finding] = alike as [Finding];
    if (alike.length === 1) return { finding, says: finding.says, remedies: finding.remedies ?? [] };
    const places = alike.map(({ drawer = '' }) => placeOf(drawer) + 1).sort((a, b) => a - b);
    const says = `Each of drawers ${places.slice(0, -1).join(', ')} and ${places.at(-1)}: ${finding.body}`;
    return { finding, says, remedies: together(alike) };
  });
}

/** The remedies every one of them has, by what they say, their changes put together. */
function together(alike: readonly Finding[]): readonly Remedy[] {
  const [first, ...others] = alike.map(({ remedies }) => remedies ?? []);
  return (first ?? []).flatMap(({ says, patches }) => {
    const same = others.map((list) => list.find((each) => each.says === says));
    if (same.includes(undefined)) return [];
    const all = [...patches, ...same.flatMap((each) => each?.patches ?? [])];
    return [{ says, patches: [...new Map(all.map((patch: Patch) => [patch.path, patch])).values()] }];
  });
}
