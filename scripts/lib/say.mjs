/** One plain sentence and an end: what a person who started a script needs to know. */
export class Stop extends Error {}

export const say = (text) => process.stdout.write(`${text}\n`);

/** Runs a script's main; a Stop is said as its sentence, anything else with its stack. */
export async function main(work) {
  try {
    await work();
  } catch (problem) {
    process.stderr.write(`${problem instanceof Stop ? problem.message : problem.stack}\n`);
    process.exitCode = 1;
  }
}
