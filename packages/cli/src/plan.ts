import {
  alternatives,
  benchCards,
  benchCardText,
  caseCards,
  caseCardText,
  ENGLISH,
  inMillimetres,
  plan,
  planDocument,
  wordsIn,
  type Job,
  type Plan,
  type Words,
} from '@zabble/core';
import { readJobFrom } from './job-file';
import { noted, refused, type Outcome } from './outcome';

const USAGE = 'plan wants one job file: npm run -s plan -- [--cards | --alternatives] JOB.json';

/** What can be printed of a job, by the option that asks for it. */
const PRINTS: Readonly<Record<string, (job: Job, plan: Plan, words: Words) => string>> = {
  '--cards': (job, planned, words) =>
    [
      ...caseCards(job, planned).map((card) => caseCardText(card, words)),
      ...benchCards(job, planned).map((card) => benchCardText(card, words)),
    ].join('\n'),
  '--alternatives': (job, _, words) => json(allAlternatives(job, words)),
};

/**
 * `plan JOB.json`: the plan as JSON; with `--cards` a plain-text bench card for each case and bank, with `--alternatives` the
 * best few divisions of every bank. What can’t be read gives one error a line with the path of the field.
 */
export function planCommand(args: readonly string[]): Outcome {
  const print = PRINTS[args[0] ?? ''];
  const [path, ...more] = print ? args.slice(1) : args;
  if (path === undefined || more.length > 0 || path.startsWith('--')) return { out: '', err: `${USAGE}\n`, code: 2 };
  const read = readJobFrom(path);
  if ('errors' in read) return refused(read.errors);
  const planned = plan(read.job);
  const words = wordsIn(ENGLISH, planned);
  const out = print ? print(read.job, planned, words) : json(planDocument(planned, words));
  return { out, err: noted(read.newer), code: 0 };
}

/** Every bank's alternatives, heights in millimetres. */
function allAlternatives(job: Job, words: Words) {
  return job.cases.flatMap(({ id, banks }, c) =>
    banks.map((bank, b) => ({
      case: id,
      bank: bank.id,
      alternatives: alternatives(job, `cases[${c}].banks[${b}]`).map(({ said, heights, scheme, ...rest }) => ({
        scheme,
        says: words.say(said),
        ...rest,
        heights: heights.map(inMillimetres),
      })),
    })),
  );
}

function json(value: unknown): string {
  return `${JSON.stringify(value, null, 2)}\n`;
}
