import { writeSync } from 'node:fs';
import { planCommand } from './plan';

const [command, ...args] = process.argv.slice(2);
const outcome =
  command === 'plan'
    ? planCommand(args)
    : {
        out: '',
        err: `there is no command ${JSON.stringify(command ?? '')}: plan is the one there is\n`,
        code: 2 as const,
      };
writeAll(1, outcome.out);
writeAll(2, outcome.err);
process.exitCode = outcome.code;

/** A pipe may take less than all at once, and one closed early (`| head`) is not our error. */
function writeAll(handle: 1 | 2, text: string): void {
  let rest = Buffer.from(text);
  while (rest.length > 0) {
    try {
      rest = rest.subarray(writeSync(handle, rest));
    } catch (problem) {
      const { code } = problem as { code?: string };
      if (code === 'EPIPE') return;
      if (code !== 'EAGAIN') throw problem;
    }
  }
}
