import type { LogEntry, StepDone } from '../job';

/** The steps of a bank or a door (`case/bank`, `case/door`) that are done now, each by its newest entry: one taken back is not. */
export function stepsDone(log: readonly LogEntry[], of: string): ReadonlyMap<string, StepDone> {
  const done = new Map<string, StepDone>();
  for (const entry of log) {
    if (entry.kind !== 'step' || (entry.bank ?? entry.door) !== of) continue;
    if (entry.undone) done.delete(entry.step);
    else done.set(entry.step, entry);
  }
  return done;
}
