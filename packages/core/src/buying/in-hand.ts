import { hingeKey, slideKey } from '../costing';
import type { Deed, Job, JobDocument } from '../job';
import type { CasePlan, Plan } from '../plan';
import { everyDoor } from '../pullouts';

/** A gate that opens because what it waits for is in hand: of the slides of a bank, of the hinges of a case. */
export type OpenedGate =
  | { readonly gate: 'slides'; readonly case: string; readonly bank: string }
  | { readonly gate: 'hinges'; readonly case: string };

/**
 * The gates of a job that are still shut and wait for nothing but what is in `hand`, by the keys of prices: all slides of a
 * bank, all hinges of a case. Pure; bound by drawers and doors.
 */
export function gatesOf(job: Job, plan: Plan, hand: ReadonlySet<string>): readonly OpenedGate[] {
  return plan.cases.flatMap((owner): readonly OpenedGate[] => [
    ...slidesOf(owner, hand),
    ...(job.cases.find(({ id }) => id === owner.id)?.gates?.hinges || !allIn(hingesOf(owner), hand)
      ? []
      : [{ gate: 'hinges', case: owner.id } as const]),
  ]);
}

function slidesOf(owner: CasePlan, hand: ReadonlySet<string>): readonly OpenedGate[] {
  return owner.banks.flatMap(({ bank, drawers }): readonly OpenedGate[] => {
    const keys = drawers.flatMap((drawer) => slideKey(drawer) ?? []);
    return !bank.gates?.slides && allIn(keys, hand) ? [{ gate: 'slides', case: owner.id, bank: bank.id }] : [];
  });
}

const hingesOf = (owner: CasePlan): readonly string[] => everyDoor(owner.doors, owner.things).map(hingeKey);

const allIn = (keys: readonly string[], hand: ReadonlySet<string>): boolean =>
  keys.length > 0 && keys.every((key) => hand.has(key));

/** The document with these gates opened; everything else as it was. */
export function withGates(document: JobDocument, opened: readonly OpenedGate[], deed: Deed): JobDocument {
  const of = (gate: OpenedGate['gate'], owner: string): readonly OpenedGate[] =>
    opened.filter((each) => each.gate === gate && each.case === owner);
  return {
    ...document,
    cases: document.cases.map((owner) => {
      const banks = new Set(of('slides', owner.id).map((each) => (each.gate === 'slides' ? each.bank : '')));
      return {
        ...owner,
        ...(of('hinges', owner.id).length > 0 ? { gates: { ...owner.gates, hinges: deed } } : {}),
        banks: owner.banks.map((bank) =>
          banks.has(bank.id) ? { ...bank, gates: { ...bank.gates, slides: deed } } : bank,
        ),
      };
    }),
  };
}
