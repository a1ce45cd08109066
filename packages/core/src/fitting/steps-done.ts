import type { LogEntry, StepDone } from '../job';

/** The steps of a bank (`case/bank`) that are done now, each by its newest entry: one taken back is not. */
export function stepsDone(log: readonly LogEntry[], bank: string): ReadonlyMap<string, StepDone> {
  const done = new Map<string, StepDone>();
  for (const entry of log) {
    if (entry.kind !== 'step' || entry.bank !== bank) continue;
    if (entry.undone) done.delete(entry.step);
    else done.set(entry.step, entry);
  }
  return done;
}
