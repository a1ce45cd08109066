import type { Patch } from '../reading';
import type { Said } from '../length';
import { said, sameSaid, saidKey } from '../words';
import type { Finding, Remedy } from './finding';

/** One thing noticed of one drawer or of several. */
export interface FindingGroup {
  readonly finding: Finding;
  /** What is said of all of them at once. */
  readonly said: Said;
  /** Each mends it for all of them. */
  readonly remedies: readonly Remedy[];
}

/** A finding as it stands by itself: with its drawer's name before it, where it is about one. */
export function saidOf({ code, params, called }: Finding): Said {
  return called ? said('of-drawer', { drawer: called, body: { code, params } }) : { code, params };
}

/** Findings that are the same of several drawers told once, where the first of them stood. */
export function groupFindings(findings: readonly Finding[]): readonly FindingGroup[] {
  const groups = new Map<string, Finding[]>();
  findings.forEach((finding, index) => {
    const key = finding.called ? `${finding.severity} ${saidKey(finding)}` : String(index);
    groups.set(key, [...(groups.get(key) ?? []), finding]);
  });
  return [...groups.values()].map((alike) => {
    const [finding] = alike as [Finding];
    if (alike.length === 1) return { finding, said: saidOf(finding), remedies: finding.remedies ?? [] };
    const places = alike.map(({ called }) => called?.place ?? 0).sort((a, b) => a - b);
    const body = { code: finding.code, params: finding.params };
    return { finding, said: said('of-each-drawer', { places, body }), remedies: together(alike) };
  });
}

/** The remedies every one of them has, their changes put together. */
function together(alike: readonly Finding[]): readonly Remedy[] {
  const [first, ...others] = alike.map(({ remedies }) => remedies ?? []);
  return (first ?? []).flatMap((remedy) => {
    const same = others.map((list) => list.find((each) => sameSaid(each, remedy)));
    if (same.includes(undefined)) return [];
    const all = [...remedy.patches, ...same.flatMap((each) => each?.patches ?? [])];
    return [{ ...remedy, patches: allPatches(all) }];
  });
}

/** Patches of several places put together; what several of them change is changed once. */
export function allPatches(patches: readonly Patch[]): readonly Patch[] {
  return [...new Map(patches.map((patch) => [patch.path, patch])).values()];
}
