/** One plain sentence and an end: what a person who started a script needs to know. */
export class Stop extends Error {}

/** Ended by a signal: whoever sent it knows why. */
export class Interrupted extends Error {}

export const say = (text) => process.stdout.write(`${text}\n`);

/** Runs a script's main; a Stop is said as its sentence, anything else with its stack. */
export async function main(work) {
  try {
    await work();
  } catch (problem) {
    const says =
      problem instanceof Interrupted ? 'Stopped.' : problem instanceof Stop ? problem.message : problem.stack;
    process.stderr.write(`${says}\n`);
    process.exitCode = problem instanceof Interrupted ? 130 : 1;
  }
}
