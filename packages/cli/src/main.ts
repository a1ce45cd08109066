import { writeSync } from 'node:fs';
import { cutCommand } from './cut';
import { planCommand } from './plan';
import { priceCommand } from './price';
import { formatCommand } from './format';
import type { Outcome } from './outcome';

const [command, ...args] = process.argv.slice(2);
const COMMANDS: Readonly<Record<string, (args: readonly string[]) => Outcome>> = {
  plan: planCommand,
  cut: cutCommand,
  price: priceCommand,
  format: formatCommand,
};
const run = COMMANDS[command ?? ''];
const outcome: Outcome = run
  ? run(args)
  : {
      out: '',
      err: `there is no command ${JSON.stringify(command ?? '')}: plan, cut, price and format are those there are\n`,
      code: 2,
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
